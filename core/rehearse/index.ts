export { bell, hiddenMachine, hiddenSheet, type Hidden } from './hidden'
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
export { knownOf, piecesByPart, rehearse, type CutPart, type Rehearsal } from './rehearse'
