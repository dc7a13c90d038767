import { pointOnPart, slabOf, wayOf, type Panel, type Size } from '../assembly'
import { BARE, mapShapes, type Face, type Side } from '../art'
import { engravingsOn, type BoxSpec } from '../box'
import { transformPoint, type Point } from '../geometry'
import { burntBy } from './burnt'

/** The pocket for a magnet's partner, on the face that looks at it. */
interface Partner {
  /** The engraving that it belongs to, from 0. */
  index: number
  side: Side
  face: Face
}

/** Where a point of one panel's plane is straight across on another one. */
const across =
  (from: Panel, to: Panel) =>
  ({ x, y }: Point): Point => {
    const [ax, ay, az] = transformPoint(from.frame, [x, y, 0])
    const at: Size = { x: ax, y: ay, z: az }
    return pointOnPart(to.frame, at)
  }

/** Which face of a panel looks at another one that lies parallel to it; null where it is not parallel. */
export function facing(panel: Panel, other: Panel): Side | null {
  const [own, its] = [slabOf(panel), slabOf(other)]
  if (own.axis !== its.axis) return null
  const middle = ({ ends: [low, high] }: typeof own): number => (low + high) / 2
  const isAhead = (middle(its) - middle(own)) * wayOf(panel.frame, 'z').sign > 0
  return isAhead ? 'outside' : 'inside'
}

/** Pockets on a panel for the partners of magnets that are in others. */
export function partnersOn(panel: Panel, panels: Panel[], spec: BoxSpec): Partner[] {
  const isAsked = spec.engravings.some(({ how }) => how.kind === 'magnet' && how.with === panel.id)
  if (!isAsked) return []
  return panels
    .filter(({ id }) => id !== panel.id)
    .flatMap((from) =>
      engravingsOn(spec, from.id, from.blank).flatMap((one): Partner[] => {
        const { how } = one.of
        const side = facing(panel, from)
        if (how.kind !== 'magnet' || how.with !== panel.id || !side) return []
        const { pockets } = burntBy({ ...one, ...mapShapes(one, across(from, panel)) })
        return [{ index: one.index, side, face: { ...BARE, pockets } }]
      }),
    )
}
