export { hiddenMachine, hiddenSheet, type Hidden } from './hidden'
export { rehearse, type CutPart, type Rehearsal, type Rehearsed } from './rehearse'
