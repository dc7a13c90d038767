import { newMachine, type Machine } from '@core/machine'
import { useBench, type BenchChange } from './bench'
import { useOpenJob } from './job'
import { machineEdits as words } from './words'

/** Chooses and changes the job's machine, on the bench along with it. */
export function useMachineEdits() {
  const jobs = useOpenJob()
  const bench = useBench()

  /** Another machine has another kerf, and its own tests. */
  function use(machine: Machine, ...onBench: BenchChange[]): boolean {
    return jobs.edit(
      (draft) => {
        draft.measure.machine = machine
        draft.measure.kerf = bench.kerfFor(machine.id, draft.measure.stock?.id)
        draft.measure.belief = bench.beliefFor(draft.measure)
        for (const each of draft.measure.more) {
          each.kerf = bench.kerfFor(machine.id, each.stock.id)
          each.belief = bench.beliefFor({ machine, ...each })
        }
        Object.assign(draft.tune, bench.triedOn(machine.id), { picked: null })
      },
      '',
      ...onBench,
    )
  }

  /** A machine that nothing is known of yet, or only what is given. */
  function add(part: Partial<Machine> = {}): boolean {
    const machine = { ...newMachine(crypto.randomUUID(), words.laser(bench.machines.length + 1)), ...part }
    return use(machine, bench.putting('machines', machine))
  }

  /** Changes the job's machine, or adds one where it has none. */
  function change(part: Partial<Machine>, key: string): boolean {
    const { machine } = jobs.job.measure
    if (!machine) return add(part)
    const changed = { ...machine, ...part }
    const apply = (draft: typeof jobs.job): void => {
      draft.measure.machine = changed
    }
    return jobs.edit(apply, key, bench.putting('machines', changed))
  }
  return { use, add, change }
}
