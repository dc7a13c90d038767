import { makeBox, PLAIN_BOX, sameTabs, sameThickness, type Box, type BoxSpec } from '../../core/box'
import { deriveBox, makeParts, type Part } from '../../core/derive'
import { emptyJob, type Job } from '../../core/job'
import { newStock } from '../../core/stock'
import { SQUARES_KERF } from './bench-records'

/** A job for a box of a sheet 3 mm thick, cut by a beam 0.16 mm wide. */
export function jobOf(box: BoxSpec, more: Partial<Job> = {}): Job {
  const base = emptyJob('t', 'Test', '')
  const stock = {
    ...newStock('s', 'Sheet'),
    readings: [3, 3, 3].map((value) => ({ value, spot: '', on: '' })),
  }
  return { ...base, box, measure: { ...base.measure, stock, kerf: SQUARES_KERF }, ...more }
}

/** So many copies of the only thing there is. */
export const ownerOf = (copies: number): { thing: string; name: string; copies: number } => ({
  thing: 'a',
  name: '',
  copies,
})

/** The parts of so many copies of a box. */
export const partsOf = (box: BoxSpec, copies: number): Part[] => {
  const job = jobOf(box)
  return makeParts(deriveBox(job), ownerOf(copies), job.cut)
}

/** A closed box of six small panels, for layouts. */
export const SMALL_BOX: BoxSpec = {
  ...PLAIN_BOX,
  sizesAre: 'outer',
  width: 120,
  depth: 90,
  height: 60,
  fittings: [{ type: 'top-fingers' as const }],
  tabs: sameTabs({ rule: 'even', width: 10 }),
  proud: 0,
}

/** What a plain box does not ask for. */
export const PLAIN = PLAIN_BOX

/** A box of one thickness, mm. */
export function boxOf(spec: BoxSpec, thickness = 3): Box {
  const mean = sameThickness(thickness)
  return makeBox(spec, { mean, thickest: mean })
}
