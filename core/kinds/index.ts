export type { Kind, KindInput, KindValues } from './kind'
export { asKind, defaultsOf, KINDS, makeJob, settledAs, sizesOf } from './make'
