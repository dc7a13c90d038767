export type { Kind, KindInput, KindValues } from './kind'
export { asKind, KINDS, makeJob } from './make'
