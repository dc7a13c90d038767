import { common, type Shown } from '@web/words'

/** All that this room says, by the part that shows it. */

export const addForm = {
  drawnOnThisBox: 'What it can have, drawn on this box',
  onThisBox: 'On this box',
  toThisJob: 'To this job',
  anotherThing: 'Another thing',
}

export const bendForm = {
  insideRadius: 'Inside radius',
  widthLink: 'Width of a link',
  lengthSlit: 'Length of a slit',
  bridgeBetweenSlits: 'Bridge between slits',
  alongIt: 'along it',
  acrossIt: 'across it',
  eitherWay: 'either way',
  noFaceGrain:
    'No face grain is on record for this stock: say in Measure how it runs, and Lay out keeps to it.',
  layOutMay: 'Lay out may turn the sheet either way: links along the grain bear more than those across it.',
  layOutTurns: (grain: Shown) => `Lay out turns the sheet so that its slits run ${grain} the face grain.`,
  bendTestNo: (stock: Shown | null | undefined) => `Bend test, ${stock ?? 'no stock'}`,
  fiveStripsLinks: (widths: Shown, slit: Shown, kerf: Shown, compensation: Shown) =>
    `Five strips with links ${widths} mm wide after cutting, slits ${slit} long. Unit millimetres. Kerf ` +
    `${kerf}, outlines compensated by ${compensation} per side.`,
  bendTest: (stock: Shown) => `bend test ${stock}`,
  panelsSheet: 'Which panels are one sheet',
  flatLengthBend: 'Flat length of a bend',
  links: 'Links',
  rowsTurn: (rows: Shown, twist: Shown) => `${rows}, each ${twist}°`,
  shear: 'Shear',
  toCloseIt: (force: Shown) => `To close it is ${force}.`,
  howSlitsLie: 'How its slits lie to the face grain',
  wedgeThroughTongue: 'A wedge through a tongue holds it shut',
  bendTestPiece: 'Bend test piece, five strips',
  bendEachStrip: 'Bend each strip slowly, and write down in Log at what angle it broke, or that it held.',
}

export const cornerForm = {
  howWallsMeet: 'How the walls meet',
  slotsOpenUpward: 'Slots open upward in',
  wallsRunPast: 'Walls that run past the others',
  setEnds: 'Set in from the ends',
  othersSet: 'The others set in by',
  sharedOutOver: 'Shared out over',
  floorRim: 'floor to rim',
  fullHeight: 'the full height',
  unequalNoPanel: 'Unequal, so that no panel goes in upside down',
  oppositeEdgesMirrored: 'Opposite edges mirrored',
}

export const dividerForm = {
  cabinetSaysHow: 'The cabinet says how many there are, and where they stand.',
  countWidths: (name: Shown) => `${name}: a count, or widths`,
  height: (key: Shown) => `Height, ${key}`,
  aboveFloor: (key: Shown) => `Above the floor, ${key}`,
  howStandWalls: 'How they stand in the walls',
  scoopFingers: 'Scoop for fingers',
  grooveDepth: 'Groove depth',
  playDividers: 'Play of the dividers',
  tabsFloor: 'With tabs in the floor',
  emptyHeightReaches: 'An empty height reaches the rim. Where dividers cross they are lapped, half way each.',
  makesThreeEqual: '“3” makes three equal cells; “50, 50, 2×30, rest” says each of them.',
}

export const edgeForm = {
  asGroup: (group: Shown) => `as ${group}`,
  ownTenons: 'own tenons',
  ownFingers: 'own fingers',
  edgeOf: (title: Shown) => `Edge of ${title}`,
  thisEdge: 'This edge',
  kindChosenAll: (group: Shown) => `Its kind is chosen for all ${group} together.`,
}

export const engravingsForm = {
  braces: 'In braces, {job} becomes its name when it is cut, and {revision} the number of the next cut.',
  filledLetters: 'Filled letters',
  singleLines: 'Single lines',
  millimetres: 'Millimetres',
  inches: 'Inches',
  dotsGreys: 'Dots for greys',
  blackBare: 'Black or bare',
  engravingsBox: 'Engravings of this box',
  onThe: 'On the',
  whatIsEngraved: 'What',
  onIts: 'On its',
  whatItSays: 'What it says',
  words: 'Words',
  letters: 'Letters',
  dividedIn: 'Divided in',
  greys: 'Greys',
  mayRunOver: 'May run over the edge of its panel',
  oppositePanelWell: 'On the opposite panel as well, at the mirrored place',
}

