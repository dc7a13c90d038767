import { common, type Shown } from '@web/words'
import { counted } from '@core/length'

/** All that this room says, by the part that shows it. */

export const benchPage = {
  stockBook: 'Stock book',
  orderBook: 'Order book',
  everyCut: 'Every cut',
  bench: 'Bench',
  shelves: 'Shelves',
}

export const cutBars = {
  notWrittenDown: 'not written down',
  uprightLinePromised: 'The upright line is what was promised.',
}

export const cutBook = {
  jobsCouldNot: 'The jobs could not be read from the browser’s storage. Reload the page.',
  month: 'Month',
  ofPromised: (came: Shown, count: Shown, said: Shown) => `${came} of ${count}, ${said} promised`,
  minutesLaser: 'Minutes at the laser',
  minCut: (minutes: Shown, timed: number) => `${minutes} min in ${counted(timed, 'cut')}`,
  sheets: 'Sheets',
  offcuts: (offcuts: number) => counted(offcuts, 'offcut'),
  wasteAreaCut: 'Waste of the area cut from',
  fittedAsked: 'Fitted as asked',
  allPartsFell: 'All parts fell free',
  theCutsOf: (chosen: Shown) => `The cuts of ${chosen}`,
  everyCut: 'Every cut',
  readingLogs: 'Reading the logs…',
  noCutAny: 'No cut is in any log yet. Press “It was cut now” in the Log of a job after it was cut.',
  cutsOfAllJobs: (cuts: number) =>
    `${counted(cuts, 'cut')} from the logs of all jobs. Press a bar or a dot: its cuts are listed below.`,
  putTogether: 'Put together by',
  showEveryCut: 'Show every cut',
  tableCsv: 'As a table (CSV)',
}

export const cutRows = {
  notAll: 'not all',
  cut: 'Cut',
  date: 'Date',
  minutesExpectedTaken: 'Minutes, expected / taken',
  fellFree: 'Fell free',
  sheetsOffcuts: 'Sheets + offcuts',
  waste: 'Waste',
  showMore: (step: Shown) => `Show ${step} more`,
}

export const kerfRow = {
  kerfTakenOff: 'The kerf is taken off the bench. Jobs keep their copy.',
  before: (what: Shown) => `· before ${what}`,
  removeKerf: (on: Shown, width: Shown) => `Remove the kerf of ${on}, ${width}`,
}

export const machineEvents = {
  takenOffMachines: (name: Shown) => `“${name}” is taken off the machine’s record.`,
  doneMachine: 'Done to the machine',
  remove: (what: Shown) => `Remove ${what}`,
  somethingDoneMachine: 'Something done to the machine',
  whatWasDone: 'What was done to the machine',
  lensCleanedMirror: 'lens cleaned, mirror aligned…',
  onWhichDay: 'On which day',
  noteIt: 'Note it',
}

export const machineShelf = {
  noKerfMeasured: 'no kerf measured',
  kerfs: (count: number) => counted(count, 'kerf'),
  bedAndKerfs: (bed: Shown, kerfs: Shown) => `${bed}, ${kerfs}`,
  stockGone: 'a stock that is gone',
  laser: (machines: Shown) => `Laser ${machines}`,
  takenOffBench: (name: Shown) => `“${name}” is taken off the bench. Jobs keep their copy.`,
  machines: 'Machines',
  noMachineYet: 'No machine yet. Add the laser you cut on: its kerf and its tests are kept with it.',
  addMachine: 'Add machine',
  remove: (machine: Shown) => `Remove ${machine}`,
  coloursSoftwareExpects: 'Colours its software expects',
  kerfsMeasured: 'Kerfs measured on it',
  noneYetOpen: 'None yet. Open a job that is cut on it, and press “Measure the kerf” in Measure.',
  testsOfSpeed: (tests: number) => `${counted(tests, 'test')} of speed and power, shown in Tune.`,
}

export const minutesChart = {
  revisionMinExpected: (row: Shown, number: Shown, expected: Shown, minutes: Shown) =>
    `${row}, revision ${number}: ${expected} min expected, ${minutes} taken`,
  minutesExpectedTaken: 'Minutes expected and taken',
  writeDownLog: 'Write down in Log how long a cut took.',
  dotCut: 'One dot a cut',
  expectedMin: 'expected, min',
  takenMin: 'taken, min',
  cutAboveLine: (dots: number) =>
    `${counted(dots, 'cut')}. Above the line it took longer than its clock expected then.`,
}

export const offcutShelf = {
  offcutWidth: 'Offcut width',
  offcutHeight: 'Offcut height',
  keptOrder: common.keptOrder,
  offcutsOtherPieces: 'Offcuts and other pieces at hand',
  offcuts: 'Offcuts',
  since: (since: Shown) => `since ${since}`,
  removeOffcut: (width: Shown, height: Shown) => `Remove offcut ${width} × ${height}`,
  writtenOnIt: 'Written on it',
  count: 'Count',
  priceOfOne: 'Price of one',
  noneTestPieces: 'None. Test pieces and small boxes can use them.',
  newOffcut: 'New offcut',
  cornersOrderRound: (lengthUnit: Shown) => `Or its corners, in order round it, ${lengthUnit}`,
}

