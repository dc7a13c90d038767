import { sharedArea, type Bounds, type Region } from '../geometry'
import { coveredBetween, coverage, sharedLength, TINY } from './coverage'
import { Motions } from './motion'
import { onPart, wayOf } from './place'
import { onOnePlane } from './plane'
import type { Fault, Proof } from './fault'
import { platesFaults } from './plates-proof'
import { openedFor } from './pockets'
import { cornerBlock, partsById, prismOf, type PartsById } from './prism'
import type { Panel } from './resolve'
import { blocksMeet, middleOf, Solid } from './solid'
import { lidStrikes } from './turning'
import {
  thirdAxis,
  type Assembly,
  type BendGroup,
  type Block,
  type Claim,
  type HingeGroup,
  type Joint,
  type SlideGroup,
} from './types'

/** Areas below this are rounding, mm²; relative to what is compared beside that. */
export const SMALL = 1e-3

/** Area in mm² that a ring has of a rectangle, both on a panel's own plane. */
function areaWithin(region: Region, { minX, maxX, minY, maxY }: Bounds): number {
  return coveredBetween(coverage(region, 'x', minY, maxY, [minX, maxX]), minX, maxX)
}

const isFull = (has: number, whole: number): boolean => has > whole - SMALL - 1e-6 * whole

/** Whether a panel has all of a block that its through features leave of it. */
function isFilled(panel: Panel, block: Block): boolean {
  const wanted = onPart(panel.frame, block)
  const open = panel.features.filter(({ depth }) => depth === null)
  const taken = open.reduce((sum, { shape }) => sum + areaWithin({ outline: shape, holes: [] }, wanted), 0)
  return isFull(areaWithin(panel.region, wanted), areaOf(wanted) - taken)
}

const areaOf = ({ minX, maxX, minY, maxY }: Bounds): number => (maxX - minX) * (maxY - minY)

interface ProofInput {
  parts: PartsById
  panels: Map<string, Panel>
  solids: Map<string, Solid>
}

/** Whether a panel's faces enclose a block: one that stands off its place does not reach through it. */
const reachesThrough = ({ normal, slab: [low, high] }: Solid, { min, max }: Block): boolean =>
  low <= min[normal] + TINY && high >= max[normal] - TINY

/** A pocket is wider than what stands in it, by its play: so much of a claim may be lost to it. */
const POCKET_SHARE = 0.05

/** Whether a pocket of another joint takes away from what a panel must fill. */
function isPocketed(panel: Panel, joint: Joint, block: Block): boolean {
  const wanted = onPart(panel.frame, block)
  return panel.features
    .filter(({ depth, joint: from }) => depth !== null && from !== joint.id)
    .some(({ shape }) => areaWithin({ outline: shape, holes: [] }, wanted) > POCKET_SHARE * areaOf(wanted))
}

/** Claims of one part along a joint that it does not fill. */
function missingOf(joint: Joint, own: 0 | 1, { parts, panels, solids }: ProofInput): Fault[] {
  const claims = joint.claims.filter(({ owner }) => owner === own)
  if (claims.length === 0) return []
  const id = joint.parts[own]
  const [panel, solid] = [panels.get(id)!, solids.get(id)!]
  const hasPockets = panel.features.some(({ depth }) => depth !== null)
  const across = thirdAxis(joint.along, solid.normal)
  const { min, max } = prismOf(joint, parts, claims[0].from, claims[0].to)
  const isInPlace = reachesThrough(solid, { min, max })
  const [low, high] = [min[across], max[across]]
  const cover = solid.cover(joint.along, [low, high])
  const isMissing = ({ from, to }: Claim): boolean => {
    // One look along the whole joint settles nearly all of them; only where it does not, a claim is looked
    // at.
    const isWhole = isFull(coveredBetween(cover, from, to), (to - from) * (high - low))
    if (isInPlace && isWhole && !hasPockets) return false
    const block = prismOf(joint, parts, from, to)
    return !isInPlace || isPocketed(panel, joint, block) || !(isWhole || isFilled(panel, block))
  }
  return claims.filter(isMissing).map(({ from, to }) => {
    const block = prismOf(joint, parts, from, to)
    return { kind: 'missing', panels: [id], at: middleOf(block, block) }
  })
}

/** Corners that are not filled by their owner. */
const missingCorners = (assembly: Assembly, { parts, panels, solids }: ProofInput): Fault[] =>
  assembly.corners.flatMap((corner): Fault[] => {
    const block = cornerBlock(corner, parts)
    return reachesThrough(solids.get(corner.owner)!, block) && isFilled(panels.get(corner.owner)!, block)
      ? []
      : [{ kind: 'missing', panels: [corner.owner], at: middleOf(block, block) }]
  })

