export type { Kind, KindChoice, KindInput, KindNumber, KindValues } from './kind'
export { KINDS, makeJob, type Made } from './make'
