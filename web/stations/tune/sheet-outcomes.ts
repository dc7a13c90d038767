import { counted } from '@core/length'
import type { PocketTest } from '@core/stock'
import type { TestRecord, TestResult } from '@core/tune'
import { useBench } from '@web/stores/bench'
import { useOpenJob } from '@web/stores/job'
import { useMessages } from '@web/stores/messages'
import { useStockEdits } from '@web/stores/stock-edits'

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

  /** Every square that something was said of becomes a test; the sheet is done with. */
  function take(): void {
    const { sheet } = jobs.job.tune
    const { stock } = jobs.job.measure
    if (!sheet || !stock) return
    const { machineId, stockId, thickness } = sheet
    const about = { machineId, stockId, family: stock.family, thickness, on: new Date().toISOString() }
    const tests = sheet.squares.flatMap(({ setting, result }): TestRecord[] =>
      result ? [{ id: crypto.randomUUID(), ...about, setting, result }] : [],
    )
    const apply = (draft: typeof jobs.job): void => {
      draft.tune.tests.push(...tests)
      draft.tune.sheet = null
    }
    if (jobs.edit(apply, '', ...tests.map((test) => bench.putting('tests', test))))
      messages.say('said', `${counted(tests.length, 'test')} written down.`)
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
  return { mark, drop, take, addDepth, takePatch }
}
