import { Motions } from './motion'
import type { Way } from './place'
import { sharesSpace } from './prove'
import type { Panel } from './resolve'
import { blocksMeet, Solid } from './solid'
import { AXES, thirdAxis, type Axis, type Block, type SlideGroup, type Joint } from './types'

/** A thing among others: its panels where they stand, by ids of their own, and its way out. */
export interface Body {
  label: string
  panels: Panel[]
  joints: Joint[]
  group: Pick<SlideGroup, 'way' | 'range'> | null
}

/** How much room a body has beside its way, and what it is that ends it, mm. */
export interface Clearance {
  side: Way
  distance: number
  /** Label of the panel that is nearest. */
  against: string
}

/** What was found of a body. */
export interface Stand {
  label: string
  /** It cannot be where it is, or not come out: what is in the way, and how far before its place. */
  strikes: { panels: [string, string]; against: string; before: number | null } | null
  /** Least room on each side on the whole way; none where nothing is beside it. */
  clearances: Clearance[]
}

const TINY = 1e-3

/** How near a thing is looked for beside a way, mm. */
const NEAR = 50

const swept = ({ min, max }: Block, { axis, sign }: Way): Block =>
  sign === 1 ? { min, max: { ...max, [axis]: Infinity } } : { min: { ...min, [axis]: -Infinity }, max }

const grown = ({ min, max }: Block, by: number): Block => ({
  min: { x: min.x - by, y: min.y - by, z: min.z - by },
  max: { x: max.x + by, y: max.y + by, z: max.z + by },
})

const shifted = (panel: Panel, { axis, sign }: Way, by: number): Panel => {
  const frame = [...panel.frame]
  frame[{ x: 3, y: 7, z: 11 }[axis]] += sign * by
  return { ...panel, frame }
}

/** The nearest thing beside a block on its way, on one side. */
function beside(moving: Solid, standing: Solid, way: Way, across: Axis): Clearance | null {
  const other = thirdAxis(way.axis, across)
  const path = swept(moving.block, way)
  const meets = (axis: Axis): boolean =>
    Math.min(path.max[axis], standing.block.max[axis]) - Math.max(path.min[axis], standing.block.min[axis]) >
    TINY
  if (!meets(way.axis) || !meets(other) || meets(across)) return null
  const above = standing.block.min[across] - moving.block.max[across]
  const below = moving.block.min[across] - standing.block.max[across]
  const sign = above > below ? 1 : -1
  const distance = Math.max(0, Math.max(above, below))
  return { side: { axis: across, sign }, distance, against: standing.panel.label }
}

const sideKey = ({ axis, sign }: Way): string => `${axis}${sign}`

function clearancesOf(moving: Solid[], standing: Solid[], way: Way): Clearance[] {
  const least = new Map<string, Clearance>()
  for (const a of moving)
    for (const b of standing)
      for (const across of AXES.filter((axis) => axis !== way.axis)) {
        const found = beside(a, b, way, across)
        const known = found && least.get(sideKey(found.side))
        if (found && (!known || found.distance < known.distance)) least.set(sideKey(found.side), found)
      }
  return [...least.values()].filter(({ distance }) => distance < NEAR)
}

/** How fine it is told where a thing strikes, mm. */
const FINE = 0.01

/** How far before its place a body strikes another one: from there outward its way is free. */
function strikesAt(body: Body, standing: Solid[], joints: Joint[], way: Way, range: number): number | null {
  const path = body.panels.map((panel) => swept(new Solid(panel).block, way))
  const near = standing.filter(({ block }) => path.some((each) => blocksMeet(each, block, TINY)))
  const ids = near.map(({ panel }) => panel.id)
  const isFree = (by: number): boolean => {
    const panels = body.panels.map((panel) => shifted(panel, way, by))
    const motions = new Motions({ joints }, [...panels, ...near.map(({ panel }) => panel)])
    return panels.every(({ id }) => motions.moves(id, ids, way))
  }
  const far = 2 * range
  if (!isFree(far)) return null
  let [low, high] = [0, far]
  while (high - low > FINE) {
    const middle = (low + high) / 2
    if (isFree(middle)) high = middle
    else low = middle
  }
  return high
}

/** The first pair of panels that are in the same place, or in each other's way. */
function striking(
  moving: Solid[],
  standing: Solid[],
  motions: Motions,
  way: Way | null,
): [Panel, Panel] | null {
  for (const { panel: a, block } of moving)
    for (const { panel: b, block: other } of standing) {
      if (!blocksMeet(way ? swept(block, way) : block, other, TINY)) continue
      const hits = way
        ? !motions.moves(a.id, [b.id], way)
        : blocksMeet(block, other, TINY) && sharesSpace(a, b)
      if (hits) return [a, b]
    }
  return null
}

/**
 * How bodies stand in each other: nothing in the same place, what is to come out does, and how much room it
 * has on its way.
 * @param bodies with panels of ids that are all different
 */
export function standingOf(bodies: Body[]): Stand[] {
  const solids = new Map(bodies.map((body) => [body, body.panels.map((panel) => new Solid(panel))]))
  const joints = bodies.flatMap((body) => body.joints)
  const motions = new Motions(
    { joints },
    bodies.flatMap(({ panels }) => panels),
  )
  return bodies.map((body): Stand => {
    const { group, label } = body
    const own = solids.get(body)!
    const near = own.map(({ block }) => grown(group ? swept(block, group.way) : block, NEAR))
    const others = bodies.filter(
      (other) =>
        other !== body &&
        solids.get(other)!.some(({ block }) => near.some((each) => blocksMeet(each, block, TINY))),
    )
    const standing = others.flatMap((other) => solids.get(other)!)
    const present = new Set([...own, ...standing].map(({ panel }) => panel.id))
    const ownJoints = joints.filter(({ parts }) => parts.every((id) => present.has(id)))
    const pair =
      striking(own, standing, motions, null) ?? (group && striking(own, standing, motions, group.way))
    const strikes = pair && {
      panels: [pair[0].id, pair[1].id] as [string, string],
      against: pair[1].label,
      before: group ? strikesAt(body, standing, ownJoints, group.way, group.range) : null,
    }
    return { label, strikes, clearances: group ? clearancesOf(own, standing, group.way) : [] }
  })
}
