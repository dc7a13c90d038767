import type { Point } from '../geometry'
import type { SideKind } from './claimed'

/** A straight piece of a panel's border, on its own plane, mm: what it is, and of which joint. */
export interface PanelSide {
  from: Point
  to: Point
  kind: SideKind
  /** Null where no joint made it. */
  joint: string | null
}
