import { settingFor } from '@core/job'
import { ASSUMED_KERF, type KerfRecord } from '@core/kerf'
import { thicknessOf } from '@core/stock'
import { settingWords } from '@core/tune'
import { useBench } from '@web/stores/bench'
import { useJob } from '@web/stores/job'

/** Puts a kerf on the bench, under machine, stock and setting, and into the job. */
export function useKerfEdits() {
  const jobs = useJob()
  const bench = useBench()

  /** The setting that the job cuts with, in words: a kerf belongs to it. */
  const settingNow = (): string =>
    settingWords(settingFor(jobs.job!, thicknessOf(jobs.job!.measure.stock).mean).setting)

  function put(record: KerfRecord, key: string): void {
    jobs.edit(
      (draft) => {
        draft.measure.kerf = record
      },
      key,
      bench.put('kerfs', record),
    )
  }

  /** A new record of now; older ones stay in the history. */
  function record(part: Pick<KerfRecord, 'width' | 'doubt' | 'method' | 'how'> & Partial<KerfRecord>): void {
    const { machine, stock } = jobs.job!.measure
    if (!machine || !stock) return
    put(
      {
        id: crypto.randomUUID(),
        machineId: machine.id,
        stockId: stock.id,
        kx: null,
        ky: null,
        setting: settingNow(),
        on: new Date().toISOString(),
        ...part,
      },
      '',
    )
  }

  /** Corrects a typed kerf in place; anything measured is left alone and a typed one stands beside it. */
  function type(part: Partial<Pick<KerfRecord, 'width' | 'doubt' | 'how' | 'setting'>>, key: string): void {
    const { kerf } = jobs.job!.measure
    if (kerf?.method === 'typed' || (kerf && part.width === undefined)) put({ ...kerf, ...part }, key)
    else
      record({
        width: kerf?.width ?? ASSUMED_KERF,
        doubt: null,
        method: 'typed',
        how: '',
        setting: '',
        ...part,
      }) // nobody knows at which setting, until it is said
  }
  return { record, type }
}
