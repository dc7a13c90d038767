import type { Size } from '../assembly'
import type { SpecProblem } from './problems'
import { boxSizes, type BoxSpec, type Thicknesses } from './spec'

/** What is left of a wall beside a hole, in thicknesses. [FM] */
const WEB = 1

/** What a drawer is drawn out by must lie within its front. */
function gripProblem(spec: BoxSpec, t: Thicknesses): SpecProblem[] {
  const { kind, size } = spec.fittings.pull
  if (kind === 'none') return []
  const { outer } = boxSizes(spec, t)
  // Beside the walls and above the floor, so that no joint is cut into.
  const wide = outer.x - 2 * Math.max(t.left, t.right) - 2 * WEB * t.front
  const high = outer.z - 2 * t.floor - 2 * WEB * t.front
  const most = {
    hole: Math.min(wide, high),
    knob: Math.min(outer.x, outer.z),
    slot: Math.min(wide / 3, high),
    'half-round': Math.min(wide, 2 * (outer.z - t.floor - 2 * WEB * t.front)),
  }[kind]
  return size > most ? [{ kind: 'grip', field: 'pull-size', most: Math.floor(most) }] : []
}

/** How much room there is for each hole of every row, from middle to middle, mm. */
const pitches = (rows: { count: number }[], inner: Pick<Size, 'x' | 'y'>): number[] =>
  rows.map(({ count }) => Math.min(inner.x / count, inner.y / rows.length))

function holeProblems({ fittings: { holes } }: BoxSpec, t: Thicknesses, inner: Size): SpecProblem[] {
  if (!holes) return []
  const room = pitches(holes.rows, inner)
  return holes.rows.flatMap(({ lip }, i): SpecProblem[] => {
    const most = room[i] - WEB * t.floor
    return lip + holes.play > most ? [{ kind: 'holes', field: 'holes', row: i + 1, most }] : []
  })
}

/** Rows of things that would touch each other where they are widest, counted from 1. */
export function crowdedRows({ fittings: { holes } }: BoxSpec, inner: Pick<Size, 'x' | 'y'>): number[] {
  if (!holes) return []
  const { rows } = holes
  return rows.flatMap(({ count, widest }, i) => {
    const next = rows[i + 1]?.widest ?? 0
    const beside = count > 1 && widest > inner.x / count
    const behind = next > 0 && (widest + next) / 2 > inner.y / rows.length
    return beside || behind ? [i + 1] : []
  })
}

/** What is wrong with what is added to the walls of a box. */
export function fittingProblems(spec: BoxSpec, t: Thicknesses, inner: Size): SpecProblem[] {
  const { arch } = spec.fittings
  const most = Math.floor(inner.z - WEB * t.floor)
  return [
    ...gripProblem(spec, t),
    ...holeProblems(spec, t, inner),
    ...(arch > 0 && arch > most ? [{ kind: 'rim arch' as const, field: 'rim-arch' as const, most }] : []),
  ]
}
