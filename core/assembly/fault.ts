import type { Size } from './types'

/** What a proof found wrong, with the panels and the place in the box, mm. */
export interface Fault {
  kind: 'overlap' | 'missing' | 'stuck'
  panels: string[]
  at: Size
}

/** What was proven: how many panels, and what is wrong with them; nothing, when it can be built as drawn. */
export interface Proof {
  panels: number
  faults: Fault[]
}
