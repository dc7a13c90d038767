// Whatever the application calls saved reads back equal: every action of every store, with wild figures.
import { beforeEach, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { createPinia, setActivePinia } from 'pinia'
import { aCheck, anOrder, aPromise } from '../../scripts/testing/bench-records'
import { demo } from '../../scripts/testing/demo'
import { writeEverything, writeJob } from '@core/keep'
import {
  NO_RESULT,
  FOLLOWING,
  nextThingId,
  withThing,
  emptyJob,
  tasteOfVerdict,
  withCurrentTrial,
  type Job,
  type Revision,
} from '@core/job'
import { OUR_COLOURS, type Machine } from '@core/machine'
import { newStock, type Stock } from '@core/stock'
import { newTrial } from '@core/testpiece'
import { BENCH_STORES, forgetEverything } from '@web/data/db'
import { isUnreadable, loadJob, saveJob } from '@web/data/jobs'
import { readShelf } from '@web/data/bench'
import { tryTo } from '@web/refusals'
import { useBench } from './bench'
import type { Records } from './bench-shelves'
import { useJob } from './job'
import { useShelf } from './shelf'
import { useMaterialEdits } from './material-edits'
import { useStockEdits } from './stock-edits'
import { seedOf } from '../../scripts/testing/runs'

beforeEach(async () => {
  await forgetEverything()
  setActivePinia(createPinia())
})
const rest = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 25))

/**
 * What is on the screen and called saved must be what is read back; a record that cannot be read is a
 * failure.
 */
async function everythingReadsBack(): Promise<void> {
  await rest()
  const jobs = useJob()
  for (let i = 0; i < 400 && jobs.saving === 'saving'; i++) await rest() // a busy machine takes longer
  const bench = useBench()
  if (jobs.job && !jobs.gone) {
    expect(jobs.saving).toBe('saved')
    const found = await loadJob(jobs.job.id)
    if (!found || isUnreadable(found)) throw new Error(`It cannot be read back: ${found?.why}`)
    expect(found.job).toEqual(jobs.job)
  }
  for (const shelf of BENCH_STORES) {
    const { records, unreadable } = await readShelf<{ id: string }>(shelf)
    expect(unreadable).toEqual([])
    const byId = (list: { id: string }[]) => [...list].sort((a, b) => a.id.localeCompare(b.id))
    expect(byId(records)).toEqual(byId(bench[shelf]))
  }
}

const stock: Stock = { ...newStock('s', 'Ply'), family: 'plywood' }
const machine: Machine = { ...demo('plain-tray').measure.machine!, id: 'm', colours: OUR_COLOURS }
const full = (): Job => ({ ...demo('plain-tray'), id: 'a' })

const wildNumber = fc.oneof(
  fc.constantFrom(NaN, Infinity, -Infinity, -0, 0, 1e-9, 0.00001, -24.84, 0.3, 2500, 4998, 5000.1, 1e12),
  fc.double({ min: -100, max: 6000, noNaN: true }),
  fc.integer({ min: -3, max: 600 }),
)
const wild: fc.Arbitrary<unknown> = fc.oneof(
  { arbitrary: wildNumber, weight: 6 },
  {
    arbitrary: fc.constantFrom(
      null,
      undefined,
      '',
      'x',
      'x'.repeat(5000),
      true,
      [],
      {},
      [NaN],
      '\u0000\ud800',
    ),
    weight: 2,
  },
  { arbitrary: fc.string({ maxLength: 150 }), weight: 1 },
)
/** Sets something somewhere in a value: `where` picks the way down. */
function spoil(value: unknown, where: number[], put: unknown): void {
  let holder = value as Record<string, unknown>
  for (const [i, pick] of where.entries()) {
    const keys = Object.keys(holder)
    if (keys.length === 0) return
    const key = keys[pick % keys.length]
    const inner = holder[key]
    if (i === where.length - 1 || typeof inner !== 'object' || inner === null) {
      if (Array.isArray(holder) && put === undefined) holder.push(structuredClone(holder[0]) as never)
      else holder[key] = put
      return
    }
    holder = inner as Record<string, unknown>
  }
}
const way = fc.array(fc.nat(40), { minLength: 1, maxLength: 6 })
const spoiling = fc.tuple(way, wild)

