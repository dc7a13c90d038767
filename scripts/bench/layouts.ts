import { guillotineSheets } from '../testing/guillotine'
import { knownBest } from '../testing/known-best'
import { layoutFaults } from '../testing/layout-faults'
import { packerSheets } from '../testing/rectangles'
import { boxed, randomTask } from '../testing/tasks'
import { sizeOf, type Point } from '../../core/geometry'
import { layoutTask, readTask, type Task } from '../../core/nest'
import { mustHold, row } from './timing'

const LONGEST = 20
const SETS: [parts: number, sheets: number, wheels: number][] = [
  [8, 1, 0],
  [15, 1, 0],
  [24, 2, 0],
  [24, 2, 0.3],
  [40, 2, 0.3],
  [60, 4, 0],
  [60, 4, 0.3],
  [80, 4, 0],
]

/** By how much the parts were shrunk, and how many more sheets than the best may be taken then. */
const LIMITS: [shrunk: number, over: number][] = [
  [0, 0.15],
  [0.02, 0.08],
  [0.04, 0.02],
  [0.06, 0],
]

const seconds = (): number => performance.now() / 1000
function taskOf(raw: object): Task {
  const read = readTask(JSON.stringify(raw))
  if (!read.ok) throw new Error(read.error)
  return read.task
}

/** Sheets that were cut up into rectangles: how many more are taken than are known to do. */
function benchKnownBest(): void {
  console.log('\nSheets over the known best; share found after 1, 5, 20 s')
  for (const [shrunk, limit] of LIMITS) {
    const sum = { ours: 0, best: 0, rectangles: 0, cuts: 0 }
    const found: number[] = []
    for (const [count, sheets, wheels] of SETS) {
      const { parts, sheet, best } = knownBest(count, sheets, shrunk, 7 * count + 1, wheels)
      const list = parts.map(({ width, height }, i) => ({ id: `p${i}`, outline: boxed(width, height) }))
      const layout = layoutTask(
        taskOf({ parts: list, sheets: [{ id: 's', ...sheet, count: 20 }] }),
        LONGEST,
        1,
        seconds,
      )
      if (layout.sheetsUsed <= best) found.push(layout.seconds)
      sum.ours += layout.sheetsUsed
      sum.best += best
      sum.rectangles += packerSheets(parts, sheet.width, sheet.height, 0)
      sum.cuts += guillotineSheets(parts, sheet.width, sheet.height, 0)
    }
    mustHold(sum.ours <= sum.best * (1 + limit) + 1e-9, `sheets over the best, shrunk by ${shrunk}`)
    const over = (sheets: number): string => `${((sheets / sum.best - 1) * 100).toFixed(0)} %`
    const share = (limit: number): string =>
      `${((found.filter((took) => took <= limit).length / SETS.length) * 100).toFixed(0)} %`
    row(
      `shrunk by ${shrunk * 100} %: ours, two packers of the registry`,
      `${over(sum.ours)}, ${over(sum.rectangles)}, ${over(sum.cuts)}; ${[1, 5, 20].map(share).join(', ')}`,
    )
  }
}

const asPoints = (ring: [number, number][]): Point[] => ring.map(([x, y]) => ({ x, y }))

/** Corner pieces, channels and frames with parts for their openings, against packers of bounding boxes. */
function benchOutlines(): void {
  console.log('\nCorner pieces, channels, frames: ours against two packers of the registry')
  const sum = { ours: 0, rectangles: 0, cuts: 0 }
  for (let seed = 1; seed <= 6; seed++) {
    const task = taskOf({
      ...randomTask(seed, 12),
      sheets: [{ id: 's', width: 600, height: 400, count: 20 }],
      gap: 3,
      margin: 5,
    })
    for (const part of task.parts) part.turns = [0, 90, 180, 270]
    const layout = layoutTask(task, 10, 1, seconds)
    const boxes = task.parts.flatMap(({ outline, count }) =>
      Array.from({ length: count }, () => sizeOf({ outline: asPoints(outline), holes: [] })),
    )
    sum.ours += layout.sheetsUsed
    const theirs = [packerSheets(boxes, 590, 390, 3), guillotineSheets(boxes, 590, 390, 3)]
    mustHold(layout.sheetsUsed <= Math.min(...theirs), `set ${seed} of outlines: more sheets than a packer`)
    sum.rectangles += theirs[0]
    sum.cuts += theirs[1]
  }
  mustHold(Math.min(sum.rectangles, sum.cuts) >= 1.1 * sum.ours, 'outlines 1.10 times as dense as packers')
  row('sheets', `${sum.ours}, ${sum.rectangles}, ${sum.cuts}`)
  row('theirs / ours', [sum.rectangles, sum.cuts].map((their) => (their / sum.ours).toFixed(2)).join(', '))
}

/** Every layout of many tasks looked over by an unrelated polygon library. */
function benchFaults(): void {
  console.log('\nLayouts looked over by an unrelated polygon library')
  const [count, faults] = [2000, [] as string[]]
  for (let seed = 1; seed <= count; seed++) {
    const task = taskOf(randomTask(seed, 3))
    faults.push(...layoutFaults(task, layoutTask(task, 0.01, seed, seconds)))
  }
  mustHold(faults.length === 0, 'no faults in layouts')
  row(`faults in ${count} generated tasks`, `${faults.length}${faults.length > 0 ? `: ${faults[0]}` : ''}`)
}

/** Layouts of tasks by themselves. */
export function benchLayouts(): void {
  benchKnownBest()
  benchOutlines()
  benchFaults()
}
