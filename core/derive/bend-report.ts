import { oddsOfHolding, shearOf, torqueOf, type SlitsLie, type Zone } from '../bend'
import type { BoxSpec } from '../box'
import { SHEAR_MODULUS, type Stock } from '../stock'
import type { DerivedBox } from './box'

/** What a bend will be like. Lengths in mm. */
export interface BendReport {
  zone: Zone
  /** How far each link twists, degrees, and how far its surface is sheared. */
  twist: number
  shear: number
  /** Chance that it holds, with its slits lying so to the face grain. */
  odds: number
  grain: SlitsLie
  /** How many were tried in this stock; the hardest that held and the easiest that broke, by shear. */
  tried: number
  held: number | null
  broke: number | null
  /** What holds it bent, N·mm, and at the end of the panel beyond it, N. */
  torque: number
  force: number
}

/** A quarter turn, degrees. */
const ANGLE = 90

/** What is known of the bends of a box before they are cut; null where it has none. */
export function bendReport(spec: BoxSpec, { joined, material }: DerivedBox): BendReport | null {
  if (!joined) return null
  const [{ zone }] = joined.zones
  const { piece, panels } = joined
  const stock: Stock | null = material.get(panels[0])?.stock ?? null
  const tests = stock?.bends ?? []
  const grain = stock?.grain === 'none' ? 'any' : spec.bends.grain
  const bend = { ...zone, thickness: piece.thickness, angle: ANGLE, grain }
  const shears = (broke: boolean): number[] => tests.filter((test) => test.broke === broke).map(shearOf)
  const held = shears(false)
  const broke = shears(true)
  const twist = ANGLE / zone.rows
  // Two links beside every slit of a row share the load.
  const one = torqueOf(
    { sides: [zone.width, piece.thickness], length: zone.link, angle: (twist * Math.PI) / 180 },
    SHEAR_MODULUS[stock?.family ?? 'other'],
  )
  const torque = 2 * zone.periods * one
  const lever = Math.max(10, spec.bends.radius, piece.size.width / (panels.length + 1))
  return {
    zone,
    twist,
    shear: shearOf(bend),
    odds: oddsOfHolding(bend, tests),
    grain,
    tried: tests.length,
    held: held.length > 0 ? Math.max(...held) : null,
    broke: broke.length > 0 ? Math.min(...broke) : null,
    torque,
    force: torque / lever,
  }
}
