/** One look for every file; lint asks for it. */
export default {
  printWidth: 110,
  semi: false,
  singleQuote: true,
  endOfLine: 'lf',
  htmlWhitespaceSensitivity: 'ignore', // tags whole on their lines; where a space matters it is written out
}
