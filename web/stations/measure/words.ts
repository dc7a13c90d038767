import { common, type Shown } from '@web/words'
import { counted } from '@core/length'

/** All that this room says, by the part that shows it. */

export const asAnyNote = {
  stillOpenType: (questions: Shown) => `Still open: ${questions}. Type yours.`,
  theyAreRight: 'They are right',
}

export const bedCard = {
  middleRightEdge: (right: Shown, rightDoubt: Shown, back: Shown, backDoubt: Shown) =>
    `From the middle to the right edge ${right} ± ${rightDoubt}, to the back edge ${back} ± ${backDoubt}.`,
  kerfOverBed: 'The kerf over the bed',
  kerfOverBedBack: (summary: Shown) => `Kerf over the bed, back at the top. ${summary}`,
  jointPartJoints: (count: number) =>
    `From ${counted(count, 'joint or part', 'joints and parts')} whose place is known, against the ` +
    'middle of their own cut. The front is below, as you stand before it.',
  pathsFollowWider: 'Paths follow it: wider where more is taken away, narrower where less.',
  compensateAlikeEverywhere: 'Compensate alike everywhere',
  letPathsFollow: 'Let the paths follow it',
  mayStillChance: 'That may still be chance: measure more, in far corners, before the paths follow it.',
}

export const combOutcome = {
  mmPerSide: (best: Shown, kerf: Shown) => `${best} mm per side, kerf ${kerf}`,
  ownSnugBench: (family: Shown, snug: Shown) =>
    `Your own snug in ${family} is on the bench: ${snug} per glue line.`,
  jobCutPer: (perSide: Shown) => `This job is cut with ${perSide} per side, as the pair that felt best was.`,
  ownSnugInterference: 'Your own snug, interference per glue line',
  snugAlreadyPair: (offset: Shown, kerfIfTaste: Shown, kerfDoubt: Shown) =>
    `If your snug is ${offset} already, this pair says a kerf of ${kerfIfTaste} ± ${kerfDoubt} instead: ` +
    'a comb alone cannot tell the two apart.',
  kerfOnlyAssumed:
    'The kerf is only assumed: measure it by squares or a strip first, or its error goes into your taste.',
  cutPerSide: (best: Shown) => `Cut with ${best} per side now`,
  keepMyOwn: (family: Shown) => `Keep as my own snug in ${family}`,
}

export const fitCard = {
  tabEnds: (recessed: Shown, proud: Shown, lengthUnit: Shown) => `${recessed} to ${proud} ${lengthUnit}`,
  whatThatDoes: 'What that does to the joints',
  gapEachGlue: 'Gap at each glue line',
  playTab: 'Play of a tab',
  tabEndsFace: 'Tab ends, from the face',
  slotThickestSpot: 'Slot for the thickest spot',
  ownSnug: (snug: Shown, records: number) =>
    `Your own snug in this material: ${snug} per glue line, from ${counted(records, 'record')}.`,
  kerfDecidesHow: 'Kerf decides how tabs fit notches. Thickness decides flushness and slots.',
}

export const keptKerf = {
  squareMm: (n: number, side: Shown) => `${counted(n, 'square')} of ${side} mm`,
  slitStripLines: (lines: Shown) => `Slit strip, ${lines} lines`,
  slotGauge: 'Slot gauge',
  kerfBenchJob: (width: Shown) => `Kerf ${width} is on the bench and in this job.`,
}

export const kerfBench = {
  backMeasure: 'Back to Measure',
  cutTestPiece:
    'Cut a test piece on {machine} from {stock} and measure it: the kerf is known with its doubt.',
  noMachine: 'no machine',
  noStock: 'no stock',
  kerfBelongsMachine: 'A kerf belongs to a machine and a batch of stock: choose both in Measure first.',
}

