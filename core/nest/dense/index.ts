export { packedInto, packedTightly } from './search'
export { areaOf, isEqual, transposed, type Piece, type Put, type Size } from './piece'
