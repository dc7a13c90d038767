import { common, type Shown } from '@web/words'
import { counted } from '@core/length'

/** All that this room says, by the part that shows it. */

export const cairnMark = {
  toDo: 'to do',
  lookAgain: 'look again',
}

export const findDialog = {
  stock: (stock: Shown) => `Stock: ${stock}`,
  machine: (name: Shown) => `Machine: ${name}`,
  job: (name: Shown) => `Job: ${name}`,
  whatIs: (word: Shown) => `What is ${word}?`,
  find: 'Find',
  findStationField: 'Find a station, a field, a stock, a machine, a job or a word',
  beamWidthCopies: 'beam width, copies, export, what is proud…',
  nothingName: 'Nothing by that name.',
}

export const fitDialog = {
  drawnWide: (name: Shown, drawn: Shown) => `${name} (drawn ${drawn} wide)`,
  fitOdds: 'Fit, with odds',
  gap: (said: Shown, gap: Shown, doubt: Shown) => `${said} · gap ${gap} ± ${doubt}`,
  mostDoubt: (share: Shown, dominant: Shown) => `Most of the doubt, ${share}, is the ${dominant}.`,
  likeliest: (odds: Shown, compensation: Shown) =>
    `Compensation that makes {fit} likeliest (${odds}): ${compensation} per side.`,
  howComesOut: 'That is how it comes out now.',
  halfKerfStays: (half: Shown, interference: Shown) =>
    `Half of the kerf stays ${half}; an interference of ${interference} does the same.`,
  setInterference: (better: Shown) => `Set the interference to ${better}`,
}

export const folderCard = {
  folder: 'Folder',
  keepFolderStep: 'Keep a folder in step',
  everyJobBench:
    'Every job and the bench are then files there as well, written on each change; what changes there ' +
    'comes back.',
  folderWaitsUntil: (folder: Shown) =>
    `The folder “${folder}” waits until you let this page write to it again.`,
  goOn: 'Go on',
  everyJobFile: (folder: Shown) => `Every job is a file in “${folder}” as well, and the bench is one.`,
  lookChanges: 'Look for changes',
  leaveFolderAlone: 'Leave the folder alone',
  changedHere: 'Changed here and there',
  changedBoth: (here: Shown, there: Shown) =>
    `{job} was changed here (${here}) and in the folder (${there}). The other one stays beside it as a ` +
    'copy.',
  keepThisOne: 'Keep this one',
  takeFolders: 'Take the folder’s',
}

export const glossaryDialog = {
  wordsTrade: 'Words of the trade',
}

export const helpDialog = {
  goStation: 'go to a station',
  findStationField: 'find a station, a field, a stock, a machine, a job or a word',
  ctrlZCtrl: 'Ctrl Z, Ctrl Shift Z',
  undoRedoEverywhere: 'undo, redo, everywhere',
  inAFigure: '↑ ↓ in a figure',
  sensibleStepShift: 'a sensible step; with Shift ten of them',
  arrowsPart: 'arrows on a part',
  moveMmShift: 'move it 1 mm; with Shift 10 mm',
  rPPart: 'R, P on a part',
  turnPin: 'turn it, pin it',
  thisPage: 'this page',
  help: 'Help',
  travellerGoesJob:
    'The traveller goes with the job from station to station. Its lines are true at every moment; a ' +
    'clock on a cairn says that something before it changed. A dotted underline under a figure opens the ' +
    'working: the formula with the real figures in it.',
  wordsTrade: glossaryDialog.wordsTrade,
  keys: 'Keys',
  runningLaser: 'Running a laser',
  uplandsOnlyPlans:
    'Uplands only plans. Your machine’s manual, the material’s data sheet and local rules come first. ' +
    'Never leave a running laser; extraction on, an extinguisher within reach, interlocks as they were ' +
    'made.',
}

export const jobAbout = {
  outside: (size: Shown) => `${size} outside`,
  about: (size: Shown, isClosed: boolean, copies: number, more: number) =>
    `${size}, ${isClosed ? 'closed' : 'open'}${copies > 1 ? `, ${counted(copies, 'copy', 'copies')}` : ''}` +
    `${more > 0 ? `, and ${counted(more, 'more thing')}` : ''}`,
}

