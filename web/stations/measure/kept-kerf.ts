import type { KerfResult } from '@core/kerf'
import { withCurrentTrial } from '@core/job'
import { useSay } from '@web/parts/say'
import { useMessages } from '@web/stores/messages'
import { useOpenJob } from '@web/stores/job'
import { useKerfEdits } from './kerf-edits'
import { useTrial } from './trial'
import { keptKerf as words } from './words'

const rounded = (value: number | null): number | null => (value === null ? null : Number(value.toFixed(5)))

/** Keeps what the piece in hand says of the kerf: one measurement is one record, however often it is kept. */
export function useKeptKerf(): (kerf: KerfResult) => void {
  const jobs = useOpenJob()
  const say = useSay()
  const kerfs = useKerfEdits()
  const { trial, result } = useTrial()

  /** How a kerf came to be known, in a few words. */
  function how(): string {
    const { method, squares, strip } = trial.value
    if (method === 'squares') return words.squareMm(result.value.squares!.n, squares.side)
    return method === 'strip' ? words.slitStripLines(strip.lines) : words.slotGauge
  }

  return ({ width, doubt, kx, ky }) => {
    const { method, keptAs } = trial.value
    if (method === 'comb') return
    const id = keptAs ?? crypto.randomUUID()
    const next = { ...trial.value, keptAs: id }
    const part = { id, width: rounded(width)!, doubt: rounded(doubt), kx: rounded(kx), ky: rounded(ky) }
    const done = kerfs.record({ ...part, method, how: how() }, '', (draft) => {
      draft.measure.trials = withCurrentTrial(next, jobs.job.measure)
    })
    if (done) useMessages().say('said', words.kerfBenchJob(say.value.fine(width)))
  }
}
