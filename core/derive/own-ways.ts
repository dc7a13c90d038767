import type { Job } from '../job'
import type { Machine } from '../machine'
import type { OwnWay } from '../plan'
import type { Setting } from '../tune'
import type { DerivedThing } from './things'

const figure = (depth: number): string => String(Math.round(depth * 100) / 100)

/** Depths that differ by less are one, mm. */
const SAME = 0.005

/** How a pocket is called that is less deep than the deepest: it has a setting of its own. */
export const depthName = (depth: number, deepest: number): string | undefined =>
  deepest - depth < SAME ? undefined : `pockets ${figure(depth)} mm deep`

/** Depths of all pockets and grooves of all things, mm, the deepest first. */
export function depthsOf(things: DerivedThing[]): number[] {
  const panels = things.flatMap(({ box }) => box.panels ?? [])
  const all = panels.flatMap(({ features, faces }) => [
    ...features.flatMap(({ depth }) => (depth === null ? [] : [depth])),
    ...(faces ? [...faces.outside.pockets, ...faces.inside.pockets].map(({ depth }) => depth) : []),
  ])
  return [...new Set(all)].sort((a, b) => b - a)
}

/**
 * What is cut by a setting of its own: the maker's own operations, and pockets that are less deep than the
 * setting for pockets is for. Depth goes with energy, and that with one over the speed.
 */
export function ownWays(
  { tune }: Pick<Job, 'tune'>,
  depths: number[],
  { pocket, colours }: { pocket: Setting; colours: Machine['colours'] },
): OwnWay[] {
  const [deepest = 0] = depths
  const shallow = depths.flatMap((depth): OwnWay[] => {
    const name = depthName(depth, deepest)
    if (!name) return []
    const speed = Math.round((pocket.speed * deepest) / depth)
    return [{ name, colour: colours.pocket, setting: { ...pocket, speed } }]
  })
  const own = tune.own.map(({ name, colour, setting }): OwnWay => ({ name, colour, setting }))
  return [...own, ...shallow]
}
