export { sectionOf, surfaceShear, torqueOf, type Bar } from './torsion'
export { flatLength, slitLines, slitSchema, zoneOf, type Slit, type Zone } from './slits'
export { bendTestSchema, oddsOfHolding, shearOf, type BendTest } from './tests'
