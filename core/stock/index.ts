export {
  familySchema,
  FAMILIES,
  newBatch,
  newStock,
  offcutSchema,
  readingSchema,
  stockSchema,
  stockTitle,
  type Family,
  type Reading,
  type Stock,
} from './stock'
export { advisedNumbers, thicknessLine, thicknessOf, type Thickness } from './thickness'
export { doubtThickness, type Doubt } from './doubt'
