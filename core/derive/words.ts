/** All that this room says, by the part that says it. */

export const fitWords = {
  slotOf: (kind: string, guest: string, holder: string) => `${kind}, ${guest} in ${holder}`,
  boltsHoles: (size: string) => `${size} bolts in their holes`,
}

export const follow = {
  figuresFollowEach: (circle: string) =>
    `These figures follow each other in a circle: ${circle}. Type a figure into one of them.`,
  cannotWorkedOut: (typed: string) =>
    `“${typed}” cannot be worked out. Use figures, names, + − × ÷ and brackets.`,
  noFigureOther: (name: string, names: string) =>
    `There is no figure “${name}”. There are ${names} and those of other things.`,
}

export const mockUp = {
  mockUp: (said: string) => `From the mock-up: ${said}`,
}

export const otherwise = {
  width: 'Width',
  depth: 'Depth',
  height: 'Height',
  wantedFitInterference: 'Wanted fit: interference',
  tabWidth: 'Tab width',
  tabsProud: 'Tabs proud',
  copies: 'Copies',
}

export const variants = {
  jobRoomParts: (mostPlaced: number) => `a job has room for ${mostPlaced} parts: put it into another`,
}

export const variantTable = {
  nameLongerLetters: (longestName: number) => `its name is longer than ${longestName} letters`,
  notNumberCopies: (cell: string, most: number | null) =>
    `“${cell}” is not a number of copies from 1 to ${most}`,
  textLongerLetters: (longestText: number) => `its text is longer than ${longestText} letters`,
  notLength: (cell: string, column: string) => `“${cell}” is not a length for ${column}`,
  tableMoreCharacters: (largest: number) => `The table has more than ${largest} characters. Cut it in two.`,
  tableEmptyFirst: (could: string) => `The table is empty. Its first row names its columns: ${could}.`,
  notColumnHere: (cells: string, could: string) =>
    `“${cells}” is not a column here. Columns can be: ${could}.`,
  twiceLeaveThem: (cells: string) => `“${cells}” is there twice. Leave one of them out.`,
  tableNoRow: 'The table has no row below its head. Write one for each box.',
  tableRowsMost: (rows: number, mostVariants: number) =>
    `The table has ${rows} rows; ${mostVariants} are the most. Cut it in two.`,
}
