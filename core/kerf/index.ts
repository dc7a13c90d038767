export { ASSUMED_KERF, compensationFor, doubtKerf, kerfOf, PLAUSIBLE_KERF, type Kerf } from './kerf'
export {
  CARRIED_DOUBT,
  eventsSince,
  KERF_METHODS,
  kerfRecordSchema,
  machineEventSchema,
  newestKerf,
  type KerfMethod,
  type KerfRecord,
  type MachineEvent,
} from './record'
export {
  CALIPER_SD,
  kerfFromSlots,
  kerfFromSquares,
  kerfFromStrip,
  readComb,
  type CombResult,
  type KerfResult,
} from './methods'
export { adviseNext, moreSquares, stripDoubt, type Advice } from './advice'
