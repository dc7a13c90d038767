import type { DerivedBox } from '../derive'
import { lidOf } from '../fittings'
import type { Job } from '../job'
import type { Say } from '../length'
import type { Working } from '../working'

/** What stands behind the size that was not typed. */
export function sizeWorking(
  { sizes, thickness }: Pick<DerivedBox, 'sizes' | 'thickness'>,
  spec: Job['box'],
  say: Say,
): Working {
  const isOuter = spec.sizesAre === 'outer'
  const [given, other] = isOuter ? [sizes.outer, sizes.inner] : [sizes.inner, sizes.outer]
  const isClosed = lidOf(spec) !== null
  const t = say.finePlain(thickness.mean)
  const walls = { x: 2, y: 2, z: (isClosed ? 1 : 0) + (spec.floor.kind === 'none' ? 0 : 1) }
  const line = (axis: 'x' | 'y' | 'z'): string => {
    const taken = sizes.outer[axis] - sizes.inner[axis]
    const plain = Math.abs(taken - walls[axis] * thickness.mean) < 1e-6
    const what = plain ? `${walls[axis]} × ${t}` : say.plain(taken)
    return `${say.plain(given[axis])} ${isOuter ? '−' : '+'} ${what} = ${say.plain(other[axis])}`
  }
  return {
    title: isOuter ? 'Inner size' : 'Outer size',
    result: say.size([other.x, other.y, other.z]),
    formula: isOuter
      ? 'inner = outer − the walls met on that axis'
      : 'outer = inner + the walls met on that axis',
    substituted: [line('x'), line('y'), line('z')].join('; '),
    terms: [
      {
        symbol: spec.sizesAre,
        meaning: 'width × depth × height',
        value: say.size([given.x, given.y, given.z]),
        source: 'your choice',
      },
      {
        symbol: 'T',
        meaning: 'mean thickness',
        value: say.fine(thickness.mean),
        source: thickness.measured ? 'reading' : 'default',
      },
    ],
    note: isClosed ? 'Height loses the floor and the top.' : 'Height loses the floor only: the box is open.',
  }
}

/** Advice about tabs that can be cut but may not please. */
export function tabAdvice({ made }: Pick<DerivedBox, 'made'>): string[] {
  const isEven = made?.edges.some(({ kind, shares }) => kind === 'fingers' && shares.length % 2 === 0)
  return isEven
    ? ['An even count makes the two ends of an edge differ: opposite corners will not look alike.']
    : []
}
