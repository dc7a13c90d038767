/** All that this room says, by the part that says it. */

export const parse = {
  nothingEnteredType: (example: string) => `Nothing is entered. Type a figure such as ${example}.`,
  notFigureType: (typed: string, example: string) =>
    `“${typed}” is not a figure. Type one such as ${example}.`,
  unitNotKnown: (atEnd: string, known: string) => `The unit “${atEnd}” is not known. Use ${known}.`,
  withoutUnit: (typed: string, mm: string, inches: string) =>
    `“${typed}” without a unit is ${mm} mm. Did you mean ${inches} (in inches)?`,
}