export const jobCard = {
  noStockChosen: (stock: Shown | null | undefined, changed: Shown) =>
    `${stock ?? 'no stock chosen'} · changed ${changed}`,
  kindOwn: '· a kind of your own',
  duplicate: (entry: Shown) => `Duplicate ${entry}`,
  delete: (entry: Shown) => `Delete ${entry}`,
}

export const jobHeader = {
  notSaved: 'not saved',
  keptUntilPage: 'kept until the page closes',
  nameJob: 'Name of the job',
  redo: 'Redo',
  exportJob: 'Export job',
  find: 'Find',
  help: 'Help',
}

export const jobPage = {
  jobNotBrowser: 'This job is not in this browser',
  mayBeenDeleted:
    'It may have been deleted, or it lives in another browser. Import its file, or choose another one.',
  storageNotAnswer: 'The storage does not answer',
  browserDidNot: 'The browser did not let this page read what it stored. Nothing is lost by that: try again.',
  tryAgain: 'Try again',
  jobCannotRead: 'This job cannot be read',
  openingJob: 'Opening the job…',
}

export const jobsPage = {
  fileJobs: (jobs: number, missing: number) =>
    `The file has ${counted(jobs, 'job')}. ${counted(missing, 'record')} cannot be read and ` +
    `${missing === 1 ? 'is not in it: export it as it is' : 'are not in it: export them as they are'}, ` +
    'below.',
  noCopyJobs: 'No copy of these jobs was ever written to a file. A browser may lose them.',
  nothingChangedSince: 'nothing has changed since',
  jobChangedSince: (changed: number) => `${counted(changed, 'job')} changed since`,
  lastCopyFile: (lastCopy: Shown, since: Shown) => `Last copy to a file: ${lastCopy}; ${since}.`,
  uplands: 'Uplands',
  sheetPaperTravels:
    'A sheet of paper that travels with your box from measuring to building, and does the arithmetic. ' +
    'New here? Take “New job”: say what you want to make, and one page asks for the rest.',
  newJob: 'New job',
  importFile: 'Import a file',
  benchStockOrders: 'Bench: stock, orders, machines',
  learnHands: common.learnHands,
  cutJobsTogether: 'Cut jobs together',
  boxesTable: 'Boxes from a table',
  everythingFile: 'Everything as one file',
  fetchFieldStations: 'Fetch the field station’s jobs',
  jobFile: 'Job file',
  jobsBrowser: 'Jobs in this browser',
  searchJobs: 'Search the jobs',
  search: 'search…',
  sortJobs: 'Sort the jobs',
  newestFirst: 'newest first',
  byName: 'by name',
  byStock: 'by stock',
  storageBrowserDid:
    'The storage of this browser did not answer: what is in it is not shown. Reload the page.',
  noneThemRead: 'None of them can be read: see above.',
  noneYetStart: 'None yet. Start with “New job”: it asks what you want to make, and how large.',
  noJobName: (wanted: Shown) => `No job has “${wanted}” in its name, stock or machine.`,
  jobs: 'Jobs',
}

export const knockOnStrip = {
  noPlan: 'no plan',
  upDate: 'up to date',
  whatItComes: 'What it comes to',
  fitOdds: (fit: Shown) => `${fit}. Fit with odds`,
}

export const messageList = {
  messages: 'Messages',
  closeMessage: 'Close message',
}

export const newJobDialog = {
  wantMake: 'What do you want to make?',
  otherKinds: 'Other kinds',
  makeIt: 'Make it',
  lastTimeMeasure: (machine: Shown, stock: Shown) =>
    `On ${machine}, from ${stock}, as last time; Measure has others.`,
  laserSheetAsked: 'Your laser and your sheet are asked for next.',
}

export const ownKinds = {
  cannotReadSee: (name: Shown) => `“${name}” cannot be read: see the list of jobs.`,
  ownKinds: 'Your own kinds',
  makeKind: 'Make this kind',
}

