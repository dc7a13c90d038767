import { without, type StockUse } from '@core/box'
import { otherStocks, type StockKnown } from '@core/derive'
import type { Job } from '@core/job'
import type { Stock } from '@core/stock'
import { useBench } from './bench'
import { useOpenJob } from './job'

/** Stocks that are no longer cut from are no longer kept. */
function forgetUnused(draft: Job): void {
  const used = new Set(Object.values(draft.box.stocks))
  draft.measure.more = draft.measure.more.filter(({ stock }) => used.has(stock.id))
}

/** Every use that has no stock of its own, so that another stock can be taken in hand without moving it. */
const DEFAULTS: StockUse[] = ['walls', 'floor', 'top', 'dividers']

/** How panels are given other stocks, and which stock is in hand. */
export function useMaterialEdits(): {
  assign: (use: StockUse, stock: Stock | null) => boolean
  chooseStock: (id: string) => boolean
  insteadOf: () => Stock[]
  known: (stocks: Stock[]) => StockKnown[]
} {
  const jobs = useOpenJob()
  const bench = useBench()

  /** A stock with what the bench knows of it on this machine. */
  function materialOf(stock: Stock): StockKnown {
    const { machine } = jobs.job.measure
    const kerf = bench.kerfFor(machine?.id, stock.id)
    return { stock, kerf, belief: bench.beliefFor({ machine, stock, kerf }) }
  }

  function assign(use: StockUse, stock: Stock | null): boolean {
    return jobs.edit((draft) => {
      const { measure, box } = draft
      if (stock === null || stock.id === measure.stock?.id) {
        // The job's own, said outright where a group would have it otherwise.
        const isOver = use !== 'walls' && box.stocks.walls && ['front', 'back', 'left', 'right'].includes(use)
        if (isOver && measure.stock) box.stocks[use] = measure.stock.id
        else box.stocks = without(box.stocks, use)
      } else {
        box.stocks[use] = stock.id
        if (!measure.more.some((each) => each.stock.id === stock.id)) measure.more.push(materialOf(stock))
      }
      forgetUnused(draft)
    })
  }

  /** Makes another of the job's stocks the one that Measure and Tune speak of; every panel keeps its own. */
  function chooseStock(id: string): boolean {
    return jobs.edit((draft) => {
      const { measure, box } = draft
      const next = measure.more.find(({ stock }) => stock.id === id)
      if (!next || !measure.stock) return
      const now: StockKnown = { stock: measure.stock, kerf: measure.kerf, belief: measure.belief }
      for (const use of DEFAULTS) box.stocks[use] ??= now.stock.id
      measure.more = [now, ...measure.more.filter((each) => each !== next)]
      Object.assign(measure, { stock: next.stock, kerf: next.kerf, belief: next.belief })
      for (const use of Object.keys(box.stocks) as StockUse[])
        if (box.stocks[use] === id && DEFAULTS.includes(use)) box.stocks = without(box.stocks, use)
      forgetUnused(draft)
    })
  }
  /** Stocks on the bench that the job in hand could be cut from instead of its own. */
  const insteadOf = (): Stock[] => otherStocks(jobs.job, bench.stocks)
  /** Weighs all that was measured: for what is about to be tried only. */
  const known = (stocks: Stock[]): StockKnown[] => stocks.map(materialOf)

  return { assign, chooseStock, insteadOf, known }
}
