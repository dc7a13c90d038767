import type { Shown } from '@web/words'
import { counted } from '@core/length'

/** All that this room says, by the part that shows it. */

export const markSetting = {
  score: 'Score',
  pocket: 'Pocket',
  engraving: 'Engraving',
  usualStartOrdinary: (machine: Shown | null | undefined) =>
    `A usual start on ${machine ?? 'an ordinary machine'}. Nobody has tried it here: try it on a scrap.`,
  goesMost: (machine: Shown, maxSpeed: Shown) => `${machine} goes ${maxSpeed} at most.`,
  useFirstSetting: 'Use a first setting for it',
}

export const oddsCard = {
  didNotGo: (failed: number) => `It did not go through in ${counted(failed, 'test')}.`,
  takesLong: 'It takes as long.',
  savesAboutJob: (about: Shown) => `That saves about ${about} on this job.`,
  takesAboutLonger: (about: Shown) => `That takes about ${about} longer on this job.`,
  cutsCameThrough: 'Cuts came through less often than was said: what is not tried counts as less sure.',
  noTestYet: 'No test yet: this is the energy rule alone, and stocks differ up to tenfold.',
  noTest: 'no test',
  tests: (own: number) => counted(own, 'test'),
  fromTests: (own: Shown, others: number, older: number) =>
    `From ${own} on this stock${others > 0 ? `, and ${others} on other stocks of this machine` : ''}.` +
    `${older > 0 ? ` ${older} of them are older than the last work on the machine, and count less.` : ''}`,
  howSure: 'How sure it is',
  goesThrough: 'This setting goes through with odds of {through} and chars with {charred}.',
  halfAllCuts: (energy: Shown, low: Shown, high: Shown) =>
    `Half of all cuts go through at ${energy} J/mm², likely ${low} to ${high}.`,
  howSureMust: 'How sure it must be',
  quickest: (sure: Shown, power: Shown, charred: Shown) =>
    `The quickest that is ${sure} % sure at ${power} %: {speed}, charred ${charred}.`,
  useIt: 'Use it',
  tellsMost: (power: Shown, left: Shown) =>
    `The test that tells most: {speed} at ${power} %. It would leave about ${left} of the doubt.`,
  testNext: 'Test that next',
}

export const ownOperations = {
  followRound: 'Follow round',
  fill: 'Fill',
  mark: (number: Shown) => `mark ${number}`,
  operationsOwn: 'Operations of your own',
  besideEngravingPockets:
    'Beside engraving, pockets, scoring and cuts: other ways to engrave in Shape. Each goes into its own ' +
    'layer and colour of the files, after the others of its kind, in this order.',
  colourOf: (name: Shown) => `Colour of ${name}`,
  earlier: (name: Shown) => `${name} earlier`,
  remove: (name: Shown) => `Remove ${name}`,
  whatItDoes: 'What it does with areas',
  usedBy: (engravings: number) => `Used by ${counted(engravings, 'engraving')}.`,
  anotherOperationCalled: (taken: Shown) =>
    `Another operation is called “${taken}” already: in a file the two could not be told apart. Choose ` +
    'another name.',
  addOperation: 'Add an operation',
}

export const pocketTests = {
  nineTenBetween: (low: Shown, high: Shown) => `nine of ten between ${low} and ${high}`,
  burnsDeep: (depth: Shown, range: Shown, isGuess: boolean) =>
    `It burns ${depth} deep, ${range}${isGuess ? ', a guess until a pocket is measured' : ''}`,
  wanted: (burns: Shown, wanted: Shown) => `${burns}. Wanted ${wanted}.`,
  deepAt: (depth: Shown, settingWords: Shown) => `${depth} deep at ${settingWords}`,
  testPocketNo: (stock: Shown | null | undefined) => `Test pocket, ${stock ?? 'no stock'}`,
  burnPatchClean: (setting: Shown) =>
    `Burn the patch at ${setting}, clean it, and measure its depth with the tail of the calipers. Unit ` +
    'millimetres.',
  testPocket: (stock: Shown) => `test pocket ${stock}`,
  takeDepth: (speed: Shown) => `Take ${speed} for that depth`,
  noSpeedPower: 'No speed at this power burns that deep. Change the power or the passes.',
  newTestPocket: 'New test pocket',
  measuredDepth: 'Measured depth of one',
  testPocketSvg: 'Test pocket as SVG',
  testPockets: 'Test pockets',
  removePocket: (test: Shown) => `Remove the pocket ${test}`,
}

export const settingFields = {
  speed: (title: Shown) => `${title} speed`,
  power: (title: Shown) => `${title} power`,
}

export const sheetOutcomes = {
  testWrittenDown: (tests: number) => `${counted(tests, 'test')} written down.`,
}

export const testChart = {
  testsChart: 'Tests as a chart',
  speedAgainstEnergy: (points: Shown, speed: Shown, chosenEnergy: Shown) =>
    `Speed against energy for ${points} tests; chosen ${speed}, ${chosenEnergy} J/mm²`,
  speed: (speedUnit: Shown) => `speed, ${speedUnit}`,
  jMm: 'J/mm²',
  chosen: '◯ chosen',
}

