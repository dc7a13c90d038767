import {
  asOutline,
  bounds,
  liesOn,
  straightSides,
  type Side,
  offsetBy,
  shiftRegion,
  signedArea,
  type Point,
  type Region,
  type Ring,
} from '../geometry'
import { standardNormal, randomFrom } from '../statistics'
import type { Hidden, HiddenSheet } from './hidden'
import type { Run } from './runs'
import { pieces as words } from './words'

/** What came out of a sheet: its true shape where it lay, mm. */
export interface Piece {
  /** The way round it, as it was told to the laser. */
  way: Ring
  shape: Region
  thickness: number
  /** Full width of what was burnt away round it, across and along the sheet. */
  kerf: { x: number; y: number }
  free: boolean
  /** Why it is not as it should be, one sentence each. */
  faults: string[]
}

function isInside(ring: Ring, { x, y }: Point): boolean {
  let inside = false
  for (const [i, a] of ring.entries()) {
    const b = ring[(i + 1) % ring.length]
    if (a.y > y !== b.y > y && x < a.x + ((b.x - a.x) * (y - a.y)) / (b.y - a.y)) inside = !inside
  }
  return inside
}

/** Whether most corners of a ring lie inside of another: on a side that both share they may or may not. */
const liesIn = (ring: Ring, other: Ring): boolean =>
  ring.filter((point) => isInside(other, point)).length > ring.length / 2

/** Whether the straight way between an open run's ends is cut with another one's side. */
function isClosedByOthers(run: Run, runs: Run[]): boolean {
  const { points } = run
  if (run.closed || points.length < 4) return false
  const gap = { from: points[points.length - 1], to: points[0] }
  return runs.some(
    (other) =>
      other !== run && other.closed && straightSides(other.points).some((side) => isAlong(gap, side)),
  )
}

/** Whether a stretch lies on a side, whichever way either runs. */
const isAlong = ({ from, to }: Pick<Side, 'from' | 'to'>, side: Side): boolean =>
  liesOn({ from, to }, side) || liesOn({ from: to, to: from }, side)

/** More energy than this many times what is needed chars the edge. [FM] */
export const CHARS = 2.4

/** The kerf of a way, wider where more energy went in than was needed, and by its place on the bed. */
function kerfOf({ mean, points }: Run, hidden: Hidden, sheet: HiddenSheet, random: () => number) {
  const { kerf, widening, measuredAt, wander, bed } = hidden
  const wider = 1 + widening * Math.max(-0.5, Math.min(4, mean - measuredAt))
  const { minX, minY, maxX, maxY } = bounds(points)
  const place = bed.x * ((minX + maxX) / sheet.width - 1) + bed.y * ((minY + maxY) / sheet.height - 1)
  const here = place + wander * standardNormal(random)
  return { x: Math.max(0.01, kerf.x * wider + here), y: Math.max(0.01, kerf.y * wider + here) }
}

const millimetres = (value: number): string => `${value.toFixed(1)} mm`

/** How far a part that came loose too early may shift, mm. [FM] */
const SHIFTS = 1.2

/**
 * Sorts ways into pieces: each closed way that lies in an odd number of others is a hole, the others go round
 * something. Beam width is taken off all round, holes grow by it; what is not through is held.
 */
export function piecesOf(runs: Run[], sheet: HiddenSheet, hidden: Hidden): Piece[] {
  const random = randomFrom(hidden.seed * 65_537 + runs.length)
  const through = runs.filter((run) => run.mean > 0.5)
  const closed = through
    .filter((run) => run.closed || isClosedByOthers(run, through))
    .map((run) => ({ run, ring: asOutline(run.points), size: Math.abs(signedArea(run.points)) }))
    .sort((a, b) => b.size - a.size)
  const depth = closed.map(
    ({ ring }, i) =>
      closed.filter((other, j) => j !== i && other.size > closed[i].size && liesIn(ring, other.ring)).length,
  )
  return closed.flatMap(({ run, ring }, i): Piece[] => {
    if (depth[i] % 2 === 1) return []
    const kerf = kerfOf(run, hidden, sheet, random)
    const faults: string[] = []
    if (run.held > 0) faults.push(words.notCutThrough(millimetres(run.held), placeWords(run.heldAt!)))
    if (run.mean > CHARS) faults.push(words.edgeCharredMuch)
    const inside = closed.filter((other, j) => depth[j] === depth[i] + 1 && liesIn(other.ring, ring))
    const isLoose = run.held === 0
    if (run.bridges > 0) faults.push(words.heldBridgesBreak(run.bridges))
    // Slats hold what is wider than their distance; a loose part drops and shifts before its holes are cut.
    const late = isLoose && run.bridges === 0 ? inside.filter((other) => other.run.end > run.end) : []
    const shift = { x: (random() - 0.5) * 2 * SHIFTS, y: (random() - 0.5) * 2 * SHIFTS }
    if (late.length > 0) faults.push(words.cameLooseBefore(late.length))
    const [outer] = offsetBy({ outline: ring, holes: [] }, { x: -kerf.x / 2, y: -kerf.y / 2 })
    if (!outer) return []
    const holes = inside.flatMap((other) => {
      if (other.run.held > 0)
        faults.push(words.holeHoldsOver(millimetres(other.run.held), placeWords(other.run.heldAt!)))
      const own = kerfOf(other.run, hidden, sheet, random)
      const [grown] = offsetBy({ outline: other.ring, holes: [] }, { x: own.x / 2, y: own.y / 2 })
      const moved = late.includes(other) ? shiftRegion(grown, shift.x, shift.y) : grown
      return [[...moved.outline].reverse()]
    })
    const { minX, minY, maxX, maxY } = bounds(outer.outline)
    const middle = { x: (minX + maxX) / 2, y: (minY + maxY) / 2 }
    if (isLoose && run.bridges === 0 && Math.min(maxX - minX, maxY - minY) < hidden.slats)
      faults.push(words.smallerDistanceSlats)
    return [
      {
        way: ring,
        shape: { outline: outer.outline, holes },
        thickness: sheet.thickness(middle.x, middle.y),
        kerf,
        free: isLoose,
        faults,
      },
    ]
  })
}

const placeWords = ({ x, y }: Point): string => `${x.toFixed(0)} × ${y.toFixed(0)} mm`
