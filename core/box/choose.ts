import { lidBegun, lidOf, toHalf, WEB, withFitting, withoutFitting, type Lid } from '../fittings'
import { isRimFree, type BoxSpec, type CornerKind, type FloorKind } from './spec'
import { chainOf } from './bends'
import type { IntoKind } from './cells'

/** Corners of another kind, set in so far that they can be made. @param thickness of the walls, mm */
export function withCorners(spec: BoxSpec, kind: CornerKind, thickness: number): BoxSpec {
  const setIn = kind === 'lap' ? 4 * thickness : kind === 'tenon' ? WEB * thickness : 0
  const isSet = kind === 'lap' || kind === 'tenon'
  const corners = { ...spec.corners, kind, setIn: isSet ? Math.max(spec.corners.setIn, toHalf(setIn)) : 0 }
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
  const raised = Math.max(needed > 0 ? spec.floor.raised : 0, toHalf(needed))
  const depth = Math.min(spec.floor.depth, Math.max(0.1, Number((thickness / 2).toFixed(2))))
  return { ...spec, floor: { ...spec.floor, kind, raised, depth } }
}

/** What goes when a box is closed so: a low front, and slots at the rim that could not be reached. */
function underTop(spec: BoxSpec, lid: Lid, thickness: number): BoxSpec {
  const fittings = withFitting(withoutFitting(spec.fittings, 'rim'), lid)
  const next = { ...spec, fittings }
  return spec.dividers.into === 'slot' && !isRimFree(next) ? withInto(next, 'tenon', thickness) : next
}

/** A box closed another way, by the name of its lid, or open. @param thickness of the walls, mm @param own */
export function withLid(spec: BoxSpec, name: string | null, thickness: number, own: object = {}): BoxSpec {
  const lid = lidOf(spec)
  if (name === null) return lid ? { ...spec, fittings: withoutFitting(spec.fittings, lid.type) } : spec
  return underTop(spec, { ...lidBegun(name, spec, thickness, own), ...own } as Lid, thickness)
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
    tabs: { ...spec.tabs, over: 'between' },
  }
  return isTopped || lidOf(spec) ? withLid(fingered, 'fingers', thickness) : fingered
}
