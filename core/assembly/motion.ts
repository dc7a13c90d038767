import { sharedArea } from '../geometry'
import { sharedLength, type Stretch } from './coverage'
import { wayOf, type Way } from './place'
import type { Panel } from './resolve'
import { onOnePlane } from './plane'
import { openedFor } from './pockets'
import { Solid } from './solid'
import { AXES, thirdAxis, type Assembly, type Axis, type Joint } from './types'

/** Lengths and areas below this are rounding, mm and mm². */
const TINY = 1e-3

const WAYS: Way[] = AXES.flatMap((axis) => [
  { axis, sign: 1 as const },
  { axis, sign: -1 as const },
])

/** From a place on, the way that something moves, or up to it. */
const ahead = ([low, high]: [number, number], sign: 1 | -1): [number, number] =>
  sign === 1 ? [low, Infinity] : [-Infinity, high]
const behind = ([low, high]: [number, number], sign: 1 | -1): [number, number] =>
  sign === 1 ? [-Infinity, high] : [low, Infinity]

/** Whether anything of the second line lies further on than anything of the first. */
function isAhead(moving: Stretch[], standing: Stretch[], sign: 1 | -1): boolean {
  if (moving.length === 0 || standing.length === 0) return false
  const end = (stretches: Stretch[]): number => Math.max(...stretches.map(({ to }) => to))
  return sign === 1 ? end(standing) > moving[0].from + TINY : standing[0].from < end(moving) - TINY
}

/** Whether a panel that moves straight one way hits another one, of a plane at a right angle to its own. */
function hitsAcross(moving: Solid, standing: Solid, { axis, sign }: Way): boolean {
  const line = thirdAxis(moving.normal, standing.normal)
  if (axis === moving.normal) {
    const sweep = ahead(moving.slab, sign)
    return sharedLength(moving.cover(line, standing.slab), standing.cover(line, sweep)) > TINY
  }
  if (axis === line)
    return isAhead(moving.cover(line, standing.slab), standing.cover(line, moving.slab), sign)
  const sweep = behind(standing.slab, sign)
  return sharedLength(moving.cover(line, sweep), standing.cover(line, moving.slab)) > TINY
}

/** The same for two panels that lie side by side, or one behind the other. */
function hitsAlong(moving: Solid, standing: Solid, { axis, sign }: Way): boolean {
  const { normal } = moving
  const isInPlane =
    Math.min(moving.slab[1], standing.slab[1]) - Math.max(moving.slab[0], standing.slab[0]) > TINY
  const isBefore = (on: Axis): boolean =>
    sign === 1
      ? standing.block.max[on] > moving.block.min[on] + TINY
      : standing.block.min[on] < moving.block.max[on] - TINY
  if (axis === normal)
    return (
      !isInPlane &&
      isBefore(axis) &&
      sharedArea(onOnePlane(moving.panel, normal), onOnePlane(standing.panel, normal)) > TINY
    )
  const across = thirdAxis(axis, normal)
  const overlap =
    Math.min(moving.block.max[across], standing.block.max[across]) -
    Math.max(moving.block.min[across], standing.block.min[across])
  return isInPlane && overlap > TINY && isBefore(axis)
}

/**
 * A panel that stands in a pocket of another one goes no deeper; the pocket's own walls are looked at as
 * cuts.
 */
function goesDeeper(joint: Joint, moving: Solid, holder: Solid, { axis, sign }: Way): boolean {
  if (axis !== holder.normal) return false
  const outward = wayOf(holder.panel.frame, 'z').sign
  return joint.parts[0] === holder.panel.id && moving.panel.id !== holder.panel.id
    ? sign === outward
    : sign !== outward
}

/** An assembly whose panels can be asked whether they move. */
export class Motions {
  private readonly solids: Map<string, Solid>
  private readonly pocketed = new Map<string, Solid>()
  private readonly pockets = new Map<string, Joint>()
  private readonly known = new Map<string, boolean>()

  constructor({ joints }: Pick<Assembly, 'joints'>, panels: Panel[]) {
    this.solids = new Map(panels.map((panel) => [panel.id, new Solid(panel)]))
    for (const joint of joints) {
      const [holder, guest] = joint.parts
      // Joints of parts that are not asked about do not matter.
      if (joint.depth === null || !this.solids.has(holder)) continue
      this.pockets.set(`${holder} ${guest}`, joint)
      const { panel } = this.solids.get(holder)!
      this.pocketed.set(`${holder} ${guest}`, new Solid(panel, openedFor(panel, joint)))
    }
  }

