import { paint, sideOf, type Bounds, type Point } from '../geometry'
import { claimsContext, strokesOf, type SideKind, type Source, type Wanted } from './claimed'
import { wayOf } from './place'
import type { Assembly, Part } from './types'

/** A straight piece of a panel's border, on its own plane, mm: what it is, and of which joint. */
export interface PanelSide {
  from: Point
  to: Point
  kind: SideKind
  /** Null where no joint made it. */
  joint: string | null
}

/** What a side of a stroke is: at an end of its joint, or across it. */
function kindOf({ frame }: Part, { joint, low, high, across }: Source, side: keyof Bounds): SideKind {
  if (!joint) return 'free'
  const own = side === 'minX' || side === 'maxX' ? 'x' : 'y'
  const { axis, sign } = wayOf(frame, own)
  if (axis !== joint.along) return across
  return side.startsWith('min') === (sign === 1) ? low : high
}

/**
 * What each piece of a panel's border is: a glue line, a face that slides, the wall of a slot, or free.
 * Openings and pockets are the part's features, and not told here.
 */
export function sidesOf(assembly: Assembly, id: string, wanted: Wanted): PanelSide[] {
  const part = assembly.parts.find((each) => each.id === id)!
  const { strokes, sources } = strokesOf(part, claimsContext(assembly, wanted))
  const { traced, xs, ys } = paint(strokes)
  return [...traced.values()].flatMap(({ columns, rows, strokes: made, ways }) =>
    ways.map((way, i): PanelSide => {
      const next = (i + 1) % ways.length
      const source = sources[made[i]]
      const kind = kindOf(part, source, sideOf(strokes[made[i]].fill, way))
      return {
        from: { x: xs[columns[i]], y: ys[rows[i]] },
        to: { x: xs[columns[next]], y: ys[rows[next]] },
        kind,
        joint: kind === 'free' ? null : source.joint!.id,
      }
    }),
  )
}
