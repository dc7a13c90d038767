import { pointOnPart, slabOf, type Feature, type Part } from '../assembly'
import { archFeature, pointAt, SIDES, throughFeature, WALLS, type PanelName } from '../fittings'
import { halfEllipse, quarterOf, type Point } from '../geometry'
import { bendReach, chainOf } from './bends'
import type { Divider } from './dividers'
import { engravingsOn } from './engraving'
import { baseOf, oppositeOf, ringsOfOpening } from './opening'
import type { Shell } from './shell'
import { raisedBy } from './spec'

/** Share of a cell that its scoop takes. [FM] */
const SCOOP_SHARE = 0.6

/** Scoops for fingers in the upper edge of a divider, one in each cell. */
export function scoopsOf({ spec, room }: Shell, divider: Divider, crossing: Divider[]): Feature[] {
  const { scoop } = spec.dividers
  if (scoop <= 0) return []
  const along = divider.direction === 'columns' ? 'y' : 'x'
  const borders = [room.min[along], ...crossing.flatMap(({ place }) => place), room.max[along]]
  const cells = borders.flatMap((from, i) => (i % 2 === 0 ? [[from, borders[i + 1]]] : []))
  return cells.map(([from, to]) => {
    const inset = ((to - from) * (1 - SCOOP_SHARE)) / 2
    const at = (value: number): number => pointOnPart(divider.part.frame, pointAt({ [along]: value })).x
    const [left, right] = [at(from + inset), at(to - inset)].sort((a, b) => a - b)
    return throughFeature('scoop', halfEllipse(left, right, divider.part.blank.maxY, -scoop))
  })
}

/** Panels across a bend are as round as it is on the inside. */
function roundedBends(shell: Shell, part: Part): Feature[] {
  const { spec, outer, materials } = shell
  const chain = chainOf(spec)
  return chain.slice(1).flatMap((name, i): Feature[] => {
    const [a, b] = [SIDES[chain[i]], SIDES[name]]
    const { axis: across } = slabOf(part)
    if (across === a.axis || across === b.axis) return []
    const reach = bendReach(spec, materials.mean[name])
    /** From the edge of the box inward. */
    const at = (alongA: number, alongB: number): Point => {
      const place = ({ axis, end }: (typeof SIDES)[PanelName], by: number): number =>
        end === 'low' ? by : outer[axis] - by
      return pointOnPart(part.frame, pointAt({ [a.axis]: place(a, alongA), [b.axis]: place(b, alongB) }))
    }
    const round = quarterOf(spec.bends.radius).map(({ x, y }) => at(reach - x, reach - y))
    const [first, last] = [at(-1, reach), at(reach, -1)]
    return [throughFeature('corner', [at(-1, -1), first, ...round, last])]
  })
}

/** The maker's own openings, and those that are mirrored from the opposite panel. */
export const placedOn = ({ spec }: Shell, part: Part): Feature[] =>
  spec.openings.flatMap((opening, i) => {
    const isHere = opening.panel === part.id
    if (!isHere && !(opening.mirrored && oppositeOf(opening.panel) === part.id)) return []
    const base = baseOf(spec.openings.slice(0, i), opening.panel, opening.from, part.blank)
    const rings = ringsOfOpening(opening, base, isHere ? null : part.blank)
    // A scoop is at the edge on purpose.
    const what = opening.shape.kind === 'scoop' ? 'scoop' : 'opening'
    return rings.map((ring) => throughFeature(what, ring))
  })

/** What artwork cuts out. */
export const artworkOn = ({ spec }: Shell, part: Part): Feature[] =>
  engravingsOn(spec, part.id, part.blank).flatMap(({ cuts }) =>
    cuts.map(({ outline }) => throughFeature('opening', outline)),
  )

/** Arches below a raised floor. */
const archesBelow = ({ spec }: Shell, part: Part): Feature[] =>
  WALLS.some((name) => name === part.id)
    ? archFeature(part, part.blank.minY, Math.min(spec.floor.arch, raisedBy(spec)))
    : []

/** All that the maker takes out of a part of the shell, or of what is added to it. */
export const openingsOf = (shell: Shell, part: Part): Feature[] => [
  ...archesBelow(shell, part),
  ...roundedBends(shell, part),
  ...placedOn(shell, part),
  ...artworkOn(shell, part),
]
