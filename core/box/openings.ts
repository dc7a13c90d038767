import { onPart, pointOnPart, slabOf, type Feature, type Part, type Size } from '../assembly'
import {
  archRing,
  cornerCut,
  cornersOf,
  disc,
  halfEllipse,
  quarterOf,
  slotRing,
  type Point,
  type Ring,
} from '../geometry'
import { bendReach, chainOf } from './bends'
import type { Divider } from './dividers'
import { engravingsOn } from './engraving'
import { hingeFeatures } from './hinge'
import { baseOf, OPPOSITE, ringsOfOpening } from './opening'
import { rimFeatures } from './rim'
import { SIDES, WALLS, type Shell } from './shell'
import { raisedBy, slides, type PanelName } from './spec'

/** A point of the box by what is said of it. */
export const pointAt = (at: Partial<Size>): Size => ({ x: 0, y: 0, z: 0, ...at })

/** Goes right through, and is the maker's own. */
const through = (what: Feature['what'], shape: Ring): Feature => ({ what, depth: null, shape, joint: null })

/** Share of a cell that its scoop takes, and of a wall that its arch leaves to either foot. [FM] */
const SCOOP_SHARE = 0.6
const FOOT_SHARE = 0.12

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
    return through('scoop', halfEllipse(left, right, divider.part.blank.maxY, -scoop))
  })
}

/** How far behind its front edge a lid has its finger hole, in diameters. [FM] */
const PULL_PLACE = 1.25

/** The hole, or the notch for a thumb, that a sliding lid is drawn out by. */
function lidPull({ spec }: Shell, part: Part): Feature[] {
  const { pull } = spec.lid
  if (part.id !== 'top' || !slides(spec) || pull <= 0) return []
  const { minX, maxX, minY } = part.blank
  const middle = (minX + maxX) / 2
  if (spec.lid.grip === 'notch') {
    const notch = halfEllipse(middle - pull / 2, middle + pull / 2, minY, pull / 2)
    const below = [
      { x: middle - pull / 2, y: minY - 1 },
      { x: middle + pull / 2, y: minY - 1 },
    ]
    return [through('finger notch', [...notch, ...below])]
  }
  return [through('finger hole', disc({ x: middle, y: minY + pull * PULL_PLACE }, pull / 2))]
}

/** Where the middle of a drawer's front is, on the plane of the front or of its plate, and its upper edge. */
function frontOf({ outer }: Shell, { frame }: Part): { middle: Point; rim: number } {
  const middle = pointOnPart(frame, pointAt({ x: outer.x / 2, z: outer.z / 2 }))
  return { middle, rim: pointOnPart(frame, pointAt({ z: outer.z })).y }
}

/** A slot for fingers is so much longer than it is high. [FM] */
const SLOT_LONG = 3

/** What a drawer is drawn out by, in its front and in the plate before that. */
function drawerPull(shell: Shell, part: Part): Feature[] {
  const { kind, size } = shell.spec.fittings.pull
  if (part.id !== 'front' && part.id !== 'plate') return []
  const { middle, rim } = frontOf(shell, part)
  switch (kind) {
    case 'hole':
      return [through('finger hole', disc(middle, size / 2))]
    case 'slot':
      return [through('finger slot', slotRing(middle, SLOT_LONG * size, size))]
    case 'half-round': {
      // Through all that stands above the rim: a plate may reach higher than the wall behind it.
      const [left, right] = [middle.x - size / 2, middle.x + size / 2]
      const top = Math.max(rim, part.blank.maxY) + 1
      const notch = halfEllipse(left, right, rim, -size / 2)
      return [through('finger notch', [...notch, { x: left, y: top }, { x: right, y: top }])]
    }
    default:
      return []
  }
}

/** A knob is a disc: its blank loses the four corners. */
function roundKnob({ id, blank }: Part): Feature[] {
  if (id !== 'knob') return []
  const radius = (blank.maxX - blank.minX) / 2
  return cornersOf(blank).map(({ at, inward }) => through('corner', cornerCut(at, inward, radius)))
}

/** Arches along an edge of the walls: those below a raised floor, and those along the rim. */
function archesOf({ spec }: Shell, part: Part): Feature[] {
  if (!WALLS.some((name) => name === part.id)) return []
  const { minX, maxX, minY, maxY } = part.blank
  const foot = Math.max(part.thickness * 2, (maxX - minX) * FOOT_SHARE)
  const [left, right] = [minX + foot, maxX - foot]
  const arch = (edge: number, high: number): Feature[] =>
    high === 0 || right - left < 2 * Math.abs(high)
      ? []
      : [through('arch', archRing(left, right, edge, high))]
  return [...arch(minY, Math.min(spec.floor.arch, raisedBy(spec))), ...arch(maxY, -spec.fittings.arch)]
}

/** The holes that things stand in: every row shares out the width evenly, and the rows the depth. */
function holesOf(shell: Shell, part: Part): Feature[] {
  const { holes } = shell.spec.fittings
  if (part.id !== 'floor' || !holes) return []
  const field = onPart(part.frame, shell.room)
  const share = (low: number, high: number, i: number, of: number): number =>
    low + ((high - low) * (i + 0.5)) / of
  return holes.rows.flatMap(({ count, lip }, row) => {
    const y = share(field.minY, field.maxY, row, holes.rows.length)
    return Array.from({ length: count }, (_, i) =>
      through('hole', disc({ x: share(field.minX, field.maxX, i, count), y }, (lip + holes.play) / 2)),
    )
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
    return [through('corner', [at(-1, -1), first, ...round, last])]
  })
}

/** The maker's own openings, and those that are mirrored from the opposite panel. */
const placedOn = ({ spec }: Shell, part: Part): Feature[] =>
  spec.openings.flatMap((opening, i) => {
    const isHere = opening.panel === part.id
    if (!isHere && !(opening.mirrored && OPPOSITE[opening.panel] === part.id)) return []
    const base = baseOf(spec.openings.slice(0, i), opening.panel, opening.from, part.blank)
    const rings = ringsOfOpening(opening, base, isHere ? null : part.blank)
    // A scoop is at the edge on purpose.
    const what = opening.shape.kind === 'scoop' ? 'scoop' : 'opening'
    return rings.map((ring) => through(what, ring))
  })

/** What artwork cuts out. */
const artworkOn = ({ spec }: Shell, part: Part): Feature[] =>
  engravingsOn(spec, part.id, part.blank).flatMap(({ cuts }) =>
    cuts.map(({ outline }) => through('opening', outline)),
  )

/** All that the maker takes out of a part of the shell, or of what is added to it. */
export const openingsOf = (shell: Shell, part: Part): Feature[] => [
  ...archesOf(shell, part),
  ...rimFeatures(shell, part),
  ...lidPull(shell, part),
  ...drawerPull(shell, part),
  ...roundKnob(part),
  ...holesOf(shell, part),
  ...roundedBends(shell, part),
  ...placedOn(shell, part),
  ...artworkOn(shell, part),
  ...hingeFeatures(shell, part, (y, z) => pointOnPart(part.frame, pointAt({ y, z }))),
]
