export { hiddenMachine, hiddenSheet, type Hidden, type HiddenSheet, type LaserLike } from './hidden'
export { WORLD_NAMES, WORLDS, type WorldName, type Workshop } from './worlds'
export { piecesByPart } from './match'
export { CHARS, piecesOf } from './pieces'
export type { Run } from './runs'
export {
  LASER_ACTS,
  laserSetupSchema,
  SimulatedLaser,
  type LaserAct,
  type LaserPiece,
  type LaserSetup,
  type LaserState,
} from './laser'
export type { LaserAnswer, LaserAsk, LaserRequest } from './laser-messages'
export { withReadings } from './taken'
export { knownOf, rehearse, type CutPart, type Rehearsal } from './rehearse'
