import { ownerOf } from '../testing/parts'
import { deriveBox, makeParts } from '../../core/derive'
import { sizeOf } from '../../core/geometry'
import { emptyJob } from '../../core/job'
import { nest, sheetUse, surfaceOf, sheetsOf, type NestRules } from '../../core/nest'
import { guillotineSheets } from '../testing/guillotine'
import { packerSheets } from '../testing/rectangles'
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

/** Sheets against a general-purpose rectangle packer, same parts' bounding boxes. */
export function benchSheets(): void {
  console.log('\nSheets against a general-purpose rectangle packer, same parts’ bounding boxes')
  const sum = { ours: 0, theirs: 0, cuts: 0, timeOurs: 0, timeTheirs: 0 }
  for (const [width, depth, height, copies] of SIZES) {
    const box = { ...SPEC, width, depth, height }
    const job = { ...emptyJob('bench', 'Bench', ''), box }
    const parts = makeParts(deriveBox(job), ownerOf(copies), job.cut)
    let start = performance.now()
    const layout = nest(parts, SETTINGS, SUPPLY)
    const took = performance.now() - start
    const { sheets, fewest, use } = sheetUse(parts, layout.placements, SETTINGS, () => SURFACE, SUPPLY)
    start = performance.now()
    const shapes = parts.map(({ shape }) => sizeOf(shape))
    const theirs = packerSheets(shapes, 590, 390, 3)
    sum.timeTheirs += performance.now() - start
    const cuts = guillotineSheets(shapes, 590, 390, 3)
    sum.cuts += cuts
    sum.timeOurs += took
    sum.ours += sheets
    sum.theirs += theirs
    mustHold(
      sheets <= Math.min(theirs, cuts),
      `${copies} × ${width} × ${depth} × ${height}: more sheets than a packer`,
    )
    row(
      `${copies} × ${width} × ${depth} × ${height}, ${parts.length} parts`,
      `${sheets} sheets (${(use * 100).toFixed(0)} %), packer ${theirs}, bound ${fewest}; ${ms(took)}`,
    )
  }
  const { ours, theirs, timeOurs, timeTheirs } = sum
  row('all of them: sheets, ours / packer', `${ours} / ${theirs} = ${(ours / theirs).toFixed(3)}`)
  row(
    'all of them: sheets of a second packer / ours',
    `${sum.cuts} / ${ours} = ${(sum.cuts / ours).toFixed(3)}`,
  )
  row('time of the whole search / one run of the packer', (timeOurs / timeTheirs).toFixed(0))
}