type Act = (stores: {
  jobs: ReturnType<typeof useJob>
  bench: ReturnType<typeof useBench>
  shelf: ReturnType<typeof useShelf>
}) => unknown
const act: fc.Arbitrary<Act> = fc.oneof(
  spoiling.map(
    ([where, put]): Act =>
      ({ jobs }) =>
        jobs.edit((draft) => spoil(draft, where, put)),
  ),
  spoiling.map(([where, put]): Act => ({ jobs, bench }) => {
    const record = structuredClone(stock)
    spoil(record, where, put)
    jobs.edit(
      (draft) => {
        draft.measure.stock = record
      },
      'k',
      bench.putting('stocks', record),
    )
  }),
  spoiling.map(([where, put]): Act => () => {
    const record = structuredClone(stock)
    spoil(record, where, put)
    return useStockEdits().add(record)
  }),
  fc
    .tuple(fc.constantFrom(...FOLLOWING), fc.constantFrom('width + t', 't', 'a.width', '1/0', '9e9', 'x'))
    .map(
      ([field, text]): Act =>
        ({ jobs }) =>
          jobs.edit((draft) => {
            draft.follows = [...draft.follows, { thing: 'a', field, text, unit: 'mm' }]
          }),
    ),
  fc.constantFrom<Act>(
    ({ jobs }) =>
      jobs.edit((draft) => {
        const { box, copies } = jobs.job!
        draft.also = [...draft.also, { id: nextThingId(jobs.job!), name: 'one more', copies, box }]
      }),
    ({ jobs }) =>
      jobs.edit((draft) => {
        Object.assign(draft, withThing(jobs.job!, 'b'))
      }),
    ({ bench }) => useMaterialEdits().assign('floor', bench.stocks[0] ?? stock),
    ({ jobs }) => useMaterialEdits().chooseStock(jobs.job!.measure.more[0]?.stock.id ?? 's'),
  ),
  fc.tuple(fc.constantFrom('sheetWidth', 'price', 'name', 'thickness', 'readings'), wild).map(
    ([key, put]): Act =>
      () =>
        useStockEdits().change({ [key]: put } as Partial<Stock>, key),
  ),
  fc.tuple(fc.constantFrom(...BENCH_STORES), spoiling).map(([kind, [where, put]]): Act => ({ bench }) => {
    const { measure, tune } = full()
    const samples: Records = {
      machines: machine,
      stocks: stock,
      kerfs: measure.kerf!,
      tests: tune.tests[0],
      tastes: {
        id: 't',
        family: 'plywood',
        interference: 0,
        doubt: 0.01,
        own: 0.01,
        kerfId: null,
        best: null,
        slot: null,
        from: 'comb',
        word: null,
        on: '',
        note: '',
      },
      events: { id: 'e', machineId: 'm', on: '2026-01-01', what: 'lens cleaned' },
      checks: aCheck,
      promises: aPromise,
      orders: anOrder,
      runs: {
        id: 'r',
        machineId: 'm',
        on: '2026-01-01',
        cutting: 100,
        moving: 20,
        starts: 9,
        programs: 1,
        took: 130,
        note: '',
      },
    }
    const record = structuredClone(samples[kind])
    spoil(record, where, put)
    bench.put(kind, record as Records[typeof kind])
  }),
  fc.constantFrom<Act>(
    ({ jobs }) => jobs.undo(),
    ({ jobs }) => jobs.redo(),
    ({ jobs, bench }) => bench.learn(jobs.job!),
    ({ bench }) => bench.remove('stocks', 's'),
    ({ bench }) => useStockEdits().use(bench.stocks[0] ?? stock),

    ({ jobs, bench }) =>
      jobs.edit((draft) => {
        draft.measure = bench.renewed(jobs.job!.measure)
      }),
    ({ bench }) => bench.writeAll(),
    ({ jobs, shelf }) => shelf.duplicate(jobs.job!),
    ({ shelf }) => shelf.begun(emptyJob('begun', 'x'.repeat(70), '')),
    ({ jobs, shelf }) => shelf.importFile(new File([writeJob(jobs.job!)], 'job.json')),
    async ({ shelf }) => {
      const [text] = writeEverything((await shelf.everything()).all, '')
      return shelf.importFile(new File([text], 'all.json'))
    },
  ),
)

