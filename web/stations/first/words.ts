import type { Shown } from '@web/words'

/** All that this room says, by the part that shows it. */

export const firstBox = {
  yourLaser: 'Your laser',
  yourSheet: 'Your sheet',
  testPiece: 'One test piece',
  yourBox: 'Your box',
  outsideFourSteps: (size: Shown) =>
    `${size} outside. Four steps to the file; each station has more, none of it is needed now.`,
  changeBox: 'Change the box',
  done: 'done',
  onceCut: 'Once it is cut:',
  buildIt: 'Build it',
  sayHowFitted: 'Say how it fitted',
}

export const firstCut = {
  lookFirst: 'Look at this first',
  cutOrderLines: 'Cut has the order of the lines, other files and every check',
  seeCut: (mark: string) => `{link}${mark && `; the file’s mark is ${mark}`}.`,
}

export const firstLaser = {
  bedWidth: 'Bed width',
  bedDepth: 'Bed depth',
  laserPower: 'Laser power',
  myLaser: 'My laser',
  keptBench: (machine: Shown) => `Kept on the bench as ${machine}.`,
  bedSheetLies: 'The bed is where a sheet lies.',
  manualSaysThem: (machine: Shown) => `Its manual says them. ${machine}`,
}

export const firstSheet = {
  leftEdge: 'left edge',
  rightEdge: 'right edge',
  mySheet: 'My sheet',
  sheetMaterial: (stocks: Shown) => `Sheet material ${stocks}`,
  calipersFilmOff: 'Calipers, film off. A label is only a name.',
  measured: (mean: Shown, uneven: string, size: Shown) =>
    `${mean} on the mean${uneven && `: uneven, ${uneven}`}. A sheet of ${size}; Measure has its size, ` +
    'price and offcuts.',
  whatItIs: 'What it is',
  labelSays: 'Its label says',
  howThickThree: 'How thick it is, in three places',
}

export const firstTest = {
  laserSheetCome: 'Laser and sheet come first: a test belongs to both.',
  cutStayingBeside: 'Cut it, staying beside it. Then tap the quickest square that fell out by itself.',
  noneFellOut: 'None fell out',
  writeAgain: 'Write it again',
  speedsSettingBox: (speedUnit: Shown) =>
    `Speeds in ${speedUnit}. Its setting is what your box is cut with; what was quicker is written down ` +
    'as not through.',
  cutsThrough: (setting: Shown) => `Cuts through at ${setting}.`,
  kerfPathsMake: (width: Shown) => `Kerf ${width}: the paths make up for half of it on each side.`,
  markSideSquare:
    'Mark the side of that square that lay to the left, lift it out, and measure it with calipers both ' +
    'ways.',
  moreSquaresMake: 'More squares make it surer',
  measureKerf: 'Measure the kerf',
  nothingFellOut: 'Nothing fell out: the next piece goes slower.',
  smallSquaresEach: (squares: Shown) =>
    `${squares} small squares, each quicker than the last: they say which setting goes through, and how ` +
    'much the beam takes away.',
  writeTestPiece: 'Write the test piece',
  neverCutPvc:
    'Never cut PVC or vinyl: chlorine gas. Extraction on, stay beside it; the machine’s manual comes ' +
    'first.',
}
