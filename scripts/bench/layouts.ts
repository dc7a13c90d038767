import { randomInt } from 'node:crypto'
import { knownBest, type Cutting } from '../testing/known-best'
import { layoutFaults } from '../testing/layout-faults'
import { packersSheets } from '../testing/packers'
import { SET_KINDS, setOf, type SetKind } from '../testing/sets'
import { boxed, randomTask } from '../testing/tasks'
import { sizeOf, type Point } from '../../core/geometry'
import { layoutTask, readTask, type Task } from '../../core/nest'
import { sumOf } from '../../core/statistics'
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
  [0, 0.08],
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
      const { parts, sheet, best } = knownBest(count, sheets, shrunk, 7 * count + 1, { wheels })
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
      const [rectangles, cuts] = packersSheets(parts, sheet, 0)
      sum.rectangles += rectangles
      sum.cuts += cuts
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

/** The same with what a real bench leaves: a gap, a margin, and each side smaller on its own. */
const ROUGHLY: Cutting = { gap: 3, margin: 5, alike: false }
/** Each set is cut up so many times, another way at each run. */
const TIMES = 3

function roughlyBest(count: number, sheets: number, shrunk: number, seed: number, wheels: number) {
  const { parts, sheet, best } = knownBest(count, sheets, shrunk, seed, { ...ROUGHLY, wheels })
  const list = parts.map(({ width, height }, i) => ({ id: `p${i}`, outline: boxed(width, height) }))
  const task = taskOf({ parts: list, sheets: [{ id: 's', ...sheet, count: 20 }], gap: 3, margin: 5 })
  return { ours: layoutTask(task, LONGEST, 1, seconds).sheetsUsed, best }
}

function benchRoughlyBest(): void {
  const from = randomInt(1, 1e6)
  console.log(
    `\nThe same with gap 3, margin 5, each side shrunk on its own, from seed ${from}: sheets over the best`,
  )
  const before: number[] = []
  for (const [shrunk, limit] of LIMITS) {
    let [ours, known, number] = [0, 0, 0]
    for (let time = 0; time < TIMES; time++)
      for (const [count, sheets, wheels] of SETS) {
        const found = roughlyBest(count, sheets, shrunk, from + 1000 * time + count, wheels)
        mustHold(
          found.ours <= (before[number] ?? Infinity),
          `no more sheets for smaller parts, set ${number}`,
        )
        before[number++] = found.ours
        ours += found.ours
        known += found.best
      }
    mustHold(ours <= known * (1 + limit) + 1e-9, `sheets over the best, each side shrunk by ${shrunk}`)
    const over = `${((ours / known - 1) * 100).toFixed(0)} %`
    row(`each side shrunk by ${shrunk * 100} % on the mean, ${number} sets (limit ${limit * 100} %)`, over)
  }
}

const asPoints = (ring: [number, number][]): Point[] => ring.map(([x, y]) => ({ x, y }))

const SEEDS = 8
const GAP = 3
const MARGIN = 5
const SHEET = { id: 's', width: 600, height: 400, count: 60 }
const ROOM = { width: SHEET.width - 2 * MARGIN, height: SHEET.height - 2 * MARGIN }

/** How many times as dense as both packers layouts must be, on the mean of all sets. */
const DENSER = 1.1

/** Sheets for one set: ours, and two packers' of the rectangles round the parts. */
type Sheets = [ours: number, first: number, second: number]

/** Lays one set out and has an unrelated polygon library look at that. */
function sheetsFor(kind: SetKind, seed: number): Sheets {
  const task = taskOf({ parts: setOf(kind, seed), sheets: [SHEET], gap: GAP, margin: MARGIN })
  const layout = layoutTask(task, LONGEST, 1, seconds)
  const about = `set ${seed} of ${kind}`
  mustHold(layout.unplaced.length === 0, `${about}: every part laid`)
  mustHold(layoutFaults(task, layout).length === 0, `${about}: no faults`)
  const around = task.parts.flatMap(({ outline, count }) =>
    Array.from({ length: count }, () => sizeOf({ outline: asPoints(outline), holes: [] })),
  )
  const theirs = packersSheets(around, ROOM, GAP)
  mustHold(layout.sheetsUsed <= Math.min(...theirs), `${about}: no sheet more than a packer`)
  return [layout.sheetsUsed, ...theirs]
}

/** How many times as many sheets each packer takes, on the mean of some sets. */
const timesAsMany = (found: Sheets[]): number[] =>
  [1, 2].map((packer) => sumOf(found.map((sheets) => sheets[packer] / sheets[0])) / found.length)

/** What makers cut, against two packers: as much denser as the same parts take more sheets there. */
function benchSets(): void {
  console.log(
    '\nSets of parts: sheets of ours, of two packers of the registry; theirs / ours, mean of the sets',
  )
  const shown = (found: Sheets[]): string =>
    timesAsMany(found)
      .map((times) => times.toFixed(3))
      .join(', ')
  const all = SET_KINDS.flatMap((kind) => {
    const found = Array.from({ length: SEEDS }, (_, i) => sheetsFor(kind, i + 1))
    const sheets = [0, 1, 2].map((whose) => sumOf(found.map((each) => each[whose])))
    row(`${SEEDS} sets of ${kind}`, `${sheets.join(', ')}; ${shown(found)}`)
    return found
  })
  row('all sets', shown(all))
  mustHold(Math.min(...timesAsMany(all)) >= DENSER, `${DENSER} times as dense as packers on the mean of sets`)
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
  benchRoughlyBest()
  benchSets()
  benchFaults()
}
