import type { LaserAct, LaserPiece, LaserSetup, LaserState } from './laser'

/** What the page asks of a laser that runs in a worker of its own. */
export type LaserAsk =
  | { ask: 'connect'; setup: LaserSetup; times: number }
  | { ask: 'program'; text: string }
  | { ask: 'act'; act: LaserAct }
  | { ask: 'pieces' }
export type LaserRequest = LaserAsk & { id: number }

/** What it answers, and what it says unasked. */
export type LaserAnswer =
  | { id: number; ok: true; state: LaserState; pieces?: LaserPiece[] }
  | { id: number; ok: false; error: string }
  | { id: null; state: LaserState }
