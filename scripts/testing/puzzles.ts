import { readTask, type Task } from '../../core/nest'
import { randomFrom } from '../../core/statistics'
import {
  area,
  bounds,
  difference,
  intersection,
  offset,
  rectangle,
  turnRegion,
  type Point,
  type Region,
  type Ring,
} from '../../core/geometry'

/** What a sheet is cut up into: any straight cuts, teeth that go into each other, or rings round others. */
export const PUZZLES = ['cuts', 'jigsaw', 'turned by 15°', 'rings'] as const
export type PuzzleKind = (typeof PUZZLES)[number]

/** A sheet that was cut up into parts, so that all of them are known to lie on it. */
export interface Puzzle {
  parts: Region[]
  turns: number[]
  sheet: { width: number; height: number }
  gap: number
  margin: number
}

const SHEET = { width: 600, height: 400 }
const [GAP, MARGIN] = [3, 5]
const QUARTERS = [0, 90, 180, 270]
const BY_15 = Array.from({ length: 24 }, (_, i) => 15 * i)

const middleOf = (ring: Ring): Point => {
  const { minX, minY, maxX, maxY } = bounds(ring)
  return { x: (minX + maxX) / 2, y: (minY + maxY) / 2 }
}

/** Both sides of a line through a point. */
function cutAt(region: Region, at: Point, angle: number): Region[] {
  const [c, s] = [Math.cos(angle), Math.sin(angle)]
  const far = 2000
  const ring = [
    [-far, 0],
    [far, 0],
    [far, far],
    [-far, far],
  ].map(([x, y]) => ({ x: at.x + c * x - s * y, y: at.y + s * x + c * y }))
  return [...intersection(region, ring), ...difference(region, [ring])]
}

/** Cuts the largest piece until there are enough. */
function cutUp(whole: Region, count: number, random: () => number): Region[] {
  const pieces = [whole]
  while (pieces.length < count) {
    pieces.sort((a, b) => area(b) - area(a))
    const piece = pieces.shift()!
    const { minX, minY, maxX, maxY } = bounds(piece.outline)
    const middle = middleOf(piece.outline)
    const [w, h] = [maxX - minX, maxY - minY]
    const at = { x: middle.x + (random() - 0.5) * 0.3 * w, y: middle.y + (random() - 0.5) * 0.3 * h }
    const across = w > h ? Math.PI / 2 : 0
    pieces.push(...cutAt(piece, at, across + (random() - 0.5) * 1.2))
  }
  return pieces
}

/** Cells whose sides between them bulge out to one side in a blunt tooth. */
function jigsaw({ minX, minY, maxX, maxY }: ReturnType<typeof bounds>, random: () => number): Region[] {
  const [columns, rows] = [4, 3]
  const [w, h] = [(maxX - minX) / columns, (maxY - minY) / rows]
  const tooth = (): number => (random() < 0.5 ? -1 : 1) * (0.12 + 0.14 * random())
  const [upright, level] = [new Map<string, number>(), new Map<string, number>()]
  const of = (map: typeof upright, i: number, j: number, isEdge: boolean): number => {
    const key = `${i} ${j}`
    if (!map.has(key)) map.set(key, isEdge ? 0 : tooth())
    return map.get(key)!
  }
  const SHAPE: [along: number, out: number][] = [
    [0.3, 0],
    [0.38, 1],
    [0.62, 1],
    [0.7, 0],
  ]
  const short = Math.min(w, h)
  return Array.from({ length: columns * rows }, (_, n) => {
    const [i, j] = [n % columns, Math.floor(n / columns)]
    const at = (a: number, b: number): Point => ({ x: minX + a * w, y: minY + b * h })
    const along = (from: Point, to: Point, out: number, isUpright: boolean): Ring => [
      from,
      ...SHAPE.map(([share, by]) => ({
        x: from.x + share * (to.x - from.x) + (isUpright ? by * out * short : 0),
        y: from.y + share * (to.y - from.y) + (isUpright ? 0 : by * out * short),
      })),
    ]
    const outline = [
      ...along(at(i, j), at(i + 1, j), of(level, i, j, j === 0), false),
      ...along(at(i + 1, j), at(i + 1, j + 1), of(upright, i + 1, j, i + 1 === columns), true),
      ...along(at(i + 1, j + 1), at(i, j + 1), of(level, i, j + 1, j + 1 === rows), false),
      ...along(at(i, j + 1), at(i, j), of(upright, i, j, i === 0), true),
    ]
    return { outline, holes: [] }
  })
}

/** Pieces of which the two largest become rings round what was inside of them. */
function ringed(whole: Region, random: () => number): Region[] {
  const pieces = cutUp(whole, 8, random).sort((a, b) => area(b) - area(a))
  return pieces.flatMap((piece, i) => {
    const [core] = i < 2 ? offset(piece, -22) : []
    if (!core) return [piece]
    return [{ outline: piece.outline, holes: [[...core.outline].reverse()] }, core]
  })
}

/** Taken off all round until so much of the area is left. */
function shrunk(piece: Region, share: number): Region[] {
  const wanted = area(piece) * share
  let [low, high] = [0, 100]
  for (let i = 0; i < 40; i++) {
    const by = (low + high) / 2
    const left = offset(piece, -by).reduce((sum, each) => sum + area(each), 0)
    if (left > wanted) low = by
    else high = by
  }
  return offset(piece, -low)
}

/**
 * @param less how much smaller each part is than it was cut, as a share of its length and its width
 */
export function puzzle(kind: PuzzleKind, less: number, seed: number): Puzzle {
  const random = randomFrom(seed)
  // half a gap is taken off every piece, along the margin too
  const out = MARGIN - GAP / 2
  const outline = rectangle(out, out, SHEET.width - out, SHEET.height - out)
  const whole: Region = { outline, holes: [] }
  const pieces =
    kind === 'jigsaw'
      ? jigsaw(bounds(outline), random)
      : kind === 'rings'
        ? ringed(whole, random)
        : cutUp(whole, 9 + Math.floor(random() * 5), random)
  const turns = kind === 'turned by 15°' ? BY_15 : QUARTERS
  const parts = pieces.flatMap((piece) =>
    offset(piece, -GAP / 2)
      .flatMap((cut) => shrunk(cut, (1 - less) ** 2))
      .map((left) => turnRegion(left, turns[Math.floor(random() * turns.length)])),
  )
  return { parts, turns, sheet: SHEET, gap: GAP, margin: MARGIN }
}

/** The puzzle as a file would have it, with so many of its sheets at hand. */
export function taskOf({ parts, turns, sheet, gap, margin }: Puzzle, count = 6): Task {
  const points = (ring: Ring): [number, number][] => ring.map(({ x, y }) => [x, y])
  const shapes = parts.map(({ outline, holes }, i) => ({
    id: `p${i}`,
    outline: points(outline),
    holes: holes.map(points),
    turns,
  }))
  const read = readTask(
    JSON.stringify({ gap, margin, parts: shapes, sheets: [{ id: 's', ...sheet, count }] }),
  )
  if (!read.ok) throw new Error(read.error)
  return read.task
}
