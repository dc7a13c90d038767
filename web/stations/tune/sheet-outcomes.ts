import type { PocketTest } from '@core/stock'
import { withCurrentTrial } from '@core/job'
import { newTrial } from '@core/testpiece'
import { resultsOfFree, type TestRecord, type TestResult } from '@core/tune'
import { useBench } from '@web/stores/bench'
import { useOpenJob } from '@web/stores/job'
import { useMessages } from '@web/stores/messages'
import { useStockEdits } from '@web/stores/stock-edits'
import { sheetOutcomes as words } from './words'

/** What came of the squares of a test sheet, written down in the job and on the bench. */
export function useSheetOutcomes() {
  const jobs = useOpenJob()
  const bench = useBench()
  const stocks = useStockEdits()
  const messages = useMessages()

  /** Says of a square what became of it; said again, it is taken back. */
  function mark(square: number, result: TestResult): void {
    jobs.edit((draft) => {
      const own = draft.tune.sheet?.squares[square]
      if (own) own.result = own.result === result ? null : result
    })
  }

  function drop(): void {
    jobs.edit((draft) => {
      draft.tune.sheet = null
    })
  }

  /**
   * Every square that something is said of becomes a test; the sheet is done with.
   * @param also what else is changed in the same step
   */
  function keep(
    results: (TestResult | null)[],
    also: (draft: typeof jobs.job) => void = () => undefined,
  ): void {
    const { sheet } = jobs.job.tune
    const { stock } = jobs.job.measure
    if (!sheet || !stock) return
    const { machineId, stockId, thickness } = sheet
    const about = { machineId, stockId, family: stock.family, thickness, on: new Date().toISOString() }
    const tests = sheet.squares.flatMap(({ setting }, i): TestRecord[] => {
      const result = results[i]
      return result ? [{ id: crypto.randomUUID(), ...about, setting, result }] : []
    })
    const apply = (draft: typeof jobs.job): void => {
      draft.tune.tests.push(...tests)
      draft.tune.sheet = null
      also(draft)
    }
    if (jobs.edit(apply, '', ...tests.map((test) => bench.putting('tests', test))))
      messages.say('said', words.testWrittenDown(tests.length))
  }

  const take = (): void => keep((jobs.job.tune.sheet?.squares ?? []).map(({ result }) => result))

  /**
   * The quickest square that came free, or none: what that says of all is written down, and the square is
   * taken in hand as the piece that the kerf is read from.
   * @param side of the square as drawn, mm
   */
  function free(square: number | null, side: number): void {
    const { sheet } = jobs.job.tune
    if (!sheet) return
    const squares = { side, count: 1, ways: 'both' as const }
    keep(resultsOfFree(sheet, square), (draft) => {
      if (square !== null)
        draft.measure.trials = withCurrentTrial({ ...newTrial('squares'), squares }, jobs.job.measure)
    })
  }

  /** A measured pocket goes to the stock's own. */
  function addDepth(square: number, depth: number): void {
    const { sheet } = jobs.job.tune
    const { machine, stock } = jobs.job.measure
    if (!sheet || !machine || !stock) return
    const { speed, power, passes } = sheet.squares[square].setting
    const test: PocketTest = {
      id: crypto.randomUUID(),
      machineId: machine.id,
      watts: machine.watts,
      speed,
      power,
      passes,
      depth,
      on: new Date().toISOString(),
    }
    stocks.change({ pockets: [...stock.pockets, test] }, '')
  }

  /** Engraves as the patch that looked best. */
  function takePatch(square: number): void {
    jobs.edit((draft) => {
      const own = draft.tune.sheet?.squares[square]
      if (own) draft.tune.engrave = { ...own.setting }
      draft.tune.sheet = null
    })
  }
  return { mark, drop, take, free, addDepth, takePatch }
}
