import { deriveBox, deriveThings, makeParts, partsOfThings } from '../../core/derive'
import { emptyJob } from '../../core/job'
import { makeJob } from '../../core/kinds'
import {
  layoutTask,
  nestParts,
  nestSteps,
  readTask,
  sheetsOf,
  surfaceOf,
  type NestPart,
} from '../../core/nest'
import { ownerOf } from '../testing/parts'
import { cornerPiece } from '../testing/tasks'
import { SPEC } from './core'
import { ms, mustHold, row } from './timing'

const RULES = { margin: 5, gap: 3, grain: 'free', turning: true } as const
const seconds = (): number => performance.now() / 1000

/** Five panels a copy. */
function partsOf(count: number): NestPart[] {
  const job = {
    ...emptyJob('bench', 'Bench', ''),
    box: { ...SPEC, fittings: [], width: 120, depth: 90, height: 60 },
  }
  return makeParts(deriveBox(job), ownerOf(count / 5), job.cut)
}

/** How long the first layout takes, from few parts to many. */
function benchFirst(): void {
  const counts = [15, 60, 150, 300, 600]
  const supply = sheetsOf(surfaceOf({ width: 600, height: 400 }, null), 90)
  const taken = counts.map((count) => {
    const parts = partsOf(count)
    const start = performance.now()
    nestSteps(parts, RULES, supply).next()
    return performance.now() - start
  })
  row('the first layout of 15, 60, 150, 300, 600 parts', taken.map(ms).join(', '))
  mustHold(taken[1] < 1000, 'the first layout of 60 parts in a second')
  row(
    'of 60 (limit 1000 ms); of 600 over that of 60, for ten times the parts',
    `${ms(taken[1])}; ${(taken[4] / taken[1]).toFixed(1)}`,
  )
}

/** Three boxes that a person fits on one sheet. */
function benchFifteen(): void {
  const made = makeJob('box', { width: '4 in', depth: '3 in', height: '2 in', thickness: '1/8 in' }, 'k', '')
  if (!made.ok) throw new Error(made.error)
  const parts = partsOfThings(deriveThings(made.job), { letters: false, face: 'outside' })
  const read = readTask(
    JSON.stringify({
      gap: 3,
      margin: 5,
      parts: parts.map(({ panel, shape }) => ({
        id: panel,
        outline: shape.outline.map(({ x, y }) => [x, y]),
        count: 3,
      })),
      sheets: [{ id: 's', width: 304.8, height: 304.8, count: 10 }],
    }),
  )
  if (!read.ok) throw new Error(read.error)
  const found = [1, 2, 3, 4, 5].map((seed) => layoutTask(read.task, 20, seed, seconds))
  mustHold(
    found.every(({ sheetsUsed, seconds: took }) => sheetsUsed === 1 && took < 5),
    'the 15 parts on one sheet in 5 s',
  )
  row(
    'the 15 parts of three boxes on one sheet (limit 5 s), five seeds',
    found.map(({ sheetsUsed, seconds: took }) => `${sheetsUsed} in ${took.toFixed(1)} s`).join(', '),
  )
}

/** Corner pieces of which no two are the same. */
function corners(count: number): object[] {
  return Array.from({ length: count }, (_, i) => {
    const [w, h, t] = [40 + ((i * 7) % 50) + i * 0.01, 40 + ((i * 11) % 50), 8 + (i % 7)]
    return { id: `p${i}`, ...cornerPiece(w, h, t) }
  })
}

/** How long a first layout of outlines takes that all differ. */
function benchDifferent(): void {
  const [few, many] = [60, 600].map((count) => {
    const sheet = { id: 's', width: 600, height: 400, count: 60 }
    const read = readTask(JSON.stringify({ gap: 3, margin: 5, parts: corners(count), sheets: [sheet] }))
    if (!read.ok) throw new Error(read.error)
    const start = performance.now()
    const layout = layoutTask(read.task, 0, 1, seconds)
    mustHold(layout.unplaced.length === 0, `${count} different outlines are laid out`)
    return performance.now() - start
  })
  mustHold(many < 2000, 'the first layout of 600 different outlines in 2 s')
  mustHold(many / few <= 13, '600 different outlines in 13 times what 60 take')
  row(
    'the first layout of 60, 600 different outlines (limit 2000 ms; 13 times)',
    `${ms(few)}, ${ms(many)}; ${(many / few).toFixed(1)}`,
  )
}

/** How long a search is looked at whether it breathes, ms. */
const WATCHED = 30_000

/** Different outlines on offcuts first: how long the first layout takes, and how long nothing comes after. */
function benchOnOffcuts(): void {
  const parts = corners(600).map((each): NestPart => {
    const { id, outline } = each as { id: string; outline: [number, number][] }
    const shape = { outline: outline.map(([x, y]) => ({ x, y })), holes: [] }
    return { id, shape, turnedShape: shape }
  })
  const outline = [
    { x: 0, y: 0 },
    { x: 500, y: 0 },
    { x: 500, y: 150 },
    { x: 300, y: 300 },
    { x: 0, y: 300 },
  ]
  const offcut = (name: string) =>
    surfaceOf({ width: 500, height: 300 }, null, { outline, offcut: name, weight: 0.2 })
  const supply = [offcut('a'), offcut('b'), ...sheetsOf(surfaceOf({ width: 600, height: 400 }, null), 60)]
  const start = performance.now()
  const steps = nestParts(parts, { ...RULES, inOpenings: false }, supply)
  steps.next()
  const first = performance.now() - start
  let [longest, before] = [0, performance.now()]
  while (before - start < WATCHED && !steps.next().done) {
    const now = performance.now()
    longest = Math.max(longest, now - before)
    before = now
  }
  mustHold(first < 2000, 'the first layout of 600 different outlines on offcuts in 2 s')
  mustHold(longest < 3000, 'a search of 600 different outlines can be stopped within 3 s')
  row(
    'the same 600 on offcuts of any outline first (limit 2000 ms); longest without a breath (3000 ms)',
    `${ms(first)}, ${ms(longest)}`,
  )
}

export function benchSearch(): void {
  console.log('\nThe search')
  benchFirst()
  benchDifferent()
  benchOnOffcuts()
  benchFifteen()
}
