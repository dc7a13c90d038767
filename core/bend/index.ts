export { sectionOf, torqueOf } from './torsion'
export {
  flatLength,
  slitLines,
  slitSchema,
  SLITS_LIE,
  zoneOf,
  type Slit,
  type SlitsLie,
  type Zone,
} from './slits'
export { bendTestSchema, oddsOfHolding, shearOf, type BendTest, type SlitBend } from './tests'
