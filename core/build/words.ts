import { counted } from '../length'

/** All that this room says, by the part that says it. */

export const afterGlue = {
  groovesSlotsSomething: 'the grooves and slots that something slides in',
  slitsBendHardens: 'the slits of the bend: what hardens in them breaks it',
  runnersSlidesThem: 'the runners and what slides on them',
  pinsHoles: 'the pins and their holes',
  takeFilmOff: 'Take the film off',
  peelFilmOff: 'Peel the film off. Acrylic is not sanded.',
  sandTabEnds: (proud: string) =>
    `Sand the tab ends flush: they stand ${proud} proud. Grit 120, then 180, from the edges inward, so ` +
    'that no splinter lifts.',
  wipeSootOff: 'Wipe the soot off, or sand it away lightly with grit 180; the dark tab ends may stay.',
  sand: 'Sand',
  sanding: (ends: string, isSlit: boolean, isFibreboard: boolean) =>
    `${ends}${isSlit ? ' Sand along the slits, never across.' : ''}` +
    `${isFibreboard ? ' Wipe it dry: water raises fibreboard.' : ''} ` +
    'Take the sharp edges off with grit 240. Wear a dust mask.',
  spreadWaitQuarter: 'Spread it, wait a quarter of an hour, wipe off what stands on the wood.',
  rubThinlyPolish: 'Rub it in thinly and polish it.',
  brushThinlyAlong: 'Brush it thinly along the grain; sand lightly with grit 320 between coats.',
  brushRollThinly: 'Brush or roll it thinly; sand lightly with grit 320 between coats.',
  letSet: 'Let it set',
  loadSandNothing: (full: number) =>
    `Load and sand nothing for ${counted(full, 'hour')}: the glue is at full strength then.`,
  mask: 'Mask',
  tapeOverAll: (masked: string) => `Tape over ${masked}. All of it stays bare.`,
  coats: (coats: number, kind: string) => `${counted(coats, 'coat')} of ${kind}`,
  coating: (
    area: string,
    where: string,
    grams: string,
    how: string,
    dry: number | null,
    isUntried: boolean,
  ) =>
    `${area} ${where}, about ${grams} g a coat. ${how}` +
    `${dry === null ? '' : ` ${counted(dry, 'hour')} from one coat to the next.`}` +
    `${isUntried ? ' Try it on an offcut first.' : ''}`,
  letHarden: 'Let it harden',
  takeTapeOff: (hard: number) =>
    `Take the tape off. ${counted(hard, 'hour')} after the last coat it may be used.`,
  acrylicTakesNo: 'Acrylic takes no finish: leave it as it is.',
  cardWarpsGets: 'Card warps when it gets wet: try it on a piece first.',
}

export const angledSteps = {
  straightOutsideSquare: 'straight from outside, square to its own face',
  straightAlongOwn: 'straight along its own face',
  layFloorOutside: 'Lay the floor with its outside face down.',
  beginOutsideFace: (label: string) => `Begin with ${label}, its outside face down.`,
  pressSquareOwn: (label: string) =>
    `Press ${label} on, square to its own face: it closes the ridge as it goes down on the walls.`,
  pressTopAbove: 'Press the top on from above, evenly all round.',
  lowerOverOthers: (label: string) => `Lower ${label} over the others, slot into slot.`,
  standPlaceWalls: (label: string) => `Stand ${label} in its place; the walls will hold it.`,
  pushFloorBelow: 'Push the floor in from below, evenly all round.',
  pushOntoFloor: (label: string, way: string) => `Push ${label} onto the floor, ${way}.`,
  closesBoxStart: (label: string) =>
    `${label} closes the box. Start all its tabs by hand, on both sides, before pushing any one home.`,
  floorWallBeside: 'the floor and the wall beside it, together',
  wallBeside: 'the wall beside it',
  pushEnters: (label: string, way: string, meets: string) => `Push ${label} on, ${way}: it enters ${meets}.`,
  tabEndsStand: 'Tab ends stand out at the slanted corners: sand them flush once the glue has set.',
  squareEdgesLeave: 'Square edges leave a thin wedge open there: glue with fine sanding dust closes it.',
}

export const checkStep = {
  tabEndsFlush: 'Tab ends are flush with the face: where one stands out, the panel is not home.',
  tabEndsStand: (proud: string) => `Tab ends stand ${proud} proud all along: where less, it is not home.`,
}

export const clamps = {
  leftRight: 'from left to right',
  frontBack: 'from front to back',
  weightCameAbove: (count: number) => `${counted(count, 'weight')} on what came in from above`,
  rubberBandOver: (count: number, places: string) =>
    `${counted(count, 'rubber band')} over the ridge and under the foot, ${places} from its end`,
  clampAboveFoot: (count: number, ways: string, places: string) =>
    `${counted(count, 'clamp')} ${ways}, ${places} above the foot`,
  rubberBandRound: (count: number, places: string) =>
    `${counted(count, 'rubber band')} round the walls, ${places} above the foot`,
}

export const finish = {
  labelSafetySheet: 'Its label and safety sheet come first.',
  oilyRagsCatch: (label: string) =>
    'Oily rags can catch fire by themselves: spread them out to dry, or keep them under water in a ' +
    `closed tin. ${label}`,
  freshAirNo: (label: string) => `Fresh air, no flame, gloves; a mask for spraying. ${label}`,
}

