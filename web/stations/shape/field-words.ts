import type { Shown } from '@web/words'

/** All that this room says, by the part that shows it. */

export const boltFields = {
  boltsCaptiveNuts: (name: Shown) => `Bolts and captive nuts, ${name}`,
  size: 'Size',
  perEdge: 'Per edge',
  boltLength: 'Bolt length',
  holeNutAcross: (hole: Shown, flats: Shown, nut: Shown) =>
    `Hole ${hole}, nut ${flats} across flats, ${nut} high.`,
}

export const contentsFields = {
  missing: (missing: Shown) => `Missing: ${missing}.`,
  ofSide: (max: Shown, side: Shown) => `${max} of ${side}`,
  goesJust: 'It goes in just so.',
  goesSpare: (spare: Shown) => `It goes in, with ${spare} to spare.`,
  makeBoxSize: 'Make the box the size for it',
}

export const drawingFields = {
  readAs: (width: Shown) => `read as ${width}`,
  anotherFileSvg: 'Another file, SVG or DXF',
  fileSvgDxf: 'A file, SVG or DXF',
  drawingsMostBox: (mostDrawings: Shown) =>
    `${mostDrawings} drawings is the most that a box keeps. Remove one first.`,
  beingRead: 'It is being read.',
  fileNotSay: 'The file does not say its unit. How large is it?',
  lines: (group: Shown, lines: Shown) => `${group}, ${lines} lines`,
  whatIsFor: (group: Shown) => `What ${group} is for`,
  onlyUseArtwork: 'Only use artwork that is yours, or that you may use.',
}

export const howFields = {
  followRound: 'follow round',
  sinkPocket: 'sink, as a pocket',
  magnetPocketPartner: 'magnet pocket, and its partner',
  operationOwn: 'an operation of your own',
  jobsOwn: 'the job’s own',
  how: 'How',
  deepMagnetHigh: 'Deep, as the magnet is high',
  deep: 'Deep',
  groovesAlongLines: 'Grooves along lines, wide',
  playEverySide: 'Play on every side',
  laidInFrom: 'Laid in from',
  itsPartnerOn: 'Its partner on the',
  noOtherPanel: 'no other panel',
  operation: 'Operation',
  motifNoAreas:
    'This motif has no areas to sink: choose filled letters, a round, a rectangle, or closed lines.',
  keepSmallMagnets:
    'Keep small magnets from children: swallowed, two of them injure. Build says how they are paired.',
}

export const pictureFields = {
  keptPoints: (columns: Shown, rows: Shown) => `kept as ${columns} × ${rows} points`,
  anotherPicturePng: 'Another picture, PNG or JPEG',
  picturePngJpeg: 'A picture, PNG or JPEG',
  picturesMostBox: (mostPictures: Shown) =>
    `${mostPictures} pictures is the most that a box keeps. Remove one first.`,
  onlyUsePictures: 'Only use pictures that are yours, or that you may use.',
}

export const placeFields = {
  toTheRight: 'To the right',
  up: 'Up',
  fromThe: 'From the',
  ownPoint: 'Its own point there',
  samePoint: (anchor: Shown) => `same point (${anchor})`,
  ofThe: 'Of the',
  panel: 'panel',
  turnedBy: 'Turned by',
}

export const repeatFields = {
  besideEachOther: 'Beside each other',
  aboveEachOther: 'Above each other',
  repeated: 'Repeated',
  inRows: 'in rows',
  roundCircle: 'round a circle',
  apartMiddleMiddle: 'Apart, middle to middle',
  radiusCircle: 'Radius of the circle',
  eachTurnedPlace: 'Each turned with its place',
}