/** Pockets that are less deep than what stands in them, or deeper than that by more than their play. */
const wrongPockets = ({ joints }: Assembly, { panels, solids }: ProofInput): Fault[] =>
  joints.flatMap(({ id, parts, depth, play }): Fault[] => {
    if (depth === null) return []
    const [lead, mate] = parts.map((part) => solids.get(part)!.block)
    const fault = { panels: parts, at: middleOf(lead, mate) }
    const own = panels.get(parts[0])!.features.filter((each) => each.joint === id)
    return own.flatMap((pocket): Fault[] => {
      if (pocket.depth === null) return []
      if (pocket.depth < depth - TINY) return [{ kind: 'overlap', ...fault }]
      if (pocket.depth > depth + play.bottom + TINY)
        return [{ kind: 'missing', ...fault, panels: [parts[0]] }]
      return []
    })
  })

/** Whether two panels that no joint is between are in the same place anywhere. */
export const sharesSpace = (a: Panel, b: Panel): boolean => overlap(new Solid(a), new Solid(b), undefined)

/** Whether two panels are in the same place anywhere. */
function overlap(a: Solid, b: Solid, joint: Joint | undefined): boolean {
  if (a.normal === b.normal)
    return sharedArea(onOnePlane(a.panel, a.normal), onOnePlane(b.panel, b.normal)) > SMALL
  const along = thirdAxis(a.normal, b.normal)
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

/** A lid that strikes something when it opens. */
function struck(group: BendGroup | HingeGroup, panels: Panel[]): Fault[] {
  const pair = lidStrikes(group, panels)
  if (!pair) return []
  const [a, b] = pair.map((id) => new Solid(panels.find((panel) => panel.id === id)!).block)
  return [{ kind: 'stuck', panels: pair, at: middleOf(a, b) }]
}

/** Whether what holds a group back does so at the end of its range, and not before. */
function strikesThere(
  { strikes, way, range }: SlideGroup,
  id: string,
  motions: Motions,
  panels: Panel[],
): boolean {
  if (id !== strikes?.[0]) return true
  const [a, b] = strikes.map((name) => new Solid(panels.find((panel) => panel.id === name)!).block)
  const gap = way.sign === 1 ? b.min[way.axis] - a.max[way.axis] : a.min[way.axis] - b.max[way.axis]
  return !motions.moves(id, [strikes[1]], way) && Math.abs(gap - range) < TINY
}

/** Groups that do not come out their way: they move straight, so that one sweep is every position. */
function stuck(assembly: Assembly, panels: Panel[]): Fault[] {
  if (assembly.groups.length === 0) return []
  const motions = new Motions(assembly, panels)
  return assembly.groups.flatMap((group): Fault[] => {
    if (group.motion !== 'slide') {
      const first = assembly.groups.find(({ id }) => group.motion === 'bend' && id === group.after)
      return struck(
        group,
        panels.filter(({ id }) => !first?.parts.includes(id)),
      )
    }
    const { parts, way, strikes } = group
    const others = panels.map(({ id }) => id).filter((id) => !parts.includes(id))
    const free = (id: string): string[] =>
      id === strikes?.[0] ? others.filter((other) => other !== strikes[1]) : others
    return parts
      .filter((id) => !motions.moves(id, free(id), way) || !strikesThere(group, id, motions, panels))
      .map((id) => {
        const { block } = new Solid(panels.find((panel) => panel.id === id)!)
        return { kind: 'stuck', panels: [id], at: middleOf(block, block) }
      })
  })
}

/**
 * Proves an assembly from the shapes that came out, not from how they were made: every claim and every
 * corner is filled by its owner, no two panels are in the same place, and what is to move comes out.
 * @param panels all of the assembly's, each in one piece
 */
export function prove(assembly: Assembly, panels: Panel[]): Proof {
  if (panels.some(({ sides }) => sides))
    return { panels: panels.length, faults: platesFaults(assembly, panels) }
  const solids = panels.map((panel) => new Solid(panel))
  const looked: ProofInput = {
    parts: partsById(assembly.parts),
    panels: new Map(panels.map((panel) => [panel.id, panel])),
    solids: new Map(solids.map((solid) => [solid.panel.id, solid])),
  }
  const missing = assembly.joints.flatMap((joint) => [
    ...missingOf(joint, 0, looked),
    ...missingOf(joint, 1, looked),
  ])
  return {
    panels: panels.length,
    faults: [
      ...missing,
      ...missingCorners(assembly, looked),
      ...wrongPockets(assembly, looked),
      ...overlaps(assembly, solids),
      ...stuck(assembly, panels),
    ],
  }
}
