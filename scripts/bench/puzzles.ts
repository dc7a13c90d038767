import { plainRaster } from '../testing/plain-raster'
import { puzzle, PUZZLES, taskOf, type Puzzle } from '../testing/puzzles'
import { layoutFaults } from '../testing/layout-faults'
import { area } from '../../core/geometry'
import { layoutTask } from '../../core/nest'
import { mustHold, row } from './timing'

const LONGEST = 20
const SEEDS = [1, 2, 3]
/** By how much shorter and narrower the parts are than they were cut. */
const LESS = [0.05, 0.1]
/** Share of the puzzles that are to lie on one sheet, and how much fuller the fullest sheet is to be. */
const [ON_ONE, FULLER] = [2 / 3, 1.12]

const seconds = (): number => performance.now() / 1000

/** One puzzle: whether it lies on one sheet, and how full the fullest is, ours over the plain raster's. */
function solve(about: string, asked: Puzzle, seed: number): { isOne: boolean; fuller: number } {
  const task = taskOf(asked)
  const layout = layoutTask(task, LONGEST, seed, seconds)
  mustHold(layoutFaults(task, layout).length === 0, `${about}: no faults`)
  const filled = new Map<number, number>()
  for (const { part, number } of layout.placements)
    filled.set(number, (filled.get(number) ?? 0) + area(asked.parts[Number(part.slice(1))]))
  const ours = Math.max(...filled.values()) / (asked.sheet.width * asked.sheet.height)
  const fuller = ours / plainRaster(asked, seed)
  mustHold(fuller >= 1, `${about}: a plain raster fills a sheet fuller`)
  return { isOne: layout.sheetsUsed === 1, fuller }
}

/** Parts of any outline that are known to lie on one sheet. */
export function benchPuzzles(): void {
  console.log('\nParts a sheet was cut up into, 20 s each: on one sheet; fullest over a plain raster’s')
  const all = PUZZLES.flatMap((kind) =>
    LESS.flatMap((less) => {
      const found = SEEDS.map((seed) => solve(`${kind}, ${less}, ${seed}`, puzzle(kind, less, seed), seed))
      const ones = found.filter(({ isOne }) => isOne).length
      const fuller = found.map((each) => each.fuller.toFixed(2)).join(', ')
      row(`${kind}, each ${less * 100} % shorter`, `${ones} of ${SEEDS.length}; ${fuller}`)
      return found
    }),
  )
  const share = all.filter(({ isOne }) => isOne).length / all.length
  const mean = all.reduce((sum, { fuller }) => sum + fuller, 0) / all.length
  mustHold(share >= ON_ONE - 1e-9, 'two thirds of the puzzles on one sheet')
  mustHold(mean >= FULLER, `the fullest sheet ${FULLER} times as full as a plain raster's`)
  row('all: share on one sheet; fuller on the mean', `${(share * 100).toFixed(0)} %; ${mean.toFixed(3)}`)
}
