import { sharedArea } from '../geometry'
import { coveredBetween, coverage, sharedLength, TINY } from './coverage'
import { onPart, wayOf } from './place'
import { onOnePlane } from './plane'
import { openedFor } from './pockets'
import { cornerBlock, partsById, prismOf, type PartsById } from './prism'
import type { Panel } from './resolve'
import { blocksMeet, middleOf, Solid } from './solid'
import type { Assembly, Block, Joint, Size } from './types'

/** What a proof found wrong, with the panels and the place in the box, mm. */
export interface Fault {
  kind: 'overlap' | 'missing'
  panels: string[]
  at: Size
}

/** What was proven: how many panels, and what is wrong with them; nothing, when it can be built as drawn. */
export interface Proof {
  panels: number
  faults: Fault[]
}

/** Areas below this are rounding, mm²; relative to what is compared beside that. */
const SMALL = 1e-3

/** What through features take of a rectangle on a panel's plane, mm². */
const takenBy = (panel: Panel, along: 'x' | 'y', band: [number, number], from: number, to: number): number =>
  panel.features
    .filter(({ depth }) => depth === null)
    .reduce((sum, { shape }) => {
      const ring = { outline: shape, holes: [] }
      return sum + coveredBetween(coverage(ring, along, ...band, [from, to]), from, to)
    }, 0)

/** How much of a block a panel fills, as an area on its plane, and how much that should be. */
function filling(panel: Panel, block: Block): { has: number; whole: number } {
  const { minX, maxX, minY, maxY } = onPart(panel.frame, block)
  const has = coveredBetween(coverage(panel.region, 'x', minY, maxY, [minX, maxX]), minX, maxX)
  const whole = (maxX - minX) * (maxY - minY) - takenBy(panel, 'x', [minY, maxY], minX, maxX)
  return { has, whole }
}

const middleOfBlock = (block: Block): Size => middleOf(block, block)

interface Looked {
  parts: PartsById
  panels: Map<string, Panel>
  solids: Map<string, Solid>
}

/** A pocket is wider than what stands in it, by its play: so much of a claim may be lost to it. */
const POCKET_SHARE = 0.05

/** Whether a pocket of another joint takes away from what a panel must fill. */
function isPocketed(panel: Panel, joint: Joint, block: Block): boolean {
  const { minX, minY, maxX, maxY } = onPart(panel.frame, block)
  const most = POCKET_SHARE * (maxX - minX) * (maxY - minY)
  return panel.features.some(
    ({ depth, shape, joint: from }) =>
      depth !== null &&
      from !== joint.id &&
      coveredBetween(coverage({ outline: shape, holes: [] }, 'x', minY, maxY, [minX, maxX]), minX, maxX) >
        most,
  )
}

/** Claims along a joint that are not filled by their owner. */
function missingIn(joint: Joint, { parts, panels, solids }: Looked): Fault[] {
  return ([0, 1] as const).flatMap((own) => {
    const id = joint.parts[own]
    const panel = panels.get(id)!
    const isPocket = joint.depth !== null && own === 0
    const hasPockets = panel.features.some(({ depth }) => depth !== null)
    const claims = joint.claims.filter(({ owner }) => owner === own)
    if (isPocket || claims.length === 0) return []
    const first = prismOf(joint, parts, claims[0].from, claims[0].to)
    const across = (['x', 'y', 'z'] as const).find(
      (axis) => axis !== joint.along && axis !== solids.get(id)!.normal,
    )!
    const band: [number, number] = [first.min[across], first.max[across]]
    const cover = solids.get(id)!.cover(joint.along, band)
    return claims.flatMap((claim): Fault[] => {
      const whole = (claim.to - claim.from) * (band[1] - band[0])
      const has = coveredBetween(cover, claim.from, claim.to)
      if (!hasPockets && has > whole - SMALL - 1e-6 * whole) return []
      const block = prismOf(joint, parts, claim.from, claim.to)
      const fault: Fault = { kind: 'missing', panels: [id], at: middleOfBlock(block) }
      if (hasPockets && isPocketed(panel, joint, block)) return [fault]
      if (has > whole - SMALL - 1e-6 * whole) return []
      const asked = filling(panel, block)
      return asked.has < asked.whole - SMALL - 1e-6 * whole ? [fault] : []
    })
  })
}

/** Corners that are not filled by their owner. */
const missingCorners = (assembly: Assembly, { parts, panels }: Looked): Fault[] =>
  assembly.corners.flatMap((corner): Fault[] => {
    const block = cornerBlock(corner, parts)
    const { has, whole } = filling(panels.get(corner.owner)!, block)
    return has < whole - SMALL - 1e-6 * whole
      ? [{ kind: 'missing', panels: [corner.owner], at: middleOfBlock(block) }]
      : []
  })

/** Whether two panels are in the same place anywhere. */
function overlap(a: Solid, b: Solid, joint: Joint | undefined): boolean {
  if (a.normal === b.normal)
    return sharedArea(onOnePlane(a.panel, a.normal), onOnePlane(b.panel, b.normal)) > SMALL
  const along = (['x', 'y', 'z'] as const).find((axis) => axis !== a.normal && axis !== b.normal)!
  if (joint?.depth == null) return sharedLength(a.cover(along, b.slab), b.cover(along, a.slab)) > TINY
  const [lead, mate] = joint.parts[0] === a.panel.id ? [a, b] : [b, a]
  const pocketed = new Solid(lead.panel, openedFor(lead.panel, joint))
  const isUp = wayOf(lead.panel.frame, 'z').sign === 1
  const [low, high] = lead.slab
  const beyond: [number, number] = isUp ? [low + joint.depth, high] : [low, high - joint.depth]
  if (sharedLength(lead.cover(along, mate.slab), mate.cover(along, beyond)) > TINY) return true
  return sharedLength(pocketed.cover(along, mate.slab), mate.cover(along, lead.slab)) > TINY
}

function overlaps(assembly: Assembly, solids: Solid[]): Fault[] {
  const jointOf = new Map(assembly.joints.flatMap((joint) => [[joint.parts.join('|'), joint] as const]))
  return solids.flatMap((a, i) =>
    solids.slice(i + 1).flatMap((b): Fault[] => {
      if (!blocksMeet(a.block, b.block, TINY)) return []
      const joint = jointOf.get(`${a.panel.id}|${b.panel.id}`) ?? jointOf.get(`${b.panel.id}|${a.panel.id}`)
      return overlap(a, b, joint)
        ? [{ kind: 'overlap', panels: [a.panel.id, b.panel.id], at: middleOf(a.block, b.block) }]
        : []
    }),
  )
}

/**
 * Proves an assembly from the shapes that came out, not from how they were made: every claim and every
 * corner is filled by its owner, and no two panels are in the same place.
 * @param panels all of the assembly's, each in one piece
 */
export function prove(assembly: Assembly, panels: Panel[]): Proof {
  const solids = panels.map((panel) => new Solid(panel))
  const looked: Looked = {
    parts: partsById(assembly.parts),
    panels: new Map(panels.map((panel) => [panel.id, panel])),
    solids: new Map(solids.map((solid) => [solid.panel.id, solid])),
  }
  const missing = assembly.joints.flatMap((joint) => missingIn(joint, looked))
  return {
    panels: panels.length,
    faults: [...missing, ...missingCorners(assembly, looked), ...overlaps(assembly, solids)],
  }
}
