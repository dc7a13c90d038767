export {
  FAMILIES,
  SHEAR_MODULUS,
  familySchema,
  MOST_READINGS,
  newBatch,
  newStock,
  stockSchema,
  stockTitle,
  thicknessSchema,
  type Family,
  type Reading,
  type Stock,
} from './stock'
export {
  fittedOutline,
  offcutArea,
  offcutPrice,
  offcutSchema,
  readCorners,
  rectangularOffcut,
  type Offcut,
} from './offcut'
export { pocketTestSchema, type PocketTest } from './pocket-test'
export { advisedNumbers, movedThickness, thicknessOf, type Thickness } from './thickness'
export { slotWidthWorking, tabLengthWorking, thicknessLine, thicknessWorking, unevenLine } from './words'
export { doubtThickness } from './doubt'
