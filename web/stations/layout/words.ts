import { common, type Shown } from '@web/words'
import { counted } from '@core/length'

/** All that this room says, by the part that shows it. */

export const helpList = {
  changesTried: (tried: Shown, total: Shown) => `${tried} of ${total} changes tried.`,
  tryingHelp: 'Trying what would help.',
  nothingTriedSaves: 'Nothing that was tried saves a sheet or money.',
  saveSheet: 'What would save a sheet',
  doThat: 'Do that',
}

export const layoutForm = {
  anyWay: 'any way',
  alongIt: 'along it',
  acrossIt: 'across it',
  atHand: (count: number) => `There ${count === 1 ? 'is' : 'are'} ${count} at hand.`,
  largerBedEach: (count: number) =>
    `Larger than the bed: each sheet is cut in up to ${counted(count, 'load')}.`,
  sheetsRules: 'Sheets and rules',
  sheetsChooseStock: (sheetWidth: Shown) =>
    `Sheets of ${sheetWidth}. Choose this stock in Measure to change them.`,
  sheetWidth: 'Sheet width',
  sheetHeight: 'Sheet height',
  noStockChosen: (width: Shown) =>
    `No stock is chosen: sheets of ${width} are assumed. Choose or add one in Measure; its sheets are ` +
    'laid out here.',
  margin: 'Margin',
  gapBetweenParts: 'Gap between parts',
  sheetsMayUsed: 'Sheets that may be used',
  leaveEmptyMany: 'Leave it empty for as many as it takes.',
  noFaceGrain:
    'No face grain is on record for this stock, so panels may lie any way. If it has one, say in Measure ' +
    'how it runs.',
  grainRunsAlong: (runs: Shown) => `Grain runs along the sheet’s ${runs}; panels lie`,
  partsMayTurned: 'Parts may be turned',
  anyAngleNot: 'At any angle, not only by quarter turns',
  straightEdgesTwo: 'Straight edges of two parts are cut once',
  notWhileLasers:
    'Not while the laser’s software compensates, with bridges, or where the beam is not round. Two parts ' +
    'cannot share such a line.',
  beamNotRound:
    'The beam is not round, the grain matters, or they may not be turned: parts lie by quarter turns.',
}

export const layoutProgress = {
  sheetsAndRest: (sheets: number, rest: string) =>
    `${counted(sheets, 'sheet')}${rest && `, a piece of ${rest} left`}`,
  round: (round: Shown) => `round ${round}`,
  triedOf: (tried: Shown, total: Shown) => `${tried} of ${total}`,
  sheetsUsed: 'Sheets used',
  offcutsUsed: 'Offcuts used',
  wholeSheetsLeast: 'Whole sheets at least',
  sheetsLeast: 'Sheets at least',
  sheetUse: 'Sheet use',
  loadsBed: 'Loads of the bed',
  partsSheetsChanged: 'Parts or sheets changed since this layout was moved by hand.',
  layoutsTried: 'Layouts tried',
  stopKeepBest: 'Stop, keep the best',
  letGo: (pins: number) => `Let go of ${counted(pins, 'pin')}`,
  saveSheet: 'What would save a sheet?',
  searchOn: 'Search on',
  layOutAgain: 'Lay out again',
}

export const layoutStation = {
  beamNotRound: (turn: Shown, wanted: Shown, now: Shown, odds: Shown) =>
    `The beam is not round: turned by a quarter, ${turn} would bring ${wanted} from ${now} to ${odds}. ` +
    'Or let the paths be compensated in Cut: each way has its own figure then.',
  noStockChosen: 'no stock chosen',
  numberPartPlace:
    'A number on a part is its place in the list above: its name has no room there. Drag a part to move ' +
    'it; it is drawn to the gap beside others (not while Alt is held), and pinned. Or choose one with ' +
    'Tab and use the arrow keys, R to turn, [ and ] to turn by degrees, P to pin.',
  parts: (parts: number) => counted(parts, 'part'),
  sheets: 'Sheets',
  wrongLayout: 'What is wrong with the layout',
  andMore: (sentences: Shown) => `And ${sentences} more.`,
  partsDidNot: 'Parts that did not fit',
}

export const partList = {
  allParts: (parts: Shown) => `All ${parts} parts`,
  findPart: 'Find a part',
  findEG: 'find, e.g. drawer 3 front',
  partsStock: 'Parts of this stock',
  sheet: (sheetOf: Shown) => `sheet ${sheetOf}`,
  notPlaced: 'not placed',
  noPartCalled: 'No part is called that.',
}

export const partPanel = {
  partCalled: (own: Shown) => `Part ${own}`,
  fromLeft: 'From left',
  fromBelow: 'From below',
  angle: 'Angle',
  turn: 'Turn',
  letGo: 'Let go',
  pin: 'Pin',
  grainMayTurned: 'Grain or “may be turned” leaves this part only one way to lie.',
}

export const piecesForm = {
  wholeSheetsOnly: 'whole sheets only',
  offcutsSmallOnes: 'offcuts, small ones first',
  offcutsOldestFirst: 'offcuts, the oldest first',
  whateverCheapest: 'whatever is cheapest',
  someKept: common.keptOrder,
  allKept: (orders: Shown) => `kept for order ${orders}`,
  takenFirst: 'Taken first',
  noOffcutsStock:
    'No offcuts of this stock are on the bench. What a layout leaves over can be put there from Log.',
  offcutsJob: 'Offcuts for this job',
  leaveOrders: 'Leave those for their orders',
  partsMayLie: 'Parts may lie in the openings of others',
  scoreNameLeft: 'Score a name on what is left over',
}

export const searchCompared = {
  beforeSearch: 'Before the search',
  foundByIt: 'Found by it',
  compareLayouts: 'Compare layouts',
  take: (side: Shown) => `Take: ${side}`,
  onTheBoard: 'On the board',
  takeThisOne: 'Take this one',
}

export const searchPicture = {
  bestLayoutFar: (label: Shown | null | undefined, best: Shown) =>
    `${label ?? 'The best layout so far'}, ${best} parts`,
}

export const sheetBoard = {
  sheet: (number: Shown, grain: Shown) => `sheet ${number}${grain}`,
  sheetOffcut: (number: Shown, name: Shown, grain: Shown) => `sheet ${number}: offcut${name}${grain}`,
  leftBelow: (x: Shown, y: Shown) => `${x} from left, ${y} from below`,
  onSheet: (part: Shown, sheet: Shown, where: Shown, turn: string, pinned: boolean, isInTheWay: boolean) =>
    `${part} on sheet ${sheet}, ${where}${turn && `, turned by ${turn}°`}` +
    `${pinned ? ', pinned' : ''}${isInTheWay ? ', in the way' : ''}`,
  sheetsParts: 'Sheets with their parts',
}

export const sheetGround = {
  load: (number: Shown) => `load ${number}`,
}

export const zoomButtons = {
  closer: 'Closer',
  farther: 'Farther',
  allSheets: 'All sheets',
  viewSheets: 'View of the sheets',
}
