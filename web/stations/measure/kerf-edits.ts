import { ASSUMED_KERF, type KerfRecord } from '@core/kerf'
import { settingWords } from '@core/tune'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'

type NewKerf = Pick<KerfRecord, 'width' | 'doubt' | 'method' | 'how'> & Partial<KerfRecord>

/** Puts a kerf on the bench, under machine, stock and setting, and into the job. */
export function useKerfEdits() {
  const jobs = useOpenJob()
  const bench = useBench()
  const derived = useDerived()

  function put(
    record: KerfRecord,
    key: string,
    also: (draft: typeof jobs.job) => void = () => undefined,
  ): boolean {
    return jobs.edit(
      (draft) => {
        draft.measure.kerf = record
        draft.measure.belief = bench.beliefFor(draft.measure)
        also(draft)
      },
      key,
      bench.putting('kerfs', record),
    )
  }

  /**
   * A new record of now; older ones stay in the history.
   * @param part with an id, it takes the place of the record of that id
   */
  function record(part: NewKerf, key = '', also?: (draft: typeof jobs.job) => void): boolean {
    const { machine, stock } = jobs.job.measure
    if (!machine || !stock) return false
    const base = {
      id: crypto.randomUUID(),
      machineId: machine.id,
      stockId: stock.id,
      kx: null,
      ky: null,
      setting: settingWords(derived.choice.setting),
      on: new Date().toISOString(),
    }
    return put({ ...base, ...part }, key, also)
  }

  /** Corrects a typed kerf in place; anything measured is left alone and a typed one stands beside it. */
  function type(part: Partial<Pick<KerfRecord, 'width' | 'doubt' | 'how' | 'setting'>>, key: string): void {
    const { kerf } = jobs.job.measure
    // What was said of the old figure stays with it.
    const isLeantOn = [...bench.tastes, ...bench.checks].some(({ kerfId }) => kerfId === kerf?.id)
    const isTyped = kerf?.method === 'typed' && !(isLeantOn && part.width !== undefined)
    if (kerf && (isTyped || part.width === undefined)) {
      put({ ...kerf, ...part }, key)
      return
    }
    const width = kerf?.width ?? ASSUMED_KERF
    // Nobody knows at which setting, until it is said.
    record({ width, doubt: null, method: 'typed', how: '', setting: '', ...part }, key)
  }
  return { record, type }
}
