import type { Axis, Block, Claim, Joint, Lie, Part } from '../assembly'
import { grooveClaims, lapClaims, roundLength, tenonClaims, tenonShares, type EdgeRule } from '../joints'
import { dividerPlaces, shareCells, type DividerRow } from './cells'
import { frontDrop, kindOfLid, lidOf, partOf } from '../fittings'
import { wallTop, type Shell } from './shell'
import type { BoxSpec, PanelName } from './spec'

/**
 * Dividers between columns stand across the width (they run along y), those between rows across the depth.
 */
type Direction = 'columns' | 'rows'
const ACROSS: Record<Direction, Axis> = { columns: 'x', rows: 'y' }
const ALONG: Record<Direction, 'x' | 'y'> = { columns: 'y', rows: 'x' }
const WALLS_OF: Record<Direction, [PanelName, PanelName]> = {
  columns: ['front', 'back'],
  rows: ['left', 'right'],
}
const LIES: Record<Direction, Lie> = {
  columns: { x: { axis: 'y', sign: 1 }, y: { axis: 'z', sign: 1 }, z: { axis: 'x', sign: 1 } },
  rows: { x: { axis: 'x', sign: 1 }, y: { axis: 'z', sign: 1 }, z: { axis: 'y', sign: -1 } },
}
const NAMES: Record<Direction, string> = { columns: 'column', rows: 'row' }
/** What they are called in a case that stands on its back. */
const CASE_NAMES: Record<Direction, string> = { columns: 'upright', rows: 'shelf' }

/** Tenons of a divider in a wall: one in the middle, a third of its height. [CP] */
const ONE_TENON: EdgeRule = { rule: 'shares', count: 3 }

/** A divider, where it stands and how high it reaches. */
export interface Divider {
  part: Part
  direction: Direction
  place: [number, number]
  reach: { from: number; to: number }
}

/** How high the dividers of one direction reach, mm above the walls' lower edge. */
function reachOf(shell: Shell, { lift, height }: DividerRow): { from: number; to: number } {
  const { spec, room } = shell
  const from = room.min.z + lift
  const lid = lidOf(spec)
  const hung = (lid && kindOfLid(lid).hangs?.(lid, shell.materials.mean)) ?? 0
  const ceiling = roundLength(room.max.z - hung - frontDrop(spec))
  return { from, to: height === null ? ceiling : from + height }
}

/** The cells of one direction, in mm; the whole room where there are no dividers. */
function cellsOf(shell: Shell, direction: Direction): ReturnType<typeof shareCells> {
  const { room, materials, spec } = shell
  const axis = ACROSS[direction]
  const { cells } = spec.dividers[direction]
  return shareCells(
    cells.length > 0 ? cells : [null],
    room.max[axis] - room.min[axis],
    materials.mean.dividers,
  )
}

function makeRow(shell: Shell, direction: Direction): Divider[] {
  const { spec, room, materials, outer } = shell
  const cells = cellsOf(shell, direction)
  if (!cells.ok) return []
  const [across, along] = [ACROSS[direction], ALONG[direction]]
  const loose = spec.dividers.into === 'loose' ? spec.play.loose / 2 : 0
  const reach = reachOf(shell, spec.dividers[direction])
  return dividerPlaces(cells.widths, materials.mean.dividers).map(([low, high], i) => {
    const place: [number, number] = [
      roundLength(room.min[across] + low),
      roundLength(room.min[across] + high),
    ]
    const block: Block = { min: { x: 0, y: 0, z: 0 }, max: { x: 0, y: 0, z: 0 } }
    ;[block.min[across], block.max[across]] = place
    ;[block.min[along], block.max[along]] = [room.min[along] + loose, room.max[along] - loose]
    ;[block.min.z, block.max.z] = [reach.from, reach.to]
    const name = `${NAMES[direction]} ${i + 1}`
    const about = {
      id: name.replace(' ', '-'),
      label: spec.lies === 'on its back' ? `${CASE_NAMES[direction]} ${i + 1}` : name,
      thickness: materials.mean.dividers,
      thickest: materials.thickest.dividers,
    }
    return { part: partOf(about, LIES[direction], block, outer), direction, place, reach }
  })
}

/** Every divider of a box. */
export const makeDividers = (shell: Shell): Divider[] => [
  ...makeRow(shell, 'columns'),
  ...makeRow(shell, 'rows'),
]

type Made = Pick<Joint, 'kind' | 'claims' | 'depth' | 'between' | 'slots'>

