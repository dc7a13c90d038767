import { common } from '@web/words'
import type { Shown } from '@web/words'

/** All that this room says, by the part that shows it. */

export const bendLesson = {
  stripSlitsAbove: 'A strip with slits, from above and from its side',
  lengthSlitZone: 'Length of the slit zone',
  zoneInsideRadius: (zone: Shown, radius: Shown, links: Shown) =>
    `zone ${zone}, inside radius ${radius}, links ${links}`,
  snapped: '✗ snapped',
  endStripBent: 'End of the strip, bent up',
  snappedAt: (angle: Shown) => `snapped at ${angle}°`,
  rowsLinks: 'Rows of links',
  turnGrain: 'Turn it to the grain',
  takeFreshStrip: 'Take a fresh strip',
}

export const calipersLesson = {
  barTurnsPointer: (turns: Shown, pointer: Shown) => `bar ${turns} turns, pointer at ${pointer}`,
  verniersZeroStands: (marks: Shown) => `the vernier’s zero stands past mark ${marks}`,
  calipersVernier: 'Calipers with a vernier',
  calipersDial: 'Calipers with a dial',
  jaws: 'Jaws',
  thumbWheel: 'Thumb wheel',
  magnifyingGlass: 'Magnifying glass',
  over: (glass: Shown) => `over ${glass}`,
  lineOffMark: (line: Shown, off: Shown) => `Line ${line}, ${off} off a mark`,
  tightenScrew: 'Tighten the screw',
  dragJawsThumb:
    'Drag the jaws; the thumb wheel moves them finely. Move the glass along the scale to read it.',
  dragJawsThumbWheel: 'Drag the jaws; the thumb wheel moves them finely. Drag the dial to turn its ring.',
}

export const combLesson = {
  pairsCompensationPer: 'Pairs, by compensation per side',
  pairCombsStep: (steps: Shown) => `A pair of combs, step ${steps}`,
  pushLowerComb: 'Push the lower comb in',
  pressTogether: 'Press together',
  liftUpper: 'Lift by the upper one',
  keepPair: 'Keep this pair',
  choosePairDrag: 'Choose a pair, and drag its lower comb up. Gaps are drawn a hundred times as wide.',
}

export const compensationLesson = {
  twoEdgesEnlarged: (piece: Shown) => `A ${piece}, its two edges enlarged`,
  tabNotchDrawn: (isTab: boolean, drawn: Shown) => `${isTab ? 'tab' : 'notch'}, drawn ${drawn}`,
  measures: (measured: Shown) => `measures ${measured}`,
  pathBeamOut: 'Path of the beam, out from the drawn line',
  takeNotch: 'Take the notch',
  sendTabOther: 'Send a tab to the other laser',
  cutThe: (piece: Shown) => `Cut the ${piece}`,
  lasersSoftwareMoves: 'The laser’s software moves lines',
  beamTakesDrag: (kerf: Shown) =>
    `This beam takes ${kerf}. Drag the dashed path out from the drawn line, and cut.`,
}

export const gluingLesson = {
  dragPartHere: 'Drag a part here.',
  onTheBench: 'On the bench',
  standing: 'Standing',
  takeOut: (state: Shown) => `Take out the ${state}`,
}

export const kerfLesson = {
  acrossUp: (readX: Shown, readY: Shown) => `${readX} across, ${readY} up`,
  laserTrayCalipers: 'The laser, a tray and calipers',
  squarePutBetween: (number: Shown, size: Shown) => `Square ${number}: ${size}. Put it between the jaws`,
  beamEnlargedPath: 'The beam, enlarged: its path in the middle',
  widthBeam: 'Width of the beam',
  cutFiveOthers: 'Cut five others',
  cutFiveSquares: 'Cut five squares',
  turnSquare: 'Turn the square',
  dragSquareBetween: 'Drag a square between the jaws, or tap it. Once more reads it the other way.',
}

export const layoutLesson = {
  alongGrain: 'along the grain',
  acrossGrain: 'across the grain',
  arrowKeysMove: (label: Shown, place: Shown, lies: Shown) =>
    `${label}, at ${place}, ${lies}. Arrow keys move it, R turns it`,
  theOffcut: 'The offcut',
  turnThe: (parts: Shown) => `Turn the ${parts}`,
  dragPartsR: 'Drag parts; R turns the chosen one. The grain runs along the lines of the sheet.',
}

export const orderLesson = {
  inThisOrder: 'In this order',
  earlier: (way: Shown) => `${way} earlier`,
  later: (way: Shown) => `${way} later`,
  lidSheet: 'The lid in its sheet',
  sendLaser: 'Send it to the laser',
}

export const resultLesson = {
  tabNotch: 'A tab in its notch',
  sheetSlot: 'The sheet in a slot',
  backEdge: 'The back of an edge',
  compensationPerSide: 'Compensation per side',
  widthSlots: 'Width of slots',
  boxCut: 'The box, and what it was cut with',
  tapLook: 'tap to look',
  cutBoxAgain: 'Cut the box again',
  sheetReadsBeam: (thickness: Shown, kerf: Shown, tabWidth: Shown) =>
    `The sheet reads ${thickness}, the beam takes ${kerf}. A tab is drawn ${tabWidth} wide. Gaps are ` +
    'drawn thirty times as wide.',
}

export const settingLesson = {
  liftSquare: (speed: Shown, result: Shown) => `Lift the square of ${speed}${result}`,
  slowestSquare: 'Slowest square',
  fastestSquare: 'Fastest square',
  testSheet: 'A test sheet',
  speedJob: 'Speed for the job',
  notChosen: 'not chosen',
  forTheJob: (chosen: Shown) => `for the job: ${chosen}`,
  cutTestSheet: 'Cut a test sheet',
  laserWPass: (watts: Shown, power: Shown) =>
    `A laser of ${watts} W at ${power} %, one pass. Drag the two ends, cut, and lift the squares.`,
}

export const tabsLesson = {
  edgeTabsCorner: 'An edge with its tabs, and a corner',
  edgeLongSheet: (state: Shown, thickness: Shown) =>
    `The edge is ${state} long, the sheet ${thickness} thick.`,
  edgeFirstTab: 'Edge of the first tab',
  tabsNotchesEach: (count: Shown, width: Shown) => `${count} tabs and notches, each ${width}`,
  cornerBelongs: (at: Shown) => `Corner ${at} belongs to the`,
  otherCorner: 'The other corner',
  besideCornerAbove: (above: Shown, right: Shown, left: Shown) =>
    `Beside this corner: ${above} above, ${right} on the right, ${left} on the left.`,
}

export const thicknessLesson = {
  tabs: 'Tabs',
  sheetCalipersArrow: (place: Shown) => `The sheet, calipers at ${place}. Arrow keys move them, Enter reads`,
  peelFilmOff: common.peelFilmOff,
  tapSheetCalipers: (world: Shown) =>
    `Tap the sheet where the calipers are to close. It is sold as ${world}.`,
}
