import type { Block } from '../assembly'

/** A joint that is closed in a step: with which panel, and how much of it takes glue, mm². */
interface GlueFace {
  with: string
  area: number
}

export interface BuildStep {
  id: string
  /** The panel that comes in, and what stands already. */
  panel: string
  /** All panels that come in: those of a bent sheet come together. */
  panels: string[]
  standing: string[]
  title: string
  text: string
  /** Which way it lies from its place before it comes in; none for the first. */
  from?: [number, number, number]
  glue: GlueFace[]
  /** Panels that it meets without glue, as they move on each other: where, in the box. */
  dry: { with: string; zone: Block }[]
  /** How the tab ends end up that it closes: by the box’s proud length, or flush whatever that is. */
  ends: 'proud' | 'flush' | 'none'
  /** Glued into a panel that still lies flat. */
  isFlat?: true
}
