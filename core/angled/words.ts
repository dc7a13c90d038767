/** All that this room says, by the part that says it. */

export const plan = {
  angleBetweenEach: 'has an angle between each two walls',
}

export const problems = {
  cornerAfterWall: (wall: number) => `the corner after wall ${wall}`,
  footWall: (wall: number) => `the foot of wall ${wall}`,
  topWall: (wall: number) => `the top of wall ${wall}`,
  twoTopsRise: (leastRidge: number) =>
    `Two tops that rise so little have no ridge that holds. Let them rise ${leastRidge}° or more.`,
  ridgeNeedsPlan:
    'A ridge needs a plan whose corners all point outward. Take the ridge away, or change the plan.',
  ridgeEndsCorner: 'The ridge ends at a corner of the plan. Let the top rise from another wall.',
  wallsAnd: (a: number, b: number) => `Walls ${a} and ${b}`,
  crossEachOther: (walls: string) => `${walls} cross each other. Change a length or an angle of the plan.`,
  lengthsAnglesPlan: (wall: number, angle: string, leastAngle: number, mostAngle: number) =>
    `With these lengths and angles the plan does not close: the corner after wall ${wall} would have ` +
    `${angle}. Keep every corner between ${leastAngle}° and ${mostAngle}°.`,
  nearlyPlaneNo: (walls: string, angle: string, mostBetween: number) =>
    `${walls} are nearly in one plane (${angle}): no tab holds there. Make one wall of the two, or turn ` +
    `them to ${mostBetween}° or less.`,
  meetTooSharply: (walls: string, angle: string, leastBetween: number) =>
    `${walls} meet too sharply (${angle}) for square edges. Open that corner to ${leastBetween}° or more.`,
  giveLeanAll: (most: number, count: number) =>
    `Give one lean for all walls, or one for each: ${most} walls, ${count} leans.`,
  leanWallsLess: 'Lean the walls less, make the box lower, or the walls longer.',
  makeWallsLonger: 'Make the walls longer.',
  nothingLeftWall: (wall: number, where: string, mend: string) =>
    `Nothing is left of wall ${wall} ${where}. ${mend}`,
  betweenFloorCloses: (room: string) =>
    `Between the floor and what closes it ${room} are left. Make the box higher.`,
  dividerCannotStand: (which: number) =>
    `Divider ${which} cannot stand there. It needs two different walls, away from corners and other ` +
    'dividers and not too sharp to either. Its way must stay inside, with height for its tabs.',
  tabsNarrowestCut: (wall: string, what: string, narrowest: string, needed: string) =>
    `${wall} has ${what} for its tabs; the narrowest would be ${narrowest}, and ${needed} can be cut. ` +
    'Make the wall larger, or the tabs wider.',
}
