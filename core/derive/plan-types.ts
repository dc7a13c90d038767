import type { Point, Ring } from '../geometry'
import type { Operation } from '../machine'
import type { BurntAstray } from './burnt-astray'
import type { Violation } from '../nest'
import type { CutPath, DoubleLine, OwnWay, SheetTime } from '../plan'
import type { Choice } from '../belief'
import type { Setting } from '../tune'

/**
 * What is cut while a sheet lies in one place on the bed. Paths in mm from the lower left corner of what the
 * bed reaches.
 */
export interface LoadPlan {
  /** The stock of its sheet, by id; sheets are counted within it. */
  material: string
  sheet: number
  /** Which offcut it is, by id, and its outline on its own where it is no rectangle; null: a whole sheet. */
  offcut: string | null
  outline: Ring | null
  /** Which load of its sheet, from 0, and how many the sheet takes. */
  load: number
  of: number
  /** Lower left corner on the sheet, and size: the page of the file. mm */
  x: number
  y: number
  width: number
  height: number
  /**
   * Whether only one face of the sheet is cut; or it is the other face, which is cut first; or what is cut
   * then, once the sheet is turned over.
   */
  face: 'only' | 'first' | 'then'
  /** Middles of the holes that the turned sheet is laid by, where it is turned. */
  aim: Point[]
  paths: CutPath[]
  time: SheetTime
}

/** Times in seconds, length in mm, over all loads. */
export interface PlanTotal {
  seconds: number
  cutting: number
  corners: number
  travel: number
  cutLength: number
  starts: number
  /** Loads are run one by one. */
  programs: number
}

/** What one stock is cut with. */
export interface StockCut {
  material: string
  choice: Choice
  settings: Record<Operation, Setting>
  /** What has a setting of its own. */
  own: OwnWay[]
  /** What was asked for, before it was held to the machine's highest speed. */
  asked: { name: string; setting: Setting }[]
}

/** Layout and settings turned into what the laser does, load by load. */
export interface CutPlan {
  /** Of the job's own stock. */
  choice: Choice
  settings: Record<Operation, Setting>
  own: OwnWay[]
  /** Of every stock, the job's own first. */
  stocks: StockCut[]
  loads: LoadPlan[]
  /** Sheets and offcuts that are used; one sheet may be several loads. */
  sheets: number
  total: PlanTotal
  /** Their parts by label. */
  violations: Violation[]
  doubled: DoubleLine[]
  /** What would be burnt beside the part that it is meant for. */
  astray: BurntAstray[]
  /** Of everything that goes into the files. */
  signature: string
  layoutIsStale: boolean
}