export const kerfCard = {
  fullWidth: 'full width',
  perSide: 'per side',
  guessUntilMeasured: (from: Shown) => `A guess from ${from}, until it is measured`,
  kerf: 'Kerf',
  kerfBelongsMachine: (width: Shown) =>
    `Kerf belongs to a machine and a stock: choose both first. Until then ${width} is assumed.`,
  measureKerf: 'Measure the kerf',
  typeFigure: 'Or type it; the figure is',
  kerfFullWidth: 'Kerf, full width',
  kerfPerSide: 'Kerf, per side',
  howSure: 'How sure, ±',
  fullWidthK: 'Full width k',
  perSideC: 'Per side, c = k ÷ 2',
  beamNotRound: (across: Shown, along: Shown) =>
    `The beam is not round: ${across} across the sheet, ${along} along it.`,
  typed: 'Typed',
  holdsSettingFocus: 'It holds for this setting and focus',
  mmSPass: '12 mm/s, 65 %, 1 pass, focus on the face',
  notMeasuredPair: (width: Shown, doubt: Shown) =>
    `Not measured for this pair: ${width} is assumed, and may be wrong by ${doubt}.`,
  guessFrom: (from: Shown, width: Shown, carriedDoubt: Shown) =>
    `Guess from ${from}: ${width} ± ${carriedDoubt}`,
  measuredBeforeMeasure: (since: Shown) => `Measured before: ${since}. Measure again.`,
}

export const kerfHistory = {
  kerfOverTime: 'Kerf over time, this pair',
  nothingMeasuredYet: 'Nothing measured yet.',
  kerfsFromTo: (count: Shown, first: Shown, last: Shown) => `${count} kerfs from ${first} to ${last}`,
  kerfRecords: 'Kerf records',
  inUse: 'in use',
  use: 'Use',
}

export const kerfOutcome = {
  notKeptYet: 'not kept yet',
  kerfFullWidth: 'Kerf, full width',
  perSide: 'Per side',
  acrossKx: 'Across, kx',
  alongKy: 'Along, ky',
  useKerf: 'Use this kerf',
  whatNext: 'What next',
}

export const machineCard = {
  bedW: (bedWidth: Shown, watts: Shown) => `${bedWidth} bed, ${watts} W`,
  addMachine: 'Add machine',
  cutOn: 'Cut on',
  chooseMachine: 'choose a machine',
  kerfBelongsMachine: 'Kerf belongs to one machine: choose or add the one you cut on.',
}

export const measureStation = {
  newToThis: 'New to this?',
  pageAsksEverything: 'One page asks for everything a first box needs.',
}

export const newerFigures = {
  compensationPerSide: 'compensation per side',
  benchHasNewer: (newer: Shown, changes: Shown) =>
    `The bench has newer figures for ${newer} than this job was made with. The job keeps its own until ` +
    `you say otherwise. ${changes}`,
  takeBenchsFigures: 'Take the bench’s figures',
}

export const openQuestions = {
  lookStock: 'Look at that stock',
}

export const pickBest = {
  pressEqualNumbers: 'Press equal numbers together. Which pair is just right in your hands?',
  pushSheetInto: 'Push the sheet into the slots. Which is the narrowest that it enters?',
  bestOne: 'Best one',
  entersNone: 'it enters none',
  thicknessPushed: 'Thickness where it was pushed in',
}

export const readingPad = {
  notTaken: 'not taken',
  takeAgain: (place: Shown, reading: Shown, isOdd: boolean) =>
    `${place}: ${reading}${isOdd ? ', does not seem to belong' : ''}. Take again`,
  readingsBench: 'Readings at the bench',
  allReadingsTaken: 'All readings are taken',
  next: 'Next',
  readingsTaken: 'Readings taken',
  readingMarkedNot:
    'A reading marked ? does not seem to belong to the others (Grubbs’ test). It still counts: tap it to ' +
    'measure again.',
}

export const stockCard = {
  readings: (family: Shown, count: number) => `${family}, ${count || 'no'} readings`,
  slotsCalipersSay: (thickness: Shown) =>
    `Slots and calipers say that it is nearer ${thickness}, and slots and tabs are drawn for that. Read ` +
    'it again to be sure.',
  stockThickness: 'Stock and its thickness',
  newBatch: 'New batch',
  sheetMaterial: (stocks: Shown) => `Sheet material ${stocks}`,
  addStock: 'Add stock',
  cutFrom: 'Cut from',
  chooseStock: 'choose a stock',
  alsoCut: 'Also cut from',
  alsoCutFrom: (stock: Shown) => `Also cut from ${stock}`,
  measureWithThis: common.measureWithThis,
  chooseBatchSheet:
    'Choose the batch of sheet you will cut, or add it: its label is only a name, its thickness is ' +
    'measured here.',
}

