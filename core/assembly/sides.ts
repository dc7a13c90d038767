import { paint, sideOf, type Bounds } from '../geometry'
import { claimsContext, strokesOf, type Source, type Wanted } from './claimed'
import { wayOf } from './place'
import type { PanelSide } from './panel-side'
import { plateSidesOf } from './plates-sides'
import type { Assembly, Part } from './types'

/** What is told of a side of a stroke, found by where that side lies in the box. */
function toldOf({ frame }: Part, source: Source, side: keyof Bounds): Pick<PanelSide, 'kind' | 'joint'> {
  const { axis, sign } = wayOf(frame, side === 'minX' || side === 'maxX' ? 'x' : 'y')
  const told = source[axis]?.[side.startsWith('min') === (sign === 1) ? 'low' : 'high']
  return told && told.kind !== 'free' ? told : { kind: 'free', joint: null }
}

/**
 * What each piece of a panel's border is: a glue line, a face that slides, the wall of a slot, or free.
 * Openings and pockets are the part's features, and not told here.
 */
export function sidesOf(assembly: Assembly, id: string, wanted: Wanted): PanelSide[] {
  const part = assembly.parts.find((each) => each.id === id)!
  if (part.sides) return plateSidesOf(part, assembly, wanted)
  const { strokes, sources } = strokesOf(part, claimsContext(assembly, wanted))
  const { traced, xs, ys } = paint(strokes)
  return [...traced.values()].flatMap(({ columns, rows, strokes: made, ways }) =>
    ways.map((way, i): PanelSide => {
      const next = (i + 1) % ways.length
      return {
        from: { x: xs[columns[i]], y: ys[rows[i]] },
        to: { x: xs[columns[next]], y: ys[rows[next]] },
        ...toldOf(part, sources[made[i]], sideOf(strokes[made[i]].fill, way)),
      }
    }),
  )
}