export const figuresForm = {
  nameFigure: (number: Shown) => `Name of figure ${number}`,
  nameIs: (name: Shown) => `${name} is`,
  remove: (name: Shown) => `Remove ${name}`,
  nameAFigure: 'Name a figure',
  keepJobKind: 'Keep this job as a kind of my own',
  newJobOffers: (asked: Shown) => `New job offers it, and asks for ${asked}.`,
  besideSizeTyped: (lengthUnit: Shown, names: Shown) =>
    'The Σ beside a size, or “=” typed in it, lets it follow a sum, such as “2 × play + inner.width”. ' +
    `Known, in ${lengthUnit}: ${names}.`,
}

export const fitForm = {
  lapsLength: 'Laps, length',
  looseParts: 'Loose parts',
  fitWantInterference: (lengthUnit: Shown) => `Fit you want (interference at each glue line, ${lengthUnit})`,
  interference: 'Interference',
  proudLength: 'Proud length',
  proudTabEnds: (least: Shown, most: Shown) =>
    `Proud tab ends (${least} to ${most}) are sanded flush; 0 keeps the dark ends.`,
  play: 'Play',
  addedThickestReading: 'Added to the thickest reading for slots and grooves, both sides together.',
}

export const fittingForm = {
  removeThe: (title: Shown) => `Remove the ${title}`,
}

export const floorForm = {
  howFloorHeld: 'How the floor is held',
  floorRaised: 'Floor raised by',
  archBetweenFeet: 'Arch between feet',
  grooveDepth: 'Groove depth',
  ledgeWidth: 'Ledge width',
  useStands: 'In use it stands',
}

export const kindForm = {
  takesPlaceBox:
    'It takes the place of this box; a kind of several boxes takes the place of all. Undo brings them ' +
    'back.',
}

export const lidForm = {
  openLid: 'Open, or with which lid',
  opensLiesAgainst: (stop: Shown) => `It opens to ${stop}°, then lies against the back wall.`,
  slitStaysOpen: (slit: Shown) => `A slit of ${slit} stays open behind it when it is shut.`,
}

export const mockUpForm = {
  itTaught: (taught: Shown) => `It taught: ${taught}.`,
  insideJobChange: 'Its inside is that of its job. What you change here can be taken back.',
  takeBack: (mockOf: Shown) => `Take this back to ${mockOf}`,
  stockMockUp: 'Stock of the mock-up',
  noOtherStock: 'no other stock on the bench',
  makeMockUp: 'Make a mock-up in this stock',
  copySameInside: 'A copy with the same inside, nothing engraved, and a layout of its own.',
}

export const openingsForm = {
  diameter: 'Diameter',
  cornerRadius: 'Corner radius',
  sides: 'Sides',
  acrossCorners: 'Across corners',
  depth: 'Depth',
  headScrew: 'Head of the screw',
  itsNeck: 'Its neck',
  riseSlot: 'Rise of the slot',
  sizeHole: 'Size of a hole',
  woodBetween: 'Wood between',
  bridgesHoldInsides: 'Bridges that hold the insides',
  openingsBox: 'Openings of this box',
  inThe: 'In the',
  shape: 'Shape',
  pattern: 'Pattern',
  lettersCutOut: 'Letters cut out',
  oppositePanelWell: 'On the opposite panel as well, mirrored',
  seenOutsideKeeps: 'Seen from outside. It keeps its place from there when the box changes size.',
}

