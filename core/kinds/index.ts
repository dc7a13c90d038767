export type { Kind, KindChoice, KindInput, KindNumber, KindValues } from './kind'
export { asKind, KINDS, makeJob, type Made } from './make'
