export { asksForList, type Kind, type KindInput, type KindValues } from './kind'
export { asKind, defaultsOf, KINDS, makeJob, settledAs, sizesOf } from './make'
export { KEPT, type Cell, type Division } from './things'
export { traysFor } from './things-tray'