export const testFiles = {
  tests: (stock: Shown) => `tests ${stock}`,
  notTaken: (file: Shown, error: Shown) => `“${file}” was not taken. ${error}`,
  testTaken: (tests: number, file: Shown) => `${counted(tests, 'test')} taken from ${file}.`,
  testsCsv: 'Tests as CSV',
  asJson: 'as JSON',
  testsFile: 'Tests from a file',
  fileTests: 'File of tests',
  fileHoldsSpeeds: (materials: Shown) =>
    `A file holds speeds, powers and outcomes, not the stock. Take in only tests of ${materials} on this ` +
    'machine.',
}

export const testRows = {
  tests: 'Tests',
  cameOut: 'Came out',
  speed: (speedUnit: Shown) => `Speed, ${speedUnit}`,
  otherUnits: 'Other units',
  power: 'Power, %',
  passes: 'Passes',
  air: 'Air',
  jMm: 'J/mm²',
  useAt: (speed: Shown, power: Shown) => `Use ${speed} at ${power} %`,
  use: 'Use',
  removeTest: (speed: Shown) => `Remove the test at ${speed}`,
}

export const testSheetBoard = {
  square: (number: Shown, setting: Shown, result: Shown) => `Square ${number}, ${setting}${result}`,
  squaresTestSheet: 'Squares of the test sheet',
}

export const testSheetCard = {
  itTakes: (width: Shown) => `It takes ${width}`,
  ofSize: (width: Shown) => `of ${width}`,
  offcutLargeEnough: (needs: Shown, which: Shown) => `${needs}: your offcut ${which} is large enough.`,
  squaresNotOthers: (made: Shown, asked: Shown) =>
    `${made} squares, not ${asked}: the others would be cut at a speed that is there already.`,
  testSheet: 'A test sheet',
  chooseMachineStock: 'Choose a machine and a stock in Measure: a test belongs to both.',
  smallSquaresEach:
    'Small squares, each with another setting, where they tell most of what is not known yet. Cut it, ' +
    'then tap what came of every square.',
  whatIsTried: 'What is tried',
  squares: 'Squares',
  makeTestSheet: 'Make a test sheet',
  sheetMadeAnother:
    'This sheet was made for another machine or stock: choose those in Measure, or put it away.',
  putAway: 'Put it away',
  writeTestSheet: 'Write the test sheet',
  speedsStayBeside: (speedUnit: Shown) => `Speeds in ${speedUnit}. Stay beside it: some squares will char.`,
  tapMeans: 'What a tap means',
  writeDown: (said: Shown, squares: Shown) => `Write down ${said} of ${squares}`,
  tapPocketMeasured: 'Tap the pocket that was measured.',
  tapPatchBest: 'Tap the patch that is best.',
  depthPocket: (chosen: Shown) => `Depth of pocket ${chosen}`,
  engravePatch: (chosen: Shown) => `Engrave as patch ${chosen}`,
}

export const testTable = {
  testsStockMachine: 'Tests of this stock on this machine',
  chooseMachineStock: testSheetCard.chooseMachineStock,
  noneYetCut: 'None yet. Cut a short line or a small square, lift it, and write down here what came out.',
  newTest: 'New test',
  testSpeed: 'Test speed',
  testPower: 'Test power',
  testPasses: 'Test passes',
  air: 'Air',
  cameOut: 'Came out',
  sayHow: 'say how',
  addTest: 'Add test',
}

export const tuneStation = {
  testedStock: 'Tested on this stock',
  testedLikeStock: 'Tested on a like stock only',
  notTested: 'Not tested',
  didNotGo: 'Did not go through',
  neverCutPvc:
    'Never cut PVC or vinyl: chlorine gas. The machine’s manual and the material’s data sheet come ' +
    'before any figure here.',
  rowsFarApart: 'rows that far apart leave ridges between them.',
  eachPlaceBurnt: (max: Shown) => `each place is burnt about ${max} times.`,
  settingCutting: 'Setting for cutting',
  power: 'Power',
  passes: 'Passes',
  airOn: 'Air on',
  energyPerCut: 'Energy per cut face',
  jMm: (energy: Shown) => `${energy} J/mm²`,
  chooseTestsInstead: 'Choose from the tests instead',
  settingScoringLabels: 'Setting for scoring labels',
  onlyDeepRead: 'Only as deep as can be read: try it on waste first.',
  settingGrooves: 'Setting for grooves',
  burnTestPocket:
    'Burn a test pocket in the same stock with this setting, and write down how deep it came out.',
  settingEngraving: 'Setting for engraving',
  rowsNearerSpot:
    'Rows nearer than the spot is wide burn twice; farther apart they are seen. Try a patch first.',
  rowsApart: 'Rows apart',
  beamTakesAbout: (width: Shown, burntOften: Shown) =>
    `The beam takes ${width}, about as wide as its spot: ${burntOften}`,
  cutting: (family: string) => `Cutting ${family === 'other' ? 'this material' : family}`,
  stopFirstEnergy: (speed: Shown, energy: Shown) =>
    `${speed} is ${energy}. Stop at the first energy that comes out clean: more only chars.`,
}
