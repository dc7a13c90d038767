/** Lines of the machine's own text, without what is empty. */
export const ownLines = (text: string): string[] =>
  text
    .split(/\r\n|\r|\n/)
    .map((line) => line.trim())
    .filter((line) => line !== '')
