import { oddsOfHolding, shearOf, torqueOf, zoneOf, type SlitsLie, type Zone } from '../bend'
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
const DEGREE = Math.PI / 180

/** A zone of slits that is to bend. Lengths in mm, the angle in degrees. */
interface Bending {
  zone: Zone
  thickness: number
  angle: number
  stock: Stock | null
  grain: SlitsLie
  /** From the bend to where a hand holds what it leads to. */
  lever: number
}

function reportOf({ zone, thickness, angle, stock, grain, lever }: Bending): BendReport {
  const tests = stock?.bends ?? []
  const bend = { ...zone, thickness, angle, grain }
  const shears = (broke: boolean): number[] => tests.filter((test) => test.broke === broke).map(shearOf)
  const held = shears(false)
  const broke = shears(true)
  const twist = angle / zone.rows
  // Two links beside every slit of a row share the load.
  const one = torqueOf(
    { sides: [zone.width, thickness], length: zone.link, angle: twist * DEGREE },
    SHEAR_MODULUS[stock?.family ?? 'other'],
  )
  const torque = 2 * zone.periods * one
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

const grainFor = (stock: Stock | null, wanted: SlitsLie): SlitsLie =>
  stock?.grain === 'none' ? 'any' : wanted

/** What is known of the bends of a box before they are cut; null where it has none. */
export function bendReport(spec: BoxSpec, { joined, material }: DerivedBox): BendReport | null {
  if (!joined) return null
  const [{ zone }] = joined.zones
  const { piece, panels } = joined
  const stock = material.get(panels[0])?.stock ?? null
  return reportOf({
    zone,
    thickness: piece.thickness,
    angle: ANGLE,
    stock,
    grain: grainFor(stock, spec.bends.grain),
    lever: Math.max(10, spec.bends.radius, piece.size.width / (panels.length + 1)),
  })
}

/** The same of a strip that a lid turns on; null where there is none. */
export function stripReport({ pieces, material, made }: DerivedBox): BendReport | null {
  const strip = pieces.find(({ bends }) => bends)
  const lid = made?.assembly.parts.find(({ id }) => id === 'top')
  if (!strip?.bends || !lid) return null
  const { zone, angle, slits } = strip.bends
  const { stock, kerf } = material.get(strip.id)!
  return reportOf({
    zone: zoneOf(slits, angle, strip.thickness, kerf.width, zone.maxX - zone.minX),
    thickness: strip.thickness,
    angle: angle / DEGREE,
    stock,
    grain: grainFor(stock, made!.spec.bends.grain),
    lever: lid.blank.maxY - lid.blank.minY,
  })
}
