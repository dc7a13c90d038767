import { beforeEach, describe, expect, jest, test } from '@jest/globals'
import { createPinia, setActivePinia } from 'pinia'
import { emptyJob, type Job } from '@core/job'
import type { KerfRecord } from '@core/kerf'
import { ORDINARY_CODE, OUR_COLOURS, type Machine } from '@core/machine'
import { newStock } from '@core/stock'
import { database, forgetEverything } from '@web/data/db'
import { isUnreadable, loadJob, saveJob } from '@web/data/jobs'
import { tryTo } from '@web/refusals'
import { useBench } from './bench'
import { useJob } from './job'
import { useMessages } from './messages'

beforeEach(async () => {
  await forgetEverything()
  setActivePinia(createPinia())
})
const stored = async (id: string): Promise<Job | null> => {
  const found = await loadJob(id)
  return found && !isUnreadable(found) ? found.job : null
}
const rest = () => new Promise((resolve) => setTimeout(resolve, 30))

describe('the job on the screen', () => {
  async function opened() {
    await saveJob(emptyJob('a', 'Tray', ''), 0)
    const jobs = useJob()
    expect(await jobs.open('a')).toBe('open')
    return jobs
  }
  test('is saved as it is edited, one step back per edit', async () => {
    const jobs = await opened()
    jobs.edit((draft) => {
      draft.copies = 4
    })
    jobs.edit((draft) => {
      draft.box.width = 200
    })
    await rest()
    expect(await stored('a')).toMatchObject({ copies: 4, box: { width: 200 } })
    jobs.undo()
    await rest()
    expect(await stored('a')).toMatchObject({ copies: 4, box: { width: 120 } })
    expect(jobs.saving).toBe('saved')
  })
  test('an edit that changes nothing is no step', async () => {
    const jobs = await opened()
    jobs.edit((draft) => {
      draft.copies = 1
    })
    expect(jobs.canUndo).toBe(false)
  })
  test('when both tabs changed it, ours is kept and theirs is one step back', async () => {
    const jobs = await opened()
    await saveJob({ ...emptyJob('a', 'Tray', 'there'), copies: 9 }, 1)
    jobs.edit((draft) => {
      draft.box.depth = 99
    })
    await rest()
    expect(await stored('a')).toMatchObject({ copies: 1, box: { depth: 99 } })
    expect(useMessages().list[0].text).toContain('Another tab changed this job')
    jobs.undo()
    expect(jobs.job?.copies).toBe(9)
  })
  test('a storage that fails is said, and nothing on the screen is lost', async () => {
    const jobs = await opened()
    const put = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    jobs.edit((draft) => {
      draft.copies = 12
    })
    await rest()
    expect(jobs.saving).toBe('failed')
    expect(jobs.job?.copies).toBe(12)
    put.mockRestore()
    await jobs.save()
    expect(jobs.saving).toBe('saved')
    expect((await stored('a'))?.copies).toBe(12)
  })
})

describe('what cannot be kept', () => {
  test('is refused whole, said in a sentence, and the rest goes on', async () => {
    await saveJob(emptyJob('a', 'Tray', ''), 0)
    const [jobs, bench] = [useJob(), useBench()]
    await jobs.open('a')
    const onBench = bench.putting('stocks', { ...newStock('s', 'Ply'), sheetWidth: -3 })
    const taken = jobs.edit(
      (draft) => {
        draft.copies = 3
      },
      '',
      onBench,
    )
    expect(taken).toBe(false)
    expect(jobs.job?.copies).toBe(1)
    expect(bench.stocks).toEqual([])
    await rest()
    expect(useMessages().list[0].text).toMatch(/^This cannot be kept: sheet width .*\.$/)
    jobs.edit((draft) => {
      draft.copies = 4
    })
    await rest()
    expect(await stored('a')).toMatchObject({ copies: 4 })
  })
  test('a field that gave it out shows the sentence itself', async () => {
    await saveJob(emptyJob('a', 'Tray', ''), 0)
    const jobs = useJob()
    await jobs.open('a')
    const why = tryTo(() => {
      jobs.edit((draft) => {
        draft.box.width = 1e9
      })
    })
    expect(why).toBe('This cannot be kept: width of box is at most 5000.')
    await rest()
    expect(useMessages().list).toEqual([])
    expect(tryTo(() => undefined)).toBeNull()
  })
})

