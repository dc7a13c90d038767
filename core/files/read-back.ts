import { readLines, type Flatten } from '../art'
import type { LoadPlan } from '../derive'
import { readCode } from '../gcode'
import { bounds, type Bounds, type DrawnLine, type Point } from '../geometry'
import { originOn, type Machine } from '../machine'
import { holeAt, type CutPath } from '../plan'

/** What a file has that the plan has not, and the other way about. Lines in mm on the load. */
export interface Differences {
  same: number
  missing: CutPath[]
  extra: DrawnLine[]
}
export type Compared = { ok: true; differences: Differences } | { ok: false; error: string }

/** Lines are the same when none of their points is farther off, mm: less than any beam. */
const SAME = 0.02

/** The beam's ways in a program, on the load. */
function linesOfCode(
  text: string,
  load: { width: number; height: number },
  { origin, code }: Pick<Machine, 'origin' | 'code'>,
): { ok: true; lines: DrawnLine[] } | { ok: false; error: string } {
  const read = readCode(text, code)
  if (!read.ok) return read
  const zero = originOn(load, origin)
  const onLoad = ({ x, y }: Point): Point => ({ x: x + zero.x, y: y + zero.y })
  const lines: DrawnLine[] = []
  let line: DrawnLine | null = null
  for (const { from, to, power } of read.moves) {
    if (power <= 0) {
      line = null
      continue
    }
    if (line) line.points.push(onLoad(to))
    else lines.push((line = { points: [onLoad(from), onLoad(to)], closed: false }))
  }
  for (const each of lines) {
    const { points } = each
    each.closed = points.length > 3 && near(points[0], points[points.length - 1])
    if (each.closed) points.pop()
  }
  return { ok: true, lines }
}

const near = (a: Point, b: Point): boolean => Math.hypot(a.x - b.x, a.y - b.y) <= SAME

const nearBounds = (a: Bounds, b: Bounds): boolean =>
  (['minX', 'minY', 'maxX', 'maxY'] as const).every((side) => Math.abs(a[side] - b[side]) <= SAME)

/** Cells of 1 mm that hold what is nearer than `SAME` to a value: one, or two at a cell's edge. */
function cellsOf(value: number): number[] {
  const cell = Math.floor(value)
  const inside = value - cell
  if (inside < SAME) return [cell, cell - 1]
  return inside > 1 - SAME ? [cell, cell + 1] : [cell]
}

/** Every point of one line is near one of the other. */
function isOn(a: Point[], b: Point[]): boolean {
  const cells = new Map<string, Point[]>()
  for (const point of b) {
    const cell = `${Math.floor(point.x)} ${Math.floor(point.y)}`
    const there = cells.get(cell)
    if (there) there.push(point)
    else cells.set(cell, [point])
  }
  return a.every((point) =>
    cellsOf(point.x).some((x) =>
      cellsOf(point.y).some((y) => cells.get(`${x} ${y}`)?.some((other) => near(point, other)) ?? false),
    ),
  )
}

/** Every corner of either line is one of the other, wherever a closed one begins. */
const isSameLine = (a: Point[], b: Point[]): boolean => isOn(a, b) && isOn(b, a)

/**
 * Holds lines against the plan of a load. Lines that are there more than once count once: passes.
 * @param maybe lines that may be there, and need not
 */
function differencesOf(paths: CutPath[], lines: DrawnLine[], maybe: CutPath[] = []): Differences {
  const boxed = lines.map((line) => ({ line, box: bounds(line.points), isFound: false }))
  // By both corners: many lines may begin at one.
  const byCorners = new Map<string, typeof boxed>()
  for (const each of boxed) {
    const { minX, minY, maxX, maxY } = each.box
    const cell = [minX, minY, maxX, maxY].map(Math.floor).join(' ')
    const there = byCorners.get(cell)
    if (there) there.push(each)
    else byCorners.set(cell, [each])
  }
  const nearCells = ({ minX, minY, maxX, maxY }: Bounds): string[] =>
    [minX, minY, maxX, maxY]
      .map(cellsOf)
      .reduce<string[]>(
        (keys, next) =>
          keys.flatMap((key) => next.map((cell) => (key === '' ? `${cell}` : `${key} ${cell}`))),
        [''],
      )
  const isMissing = (path: CutPath): boolean => {
    const box = bounds(path.points)
    const found = nearCells(box)
      .flatMap((cell) => byCorners.get(cell) ?? [])
      .filter((each) => nearBounds(box, each.box) && isSameLine(path.points, each.line.points))
    for (const each of found) each.isFound = true
    return found.length === 0
  }
  const missing = paths.filter(isMissing)
  // What is only there to lay the sheet by may be there or not.
  for (const path of maybe) isMissing(path)
  const extra = boxed.filter(({ isFound }) => !isFound).map(({ line }) => line)
  return { same: paths.length - missing.length, missing, extra }
}

/**
 * Holds the files that were written for a load, or what became of them elsewhere, against the plan.
 * @param files by their names, whose endings say what they are
 * @param flatten what makes paths of an SVG
 */
export function compareFiles(
  files: { name: string; text: string }[],
  load: LoadPlan,
  machine: Pick<Machine, 'origin' | 'code'>,
  flatten: Flatten,
): Compared {
  const all: DrawnLine[] = []
  for (const { name, text } of files) {
    const read = /\.(gcode|nc|ngc)$/i.test(name)
      ? linesOfCode(text, load, machine)
      : readLines(name, text, load.height, flatten)
    if (!read.ok) return files.length === 1 ? read : { ok: false, error: `${name}: ${read.error}` }
    for (const line of read.lines) all.push(line)
  }
  return { ok: true, differences: differencesOf(load.paths, all, load.aim.map(holeAt)) }
}