export const storageBanner = {
  jobDeletedAnother:
    'This job was deleted in another tab. It is still on this screen: change anything to keep it, or ' +
    'export it.',
  lastChangeNot:
    'The last change is not saved: the browser has no room left for this page, or forbids storing. ' +
    'Nothing on this screen is lost. Export the job file, make room, then try again.',
  browserStoresNothing:
    'This browser stores nothing for this page. You can work, but what you do is lost when the page ' +
    'closes: export the job first.',
  exportJobNow: 'Export job now',
  tryAgain: 'Try again',
}

export const tableDialog = {
  jobCannotRead: 'This job cannot be read: see the list of jobs.',
  largerMbChoose: (file: Shown) => `“${file}” is larger than 1 MB. Choose a table of at most 200 rows.`,
  fromATable: (pattern: Shown) => `${pattern}, from a table`,
  boxesTable: 'Boxes from a table',
  boxEveryRow:
    'One box for every row: its own size, name, copies and words; all else is as in the pattern. They ' +
    'become a job of their own.',
  thePattern: 'The pattern',
  tableFill: 'A table to fill in',
  chooseCsvFile: 'Choose a CSV file',
  tableBoxes: 'Table of boxes',
  columnsCanBe: (pattern: Shown) => `Columns can be: ${pattern}.`,
  tableColumnsNames: 'The table, with its columns’ names in the first row',
  nameWidthDepth: 'name, width, depth',
  rowRead: (count: number) => `${counted(count, 'row')} can be read.`,
  rowCannot: (refused: number) => `${counted(refused, 'row')} cannot:`,
  rowsMakeNo: 'Rows that make no box',
  row: (row: Shown, why: Shown) => `Row ${row}: ${why}`,
  boxMadeBoxes: (count: number) => counted(count, 'box is made', 'boxes are made'),
  openJob: 'Open the job',
  makeBoxBoxes: (count: number) => `Make ${counted(count, 'box', 'boxes')}`,
  rowOf: (done: Shown, count: Shown) => `Row ${done} of ${count}…`,
}

export const themeButton = {
  changeDark: 'Change to dark',
  changeLight: 'Change to light',
}

export const thingsFields = {
  goesKindLine: 'What goes in, one kind a line',
  sixLieWidth:
    '“6 of 40 × 25 × 20” is six as they lie, width × depth × height; “4 of d 30 × 40” are round ones ' +
    'that stand. Each may be turned by a quarter.',
  thingsAlike: 'Things alike',
  traysTakeThem: 'Trays that take them',
  inside: (sizes: Shown) => `${sizes} inside`,
}

export const timerBar = {
  timers: 'Timers',
  glueOf: (label: Shown) => `Glue of ${label}: {left}`,
  itHolds: 'it holds',
  stopTimer: (label: Shown) => `Stop the timer of ${label}`,
  glueHolds: (label: Shown) => `The glue of ${label} holds.`,
}

export const togetherDialog = {
  cutJobsTogether: 'Cut jobs together',
  jobsStockMachine:
    'Jobs of one stock, machine and fit, on the same sheets: less is left over. They come in as they are ' +
    'now; what is changed in them later stays with them.',
  jobsCutTogether: 'Jobs to cut together',
  noStockYet: 'no stock yet',
  itsName: 'Its name',
  putThemSame: common.putThemSame,
}

export const travellerNav = {
  traveller: 'Traveller',
  showFitOdds: 'Show the fit with its odds',
}

export const unitsDialog = {
  units: 'Units',
  lengths: 'Lengths',
  fractionsRulerThem: 'As fractions, where a ruler has them',
  speeds: 'Speeds',
  anyUnitTyped: 'Any unit can be typed in any field. Files are always in millimetres, and say so.',
}

export const unitsMenu = {
  units: (units: Shown, speed: Shown) => `Units: ${units}, ${speed}`,
}

export const workingDialog = {
  eachFigureComes: 'Where each figure comes from',
  symbol: 'Symbol',
  whatItIs: 'What it is',
  figure: 'Figure',
  from: 'From',
}