  /** Whether one panel, moving straight one way, hits another one. */
  private hits(movingId: string, standingId: string, way: Way): boolean {
    const key = `${movingId} ${standingId} ${way.axis}${way.sign}`
    const known = this.known.get(key)
    if (known !== undefined) return known
    const joint =
      this.pockets.get(`${movingId} ${standingId}`) ?? this.pockets.get(`${standingId} ${movingId}`)
    const moving = this.pocketed.get(`${movingId} ${standingId}`) ?? this.solids.get(movingId)!
    const standing = this.pocketed.get(`${standingId} ${movingId}`) ?? this.solids.get(standingId)!
    const holder = joint && (joint.parts[0] === movingId ? moving : standing)
    const hit =
      (joint !== undefined && goesDeeper(joint, moving, holder!, way)) ||
      (moving.normal === standing.normal
        ? hitsAlong(moving, standing, way)
        : hitsAcross(moving, standing, way))
    this.known.set(key, hit)
    return hit
  }

  /** The ways in which a panel leaves the others, straight and at one go. */
  waysOut(id: string, others: string[]): Way[] {
    return WAYS.filter((way) => this.moves(id, others, way))
  }

  /** Whether a panel comes out one way, straight, past all the others. */
  moves(id: string, others: string[], way: Way): boolean {
    return others.every((other) => other === id || !this.hits(id, other, way))
  }
}

/** One panel coming in: from which side, and what stands already. */
export interface Arrival {
  id: string
  /** Itself, and the other panels of the same bent sheet. */
  together: string[]
  /** The way it moves to get in; the first one needs none. */
  way: Way | null
  standing: string[]
}

/**
 * An order in which panels come in one by one, straight, found by taking the whole apart.
 * @param wanted the order that would be taken if nothing stood in the way
 * @returns the arrivals, or the panels that lock each other
 */
export function buildOrder(
  assembly: Assembly,
  panels: Panel[],
  wanted: string[],
): { arrivals: Arrival[] } | { locked: string[] } {
  const motions = new Motions(assembly, panels)
  const arrivals: Arrival[] = []
  let left = unitsOf(wanted, assembly.sheets)
  while (left.length > 0) {
    const ids = left.flat()
    const out = [...left]
      .reverse()
      .map((unit) => {
        const others = ids.filter((id) => !unit.includes(id))
        const ways = unit.map((id) => motions.waysOut(id, others))
        const common = ways[0].filter((way) => ways.every((own) => own.some(isSame(way))))
        return { unit, ways: common }
      })
      .find(({ ways }) => ways.length > 0)
    if (!out) return { locked: ids }
    left = left.filter((unit) => unit !== out.unit)
    const [id] = out.unit
    const way = bestWay(
      out.ways,
      panels.find((panel) => panel.id === id)!,
    )
    arrivals.unshift({
      id,
      together: out.unit,
      way: left.length === 0 ? null : { axis: way.axis, sign: -way.sign as 1 | -1 },
      standing: left.flat(),
    })
  }
  return { arrivals }
}

/** Parts that come in together, in the place of the last of them. */
function unitsOf(wanted: string[], sheets: string[][]): string[][] {
  const sheetOf = (id: string): string[] | undefined => sheets.find((sheet) => sheet.includes(id))
  return wanted.flatMap((id, i) => {
    const sheet = sheetOf(id)
    if (!sheet) return [[id]]
    return wanted.slice(i + 1).some((later) => sheet.includes(later)) ? [] : [sheet]
  })
}

const isSame =
  (wanted: Way) =>
  ({ axis, sign }: Way): boolean =>
    axis === wanted.axis && sign === wanted.sign

/** Straight outward where that goes, then upward: that is how one works at a bench. */
function bestWay(ways: Way[], { frame }: Panel): Way {
  const outward = wayOf(frame, 'z')
  return ways.find(isSame(outward)) ?? ways.find(isSame({ axis: 'z', sign: 1 })) ?? ways[0]
}
