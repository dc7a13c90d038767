import { blockOf, Motions, onPart, pointOnPart, slabOf, wayOf, type Feature, type Panel } from '../assembly'
import { opens, type Box } from '../box'
import { fittingOf, kindOfLid, lidOf } from '../fittings'
import {
  area,
  bounds,
  difference,
  intersection,
  rectangle,
  ringsOf,
  transformPoint,
  type Bounds,
  type Point,
  type Region,
} from '../geometry'
import { largestContents, shortOf } from './largest-contents'

/** What a box was made for and cannot do, the panels that are in question, and where. */
export interface Useless {
  kind: 'shut in' | 'closed' | 'no room for fingers' | 'no grip' | 'no corner free' | 'does not go in'
  /** What cannot be used, and what is in its way. */
  panel: string
  by: string | null
  at: Point | null
}

/** Room that fingers need behind what they reach through, mm; what touches a panel is this near. [FM] */
const FINGERS = 12
const TOUCHES = 0.5
/** As much of an opening, in one piece, is to be free of what stands behind it, and of a pull. [FM] */
const FREE = { opening: 0.5, pull: 0.6 }

const PULLS: Feature['what'][] = ['finger hole', 'finger slot', 'finger notch']

/** What of another panel stands before or behind one, on its own plane; null where it is not near. */
function seenOn(panel: Panel, other: Panel, reach: number): Region | null {
  const { axis, ends } = slabOf(panel)
  const block = blockOf(other)
  // What touches it counts on either side; fingers reach inward alone.
  const [before, behind] = wayOf(panel.frame, 'z').sign === 1 ? [reach, TOUCHES] : [TOUCHES, reach]
  if (block.max[axis] < ends[0] - before || block.min[axis] > ends[1] + behind) return null
  const { minX, minY, maxX, maxY } = onPart(panel.frame, block)
  if (slabOf(other).axis !== axis) return { outline: rectangle(minX, minY, maxX, maxY), holes: [] }
  const { outline, holes } = other.region
  const onto = ({ x, y }: Point): Point => {
    const [bx, by, bz] = transformPoint(other.frame, [x, y, 0])
    return pointOnPart(panel.frame, { x: bx, y: by, z: bz })
  }
  return { outline: outline.map(onto), holes: holes.map((ring) => ring.map(onto)) }
}

/** The largest piece that is left of a shape on a panel, as a share of it. */
function freeOf(panel: Panel, { shape }: Feature, by: Region): number {
  const { minX, minY, maxX, maxY } = bounds(panel.region.outline)
  const [own] = intersection({ outline: shape, holes: [] }, rectangle(minX, minY, maxX, maxY))
  if (!own) return 1
  const left = difference(own, ringsOf(by))
  return Math.max(0, ...left.map(area)) / area(own)
}

const middleOf = ({ shape }: Feature): Point => {
  const { minX, minY, maxX, maxY } = bounds(shape)
  return { x: (minX + maxX) / 2, y: (minY + maxY) / 2 }
}

/** What stands before or behind a panel, and within which rectangle. */
interface Near {
  by: Panel
  seen: Region
  within: Bounds
}

const nearTo = (panel: Panel, panels: Panel[], reach: number): Near[] =>
  panels.flatMap((by) => {
    const seen = by === panel ? null : seenOn(panel, by, reach)
    return seen ? [{ by, seen, within: bounds(seen.outline) }] : []
  })

const meet = (a: Bounds, b: Bounds): boolean =>
  a.minX < b.maxX && b.minX < a.maxX && a.minY < b.maxY && b.minY < a.maxY

/** Openings that something closes, and what is to be gripped with nothing but that behind it. */
function blocked(panels: Panel[]): Useless[] {
  return panels.flatMap((panel) => {
    const isAsked = ({ what, depth, joint }: Feature): boolean =>
      depth === null && joint === null && (what === 'opening' || PULLS.includes(what))
    const asked = panel.features.filter(isAsked)
    if (asked.length === 0) return []
    const near = { pull: nearTo(panel, panels, FINGERS), opening: nearTo(panel, panels, TOUCHES) }
    return asked.flatMap((feature): Useless[] => {
      const use = PULLS.includes(feature.what) ? 'pull' : 'opening'
      const own = bounds(feature.shape)
      const found = near[use].find(
        ({ seen, within }) => meet(own, within) && freeOf(panel, feature, seen) < FREE[use],
      )
      if (!found) return []
      const kind = use === 'pull' ? 'no room for fingers' : 'closed'
      return [{ kind, panel: panel.id, by: found.by.id, at: middleOf(feature) }]
    })
  })
}

/** Dividers that are meant to come out, in an open box or under a lid that opens, and cannot be drawn out. */
function shutIn({ spec, assembly, dividers }: Box, panels: Panel[]): Useless[] {
  if (dividers.length === 0 || spec.dividers.into === 'tenon' || (lidOf(spec) && !opens(spec))) return []
  const isLid = (id: string): boolean => assembly.groups.some(({ parts }) => parts.includes(id))
  const own = dividers.map(({ part }) => part.id)
  const others = panels.map(({ id }) => id).filter((id) => !isLid(id) && !own.includes(id))
  const motions = new Motions(assembly, panels)
  const up = { axis: 'z', sign: 1 } as const
  return own.flatMap((id): Useless[] => {
    const by = others.find((other) => !motions.moves(id, [other], up))
    return by ? [{ kind: 'shut in', panel: id, by, at: null }] : []
  })
}

/** A lid with nothing to take hold of it by. */
function gripless({ spec }: Box, panels: Panel[]): Useless[] {
  const lid = lidOf(spec)
  if (!lid || kindOfLid(lid).sits === 'on the walls' || !opens(spec)) return []
  const top = panels.find(({ id }) => id === 'top')
  const isHeld = top?.features.some(
    ({ what }) => PULLS.includes(what) || what === 'opening' || what === 'scoop',
  )
  return isHeld ? [] : [{ kind: 'no grip', panel: 'top', by: null, at: null }]
}

/** Corners that are to be taken off where none is free. */
function unchanged({ spec }: Box, panels: Panel[]): Useless[] {
  const isCut = panels.some(({ features }) => features.some(({ what }) => what === 'corner'))
  const isAsked = fittingOf(spec, 'softened') !== null && panels.length > 0
  return isAsked && !isCut ? [{ kind: 'no corner free', panel: panels[0].id, by: null, at: null }] : []
}

/** Less than that is the play of a hand, mm. */
const FELT = 0.005

/** A thing that has to go in and is larger than what is free; it may lie the other way round. */
function leftOut(box: Box, panels: Panel[]): Useless[] {
  const own = fittingOf(box.spec, 'contents')
  if (!own || panels.length === 0) return []
  const free = largestContents(box)
  const goes = (thing: typeof own): boolean => {
    const { x, y, z } = shortOf(thing, free)
    return Math.max(x, y, z) <= FELT
  }
  if (goes(own) || goes({ ...own, width: own.depth, depth: own.width })) return []
  const floor = panels.find(({ id }) => id === 'floor') ?? panels[0]
  return [{ kind: 'does not go in', panel: floor.id, by: null, at: null }]
}

/** Proves that a box can be used: what comes out does, what is open is, what is gripped can be. */
export const proveUse = (box: Box, panels: Panel[]): Useless[] =>
  box.angled
    ? []
    : [
        ...shutIn(box, panels),
        ...blocked(panels),
        ...gripless(box, panels),
        ...unchanged(box, panels),
        ...leftOut(box, panels),
      ]
