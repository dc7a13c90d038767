/** All that this room says, by the part that says it. */

export const layout = {
  noSheetRoom: 'no sheet has room inside its margins',
}

export const outlines = {
  largerSheetsWhichever: 'it is larger than the sheets, whichever way it may lie',
  noRoomLeft: 'no room is left on the sheets',
}

export const read = {
  taskNotReadable: 'The task is not readable JSON. Write it again.',
  taskCannotUsed: (error: string) => `The task cannot be used: ${error}. Mend that in the file.`,
  outlinePartNo: (part: string) => `The outline of part “${part}” has no area. Give its corners in order.`,
  outlinePartCrosses: (part: string) =>
    `The outline of part “${part}” crosses itself. Give its corners in order.`,
  holePartNot: (part: string) =>
    `A hole of part “${part}” is not inside its outline, or meets another. Mend the hole.`,
  sheetNeedsWidth: (name: string) =>
    `Sheet “${name}” needs a width and a height, or an outline instead of both.`,
  outlineSheetCrosses: (name: string) =>
    `The outline of sheet “${name}” crosses itself or has no area. Give its corners in order.`,
  twoPartsSame: 'Two parts have the same id. Give each its own, and copies by count.',
  twoSheetsSame: 'Two sheets have the same id. Give each its own, and how many there are by count.',
  partsMostLay: (count: number, mostParts: number) =>
    `These are ${count} parts; ${mostParts} are the most. Lay fewer out at a time.`,
}

export const rectangles = {
  noRoomLeft: outlines.noRoomLeft,
  largerSheets: 'it is larger than the sheets',
  fitOnlyTurned: 'it would fit only if it were turned another way',
}
