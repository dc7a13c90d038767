import type { Operation } from '../machine'
import type { Violation } from '../nest'
import type { Check, CutPath, SheetTime } from '../plan'
import type { Choice, Setting } from '../tune'

export interface SheetPlan {
  sheet: number
  paths: CutPath[]
  time: SheetTime
}

/** Layout and settings turned into what the laser does, sheet by sheet, and what was checked. Times in seconds. */
export interface CutPlan {
  choice: Choice
  settings: Record<Operation, Setting>
  sheets: SheetPlan[]
  total: { seconds: number; cutting: number; corners: number; travel: number; cutLength: number }
  violations: Violation[]
  checks: Check[]
  /** Of everything that goes into the files. */
  signature: string
  layoutIsStale: boolean
}

/** A plan before it was checked. */
export type UncheckedPlan = Omit<CutPlan, 'checks'>