/** How a divider goes into a wall that reaches up to `rim`; null where it stands free. */
function intoWall({ spec }: Shell, { reach: { from, to } }: Divider, rim: number): Made | null {
  const { into, depth } = spec.dividers
  switch (into) {
    case 'slot': {
      // A lap in a wall that reaches up to its rim: what stands over the divider is air.
      const claims = lapClaims({ from, to: rim }, { from, to })
      return { kind: 'lap', claims, depth: null, between: 'slide', slots: [true, false] }
    }
    case 'groove':
      return { kind: 'groove', claims: grooveClaims(from, to), depth, between: 'slide', slots: [true, false] }
    case 'tenon': {
      const shares = tenonShares(ONE_TENON, to - from, { mirrored: false, keyed: false })
      const claims = tenonClaims(shares, from, to)
      return { kind: 'tenon', claims, depth: null, between: 'glue', slots: [true, false] }
    }
    case 'loose':
      return null
  }
}

/** What is left round a divider where it goes in; its own play is on both of its sides. */
const playOf = ({ play, dividers }: BoxSpec): Joint['play'] => ({
  walls: play.slots + dividers.play,
  ends: play.laps,
  bottom: 0,
})

const asJoint = (
  shell: Shell,
  { kind, claims, depth, between, slots }: Made,
  parts: [string, string],
): Joint => ({
  id: `${parts[0]}-${parts[1]}`,
  kind,
  parts,
  claims,
  depth,
  between,
  slots,
  along: 'z',
  play: playOf(shell.spec),
  proud: kind === 'tenon',
  shares: claims.map(({ from, to }) => to - from),
  full: false,
})

/** A tab narrower than that is none, mm. [FM] */
const LEAST_TAB = 4

/** Tabs of a divider in the floor: one in the middle third of each stretch between those that it crosses. */
function footOf(shell: Shell, divider: Divider, all: Divider[]): Joint | null {
  const { spec, room } = shell
  const { direction, part } = divider
  if (!spec.dividers.foot || spec.dividers[direction].lift > 0 || spec.floor.kind === 'none') return null
  const along = ALONG[direction]
  const crossed = all.filter((other) => other.direction !== direction).map((other) => other.place)
  const ends = [room.min[along], ...crossed.flat().sort((a, b) => a - b), room.max[along]]
  const tabs: [number, number][] = []
  for (let i = 0; i + 1 < ends.length; i += 2) {
    const third = (ends[i + 1] - ends[i]) / 3
    if (third >= LEAST_TAB) tabs.push([roundLength(ends[i] + third), roundLength(ends[i + 1] - third)])
  }
  if (tabs.length === 0) return null
  const cuts = [ends[0], ...tabs.flat(), ends[ends.length - 1]]
  const claims = cuts.slice(1).map((to, i): Claim => ({ owner: i % 2 === 0 ? 0 : 1, from: cuts[i], to }))
  const between = spec.dividers.into === 'tenon' ? 'glue' : 'slide'
  const made: Made = { kind: 'tenon', claims, depth: null, between, slots: [true, false] }
  return { ...asJoint(shell, made, ['floor', part.id]), along, proud: false }
}

/** The joints of dividers with walls, with each other, and with the floor. */
export function dividerJoints(shell: Shell, dividers: Divider[]): Joint[] {
  const walls = dividers.flatMap((divider) =>
    WALLS_OF[divider.direction].flatMap((wall) => {
      const made = intoWall(shell, divider, wallTop(shell, wall))
      return made ? [asJoint(shell, made, [wall, divider.part.id])] : []
    }),
  )
  const columns = dividers.filter(({ direction }) => direction === 'columns')
  const rows = dividers.filter(({ direction }) => direction === 'rows')
  const crossings = columns.flatMap((column) =>
    rows.flatMap((row): Joint[] => {
      // The taller one comes from above: its slot opens downward, and nothing of it is left over the other.
      const [first, second] = column.reach.to > row.reach.to ? [row, column] : [column, row]
      if (Math.min(first.reach.to, second.reach.to) <= Math.max(first.reach.from, second.reach.from))
        return []
      const claims = lapClaims(first.reach, second.reach)
      const made: Made = { kind: 'lap', claims, depth: null, between: 'slide', slots: [true, true] }
      return [asJoint(shell, made, [first.part.id, second.part.id])]
    }),
  )
  const feet = dividers.flatMap((divider) => footOf(shell, divider, dividers) ?? [])
  return [...walls, ...crossings, ...feet]
}