export const planForm = {
  equalWalls: 'equal walls',
  byLengths: 'by lengths',
  insideBothFaces: 'inside both faces',
  halfWay: 'half way',
  proudSanded: 'proud, to be sanded',
  rightAcross: 'right across',
  ridgeFallsAgain: 'to a ridge, and falls again',
  cannotReadType: (typed: Shown, example: Shown) => `“${typed}” cannot be read. Type it so: ${example}.`,
  lastWallCloses: (length: Shown, before: Shown, after: Shown) =>
    `The last wall closes the plan: ${length}, at ${before} and ${after}.`,
  seenAbove: 'Seen from above',
  howManyWalls: 'How many walls',
  lengthEachWall: 'Length of each wall',
  lengthsWalls: 'Lengths of the walls',
  anglesInside: 'Angles inside',
  counterClockwiseAbove: 'Counter-clockwise from above; the angles are between each wall and the next.',
  wallsLeanOutward: 'Walls lean outward by',
  leanExample: '10, or 10, 0, 10, 0',
  degreesAllWalls: 'In degrees: one for all walls, or one for each, with commas.',
  rimRises: 'Rim rises by',
  fromWall: 'from wall',
  itRises: 'It rises',
  dividersWallWall: 'Dividers from wall to wall',
  manyPerCent: '1-4, 2-5; or 1@30-4@70 at so many per cent along them',
  middleMiddleCounted: 'From middle to middle: 1-4. Counted from the wall in front, counter-clockwise.',
  tabEndsSlanted: 'Tab ends at slanted corners',
}

export const shapeForm = {
  depth: 'Depth',
  shapeBox: 'Shape of the box',
  sizeCopiesFollow: 'Its size and its copies follow from all together. Everything else is yours.',
  sizesAre: 'Sizes are',
  copies: 'Copies',
  heightRimLowest: 'The height is where the rim is lowest.',
  whatItIs: 'What it is made of',
  openingsWordsMock: 'openings, words, a mock-up, …',
  dividersOpeningsWords: 'dividers, openings, words, …',
}

export const stockForm = {
  walls: 'Walls',
  front: 'Front',
  back: 'Back',
  left: 'Left',
  right: 'Right',
  floor: 'Floor',
  top: 'Top',
  dividers: 'Dividers',
  asTheWalls: 'as the walls',
  jobsStock: (own: Shown) => `the job’s: ${own}`,
  noStockChosen: 'no stock chosen',
  stocksJob: 'Stocks of this job',
  measureWithThis: common.measureWithThis,
  measuredMeasure: 'measured in Measure',
  wallsFloorTop: 'Walls, floor, top or dividers may each come from a stock of their own.',
  sameLetterBoth: 'The same letter on both panels of every joint',
  dividePanelsLarger: 'Divide panels larger than the bed',
  sidesSlant: 'Sides of the seam’s fingers slant by',
  slidesTogetherPlane: '0 slides together in the plane. From 10° on the seam holds: press it in from above.',
  seamsPanelsNot: 'Seams of the panels not all in one plane',
}

export const wholeForm = {
  widthOuter: 'Width, outer',
  depthOuter: 'Depth, outer',
  heightOuter: 'Height, outer',
  spaceWidth: 'Space, width',
  spaceDepth: 'Space, depth',
  spaceHeight: 'Space, height',
  trayAboveFloor: 'Tray above the floor',
  heightTray: 'Height of the tray',
  heightLedges: 'Height of the ledges',
  playRoundTray: 'Play round the tray',
  reachesDown: 'Reaches down by',
  playEachSide: 'Play on each side',
  widthInner: 'Width, inner',
  depthInner: 'Depth, inner',
  heightInner: 'Height, inner',
  lowerHalfInner: 'Lower half, inner',
  liningAboveRim: 'Lining above the rim',
  playLining: 'Play of the lining',
  playAtEachSide: 'Play at each side',
  playAbove: 'Play above',
  roomBehind: 'Room behind',
  gapFingers: 'Gap for the fingers',
  roomAbove: 'Room above',
  heightRunners: 'Height of runners',
  frontsStandBack: 'Fronts stand back by',
  gapBetweenPlates: 'Gap between plates',
  columns: 'Columns',
  rowsTop: 'Rows, from the top',
  rowsFront: 'Rows, from the front',
  columnsRowDiffers: (row: Shown) => `Columns of row ${row}, where it differs`,
  heightsRowRow: 'Heights, row by row; “rest” is full height',
  drawersRun: 'Drawers run on',
  fronts: 'Fronts',
  pullDrawerOut: 'To pull a drawer out',
  sizePull: 'Size of the pull',
  sizesMeasuredInside: 'Sizes are measured inside',
  thePart: (part: Shown) => `the ${part}`,
  iSizeBoxes: 'I size the boxes myself',
  eachBoxKeeps:
    'Each box keeps the size you give it. Whether they still go together is checked where they stand.',
  notBelongTogether: 'They do not belong together',
}
