/** All that this room says, by the part that says it. */

export const cardOf = {
  bareNothing: 'Bare, nothing on it.',
  insideOutsideOutside: (coats: string, kind: string, inside: boolean) =>
    `${coats} of ${kind}, ${inside ? 'inside and outside' : 'outside'}.`,
  outsideInside: (outer: string, inner: string) => `${outer} outside, ${inner} inside.`,
  cutFrom: (stock: string, glue: string | null) =>
    `Cut from ${stock}${glue === null ? '' : `, joined with ${glue}`}.`,
  putNothingHeavy: (ready: string) =>
    `Put nothing heavy into it before ${ready}: glue and finish are hard then.`,
  wipeSoftDamp: 'Wipe it with a soft damp cloth; spirit and solvents make it crack.',
  keepDryOut: 'Keep it dry and out of the sun: wood moves as the seasons change.',
  slidesRunsBare: 'What slides runs on bare wood: keep it clean, and rub it with a candle if it sticks.',
  openBendSlowly: 'Open the bend slowly, and no further than it goes by itself.',
  smallMagnetsKeep: 'It has small magnets in it: keep them from children, who may swallow them.',
}

export const dxf = {
  millimetresYUp: 'Millimetres, y up. Layers are operations, in cutting order.',
}

export const exportFiles = {
  markEveryFile: (mark: string) => `Mark ${mark}: it is on every file and page of this cut.`,
}

export const offer = {
  quote: 'Quote',
  deliveryNote: 'Delivery note',
  forCustomer: (customer: string) => `For ${customer}`,
  receivedCompleteSound:
    'Received, complete and sound: ______________________________   Date: ______________',
}

export const offerOf = {
  closedOpen: (size: string, box: boolean, stock: string) => `${size}, ${box ? 'closed' : 'open'}${stock}.`,
  glueFullStrength: (full: number) =>
    `The glue is at full strength ${full} h after it was closed: no load before.`,
}

export const pdf = {
  barMmLong: (bar: number) => `This bar is ${bar} mm long. If it is not, print again at actual size.`,
  pageRowBelow: (number: number, pages: number, row: number, column: number) =>
    `page ${number} of ${pages}: row ${row} from below, column ${column}`,
}

export const testSheetFile = {
  cutLiftSheet: 'Cut it, lift the sheet without touching the squares, and write down what became of each.',
  burnCleanPockets: 'Burn it, clean the pockets, and measure their depth with the tail of the calipers.',
  burnWipeSee: 'Burn it, wipe it, and see which patch is best.',
  testSheetNo: (stock: string | null | undefined) => `Test sheet, ${stock ?? 'no stock'}`,
  unitMillimetresLines: (how: string, squares: string, mean: string) =>
    `${how} Unit millimetres, lines not compensated. Squares: ${squares}. Thickness ${mean}.`,
}

export const testsTable = {
  notSpeed: (cell: string) => `“${cell}” is not a speed.`,
  notPowerPer: (cell: string) => `“${cell}” is not a power in per cent.`,
  notThicknessSheet: (cell: string) => `“${cell}” is not a thickness of a sheet in mm.`,
  airOffNot: (cell: string) => `air is on or off, not “${cell}”.`,
  isNotOne: (cell: string, testResults: string) => `“${cell}” is not one of ${testResults}.`,
  listCannotUsed: (error: string) => `The list cannot be used: ${error}. Nothing was taken.`,
  fileNotReadable: 'The file is not readable JSON: it may have been cut short on its way.',
  fileLargerKb: 'The file is larger than 500 kB, too large for a list of tests.',
  tableNoRows: 'The table has no rows. Its first row names the columns.',
  tableMoreRows: (mostRows: number) => `The table has more than ${mostRows} rows. Take some out.`,
  tableNoColumn: (missing: string, columns: string) =>
    `The table has no column “${missing}”. Its columns are ${columns}.`,
  rowNothingTaken: (number: number, wrong: string) =>
    `Row ${number}: ${wrong} Nothing was taken from the table.`,
}
