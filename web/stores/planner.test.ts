import { afterEach, beforeEach, expect, test } from '@jest/globals'
import { createPinia, setActivePinia } from 'pinia'
import { computed } from 'vue'
import { demo, madeFor } from '../../scripts/testing/demo'
import type { Job } from '@core/job'
import { forgetEverything } from '@web/data/db'
import { isUnreadable, loadJob, saveJob } from '@web/data/jobs'
import { loadWorkedOut } from '@web/data/worked-out'
import { makePlanner } from '@web/workers/planning'
import type { Answer, PlanRequest, Request } from '@web/workers/protocol'
import { useJob } from './job'
import { usePlanner } from './planner'

/** The planner itself, where a browser would put it into a worker. */
class WorkerHere {
  static asked: Request[] = []
  onmessage: ((event: { data: Answer }) => void) | null = null
  private readonly plan = makePlanner({
    answer: (data) => void setTimeout(() => this.onmessage?.({ data: structuredClone(data) })),
    breath: 5,
  })
  postMessage(request: Request): void {
    WorkerHere.asked.push(request)
    this.plan(structuredClone(request))
  }
  terminate(): void {
    this.onmessage = null
  }
}
const soon = (act: () => void): number => setTimeout(act) as unknown as number

beforeEach(async () => {
  await forgetEverything()
  WorkerHere.asked = []
  Object.assign(globalThis, {
    Worker: WorkerHere,
    requestAnimationFrame: soon,
    cancelAnimationFrame: clearTimeout,
  })
})
afterEach(() =>
  ['Worker', 'requestAnimationFrame'].forEach((name) => Reflect.deleteProperty(globalThis, name)),
)

/** A page on which a job is open, as it is planned. */
async function page() {
  setActivePinia(createPinia())
  const [jobs, planner] = [useJob(), usePlanner()]
  await jobs.open('demo-tray')
  // As the page derives them: the same ones while nothing that they rest on is another.
  const made = computed((before?: ReturnType<typeof madeFor>) => {
    const now = madeFor(jobs.job!)
    return before && now.parts.every((part, i) => part === before.parts[i]) ? before : now
  })
  planner.planFrom(() => ({ job: jobs.job!, ...made.value, canBeMade: true }))
  const done = async (): Promise<void> => {
    await new Promise((resolve) => setTimeout(resolve, 150))
    while (planner.busy) await new Promise((resolve) => setTimeout(resolve, 10))
  }
  await done()
  return { jobs, planner, done }
}
const stored = async (): Promise<Job> => {
  const found = await loadJob('demo-tray')
  if (!found || isUnreadable(found)) throw new Error('not there')
  return found.job
}
const plans = (): PlanRequest[] =>
  WorkerHere.asked.filter((request): request is PlanRequest => request.kind === 'plan')

test('a layout that is worked out is kept beside the job, and is no edit of it', async () => {
  await saveJob(demo('specimen-tray'), 0)
  const before = await stored()
  const { jobs, planner } = await page()
  expect(planner.plan!.sheets).toBeGreaterThan(0)
  expect(planner.arrangement!.placements.length).toBeGreaterThan(5)
  expect([jobs.canUndo, await stored()]).toEqual([false, before])
  expect(await loadWorkedOut('demo-tray')).toEqual(planner.arrangement)
  expect(plans().map(({ known }) => known)).toEqual([null])
  // Opened again it is taken as it was, whatever another search would find.
  const again = await page()
  expect(plans().at(-1)!.known).toEqual(planner.arrangement)
  expect(again.planner.arrangement).toEqual(planner.arrangement)
})

test('what was worked out for other parts is not taken for these', async () => {
  await saveJob(demo('specimen-tray'), 0)
  const { jobs, planner, done } = await page()
  const first = planner.arrangement!
  jobs.edit((draft) => {
    draft.box.width += 12
  })
  await done()
  expect(planner.arrangement!.signature).not.toBe(first.signature)
  jobs.undo()
  await done()
  expect(planner.arrangement!.signature).toBe(first.signature)
})

test('where the maker placed something, theirs is the layout until they have it laid out again', async () => {
  await saveJob(demo('specimen-tray'), 0)
  const { jobs, planner, done } = await page()
  const own = { ...planner.arrangement!, byHand: true }
  jobs.edit((draft) => {
    draft.layout.arrangement = own
  })
  jobs.edit((draft) => {
    draft.copies = 2
  })
  await done()
  expect([planner.arrangement, planner.plan!.layoutIsStale]).toEqual([own, true])
  planner.layOutAgain()
  await done()
  expect([jobs.job!.layout.arrangement, planner.plan!.layoutIsStale]).toEqual([null, false])
  jobs.undo()
  await done()
  expect(planner.arrangement).toEqual(own)
})

test('what no plan rests on asks for none', async () => {
  await saveJob(demo('specimen-tray'), 0)
  const { jobs, done } = await page()
  const count = plans().length
  jobs.edit((draft) => {
    draft.cut.written = { signature: 's', date: '', mark: '' }
  })
  await done()
  expect(plans()).toHaveLength(count)
  jobs.edit((draft) => {
    draft.layout.settings.gap = 4
  })
  await done()
  expect(plans()).toHaveLength(count + 1)
})
