import { common, type Shown } from '@web/words'

/** All that this room says, by the part that shows it. */

export const againCard = {
  extraPass: 'An extra pass',
  extraPassOver: 'An extra pass over some parts',
  writeCutFiles: 'Write the cut files first: an extra pass goes over what was written.',
  didNotCome:
    'For what did not come free: a knot, a line of glue. From the same origin, as long as nothing was ' +
    'moved: a pass after moving is a second kerf.',
  cutLies: 'Which cut lies there',
  jobChangedSince: 'The job has changed since. This goes over the lines as they were written.',
  whichSheet: 'Which sheet',
  sheet: (sheet: Shown, load: number | null) => `sheet ${sheet}${load === null ? '' : `, load ${load}`}`,
  partsStayed: 'Parts that stayed in',
  extraPasses: 'Extra passes',
  writeExtraPass: 'Write the extra pass',
}

export const bridgeFields = {
  bridgesHoldSmall: 'Bridges that hold small parts',
  onEach: 'On each',
  partsUnder: 'Parts under',
  leftStraightSides:
    'Left on straight sides, clear of corners. Break the parts out and trim what stands out.',
  onlyCompensationPaths:
    'Only with compensation in the paths: the laser’s software cannot set off an open line.',
}

export const checkLines = {
  lookAgain: 'look again',
}

export const checkList = {
  beforeCut: 'Before it is cut',
  noPlan: (failure: Shown) => `There is no plan: ${failure}.`,
  checks: 'Checks',
}

export const cutForm = {
  usLetter: 'US letter',
  pdf: 'PDF, 1 : 1',
  panelsJson: 'Panels as JSON',
  turnedOverLeft: 'turned over, left to right',
  turnedOverFront: 'turned over, front to back',
  notTurnedLeave: 'not turned: leave that out',
  inThePaths: 'in the paths',
  leftLasersSoftware: 'left to the laser’s software',
  coloursBelongMachine: 'Colours belong to a machine: choose one in Measure first.',
  insideBox: 'inside the box',
  faceUp: 'on the face up',
  outsideUp: 'outside up',
  insideUp: 'inside up',
  atACorner: 'at a corner',
  longSide: 'on a long side',
  whatIsWritten: 'What is written',
  operationsCuttingOrder: 'Operations, in cutting order',
  colourOf: (operationNames: Shown) => `Colour of ${operationNames}`,
  inTheFile: 'in the file',
  labelPanels: 'Label the panels',
  markFilesBeside: 'With the mark of the files beside each label',
  faceLiesUp: 'Face that lies up',
  otherFaceSheet: 'For what is on the other face, the sheet is',
  cutBegins: 'A cut begins',
  kerfCompensation: 'Kerf compensation',
  filesMillimetres: 'Files, in millimetres',
  paper: 'Paper',
  printedActualSize: 'printed at actual size',
  printTraveller: 'Print the traveller',
}

export const cutPlayer = {
  timeOf: (time: Shown, total: Shown) => `${time} of ${total}`,
  sheetAtOf: (sheet: Shown, time: Shown, total: Shown, doing: Shown) =>
    `Sheet ${sheet} at ${time} of ${total}: ${doing}`,
  pause: 'Pause',
  play: 'Play',
  timeIntoCut: 'Time into the cut',
}

export const cutStation = {
  otherFaceFirst: 'other face first',
  turnedOver: 'turned over',
  sheetName: (stock: string, sheet: Shown, offcut: string, load: number | null, turn: string) =>
    `${stock}${stock ? 'sheet' : 'Sheet'} ${sheet}${offcut && `, offcut ${offcut}`}` +
    `${load === null ? '' : `, load ${load}`}${turn && `, ${turn}`}`,
  stayBesideWhile:
    'Stay beside it while it runs. Extraction on, a suitable extinguisher within reach, interlocks as ' +
    'they were made. Where the machine is open, wear eyewear for its wavelength.',
  checkEveryPart:
    'Check that every part is cut through before you move the sheet. A second pass after moving is a ' +
    'second kerf.',
  letCoolCheck: 'Let it cool and check for smouldering. Machine’s manual and local rules come first.',
  theCut: 'The cut',
  nothingLiesSheet: common.nothingLiesSheet,
  checksCautions: 'Checks and cautions',
  whatItCosts: 'What it costs',
  countOff: 'Count it off',
  atTheLaser: 'At the laser',
}

export const fileFields = {
  fileEach: 'One file for each',
  goRoundFirst: 'Go round it first, beam off, and wait',
  waitEndLook: 'Wait at the end, to look before you move the sheet',
}

