import { area, bounds, offset, shiftPoints, sizeOf, turnPoints } from '../../geometry'
import { cannotLieOnOne, fewestByRectangles } from '../rectangle-bound'
import { outlineTries } from './outlines'
import { isBetter, ownParts, stockedOf, type Own, type Stocked, type TaskAttempt } from './parts'
import { MILLIMETRES, type Task, type TaskLayout } from './read'
import { isForRectangles, rectangleTries } from './rectangles'
import { layout as words } from './words'

/** Looks at a task while there is time. */
const MOST_STEPS = 1_000_000

/** How long every layout of few parts on one sheet is ruled out: a second or two. */
const NODES = 50_000

/**
 * Steps by rectangles between two by outline. Where parts are far from rectangles, there is one in a while
 * only, once the first are done.
 */
const BETWEEN = 12
const NEARLY = 0.9
const [FIRST, A_WHILE] = [20, 8]

/**
 * No layout does with fewer sheets: by area, and by the rectangles inside the parts, as if all sheets were
 * of the largest kind. For few parts `isTwo` rules out every layout on one, where that can be.
 */
function boundsOf(
  own: Own[],
  stocked: Stocked[],
  gap: number,
  margin: number,
): { bound: number; isTwo: () => boolean } {
  const all = own.reduce((sum, { shape }) => sum + area(shape), 0)
  const usable = stocked.map(({ outline }) =>
    offset({ outline, holes: [] }, -margin).reduce((sum, region) => sum + area(region), 0),
  )
  const most = Math.max(...usable)
  const side = (of: 'width' | 'height'): number => Math.max(...stocked.map((each) => each[of])) - 2 * margin
  const room = { width: side('width'), height: side('height') }
  if (!(most > 0) || Math.min(room.width, room.height) <= 0) return { bound: Infinity, isTwo: () => false }
  const parts = own.map(({ shape, part }) => ({ shape, turns: part.turns }))
  const bound = Math.max(Math.ceil(all / most - 1e-9), fewestByRectangles(parts, gap, room))
  return { bound, isTwo: () => bound === 1 && cannotLieOnOne(parts, gap, room, NODES) }
}

/** Parts that fill the rectangle around them gain nothing from a look at their outlines. */
const FULL = 0.995
function fullness(shape: Own['shape']): number {
  const { width, height } = sizeOf(shape)
  return area(shape) / (width * height)
}

/**
 * Lays a task out for as long as is wanted, or until no layout can take fewer sheets.
 * @param seconds at most
 * @param seed the same seed and enough time give the same layout
 * @param now a clock, seconds
 */
export function layoutTask(task: Task, seconds: number, seed: number, now: () => number): TaskLayout {
  const begun = now()
  const scale = MILLIMETRES[task.units]
  const own = ownParts(task)
  const stocked = stockedOf(task)
  const [gap, margin] = [task.gap * scale, task.margin * scale]
  const about = boundsOf(own, stocked, gap, margin)
  let { bound } = about
  const isLate = (): boolean => now() - begun > seconds
  const isProven = ({ unplaced, sheets, price }: TaskAttempt): boolean =>
    unplaced.length === 0 &&
    sheets <= bound &&
    price <= sheets * Math.min(...stocked.map((s) => s.sheet.price))
  const byRectangles = isForRectangles(own, stocked)
  const isPlain = byRectangles && own.every(({ shape }) => fullness(shape) > FULL)
  const fill = own.reduce((sum, { shape }) => sum + fullness(shape), 0) / own.length
  const between = (i: number): number => (fill > NEARLY || i < FIRST ? BETWEEN : i % A_WHILE === 0 ? 1 : 0)
  const rules = { gap, margin, seed }
  const outlines = isPlain ? null : outlineTries(own, stocked, rules)
  const rectangles = byRectangles ? rectangleTries(own, stocked, rules, isLate) : null
  let best: TaskAttempt = {
    lies: [],
    unplaced: own.map((each) => ({ own: each, reason: words.noSheetRoom })),
    sheets: 0,
    price: 0,
    onEmptiest: Infinity,
  }
  const take = (found: TaskAttempt | null): void => {
    if (found && isBetter(found, best)) best = found
  }
  /** One try to its end, or until it is late and there is another layout, or will be. */
  const byOutline = (): void => {
    for (let step = outlines?.next(); step && !step.done; step = outlines!.next()) {
      take(step.value)
      if (step.value || (isLate() && (rectangles || best.lies.length > 0))) return
    }
  }
  for (let i = 0; i < MOST_STEPS && !isProven(best); i++) {
    if (i > 0 && isLate()) break
    if (i === 1 && about.isTwo()) bound = 2
    byOutline()
    for (let j = 0; rectangles && j < between(i) && !isProven(best) && !isLate(); j++)
      take(rectangles.next().value)
  }
  // What was begun is brought to its end: it may be the only layout there is.
  for (let done = !rectangles || isProven(best); !done;) {
    const found = rectangles!.next().value
    take(found)
    done = found !== null
  }
  return written(best, { scale, bound, proven: isProven(best), seconds: now() - begun })
}

/** As it goes into the file: each part turned about its own origin, then moved, in the task's unit. */
function written(
  { lies, unplaced, sheets }: TaskAttempt,
  { scale, bound, proven, seconds }: { scale: number; bound: number; proven: boolean; seconds: number },
): TaskLayout {
  const round = (value: number): number => Number((value / scale).toFixed(6))
  return {
    placements: lies.map(({ own, on, number, x, y, angle }) => {
      const asGiven = shiftPoints(own.shape.outline, -own.origin.x, -own.origin.y)
      const { minX, minY } = bounds(turnPoints(asGiven, angle))
      return {
        part: own.part.id,
        copy: own.copy,
        sheet: on.sheet.id,
        number: number + 1,
        x: round(x - minX - on.origin.x),
        y: round(y - minY - on.origin.y),
        angle,
      }
    }),
    unplaced: unplaced.map(({ own, reason }) => ({ part: own.part.id, copy: own.copy, reason })),
    sheetsUsed: sheets,
    bound,
    proven,
    seconds: Number(seconds.toFixed(3)),
  }
}
