import { common, type Shown } from '@web/words'

/** All that this room says, by the part that shows it. */

export const benchCode = {
  codeBench: 'Code of a bench',
  goToIt: 'Go to it',
}

export const coursePage = {
  backJob: 'Back to your job',
  learnHands: common.learnHands,
  doneBench: (done: Shown, lessons: Shown, code: Shown) => `${done} of ${lessons} done · bench ${code}`,
  forTeachers: 'For teachers',
  lesson: 'Lesson',
  lessons: 'Lessons',
  done: 'done',
  allSimulatedNothing:
    'All of it is simulated: nothing is cut, and your machine differs. Before you work a real laser, ' +
    'read its manual and the local rules, and let somebody show you.',
}

export const lessonFrame = {
  whatToDo: 'What to do',
  done: 'Done:',
  now: 'Now:',
  next: (next: Shown) => `Next: ${next}`,
  hideHint: 'Hide the hint',
  aHint: 'A hint',
  startAgain: 'Start again',
}

export const myTray = {
  yourTray: 'Your tray',
  notYet: 'not yet',
  makeJob: 'Make it a job',
  sixLessonsEach: 'Six lessons each note a figure. Then it is a tray that you can cut.',
}

export const notACode = {
  notCodeBench: (typed: Shown, example: Shown) =>
    `“${typed}” is not the code of a bench. It has four letters or digits, such as ${example}.`,
}

export const teacherPage = {
  linkCopied: 'The link is copied.',
  theLessons: 'The lessons',
  forTeachers: 'For teachers',
  benchClass: 'One bench for the class',
  eachCode:
    'Each code stands for a sheet and a laser of its own. Who opens {code} works with the same figures ' +
    'as you. What they have done is kept on their own device.',
  freshBench: 'A fresh bench',
  copyLinkClass: 'Copy the link for the class',
  twelveLessonsAll: (total: Shown) => `Twelve lessons, ${total} in all`,
  lessonsTimesAnswers: 'Lessons, times and answers',
  lesson: 'Lesson',
  minutes: 'Minutes',
  onBench: (code: Shown) => `On bench ${code}`,
  realLaserHalf:
    'With one real laser: half of the class works on the lessons, and the other half measures and cuts.',
  sheetsPrint: 'Sheets to print',
  printFourSheets: 'Print the four sheets',
}

export const vernierPicture = {
  vernierRead: 'A vernier to read',
}

export const workSheets = {
  thicknessFilmOff: 'Thickness, film off',
  sixPlacesMore: 'Six places or more, some at every edge. Tabs: the mean. Slots: the thickest.',
  place: 'Place',
  reading: 'Reading',
  kerfSquares: 'Kerf by squares',
  square: 'Square',
  across: 'Across',
  up: 'Up',
  comb: 'Comb',
  pressHandWrite:
    'Press by hand. Write forced, press, snug, easy or loose. Keep the pair that holds when lifted.',
  step: 'Step',
  howGoes: 'How it goes',
  lifted: 'Lifted',
  testSheet: 'Test sheet',
  slowFastPass: 'Slow to fast, one pass. Free, or holds? Leave a tenth or two of energy to spare.',
  free: 'Free?',
  edge: 'Edge',
  peelFilmOff: common.peelFilmOff,
  measureThickness: 'Measure the thickness',
  cutMeasureFive: 'Cut and measure five squares',
  pressCombTogether: 'Press a comb together',
  cutTestSheet: 'Cut a test sheet',
  layPartsOut: 'Lay the parts out',
  engraveWords: 'Engrave the words',
  scoreLabels: 'Score the labels',
  cutHolesWindows: 'Cut holes and windows',
  cutOutlines: 'Cut the outlines',
  checkBeforeMove: 'Check before you move the sheet',
  fitDry: 'Fit it dry',
  checkBothDiagonals: 'Check both diagonals',
  glueHold: 'Glue, and hold',
  noteCameOut: 'Note what came out',
  readVerniers: '1. Read these verniers',
  reads: (number: Shown, lengthUnit: Shown) => `${number}. reads ____________ ${lengthUnit}`,
  atTheLaser: '2. At the laser',
  cutOutPut: '3. Cut out, and put in order',
  answersBench: (code: Shown) => `Answers, bench ${code}`,
  verniers: (readings: Shown, unit: Shown) => `Verniers: ${readings} ${unit}`,
  cards: (cards: Shown) => `Cards: ${cards}.`,
}