export const laserCard = {
  didNotCome:
    'It did not come out whole: its outline was not cut to the end, or the sheet was moved meanwhile.',
  goneOf: (gone: Shown, total: Shown) => `${gone} of ${total}`,
  headAt: (where: Shown) => `head at ${where}`,
  beamOn: 'beam on',
  beamOff: 'beam off',
  doorOpen: 'door open',
  flamePause: 'FLAME: pause it',
  simulatedLaser: 'Simulated laser',
  workSimulatedLaser: 'Work a simulated laser',
  takesSheetsProgram:
    'It takes this sheet’s program as a real one would, sixty times as quick. Pause it, open its door, ' +
    'knock against it: then look at what came out. Nothing is cut.',
  laserConnect: 'Laser to connect to',
  noServerAnswers: 'No server answers: it runs in this window, and ends with it.',
  sendProgramStart: 'Send the program and start',
  pause: 'Pause',
  goOn: 'Go on',
  closeDoor: 'Close the door',
  openDoor: 'Open the door',
  knockAgainstSheet: 'Knock against the sheet',
  stop: 'Stop',
  connectionLostPage: 'The connection is lost. This page tries again by itself; the laser goes on meanwhile.',
  howFar: common.howFar,
  nothingCutOut: 'Nothing is cut out from this face: turn the sheet over, and send the next program.',
  partsCameFree: (free: Shown, total: Shown) => `${free} of ${total} parts came free as planned.`,
  themCutAfter: (elsewhere: Shown) =>
    `${elsewhere} of them were cut after the knock: off their place, and still good.`,
  andMore: (faults: Shown) => `and ${faults} more`,
}

export const playback = {
  notBegun: 'not begun',
  passOf: (operation: Shown, part: Shown, pass: number) =>
    `${operation}, ${part}${pass > 1 ? `, pass ${pass}` : ''}`,
}

export const printedTraveller = {
  goneRound: 'gone round',
  turnedOver: 'turned over',
  minutesTook: 'Minutes it took',
  howFitted: 'How it fitted',
  changeNextTime: 'What to change next time',
  traveller: 'Traveller',
  plannedTimeAll: (compensation: Shown, total: Shown) => `${compensation} Planned time of all: ${total}.`,
  lookFirst: 'To look at first',
  parts: (load: Shown) => `Parts: ${load}`,
  stayBesideWhile:
    'Stay beside it while it runs. Extraction on, an extinguisher within reach. The machine’s manual and ' +
    'local rules come first.',
}

export const readBackCard = {
  theseFiles: (files: Shown) => `these ${files} files`,
  fileHeldAgainst: 'A file held against the plan',
  holdFileAgainst: 'Hold a file against it',
  fileSheetAll:
    'The file of this sheet, or all of them, or what the laser’s software made of it: SVG, DXF or ' +
    'G-code. What differs is drawn over the plan.',
  filesHoldAgainst: 'Files to hold against the plan',
  allLinesPlan: (same: Shown, name: Shown) => `All ${same} lines of the plan are in ${name}, and no other.`,
  linesSamePlan: (same: Shown, missing: Shown, extra: Shown) =>
    `${same} lines are the same; ${missing} of the plan are missing, ${extra} are not in the plan.`,
  missingOf: (operationNames: Shown, part: Shown) => `missing: ${operationNames} of ${part}`,
}

export const rehearsalCard = {
  copyName: (job: string, laser: Shown) => `${job} (rehearsed, laser ${laser})`,
  rehearsal: 'Rehearsal',
  rehearseIt: 'Rehearse it',
  simulationNothingCut: 'It is a simulation: nothing is cut, and a real laser differs.',
  laserRehearse: 'Laser to rehearse on',
  anotherLaser: 'On another laser',
  cutItOn: 'Cut it on one',
  laserPartsCame: (laser: Shown, free: Shown, total: Shown) =>
    `Laser ${laser}: ${free} of ${total} parts came free`,
  trueKerfAcross: (across: Shown, along: Shown, own: Shown) =>
    `True kerf ${across} across, ${along} along; you have ${own}.`,
  gapsFromTo: (least: Shown, most: Shown, fits: Shown) => `Gaps from ${least} to ${most}: ${fits}.`,
  andMore: (faults: Shown) => `and ${faults} more`,
  whatWasWrong: 'What was wrong there',
  goReadingsCopy: 'Go on with these readings, in a copy',
  calipersRead: 'What calipers read there',
  part: 'Part',
  size: 'Size',
  thick: 'Thick',
}

export const timeTable = {
  timeCut: 'Time to cut',
  cutLengthSpeed: 'cut length ÷ speed × passes + corners + travel',
  speedsTune: (cutLength: Shown) => `${cutLength} at the speeds of Tune`,
  stoppingStartingEach: 'stopping and starting at each corner',
  pathPath: 'from path to path',
  speedsAccelerationMachines:
    'Speeds and acceleration are the machine’s from Measure. Write the minutes it really took into the ' +
    'Log.',
  machinesClock: 'By this machine’s clock',
  allSheetsPlanned: 'All sheets, as planned',
  cutting: 'Cutting',
  corners: 'Corners',
  travel: 'Travel',
  wayBeamCutting: 'Way of the beam, cutting',
}

export const whichLaser = {
  anyLaser: 'Any laser',
  likeMine: 'One like mine',
  knowNothingKerf: 'You know nothing of it: kerf, power, calipers and sheet are its own.',
  kerfPowerMeasured: 'Its kerf and power are as you measured yours, give or take what that leaves open.',
}

export const writeCut = {
  filesZip: (files: Shown) => `${files} files in one zip`,
  writtenMark: (what: Shown, mark: Shown) => `${what} written. The mark is ${mark}.`,
  whatIsCut: 'What is cut',
  writeCutFiles: 'Write the cut files',
  planBeingWorked: 'The plan is being worked out.',
  nothingWrittenWhile: 'Nothing is written while a check says stop.',
}
