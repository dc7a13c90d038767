import type { Shown } from '@web/words'
import { counted } from '@core/length'

/** All that this room says, by the part that shows it. */

export const boxView = {
  turnLeft: 'Turn left',
  turnRight: 'Turn right',
  tiltUp: 'Tilt up',
  tiltDown: 'Tilt down',
  nearer: 'Nearer',
  farther: 'Farther',
  asItWas: 'As it was first',
  browserShowsNo:
    'This browser shows no 3D here (WebGL is off). The flat panels below are made from the same shapes.',
  pullApart: 'Pull apart',
  section: 'Section',
  openThe: (groups: Shown) => `Open the ${groups}`,
  open: 'Open',
  whatIsOpened: 'What is opened',
  all: 'all',
  howFarOpen: 'How far it is open',
}

export const cautionNote = {
  lookAgain: 'Look again',
}

export const codeFields = {
  airOn: 'Air on',
  airOff: 'Air off',
  beforeCut: 'Before the cut',
  afterIt: 'After it',
  programsController: 'Programs for its controller',
  gCode: 'G-code',
  wholePowerSaid: 'Whole power is said as S',
  powerGoesDown: 'Power goes down with the speed in corners',
  manualSaysUnderstands:
    'Its manual says what it understands. Run a program over waste with the beam at its least first.',
}

export const doubtNote = {
  use: (suggestion: Shown) => `Use ${suggestion}`,
  keepIt: 'Keep it',
}

export const fieldLabel = {
  whatIs: (label: Shown) => `What is ${label}?`,
}

export const figureField = {
  wholeNumberType: (props: Shown, round: Shown) => `${props} is a whole number. Type ${round}, for example.`,
  isAtLeast: (props: Shown, min: Shown) => `${props} is at least ${min}.`,
  isAtMost: (props: Shown, max: Shown) => `${props} is at most ${max}.`,
}

export const fitScale = {
  predictedFitGap: (word: Shown, gap: Shown) => `Predicted fit: ${word}, gap ${gap}`,
  tighter: 'tighter',
  looser: 'looser',
}

export const flatPanels = {
  panelsFlatOutside: 'Panels, flat, outside face up',
  choose: (panel: Shown) => `Choose ${panel}`,
}

export const jobPicture = {
  cannotMade: 'cannot be made',
}

export const kindGallery = {
  whatItIs: 'What it is for',
  organiserCardsTools: 'organiser, cards, tools, lid…',
  noKindCalled: 'No kind is called that. Begin with the plain box: everything can be changed in Shape.',
}

export const machineFields = {
  bedWidth: 'Bed width',
  bedDepth: 'Bed depth',
  laserPower: 'Laser power',
  travelSpeed: 'Travel speed',
  highestSpeed: 'Highest speed',
  acceleration: 'Acceleration',
  originCornerSeen: 'Origin corner, seen from the front',
  sheetPutInto:
    'The sheet is put into the origin corner; one larger than the bed is cut in several loads from ' +
    'there. Speeds and acceleration only make the time estimate better. They stand in the machine’s ' +
    'manual.',
}

export const pickRecord = {
  noneYetAdd: 'None yet: add one.',
}

export const readingsEditor = {
  notAThickness: (least: Shown, most: Shown, typed: Shown) =>
    `A thickness is ${least} to ${most}; ${typed} is not. Measure the sheet itself.`,
  thicknessReadingsFilm: 'Thickness readings (film off)',
  where: 'Where',
  leftEdge: 'left edge',
  addReading: 'Add reading',
  measureSeveralPlaces:
    'Measure in several places; Enter adds a reading. Millimetres, inches and sums are read: 3.02 mm, ' +
    '0.118 in, 1/8 in, 6.1/2.',
  readings: 'Readings',
  removeReading: (reading: Shown) => `Remove reading ${reading}`,
  batchNotMeasured: (nominal: Shown) => `This batch is not measured yet: the label’s ${nominal} is assumed.`,
  unevenSheet: (uneven: Shown) => `Uneven sheet: ${uneven}.`,
  meanThickness: 'Mean thickness',
  spread: 'Spread',
  tabLengthUse: 'Tab length to use',
  slotWidthUse: 'Slot width to use',
}

export const readingsPlot = {
  readingsScaleNominal: (thinnest: Shown, thickest: Shown, nominal: Shown) =>
    `Readings from ${thinnest} to ${thickest} on a scale, nominal ${nominal}`,
  label: 'label',
}

export const readingsTable = {
  readingMoreBatch: (tooMany: number, mostReadings: Shown) =>
    `${counted(tooMany, 'reading')} more than the ${mostReadings} that one batch keeps.`,
  readingsAdded: (count: number) => `${counted(count, 'reading')} ${count === 1 ? 'is' : 'are'} added`,
  linesNot: (count: number) => `${counted(count, 'line')} ${count === 1 ? 'is' : 'are'} not:`,
  pasteColumnCsv: 'Paste a column, CSV in and out',
  readingsPaste: 'Readings to paste',
  addThese: 'Add these',
  readCsvFile: 'Read a CSV file',
  saveCsv: 'Save as CSV',
  csvFileReadings: 'CSV file of readings',
}

export const readingsTableLines = {
  tableTooLong: 'The table is too long to be one of readings. Cut it down to the readings themselves.',
  line: (number: Shown) => `Line ${number}`,
  between: (least: Shown, most: Shown) => `${least} and ${most}`,
  notThicknessSheet: (line: Shown, parsed: Shown, range: Shown) =>
    `${line}: ${parsed} is not a thickness of a sheet. Give one between ${range}.`,
  onlyReadingsKept: (line: Shown, mostReadings: Shown) =>
    `${line}: only ${mostReadings} readings are kept for one batch.`,
}

export const stockFields = {
  nominalLabel: 'Nominal (label)',
  sheetWidth: 'Sheet width',
  sheetHeight: 'Sheet height',
  sheetsHand: 'Sheets at hand',
  pricePerSheet: 'Price per sheet',
  alongWidth: 'sheet width',
  alongHeight: 'sheet height',
  nameStock: 'Name of the stock',
  batch: 'Batch',
  whichDelivery: 'which delivery',
  material: 'Material',
  faceGrainAlong: 'Face grain along',
}

export const whyLink = {
  whyLesson: (title: Shown) => `Why? Lesson: ${title}`,
  why: 'Why?',
}

export const workedFigure = {
  showWorking: (label: Shown, figure: Shown) => `${label}: ${figure}. Show the working`,
}
