import type { PDFFont } from 'pdf-lib'

/** Points of a PDF to the millimetre. [PUB: ISO 32000-1, 8.3.2.3: a unit is 1/72 in] */
export const PT = 72 / 25.4

/**
 * What the built-in fonts can write; other signs become a question mark. [PUB: ISO 32000-1, annex D: Latin
 * character set, WinAnsiEncoding]
 */
export const plain = (text: string): string =>
  text.replace(/[^\u0020-\u007e\u00a0-\u00ff€‚ƒ„…†‡ˆ‰Š‹ŒŽ‘’“”•–—˜™š›œžŸ]/g, '?')

/** Words that fit into a width, line by line. */
export function wrapped(text: string, font: PDFFont, size: number, width: number): string[] {
  const lines: string[] = []
  for (const word of plain(text).split(/\s+/)) {
    const longer = lines.length > 0 ? `${lines[lines.length - 1]} ${word}` : word
    if (lines.length > 0 && font.widthOfTextAtSize(longer, size) <= width) lines[lines.length - 1] = longer
    else lines.push(word)
  }
  return lines
}
