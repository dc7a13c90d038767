import type { BoxSpec, CornerKind, FloorKind, TopKind } from './spec'
import { chainOf } from './bends'
import type { IntoKind } from './cells'

/** A web of wood beside a slot is left at least this wide, in thicknesses. [FM] */
const WEB = 2

/** A finger goes through this, mm. [CP] */
const PULL = 16

const round = (value: number): number => Math.round(value * 2) / 2

/** Corners of another kind, set in so far that they can be made. @param thickness of the walls, mm */
export function withCorners(spec: BoxSpec, kind: CornerKind, thickness: number): BoxSpec {
  const setIn = kind === 'lap' ? 4 * thickness : kind === 'tenon' ? WEB * thickness : 0
  const isSet = kind === 'lap' || kind === 'tenon'
  const corners = { ...spec.corners, kind, setIn: isSet ? Math.max(spec.corners.setIn, round(setIn)) : 0 }
  const floor = spec.floor.kind
  // Fingers along the floor would be slots open at the edge where walls stand in: that is what tenons are
  // for.
  // A bolt's hole would open at the edge where walls are flush; a lap has nothing to bolt.
  const bolts = kind === 'tenon' ? spec.bolts : { ...spec.bolts, uprights: null }
  const next = { ...spec, corners, bolts }
  return isSet && (floor === 'fingers' || floor === 'outside') ? withFloor(next, 'tenon', thickness) : next
}

/** A floor held another way, raised so far that it can be made. @param thickness of the walls, mm */
export function withFloor(spec: BoxSpec, kind: FloorKind, thickness: number): BoxSpec {
  const needed =
    kind === 'tenon' ? WEB * thickness : kind === 'groove' ? thickness : kind === 'ledge' ? 10 : 0
  const raised = Math.max(needed > 0 ? spec.floor.raised : 0, round(needed))
  const depth = Math.min(spec.floor.depth, Math.max(0.1, Number((thickness / 2).toFixed(2))))
  return { ...spec, floor: { ...spec.floor, kind, raised, depth } }
}

/** A top held another way. @param thickness of the walls, mm */
export function withLid(spec: BoxSpec, kind: TopKind, thickness: number): BoxSpec {
  const isIn = kind === 'tenon' || kind === 'slide'
  const lowered = isIn ? Math.max(spec.lid.lowered, round((kind === 'tenon' ? WEB : 1) * thickness)) : 0
  const depth = Math.min(spec.lid.depth, Math.max(0.1, Number((thickness / 2).toFixed(2))))
  // A narrow lid has no room for a finger; it is pushed.
  const wide = Math.min(spec.width, spec.depth) >= 3 * PULL ? PULL : 0
  const play = kind === 'hinge' ? Math.max(spec.lid.play, 0.3) : spec.lid.play
  const pull = kind === 'slide' && spec.lid.kind !== 'slide' ? wide : spec.lid.pull
  return { ...spec, lid: { ...spec.lid, kind, lowered, depth, pull, play } }
}

/** A box opened or closed: slots that are open at the rim could not be reached under a top. */
export function withTop(spec: BoxSpec, top: boolean, thickness: number): BoxSpec {
  const next = { ...spec, top }
  return top && spec.dividers.into === 'slot' ? withInto(next, 'tenon', thickness) : next
}

/** Dividers let in another way. @param thickness of the walls, mm */
export function withInto(spec: BoxSpec, into: IntoKind, thickness: number): BoxSpec {
  const depth = Math.min(spec.dividers.depth, Math.max(0.1, Number((thickness / 2).toFixed(2))))
  return { ...spec, dividers: { ...spec.dividers, into, depth } }
}

/** A record without one of its entries. */
export const without = <K extends string, V>(record: Partial<Record<K, V>>, key: K): Partial<Record<K, V>> =>
  Object.fromEntries(Object.entries(record).filter(([each]) => each !== key)) as Partial<Record<K, V>>

/** A sheet bent another way: all other edges get the fingers that go with it. */
export function withBends(spec: BoxSpec, kind: BoxSpec['bends']['kind'], thickness: number): BoxSpec {
  const bends = { ...spec.bends, kind }
  if (kind === 'none') return { ...spec, bends }
  const isTopped = chainOf({ bends }).includes('top')
  const fingered: BoxSpec = {
    ...spec,
    bends,
    corners: { ...spec.corners, kind: 'fingers', setIn: 0 },
    floor: { ...spec.floor, kind: 'fingers' },
    lid: { ...spec.lid, kind: 'fingers', lowered: 0 },
    tabs: { ...spec.tabs, over: 'between' },
  }
  return isTopped ? withTop(fingered, true, thickness) : fingered
}
