import type { Job } from '../job'
import type { CutPlan } from './plan-types'
import { signatureOf } from './signature'

/** Letters and digits that are not taken for one another when they are read off a sheet. */
const SIGNS = '23456789ACDEFGHJKLMNPQRTUVWXYZ'
const LONG = 5

/**
 * What the files of a plan are told apart by: short enough to be written on a sheet, another one for every
 * other cut, and the same one for the same. Of 100 cuts two share one with odds of under 1 in 4,000.
 */
export function markOf(
  job: Pick<Job, 'name' | 'measure' | 'interference' | 'log' | 'cut'>,
  plan: CutPlan,
): string {
  const { machine, stock, kerf, more } = job.measure
  const said = [
    plan.signature,
    plan.stocks.map(({ settings, own }) => [settings, own]),
    [job.name, job.log.length, job.interference, job.cut.compensation],
    [machine, stock?.readings, kerf?.width, more.map((each) => [each.stock.readings, each.kerf?.width])],
  ]
  let value = BigInt(`0x${signatureOf(said)}`)
  let mark = ''
  while (mark.length < LONG) {
    mark += SIGNS[Number(value % BigInt(SIGNS.length))]
    value /= BigInt(SIGNS.length)
  }
  return mark
}
