import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals'
import { demo, madeFor } from '../../scripts/testing/demo'
import { deriveAll } from '@core/derive'
import { packPlan, unpackPlan } from './packing'
import { PlannerClient } from './planner-client'
import type { Answer, PlanRequest, Request } from './protocol'

/** A worker that does as the test says: answers, falls silent, or breaks. */
class FakeWorker {
  static made: FakeWorker[] = []
  onmessage: ((event: { data: Answer }) => void) | null = null
  onerror: ((event: { preventDefault: () => void }) => void) | null = null
  asked: Request[] = []
  terminated = false
  constructor() {
    FakeWorker.made.push(this)
  }
  postMessage(request: Request): void {
    this.asked.push(request)
  }
  terminate(): void {
    this.terminated = true
  }
  break(): void {
    this.onerror?.({ preventDefault: () => undefined })
  }
}
const job = demo('plain-tray')
const { parts, depths } = madeFor(job)
const many = Array.from({ length: 61 }, () => parts[0])
const ask = (sequence: number, layOut: PlanRequest['layOut'] = 'if stale', own = parts): PlanRequest => ({
  kind: 'plan',
  sequence,
  job,
  parts: own,
  depths,
  known: null,
  layOut,
})
function client() {
  const answers: Answer[] = []
  const troubles: string[] = []
  const made = new PlannerClient({
    answer: (message) => answers.push(message),
    trouble: (sentence) => troubles.push(sentence),
  })
  return { client: made, answers, troubles }
}
async function until(done: () => boolean): Promise<void> {
  while (!done()) await new Promise((resolve) => setTimeout(resolve, 10))
}

beforeEach(() => {
  FakeWorker.made = []
  Object.assign(globalThis, { Worker: FakeWorker })
})
afterEach(() => {
  jest.useRealTimers()
  Reflect.deleteProperty(globalThis, 'Worker')
})

describe('the way to the planner', () => {
  test('a worker that breaks is started again and asked again; it is said', () => {
    const { client: planner, troubles } = client()
    planner.ask(ask(1))
    FakeWorker.made[0].break()
    expect(FakeWorker.made).toHaveLength(2)
    expect(FakeWorker.made[1].asked).toMatchObject([{ sequence: 1 }])
    expect(troubles).toEqual([expect.stringContaining('started again')])
  })
  test('one that falls silent counts as ended; one that is slow, or has answered, does not', () => {
    jest.useFakeTimers()
    const { client: planner, troubles } = client()
    planner.ask(ask(1, 'if stale', many)) // too many for the page: nothing goes on after the test
    jest.advanceTimersByTime(25_000)
    FakeWorker.made[0].onmessage!({ data: { kind: 'alive', sequence: 1 } })
    jest.advanceTimersByTime(25_000)
    expect(troubles).toEqual([])
    jest.advanceTimersByTime(10_000)
    expect(troubles.length).toBeGreaterThan(0)
    const other = client()
    other.client.ask(ask(1))
    FakeWorker.made.at(-1)!.onmessage!({
      data: { kind: 'planned', sequence: 1, arrangement: null, search: null, plan: null, use: null },
    })
    jest.advanceTimersByTime(60_000)
    expect(other.troubles).toEqual([])
  })
  test('a search by several does not wait for one that is late, nor hear it afterwards', () => {
    jest.useFakeTimers()
    const { client: planner, answers } = client()
    planner.ask(ask(1, 'search on'))
    expect(FakeWorker.made.length).toBeGreaterThan(1)
    const [main, helper] = FakeWorker.made
    const score = (weight: number) => ({
      ...{ whole: 1, unplaced: 0, weight, sheets: weight },
      ...{ offcuts: 0, rest: 0, shared: 0 },
    })
    const ended = (weight: number): Answer => ({
      kind: 'planned',
      sequence: 1,
      arrangement: null,
      search: { before: score(4), after: score(weight) },
      plan: null,
      use: null,
    })
    helper.onmessage!({ data: ended(2) })
    expect(main.asked.at(-1)).toEqual({ kind: 'stop layout' })
    expect(answers).toEqual([])
    jest.advanceTimersByTime(3_000)
    expect(answers).toEqual([ended(2)])
    main.onmessage!({ data: ended(3) })
    expect(answers).toHaveLength(1)
    expect(helper.terminated).toBe(true)
  })
  test('where none can be had, a small job is planned on the page itself', async () => {
    const { client: planner, answers, troubles } = client()
    planner.ask(ask(1))
    FakeWorker.made[0].break()
    FakeWorker.made[1].break()
    expect(troubles.at(-1)).toContain('on the page itself')
    await until(() => answers.some(({ kind }) => kind === 'planned'))
    const planned = answers.find((answer) => answer.kind === 'planned')
    expect(planned).toMatchObject({ sequence: 1, plan: { sheets: 1 } })
  })
  test('and a large one says why there is no plan', () => {
    Object.assign(globalThis, {
      Worker: function refused(): never {
        throw new Error('no workers here')
      },
    })
    const { client: planner, answers } = client()
    planner.ask(ask(3, 'if stale', many))
    expect(answers).toEqual([
      { kind: 'failed', sequence: 3, message: expect.stringContaining('too large for the page') },
    ])
  })
})

test('a plan comes through its packing as it was, paths and all', () => {
  const { plan } = deriveAll(job).derived
  const { packed, blocks } = packPlan(plan!)
  const through = unpackPlan(structuredClone(packed, { transfer: blocks }))
  expect(through.loads[0].paths).toEqual(plan!.loads[0].paths)
  expect(blocks[0].byteLength).toBe(0) // it was handed over, not copied
  expect({ ...through, loads: [] }).toEqual({ ...plan!, loads: [] })
})