test('whatever is done with whatever figures, what is called saved reads back equal', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(act, { minLength: 1, maxLength: 8 }), async (acts) => {
      await forgetEverything()
      setActivePinia(createPinia())
      await saveJob(full(), 0)
      const [jobs, bench, shelf] = [useJob(), useBench(), useShelf()]
      await bench.load()
      await jobs.open('a')
      for (const one of acts) await one({ jobs, bench, shelf })
      await everythingReadsBack()
      const kept = shelf.jobs.map(({ id }) => id)
      await shelf.refresh()
      await shelf.looked()
      expect(shelf.unreadable).toEqual([])
      expect(shelf.jobs.map(({ id }) => id)).toEqual(expect.arrayContaining(kept))
    }),
    { numRuns: 70, seed: seedOf(11) },
  )
})

describe('ways that once led to a job that could not be read again', () => {
  async function opened(job: Job = full()) {
    await saveJob(job, 0)
    const jobs = useJob()
    await jobs.open('a')
    return jobs
  }
  const readings = (count: number, value = 3): Stock['readings'] =>
    Array.from({ length: count }, () => ({ value, spot: '', on: '' }))
  const withTrial = (part: object) => (draft: Job) => {
    draft.measure.trials = withCurrentTrial({ ...newTrial('squares'), ...part }, draft.measure)
  }
  const kerf = (part: object) => (draft: Job) => Object.assign(draft.measure.kerf!, part)
  const NOWHERE = {
    machineId: null,
    stockId: null,
    setting: null,
    thickness: null,
    kerf: null,
    promised: null,
    slot: null,
  }
  const revisions = (count: number): Revision[] =>
    Array.from({ length: count }, (_, i) => ({
      ...NO_RESULT,
      id: `r${i}`,
      number: i + 1,
      date: '',
      reason: '',
      cut: { family: 'plywood', gap: 0, kerfSd: 0.01, kerfId: null, ...NOWHERE },
    }))
  test.each<[string, (draft: Job) => unknown, 'kept' | 'refused']>([
    ['two squares that differ by 0.3 mm', withTrial({ readings: [24.7, 25, null, null] }), 'kept'],
    ['their kerf', kerf({ width: 0.15, doubt: 1.9 }), 'refused'],
    ['a bench reading of 2500', withTrial({ readings: [2500] }), 'refused'],
    ['−24.84', withTrial({ readings: [-24.84] }), 'refused'],
    [
      'a reading of 0.00001',
      (draft) => {
        draft.measure.stock!.readings = readings(1, 0.00001)
      },
      'refused',
    ],
    ['a kerf of 10 mm from a square read 15', kerf({ width: 10 }), 'refused'],
    [
      'outer 5004, as inner 4998 becomes',
      (draft) => {
        draft.box.width = 5004
      },
      'refused',
    ],
    [
      'the 201st reading',
      (draft) => {
        draft.measure.stock!.readings = readings(201)
      },
      'refused',
    ],
    [
      'the 501st test',
      (draft) => {
        draft.tune.tests = Array.from({ length: 501 }, () => draft.tune.tests[0])
      },
      'refused',
    ],
    [
      'the 501st revision',
      (draft) => {
        draft.log = revisions(501)
      },
      'refused',
    ],
    ['a comb of 40 pairs', withTrial({ comb: { from: -0.2, step: 0.1, count: 40 } }), 'refused'],
  ])('%s', async (_, change, outcome) => {
    const jobs = await opened()
    const before = jobs.job
    const why = tryTo(() => jobs.edit((draft) => void change(draft)))
    if (outcome === 'refused') {
      expect(why).toMatch(/^This cannot be kept: .+\.$/)
      expect(jobs.job).toBe(before)
    } else expect(why).toBeNull()
    await everythingReadsBack()
  })
  test('one’s own snug at 0.48 and then “press” stays within what is kept', async () => {
    const [revision] = revisions(1)
    const cut = { family: 'plywood' as const, gap: -0.48, kerfSd: 0.02, kerfId: null, ...NOWHERE }
    const bench = useBench()
    expect(bench.put('tastes', tasteOfVerdict({ ...revision, verdict: 'press', cut }, 'Tray')!)).toBe(true)
    expect(
      bench.put(
        'tastes',
        tasteOfVerdict({ ...revision, verdict: 'loose', cut: { ...cut, gap: 4 } }, 'Tray')!,
      ),
    ).toBe(true)
    await everythingReadsBack()
  })
  test('a new job’s first figures', async () => {
    const jobs = await opened(emptyJob('a', 'New', ''))
    jobs.edit((draft) => {
      draft.interference = 0.123456789
    })
    await everythingReadsBack()
  })
})
