import { LIES_IN_USE, shareCells, type BoxSpec } from '../box'
import { withFitting, withoutFitting, type Fitting, type Plate } from '../fittings'
import { roundLength } from '../joints'
import type { Cabinet } from './schema'
import { opened } from './opened'
import { LEAST, refused, type Member, type Place, type Result, type WholeContext } from './types'

/** An opening of the case: where it is, from the left and from below, mm. */
interface Opening {
  column: number
  row: number
  x: number
  z: number
  width: number
  height: number
}

const one = <T>(cells: (T | null)[]): (T | null)[] => (cells.length > 0 ? cells : [null])

/** Where each cell begins, beside those before it. */
const starts = (widths: number[], between: number): number[] =>
  widths.map((_, i) => widths.slice(0, i).reduce((sum, width) => sum + width + between, 0))

/** How a drawer's plate reaches past it, so that neighbouring plates leave the gap between them. */
function plateFor(
  { gap, side, above }: Cabinet,
  opening: Opening,
  [columns, rows]: [number, number],
  walls: { left: number; right: number; below: number; top: number; upright: number; shelf: number },
): Plate {
  const { column, row } = opening
  const half = (thickness: number): number => (thickness - gap) / 2
  return {
    type: 'plate',
    left: roundLength(side + (column === 0 ? walls.left : half(walls.upright))),
    right: roundLength(side + (column === columns - 1 ? walls.right : half(walls.upright))),
    up: roundLength(above + (row === 0 ? walls.top : half(walls.shelf))),
    down: roundLength(row === rows - 1 ? walls.below : half(walls.shelf)),
  }
}

const put = (fittings: Fitting[], own: Fitting | null): Fitting[] =>
  own ? withFitting(fittings, own) : fittings

/** A case on its back, as a box that is open upward: its depth is the cabinet's height. */
function caseOf(cabinet: Cabinet, rows: number[]): Member {
  const { width, height, depth, columns, on, runner } = cabinet
  const setBack = cabinet.front === 'set back' ? cabinet.setBack : 0
  const runners: Fitting | null =
    on === 'runners' && rows.length > 1
      ? { type: 'runners', rows: [...rows].reverse(), high: runner, setBack }
      : null
  return {
    name: 'case',
    copies: 1,
    fixed: (box): BoxSpec => ({
      ...box,
      sizesAre: 'outer',
      width,
      depth: height,
      height: depth,
      lies: 'on its back',
      dividers: {
        ...box.dividers,
        columns: { cells: columns, height: null, lift: 0 },
        rows: { cells: on === 'shelves' ? [...cabinet.rows].reverse() : [], height: null, lift: 0 },
        scoop: 0,
      },
      fittings: put(withoutFitting(opened(box), 'runners'), runners),
    }),
  }
}

/** Everything that a drawer is told apart by. */
interface DrawerSize {
  width: number
  depth: number
  height: number
  plate: Plate | null
}

const drawerOf =
  ({ pull }: Cabinet, { width, depth, height, plate }: DrawerSize): Member['fixed'] =>
  (box): BoxSpec => ({
    ...box,
    sizesAre: 'outer',
    width,
    depth,
    height,
    lies: 'upright',
    fittings: put(
      put(withoutFitting(withoutFitting(opened(box), 'plate'), 'pull'), plate),
      pull.kind === 'none' ? null : { type: 'pull', kind: pull.kind, size: pull.size },
    ),
  })

/** A case of columns and rows, and a drawer in every opening; equal drawers are one member. */
export function arrangeCabinet(cabinet: Cabinet, { first }: WholeContext): Result {
  const { width, height, depth, on, runner, side, above, behind } = cabinet
  const { mean: t } = first.materials
  const between = on === 'shelves' ? t.dividers : runner
  // On its back, the case's own front wall is below, its back wall on top, its floor behind.
  const inside = {
    width: width - t.left - t.right,
    height: height - t.front - t.back,
    depth: depth - t.floor,
  }
  const columns = shareCells(one(cabinet.columns), inside.width, t.dividers)
  if (!columns.ok)
    return refused('columns', { kind: 'cells', cells: 'columns', over: columns.over, room: inside.width })
  const rows = shareCells(one(cabinet.rows), inside.height, between)
  if (!rows.ok) return refused('rows', { kind: 'cells', cells: 'rows', over: rows.over, room: inside.height })
  const setBack = cabinet.front === 'set back' ? cabinet.setBack : 0
  const deep = roundLength(inside.depth - behind - setBack)
  if (deep < LEAST) return refused('depth', { kind: 'no room', size: 'depth', left: deep })
  const xs = starts(columns.widths, t.dividers).map((x) => x + t.left)
  const fromTop = starts(rows.widths, between)
  const openings = rows.widths.flatMap((high, row) =>
    columns.widths.map((wide, column): Opening => {
      const z = height - t.back - fromTop[row] - high
      return { column, row, x: xs[column], z, width: wide, height: high }
    }),
  )
  const counts: [number, number] = [columns.widths.length, rows.widths.length]
  const walls = {
    left: t.left,
    right: t.right,
    below: t.front,
    top: t.back,
    upright: t.dividers,
    shelf: between,
  }
  const members: (Member & { key: string })[] = []
  const places: Place[] = []
  for (const [i, opening] of openings.entries()) {
    const size: DrawerSize = {
      width: roundLength(opening.width - 2 * side),
      depth: deep,
      height: roundLength(opening.height - above),
      plate: cabinet.front === 'plate' ? plateFor(cabinet, opening, counts, walls) : null,
    }
    if (size.width < LEAST) return refused('columns', { kind: 'no room', size: 'width', left: size.width })
    if (size.height < LEAST) return refused('rows', { kind: 'no room', size: 'height', left: size.height })
    const key = JSON.stringify(size)
    let member = members.findIndex((each) => each.key === key)
    if (member < 0) member = members.push({ key, name: '', copies: 0, fixed: drawerOf(cabinet, size) }) - 1
    members[member].copies += 1
    const at = { x: roundLength(opening.x + side), y: setBack, z: roundLength(opening.z) }
    places.push({
      member: member + 1,
      label: `drawer ${i + 1}`,
      pose: { lie: LIES_IN_USE.upright, at },
      group: { way: { axis: 'y', sign: -1 }, range: deep },
    })
  }
  const drawers = members.map(({ copies, fixed }, i): Member => ({
    name: members.length === 1 ? 'drawer' : `drawer ${String.fromCharCode(65 + i)}`,
    copies,
    fixed,
  }))
  const shell: Place = {
    member: 0,
    label: 'case',
    pose: { lie: LIES_IN_USE['on its back'], at: { x: 0, y: depth, z: 0 } },
    group: null,
  }
  return {
    ok: true,
    arranged: { members: [caseOf(cabinet, rows.widths), ...drawers], places: [shell, ...places] },
  }
}
