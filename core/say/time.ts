import type { PlanTotal } from '../derive'
import { formatDuration } from '../length'
import { expectedTime, plannedOf, type Clock, type Expected } from '../plan'
import type { Run } from '../plan'
import type { Working } from '../working'

/** From three minutes on, a range is said in whole minutes, seconds before that. */
const IN_MINUTES = 180

function rangeWords(low: number, high: number): string {
  if (high < IN_MINUTES) return `${Math.floor(low)} to ${Math.ceil(high)} s`
  const [from, to] = [Math.floor(low / 60), Math.ceil(high / 60)]
  if (to < 120) return `${from} to ${to} min`
  return `${formatDuration(from * 60)} to ${formatDuration(to * 60)}`
}

/** What a clock says of a plan; null while the machine was never clocked. */
export const expectedOf = (total: PlanTotal, clock: Clock | null): Expected | null =>
  clock && clock.runs > 0 && total.seconds > 0 ? expectedTime(clock, plannedOf(total)) : null

/** How long a cut takes: as planned, or by the machine's own clock with its doubt. */
export function timeWords(total: PlanTotal, clock: Clock | null): string {
  const expected = expectedOf(total, clock)
  return expected ? rangeWords(expected.low, expected.high) : formatDuration(total.seconds)
}

/** The arithmetic of that. */
export function clockWorking(total: PlanTotal, clock: Clock, runs: Run[]): Working {
  const { seconds } = expectedTime(clock, plannedOf(total))
  const [cutting, moving, starts, program] = clock.rates.map((rate) => rate.toFixed(2))
  const { cutting: c, moving: m, starts: s, programs } = plannedOf(total)
  const cuts = runs.length === 1 ? 'one cut' : `${runs.length} cuts`
  return {
    title: 'Time by this machine’s clock',
    result: timeWords(total, clock),
    formula: 'a × cutting + b × (corners + travel) + c × starts + d × programs',
    substituted:
      `${cutting} × ${c.toFixed(0)} + ${moving} × ${m.toFixed(0)} + ${starts} × ${s} + ` +
      `${program} × ${programs} = ` +
      `${seconds.toFixed(0)} s`,
    terms: [
      {
        symbol: 'a',
        meaning: 'how much longer cuts take than length ÷ speed',
        value: cutting,
        source: 'log',
      },
      { symbol: 'b', meaning: 'the same of corners and travel', value: moving, source: 'log' },
      { symbol: 'c', meaning: 'wait at every start of the beam', value: `${starts} s`, source: 'log' },
      { symbol: 'd', meaning: 'homing and first way of every program', value: `${program} s`, source: 'log' },
    ],
    note:
      `From ${cuts} on this machine whose minutes are in a log. ` +
      'Nine of ten cuts end within what is said.',
  }
}
