import { ownerOf } from '../testing/parts'
import { deriveBox, makeParts } from '../../core/derive'
import { sizeOf } from '../../core/geometry'
import { emptyJob } from '../../core/job'
import { nest, sheetUse, surfaceOf, sheetsOf, type NestRules } from '../../core/nest'
import { packersSheets } from '../testing/packers'
import { SPEC } from './core'
import { ms, mustHold, row } from './timing'

const SIZES: [width: number, depth: number, height: number, copies: number][] = [
  [240, 160, 60, 1],
  [240, 160, 60, 4],
  [120, 80, 50, 8],
  [300, 220, 90, 3],
  [90, 90, 90, 12],
  [410, 130, 70, 5],
  [180, 60, 210, 6],
  [64, 44, 30, 30],
]
const SETTINGS: NestRules = { margin: 5, gap: 3, grain: 'free', turning: true }
const SURFACE = surfaceOf({ width: 600, height: 400 }, null)
const SUPPLY = sheetsOf(SURFACE, 90)

/** Boxes as the application searches, against two general-purpose packers of bounding boxes. */
export function benchSheets(): void {
  console.log('\nSheets for boxes against two general-purpose packers, same parts’ bounding boxes')
  const sum = { ours: 0, theirs: [0, 0], timeOurs: 0, timeTheirs: 0 }
  for (const [width, depth, height, copies] of SIZES) {
    const box = { ...SPEC, width, depth, height }
    const job = { ...emptyJob('bench', 'Bench', ''), box }
    const parts = makeParts(deriveBox(job), ownerOf(copies), job.cut)
    let start = performance.now()
    const layout = nest(parts, SETTINGS, SUPPLY)
    const took = performance.now() - start
    const { sheets, fewest, use } = sheetUse(parts, layout.placements, SETTINGS, () => SURFACE, SUPPLY)
    start = performance.now()
    const around = parts.map(({ shape }) => sizeOf(shape))
    const theirs = packersSheets(around, { width: 590, height: 390 }, 3)
    sum.timeTheirs += performance.now() - start
    sum.timeOurs += took
    sum.ours += sheets
    sum.theirs = sum.theirs.map((total, i) => total + theirs[i])
    const about = `${copies} × ${width} × ${depth} × ${height}`
    mustHold(sheets <= Math.min(...theirs), `${about}: more sheets than a packer`)
    const found = `${sheets} sheets (${(use * 100).toFixed(0)} %), packers ${theirs.join(', ')}`
    row(`${about}, ${parts.length} parts`, `${found}, bound ${fewest}; ${ms(took)}`)
  }
  const times = sum.theirs.map((their) => (their / sum.ours).toFixed(3))
  row(
    'all of them: ours, packers; theirs / ours',
    `${sum.ours}, ${sum.theirs.join(', ')}; ${times.join(', ')}`,
  )
  row('time of the whole search / one run of both packers', (sum.timeOurs / sum.timeTheirs).toFixed(0))
}
