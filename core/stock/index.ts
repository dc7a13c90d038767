export { familySchema, FAMILIES, stockSchema, type Family, type Stock } from './stock'
export { thicknessOf, type Thickness } from './thickness'
export { doubtThickness, type Doubt } from './doubt'
