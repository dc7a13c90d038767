import type { Shown } from '@web/words'
import { counted } from '@core/length'

/** All that this room says, by the part that shows it. */

export const buildStation = {
  round: (job: Shown, number: Shown) => `${job}, round ${number}`,
  toG: (least: Shown, most: Shown) => `${least} to ${most} g`,
  dustMaskWhile:
    'Dust mask while sanding, fresh air while gluing. Remove soot from joint faces first: glue does not ' +
    'hold on it.',
  frictionFitLoosens: 'A friction fit loosens as damp and dry seasons change.',
  diagonalInsideBoth: 'Diagonal inside, both the same',
  diagonalBothSame: 'Diagonal, both the same',
  glueFacesBox: 'Glue faces, one box',
  woodGlueAbout: 'Wood glue, about',
  buildStepStep: 'Build it step by step',
  printBuildSheet: 'Print the build sheet',
  howGoAbout: 'How to go about it',
  readyBox: 'Have ready, for one box',
  panelsLockEach: (locked: Shown) =>
    `These panels lock each other, none of them can come in last: ${locked}. Change how they are joined ` +
    'in Shape.',
  gluePiecesTogether: (seamed: Shown) =>
    `Glue the pieces of ${seamed} together first, flat on a level board: each is one panel then.`,
  dryFitEverything: (labelled: Shown, angled: boolean) =>
    `Dry-fit everything first. ${labelled} Every wall comes in straight from its own outside: work tight ` +
    'tabs in by wiggling, not by blows. Then take it apart, glue thinly where faces meet, and ' +
    `${angled ? 'check that every corner is home' : 'check both diagonals'} before the glue takes.`,
  whileBuilding: 'While building',
  boxCannotMade: 'The box cannot be made yet: see Shape.',
}

export const finishCard = {
  days: (days: Shown) => `${days} days`,
  coats: 'Coats',
  coatCoat: 'From coat to coat',
  hardAfter: 'Hard after',
  hours: (hours: number) => counted(hours, 'hour'),
  afterLastClamp: (long: Shown, grams: string) =>
    `${long} after the last clamp it is ready${grams && `; it takes ${grams} g in all`}.`,
  afterGlue: 'After the glue',
  finish: 'Finish',
  insideWell: 'Inside as well',
  afterGlueOrder: 'After the glue, in order',
  goLabelTin: 'Go by the label on your tin: these times are only a start.',
  whileFinishing: 'While finishing',
  cardCustomerPdf: 'Card for the customer, as PDF',
}

export const glueCard = {
  staysOpen: 'Stays open',
  holdItFor: 'Hold it for',
  fullStrengthAfter: 'Full strength after',
  aboutWork: (how: Shown, working: Shown, waiting: string) =>
    `${how} About ${working} of work${waiting && `, ${waiting} of waiting`}.`,
  glueHowLong: 'Glue, and how long it takes',
  glue: 'Glue',
  goLabelBottle: 'Go by the label on your bottle: these times are only a start.',
  spreadingClosingTake: (title: Shown, minutes: Shown, late: Shown) =>
    `${title}: spreading and closing take about ${minutes}, ${late} longer than this glue stays open. ` +
    'Take a slower one, or work as a pair.',
  goAbout: (school: Shown) => `Go about it ${school}`,
}

export const recutCard = {
  wholeSheet: (size: Shown) => `a whole sheet, ${size}`,
  theOffcut: (name: Shown, size: Shown) => `the offcut ${name}${size}`,
  onOfCutting: (pieces: Shown, seconds: Shown) => `On ${pieces}: ${seconds} of cutting.`,
  cutPartAgain: 'Cut a part again',
  partSpoiltLost: 'A part is spoilt or lost: cut it again',
  noCutFiles: 'No cut files of this job are written yet: write them first.',
  cutSameLines:
    'As it was cut: the same lines, kerf, setting and mark, whatever you changed since. On the smallest ' +
    'piece that takes it.',
  cutCame: 'Which cut it came from',
  whichPart: 'Which part',
  whereItIs: (piece: Shown) => `Where it is cut: ${piece}`,
  writePart: 'Write the part',
}

export const roundHead = {
  gGlue: (least: Shown, most: Shown) => `${least} to ${most} g of glue`,
  withoutGlue: 'Without glue',
  whilePanelsLie: 'While the panels lie flat',
  roundOf: (number: Shown, of: Shown) => `Round ${number} of ${of}`,
  inOneGo: 'In one go',
  about: (minutes: Shown) => `About ${minutes}`,
  aboutStaysOpen: (minutes: Shown, open: Shown) => `about ${minutes} of the ${open} that it stays open`,
  thenHoldIt: (clamps: Shown) => `Then hold it: ${clamps}.`,
  held: (clamps: Shown) => `Held: ${clamps}`,
  closedHold: (hold: Shown) => `It is closed: hold ${hold}`,
}

export const squareCard = {
  isItSquare: 'Is it square?',
  frontLeftBack: 'Front left to back right',
  frontRightBack: 'Front right to back left',
  measureBothWhile: (proud: boolean, due: Shown) =>
    `Measure both while the glue is wet${proud ? ', inside' : ''}: square is ${due} twice.`,
}

export const stepByStep = {
  stepOf: (step: Shown, steps: Shown) => `${step} of ${steps}`,
  glueTo: (part: Shown) => `Glue to ${part}.`,
  noPictureBrowser: 'No picture: this browser has no WebGL.',
  step: (step: Shown) => `Step: ${step}`,
  keepMarkedPlace: 'Keep the marked place dry: it moves.',
  closesRound: (clamps: string) =>
    `That closes the round. ${clamps ? `Hold it: ${clamps}. ` : ''}Check that it is square.`,
  hold: (hold: Shown) => `Hold ${hold}`,
  showComes: 'Show what comes in',
  showWhere: 'Show where',
  doneAlready: 'Done already.',
  back: 'Back',
  doneLast: 'Done: the last one',
  doneNext: 'Done, next',
  anyKeyGoes: 'Any key goes on, the left arrow goes back.',
}

export const stepCard = {
  isIn: (panel: Shown) => `${panel} is in`,
  step: (step: Shown) => `Step: ${step}`,
  noPictureBrowser: stepByStep.noPictureBrowser,
  pictureBeingDrawn: 'The picture is being drawn',
  glueFaces: (panel: Shown) => `Glue faces of the ${panel}`,
  glueTo: (panel: Shown, area: Shown) => `glue to ${panel}: ${area}`,
  keepDryMoves: (mates: Shown) => `Keep dry, it moves: no glue where it meets ${mates}.`,
}

export const useSchedule = {
  lessSinceFewer: (saved: Shown) => `${saved} less, since fewer rounds wait for glue:`,
  putTogetherDry: 'Put it together dry and square, then let the glue run into each joint.',
  roundGluingClosed: 'One round of gluing, closed and square before the glue sets.',
  roundGluingEach: (held: number) =>
    `${counted(held, 'round')} of gluing, each closed and square before its glue sets.`,
  nothingGlued: 'Nothing is glued.',
}

export const wontGoCard = {
  panelNotGo: 'A panel will not go in',
  panelNotGoLook: 'A panel will not go in: where to look',
}
