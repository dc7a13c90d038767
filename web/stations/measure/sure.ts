import { sureKey } from '@core/say'
import { useOpenJob } from '@web/stores/job'

/** Figures of a job's measuring that were asked about and are right all the same. */
export function useSure() {
  const jobs = useOpenJob()
  const isSure = (what: 'kerf' | 'thickness', of: string, value: number): boolean =>
    jobs.job.measure.sure.includes(sureKey(what, of, value))
  const sayKey = (key: string): boolean =>
    jobs.job.measure.sure.includes(key) ||
    jobs.edit(({ measure }) => {
      measure.sure = [...measure.sure, key].slice(-100)
    })
  const say = (what: 'kerf' | 'thickness', of: string, value: number): boolean =>
    sayKey(sureKey(what, of, value))
  return { isSure, say, sayKey }
}
