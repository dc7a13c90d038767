import type { Stock } from '@core/stock'
import { useBench, type BenchChange } from './bench'
import { useMessages } from './messages'
import { useOpenJob } from './job'
import { stockEdits as words } from './words'

/**
 * Chooses and changes the job's stock, on the bench along with it: its thickness and its sheets have one
 * home.
 */
export function useStockEdits() {
  const jobs = useOpenJob()
  const bench = useBench()

  /** Another stock has another kerf, and may have another fit in one's hands. */
  function use(record: Stock, ...onBench: BenchChange[]): boolean {
    return jobs.edit(
      (draft) => {
        const { measure, tune } = draft
        // Nothing was cut and nobody asked for another fit: it begins at the maker's own snug.
        if (draft.interference === 0 && draft.log.length === 0)
          draft.interference = bench.beginningFit(record.family)
        measure.stock = record
        measure.more = measure.more.filter(({ stock }) => stock.id !== record.id)
        measure.kerf = bench.kerfFor(measure.machine?.id, record.id)
        measure.belief = bench.beliefFor(measure)
        tune.picked = null
      },
      '',
      ...onBench,
    )
  }
  const add = (record: Stock): boolean => use(record, bench.putting('stocks', record))

  function change(part: Partial<Stock>, key: string): void {
    const { stock } = jobs.job.measure
    if (!stock) {
      useMessages().say('look', words.sheetsBelongStock)
      return
    }
    const record = { ...stock, ...part }
    const apply = (draft: typeof jobs.job): void => {
      draft.measure.stock = record
    }
    jobs.edit(apply, key, bench.putting('stocks', record))
  }
  return { use, add, change }
}