describe('the bench', () => {
  const machine: Machine = {
    id: 'm',
    name: 'Shed',
    bedWidth: 600,
    bedHeight: 400,
    watts: 60,
    maxSpeed: 400,
    travelSpeed: 300,
    acceleration: 1500,
    colours: OUR_COLOURS,
    code: ORDINARY_CODE,
    origin: 'front left',
  }
  const stock = newStock('s', 'Ply')
  const kerf = (id: string, width: number, on: string): KerfRecord => ({
    id,
    machineId: 'm',
    stockId: 's',
    width,
    doubt: 0.01,
    kx: null,
    ky: null,
    method: 'squares',
    setting: '',
    on,
    how: '',
  })
  const jobWith = (record: KerfRecord | null): Job => ({
    ...emptyJob('a', 'A', ''),
    measure: {
      bed: null,
      machine,
      stock,
      kerf: record,
      belief: null,
      sure: [],
      more: [],
      trials: [],
    },
  })

  test('learns what it does not have from a job, and leaves alone what it has', async () => {
    const bench = useBench()
    bench.put('stocks', { ...stock, notes: 'bowed' })
    bench.learn(jobWith(kerf('k', 0.16, '2026-01-01')))
    await rest()
    await bench.load()
    expect(bench.stocks).toEqual([{ ...stock, notes: 'bowed' }])
    expect(bench.kerfs.map(({ id }) => id)).toEqual(['k'])
  })
  test('knows what is newer than a job’s copies, and what the job would have then', () => {
    const bench = useBench()
    const job = jobWith(kerf('k1', 0.16, '2026-01-01'))
    bench.learn(job)
    expect(bench.newerThan(job)).toEqual([])
    bench.put('kerfs', kerf('k2', 0.2, '2026-02-01'))
    bench.put('stocks', { ...stock, readings: [{ value: 3.1, spot: '', on: '' }] })
    bench.put('tastes', {
      id: 't',
      family: 'plywood',
      interference: 0.02,
      doubt: 0.01,
      own: 0.008,
      kerfId: null,
      best: null,
      slot: null,
      from: 'comb',
      word: null,
      on: '',
      note: '',
    })
    expect(bench.newerThan(job)).toEqual(['the stock', 'the kerf', 'what is believed of the fit'])
    const renewed = { ...job, measure: bench.renewed(job.measure) }
    expect(renewed.measure.kerf?.id).toBe('k2')
    expect(bench.newerThan(renewed)).toEqual([])
    bench.remove('kerfs', 'k2') // the older one that is left is no news
    expect(bench.newerThan(renewed)).toEqual([])
    expect(bench.renewed(renewed.measure).kerf?.id).toBe('k2')
  })
  test('what was done to it along with a job’s step is undone and done again with it', async () => {
    await saveJob(emptyJob('a', 'A', ''), 0)
    const [jobs, bench] = [useJob(), useBench()]
    await jobs.open('a')
    jobs.edit(
      (draft) => {
        draft.measure.machine = machine
      },
      '',
      bench.putting('machines', machine),
    )
    for (const name of ['Sh', 'Shie'])
      jobs.edit(
        (draft) => {
          draft.measure.machine!.name = name
        },
        'name',
        bench.putting('machines', { ...machine, name }),
      )
    jobs.edit(
      (draft) => {
        draft.copies = 2
      },
      '',
      bench.removing('machines', 'm'),
    )
    expect(bench.machines).toEqual([])
    const back = (): string[] => {
      jobs.undo()
      return bench.machines.map(({ name }) => name)
    }
    expect([back(), back(), back()]).toEqual([['Shie'], ['Shed'], []])
    jobs.redo()
    jobs.redo()
    expect(bench.machines).toMatchObject([{ name: 'Shie' }])
    bench.put('machines', { ...machine, name: 'Shieling' }) // elsewhere, since
    expect(back()).toEqual(['Shieling'])
    await rest()
    await bench.load()
    expect(bench.machines.map(({ name }) => name)).toEqual(['Shieling'])
  })
  test('reads what another tab put there, and loses nothing of its own over it', async () => {
    const bench = useBench()
    await (await database()).put('machines', machine)
    const reading = bench.reread('machines')
    bench.put('machines', { ...machine, id: 'own', name: 'Loft' })
    await reading
    expect(bench.machines.map(({ id }) => id).sort()).toEqual(['m', 'own'])
  })
  test('a kerf of another machine or stock is never taken', () => {
    const bench = useBench()
    bench.put('kerfs', { ...kerf('x', 0.3, '2026-05-01'), stockId: 'other' })
    expect(bench.kerfFor('m', 's')).toBeNull()
    expect(bench.newerThan(jobWith(null))).toEqual([])
  })
})
