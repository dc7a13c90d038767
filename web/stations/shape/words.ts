import type { Shown } from '@web/words'

/** All that this room says, by the part that shows it. */

export const choicePicture = {
  notBox: 'not on this box',
}

export const faceHandles = {
  opening: (index: Shown, kind: Shown) => `Opening ${index}, ${kind}`,
  engraving: (index: Shown, kind: Shown) => `Engraving ${index}, ${kind}`,
  dragMoveArrow: (handle: Shown) => `${handle}: drag it, or move it with the arrow keys`,
}

export const followField = {
  typeSumSuch: 'Type a sum, such as width ÷ 2 − t, or take it off.',
  typeFigureOwn: (label: Shown) => `${label}: type a figure of its own`,
  letFollowOthers: (label: Shown) => `${label}: let it follow others`,
}

export const holeRows = {
  diameterHeld: 'Diameter held',
  atItsWidest: 'At its widest',
  row: (number: Shown) => `Row ${number}`,
  rowHoles: (number: Shown) => `Row ${number} of holes`,
  holesOfRow: (number: Shown, holes: Shown) => `Row ${number} of holes, ${holes}`,
  removeHoles: (number: Shown, holes: Shown) => `Remove these of row ${number}, ${holes}`,
  removeRow: (number: Shown) => `Remove row ${number}`,
  anotherSizeBeside: 'Another size beside them',
  moreRow: 'One more row',
}

export const listButtons = {
  addAn: (noun: Shown) => `Add an ${noun}`,
  moreLike: (noun: Shown) => `One more ${noun} like this`,
  removeThis: (noun: Shown) => `Remove this ${noun}`,
}

export const motifs = {
  squareCode: 'square code',
  roundArea: 'round area',
  diameter: 'Diameter',
  side: 'Side',
  cornerRadius: 'Corner radius',
  dotsApart: 'Dots apart',
  blackBelow: 'Black below, of 255',
  heightCapitals: 'Height of capitals',
}

export const panelSheet = {
  wallSlot: 'wall of a slot',
  slotSizes: (kind: Shown, widths: Shown, least: Shown) => `${kind}, ${widths} × from ${least}`,
  ofThem: (count: Shown) => `${count} of them`,
  thick: (width: Shown, thickness: Shown) => `${width}, ${thickness} thick`,
  showAllPanels: 'Show all panels',
  flat: (panel: Shown) => `${panel}, flat`,
  jointWith: (mate: Shown) => `Joint with ${mate}`,
  itsBorder: 'Its border',
  jointsPanel: 'Joints of this panel',
  cornersAcrossUp: (lengthUnit: Shown, across: Shown, up: Shown) =>
    `Corners, ${lengthUnit}, across: ${across} · up: ${up}`,
}

export const seamPlaces = {
  longMeets: (label: Shown, width: Shown) => `${label}, ${width} long, meets at`,
  leftLowerEnd: 'From the left or lower end of each. Empty: as it is worked out.',
  noPanelLarger: 'No panel is larger than the bed.',
  chooseMachineMeasure: 'Choose a machine in Measure: panels larger than its bed are divided.',
  cannotReadType: (typed: Shown, mostSeams: Shown) =>
    `“${typed}” cannot be read. Type up to ${mostSeams} lengths: 300, 610.`,
}

export const shapeDetail = {
  allBox: 'All of the box',
  close: (title: Shown) => `Close ${title}`,
}

export const shapeFigures = {
  theEdges: (name: Shown) => `the ${name}`,
  gap: (word: Shown, gap: Shown) => `${word}, gap ${gap}`,
  insideFloor: 'Inside, at the floor',
  goesComesOut: 'Goes in and comes out',
  tabsAlong: (edge: Shown) => `Tabs along the ${edge}`,
}

export const shapeStation = {
  inSpace: 'In space',
  itsPanels: 'Its panels',
  whatIsDrawn: 'What is drawn',
  panelsFlat: 'The panels, flat',
}

export const slantedCorners = {
  openWedge: (gap: Shown) => `an open wedge of ${gap}`,
  endsProud: (proud: Shown) => `ends ${proud} proud`,
  laserCutsSquare: 'A laser cuts square edges. Cut across, the corners that are not square look so:',
  staysOpen: 'stays open',
  standsProudSand: 'stands proud: sand it',
}

export const spaceCard = {
  boxSpaceArrow:
    'The box in space. Arrow keys turn it, plus and minus bring it nearer; a click chooses a panel.',
  allBoxes: 'All boxes',
  thisBox: 'This box',
  boxSpace: 'The box in space',
  whatIsShown: 'What is shown',
}

export const tabRule = {
  evenlyNearWidth: 'evenly, near a width',
  fixedWidthEqual: 'fixed width, equal ends',
  howManyTabs: 'how many tabs and notches',
  tabCount: 'how many tabs',
  tabMiddle: 'one tab in the middle',
  patternWidths: 'a pattern of widths',
  patternBeginsEnds: 'A pattern begins and ends with a tab: type an odd number of widths, such as 12, 8, 12.',
  how: (name: Shown) => `${name}: how`,
  tabWidth: 'Tab width',
  wantedWidth: 'Wanted width',
  width: (name: Shown) => `${name}: width`,
  tabs: 'Tabs',
  tabsNotches: 'Tabs and notches',
  tabNotchTab: 'Tab, notch, tab …',
  tabsStand: 'Tabs stand on',
}

export const tabRules = {
  tabsUprights: 'Tabs of the uprights',
  tabsFloor: 'Tabs of the floor',
  tabsTop: 'Tabs of the top',
  theUprights: 'the uprights',
  theFloor: 'the floor',
  theTop: 'the top',
  sameWidthAlong: (alike: Shown) => `The same width along ${alike}`,
}