export const glue = {
  labelSafetySheet: finish.labelSafetySheet,
  solventCementVapour: (label: string) =>
    `Solvent cement: its vapour burns and harms. Fresh air, no flame, gloves, goggles. ${label}`,
  instantGlueJoins: (label: string) =>
    `Instant glue joins skin and stings the eyes: goggles, fresh air, nobody over it. ${label}`,
  woodGlueHolds: 'Wood glue holds a small box after 5 to 10 minutes; full strength as its label says.',
  acrylicTakesSolvent: 'Acrylic takes solvent cement: this glue does not hold on it.',
  solventCementJoins: 'Solvent cement joins acrylic only. Take wood glue here.',
  instantGlueQuick: 'Instant glue is quick and brittle: a box that is dropped may open.',
}

export const laidIn = {
  tryInlayDry: (panel: string, side: string) =>
    `Before the box is glued up: try the inlay of the ${panel} dry, its scored side down. Glue thinly in the pocket of the ` +
    `${side} face. Press it in flat under a board until the glue has set, then sand both level.`,
  holdsLetPartner: (partner: string) =>
    'When it holds, let its partner find its own way onto it. Mark the side that looks out, and glue ' +
    `that one into the ${partner} with the mark up: so the two attract when it closes.`,
  markSideLooks:
    'Mark the side that looks out. Let what it holds find its own way onto it before you glue that.',
  glueFirstMagnet: (side: string, panel: string, pair: string) =>
    `Before the box is glued up: glue the first magnet into the ${side} face of the ${panel}, level with it. ${pair} Keep ` +
    'small magnets from children.',
}

export const looseText = {
  pushWedgeThrough: (from: string) =>
    `Push the wedge through the tongue ${from}, by hand, until it presses the panel down. It takes no ` +
    'glue: it is drawn out to open. If it goes home without pressing, sand the notch, not the wedge.',
  slideTakesNo: (id: string, from: string) =>
    `Slide the ${id} in ${from}. It takes no glue: keep glue and varnish out of its grooves, and clean ` +
    'them of soot first.',
  layLipLevel:
    'Lay the lip in level with the rim, slips of card between it and the walls all round: no glue there.',
  glueLidLip:
    'Glue the lid to the lip where it lies, even with the walls. Lift both off before the glue has set.',
}

export const ready = {
  gSpread: (grams: string, kind: string) => `${grams} g of ${kind}, and what to spread it with`,
}

export const square = {
  bothAboutToo: (by: string) =>
    `Both are about ${by} too long for these walls: a joint stands open. Push it home, measure again.`,
  bothAboutTooLong: (by: string, astray: boolean) =>
    `Both are about ${by} too ${astray ? 'long' : 'short'} for these walls: measure again, from corner ` +
    'to corner.',
  squareBothSame: 'It is square: both are the same. Let it dry like that.',
  backStandsToo: (lean: string, way: string) => `The back stands ${lean} too far to the ${way}.`,
  clampsCannotPull: (off: string) =>
    `${off} Clamps cannot pull that much straight: check that every tab is home.`,
  pushCornerTowards: (one: string, other: string) =>
    `Push the ${one} and the ${other} corner towards each other, or clamp across that diagonal,`,
  untilBothSame: (off: string, push: string) => `${off} ${push} until both are the same.`,
}

export const steps = {
  layFloorOutside: angledSteps.layFloorOutside,
  pushFrontOnto: 'Push the front onto the floor, straight from outside, label outward.',
  pushBackOther: 'Push the back on from the other side. Front and back now stand opposite each other.',
  pushLeftWall: 'Push the left wall in from its side: all its tabs enter floor, front and back together.',
  rightWallCloses: 'The right wall closes the box. Start all its tabs by hand before pushing any one home.',
  pressTopAbove: angledSteps.pressTopAbove,
  fromTheSide: (lies: string) => `from the side of the ${lies}`,
  joinLSquare: (label: string) => `Join ${label} to an L, square, and let the glue grip.`,
  bringStraightUntil: (half: string, from: string) =>
    `${half} Then bring it in ${from}, straight, until it is home.`,
  begin: (half: string) => `Begin: ${half}`,
  bendSlowlyOver:
    'Bend it slowly over its whole length, first the other way and back, until it stays near its shape.',
  endsMeetGlue: (lies: string) => `Its ends meet in the ${lies}: glue the fingers of that seam.`,
  noGlueOpens: (loose: string) => `No glue on the ${loose}: that opens.`,
  bringSheet: (label: string, from: string) => `Bring the ${label} in as one sheet ${from}.`,
  beginSheet: (label: string) => `Begin with the ${label}, one sheet.`,
  tapeHoldsRound: 'Tape holds it round while the glue sets.',
  beginOutsideFace: (label: string, isOpenSideUp: boolean) =>
    `${isOpenSideUp ? 'It is built with its open side up. ' : ''}Begin with the ${label}, its outside face down.`,
  glueFrontSquare: (label: string) => `Glue the ${label} on from the front, square and in the middle.`,
  glueStripCard: (label: string) =>
    `Glue the ${label} on; a strip of card of the right height under it keeps it level.`,
  standInsideLoose: (label: string) => `Stand the ${label} inside, loose: it reaches above the rim.`,
  glueLevelOthers: (label: string) => `Glue the ${label} level with the others; the floor lies on them.`,
  bringStraightUntilHome: (name: string, from: string) =>
    `Bring the ${name} in ${from}, straight, until it is home.`,
  intoThe: (number: number, label: string) => `${number}. Into the ${label}`,
  diagonalCheckSquare: 'Diagonal to check for square',
  measuredInsideTab:
    'Measured inside: tab ends stand out of the corners until they are sanded. The box is square when ' +
    'both agree.',
  boxSquareBoth: 'The box is square when both diagonals agree; nudge the longer one.',
}