export const surerCard = {
  twoMoreSquares: 'Two more squares',
  cutMeasureThem: 'Cut and measure them above, under Kerf.',
  playJointAfter: 'The play of one joint, after the cut',
  notchMinusTab: 'Notch minus tab, with the same calipers. Write it down in Log, with that cut.',
  calipersGauge: 'Calipers on a gauge',
  measureSomethingWhose:
    'Measure something whose size you know: a gauge block, a coin, a feeler. Zero them first.',
  squaresOtherFace: 'The squares from the other face',
  turnSquaresOver: 'Turn the squares over and touch them near the other face: cuts are seldom upright.',
  squaresThreePlaces: 'Squares from three places of the bed',
  middleEachFar: 'One in the middle, one in each far corner: focus differs over a bed.',
  threeSquaresAnother: 'Three squares on another day',
  warmTubeDamp: 'A warm tube and a damp sheet cut differently: three days show by how much.',
  squaresSettingJob: 'Squares at the setting of this job',
  moreLessEnergy: 'More or less energy takes more or less away. Cut three at the setting that Tune has.',
  moreKerfBoth: 'That is more than a kerf: are both figures of the same thing?',
  keptKerfNow: (title: Shown, width: Shown) => `${title}: kept. Kerf is now taken as ${width}.`,
  makeSurer: 'What would make it surer',
  surerBy: (minutes: Shown, wanted: Shown, from: Shown, to: Shown) =>
    `${minutes} min: ${wanted} ${from} → ${to}`,
  prepareSquares: (squares: Shown) => `Prepare ${squares} squares`,
  goLog: 'Go to Log',
  writeDown: 'Write it down',
  theGaugeIs: 'The gauge is',
  squaresDrawn: 'Squares are drawn',
  theyShow: 'They show',
  measureMean: 'They measure, on the mean',
  keepIt: 'Keep it',
}

export const testPieceDrawing = {
  drawingTestPiece: 'Drawing of the test piece',
}

export const trialForm = {
  eachReadAcross: 'each read across and along',
  manyCutsShare: 'many cuts share one reading: the surest',
  findsOwnSnug: 'finds your own snug, by feel',
  noCalipersPush: 'no calipers: push the sheet in',
  bothWays: 'both ways',
  acrossOnly: 'across only',
  alongOnly: 'along only',
  side: 'Side',
  linesEndsCounted: 'Lines, ends counted',
  firstPerSide: 'First, per side',
  stepPerSide: 'Step, per side',
  pairs: 'Pairs',
  stepSlotSlot: 'Step from slot to slot',
  widestBeyondThickness: 'Widest, beyond the thickness',
  unitMillimetresCut: (made: Shown, setting: Shown, machine: Shown) =>
    `${made} Unit millimetres. Cut with ${setting} on ${machine}.`,
  testPiece: 'Test piece',
  howMeasure: 'How to measure',
  eachSquareRead: 'Each square is read',
  offcutWidth: 'Offcut width',
  offcutHeight: 'Offcut height',
  atHand: 'At hand:',
  settingNotTested: (trial: Shown, setting: Shown, standing: boolean) =>
    `${trial} Setting: ${setting}${standing ? '' : ' (not tested yet)'}.`,
  madeRoundLater: (mean: Shown) => `Made round ${mean}; later readings of the stock do not move it.`,
  testPieceSvg: 'Test piece, SVG',
  dxf: 'DXF',
  startNewMeasurement: 'Start a new measurement',
}

export const trialOutcome = {
  whatItSays: 'What it says',
  cutPieceEnter: (methodNames: Shown) =>
    `${methodNames}: cut the piece, then enter what you read. The result appears as soon as there is ` +
    'enough for one.',
  makeShiftedWay: (method: boolean) =>
    `Make one shifted that way: ${method ? 'another comb' : 'another gauge'}`,
}