export const orderBook = {
  orderTakenOut: (number: Shown) => `Order ${number} is taken out.`,
  orders: (numbers: Shown) => `Orders ${numbers}`,
  orderBook: 'Order book',
  noOrderYet: 'No order yet. Take one: it is laid out by itself, and you see when it will be cut.',
  whatIsAhead: 'What is ahead',
  laserDay: 'At the laser a day',
  machines: 'Machines',
  machineAhead: (hours: Shown, turns: number, day: Shown) =>
    `{machine} ${hours} for ${counted(turns, 'order')}, the last is cut on ${day}.`,
  stockAhead: (sheets: number, atHand: Shown) => `{stock} ${counted(sheets, 'sheet')}, ${atHand} at hand.`,
  buy: (short: Shown) => `Buy ${short}.`,
  layingOutSee: common.layingOutSee,
  noStockYet: 'No stock yet',
  onMachine: (machine: string | undefined) => `on ${machine ?? 'no machine yet'}`,
  putThemSame: common.putThemSame,
  notSameSheets: (group: Shown) => `Not on the same sheets: ${group}`,
  cutHandedOver: 'Cut, and handed over',
}

export const orderForm = {
  chooseJobOrdered: 'Choose the job that is ordered.',
  takeOrder: 'Take an order',
  job: 'Job',
  chooseJob: 'Choose a job',
  dueOn: 'Due on',
  forWhom: 'For whom',
  note: 'Note',
  takeIt: 'Take it',
}

export const orderRow = {
  sheets: (sheets: number) => counted(sheets, 'sheet'),
  offcuts: (offcuts: number) => counted(offcuts, 'offcut'),
  cutOn: (day: Shown) => `cut on ${day}`,
  tooLate: (on: Shown) => `Too late: ${on}`,
  perhapsTooLate: (on: Shown) => `Perhaps too late: ${on}, if the machine’s clock is right`,
  itIsCut: 'It is cut',
  handedOver: 'It is handed over',
  order: (number: Shown) => `Order ${number}`,
  due: (due: Shown) => `due ${due}`,
  forCustomer: (customer: Shown) => `For ${customer}`,
  beingLaidOut: 'Being laid out…',
  waitsLaidOut: 'Waits to be laid out',
  notYet: (about: Shown) => `${about}: not yet`,
  waits: 'Not yet',
  keepOffcuts: 'Keep its offcuts for it',
  offcutKept: (kept: number) => `${counted(kept, 'offcut')} kept for it`,
  letGoThem: 'Let go of them',
  removeOrder: (number: Shown) => `Remove order ${number}`,
}

export const promiseBook = {
  fitAsked: 'The fit that was asked for',
  sayLogHow: 'Say in Log how a copy fitted: the odds it was cut with are held against it.',
  gapsInsideInterval: 'Gaps inside their 95 % interval',
  measurePlayLog: 'Measure one play in Log: it lies inside its interval, or not.',
  cutsGoThrough: 'Cuts that go through',
  sayLogWhether: 'Say in Log whether all parts fell free.',
  minutesInsideRange: 'Minutes inside their 90 % range',
  writeDownLog: minutesChart.writeDownLog,
  promiseCameSaid: (came: Shown, promises: number, said: Shown) =>
    `${came} of ${counted(promises, 'promise')} came; ${said} was said on average.`,
  fitGaps: 'Fit and gaps',
  minutesOn: (name: Shown) => `Minutes on ${name}`,
  statedReckoned: 'stated as reckoned',
  stated: (by: Shown, isWider: boolean) => `stated ${by} ${isWider ? 'wider' : 'narrower'} than reckoned`,
  howGoodPromises: 'How good promises have been',
  everyCutLog:
    'Every cut in a log is held against what was said of it before. Where too little came, doubts are ' +
    'stated wider from then on; where more came than was said, narrower.',
}

export const promiseChart = {
  saidCamePromise: (said: Shown, came: Shown, count: number) =>
    `${said} said, ${came} came, of ${counted(count, 'promise')}`,
  said: 'said, %',
  came: 'came, %',
  barHowFar: 'The bar is how far chance alone may take it.',
}

export const stockBook = {
  takenOffBench: (record: Shown) => `“${record}” is taken off the bench. Jobs keep their copy.`,
  notMeasuredYet: 'not measured yet',
  stocks: 'Stocks',
  noStockYet: 'No stock yet. Add the sheet you have in front of you, and measure it in a few places.',
  addStock: 'Add stock',
  sheetMaterial: (stocks: Shown) => `Sheet material ${stocks}`,
  newBatch: 'New batch of this',
  remove: (stock: Shown) => `Remove ${stock}`,
  notes: 'Notes',
  thisMaterial: 'this material',
  cutting: (family: Shown) => `Cutting ${family}`,
}

export const tasteList = {
  calipersGauge: 'calipers on a gauge',
  otherFace: 'the other face',
  otherPlacesBed: 'other places of the bed',
  settingCut: 'the setting it is cut with',
  anotherDay: 'another day',
  playJoints: 'play of joints',
  partsMeasuredAfter: 'parts measured after a cut',
  ownSnug: 'Your own snug',
  notKnownYet:
    'Not known yet. A fit comb, or a word on a cut in Log, says which interference feels just right to ' +
    'you. Kerf is something else.',
  remove: (from: Shown, interference: Shown) => `Remove ${from} ${interference}`,
  checksKerf: 'Checks of a kerf',
  removeCheck: (check: Shown) => `Remove the check: ${check}`,
}

export const unreadableList = {
  cannotRead: 'What cannot be read',
  storedHereBut: 'Stored here, but cannot be read',
  itCanBe: (mended: Shown) => `It can be mended: ${mended}.`,
  exportAsIt: 'Export as it is',
  mendIt: 'Mend it',
  deleteIt: 'Delete it',
}

export const useQueue = {
  jobNoLonger: 'Its job is no longer in this browser: take the order out, or import the job.',
  cannotLaidOut: 'This cannot be laid out on its sheets: see Lay out.',
}
