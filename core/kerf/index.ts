export {
  ASSUMED_KERF,
  compensationFor,
  compensations,
  kerfOf,
  movedKerf,
  type Direction,
  type Kerf,
} from './kerf'
export { doubtKerf, doubtPerSide, PLAUSIBLE_KERF } from './doubt'
export {
  CARRIED_DOUBT,
  eventsSince,
  kerfsElsewhere,
  lastDone,
  kerfRecordSchema,
  machineEventSchema,
  newestKerf,
  type KerfRecord,
  type MachineEvent,
} from './record'
export type { KerfResult } from './result'
export { kerfFromSquares } from './squares'
export { kerfFromStrip } from './strip'
export { kerfFromSlots } from './slots'
export { readComb, type CombResult } from './comb'
export { adviseNext, moreSquares, stripDoubt } from './advice'
export { combEndNote, combWorking, kerfNotes, kerfUnusable, kerfWorking, resultWorking } from './words'
