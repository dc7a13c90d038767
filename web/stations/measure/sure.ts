import { sureKey } from '@core/say'
import { useOpenJob } from '@web/stores/job'

/** Figures of a job's measuring that were asked about and are right all the same. */
export function useSure() {
  const jobs = useOpenJob()
  const isSure = (what: 'kerf' | 'thickness', of: string, value: number): boolean =>
    jobs.job.measure.sure.includes(sureKey(what, of, value))
  const say = (what: 'kerf' | 'thickness', of: string, value: number): boolean =>
    isSure(what, of, value) ||
    jobs.edit(({ measure }) => {
      measure.sure = [...measure.sure, sureKey(what, of, value)].slice(-100)
    })
  return { isSure, say }
}
