import { describe, expect, test } from '@jest/globals'
import { demo, madeFor } from '../../scripts/testing/demo'
import { deriveAll, scoreOf } from '@core/derive'
import type { Job } from '@core/job'
import { makeHelper } from './helping'
import { makePlanner } from './planning'
import type { Answer, Request } from './protocol'

const { job, parts } = deriveAll(demo('crate'))

/** Asks a planner, and goes on asking as the answers come; ends with the first that is wanted. */
function ask(
  request: Request,
  wanted: (answer: Answer) => boolean,
  then: (answer: Answer) => Request[] = () => [],
  make = makePlanner,
) {
  return new Promise<{ last: Answer; all: Answer[] }>((resolve) => {
    const all: Answer[] = []
    const planner = make({
      breath: 5,
      answer: (answer) => {
        all.push(answer)
        if (wanted(answer)) resolve({ last: answer, all })
        else for (const next of then(answer)) planner(next)
      },
    })
    planner(request)
  })
}
const plan = { kind: 'plan', job, known: null, ...madeFor(job) } as const
const search: Request = { ...plan, sequence: 1, layOut: 'search on' }
const isPlanned = ({ kind }: Answer): boolean => kind === 'planned'

describe('a search that goes on', () => {
  test('ends when it is stopped, with a layout that is no worse than the one it began with', async () => {
    const { last, all } = await ask(search, isPlanned, (answer) =>
      answer.kind === 'progress' && answer.round >= 2 ? [{ kind: 'stop layout' }] : [],
    )
    if (last.kind !== 'planned') throw new Error(last.kind)
    expect(all.some((answer) => answer.kind === 'progress' && answer.round >= 2)).toBe(true)
    expect(last.search!.before).toEqual(scoreOf(job.layout.arrangement!, parts, job))
    expect(last.search!.after).toEqual(scoreOf(last.arrangement!, parts, job))
    const [before, after] = [job.layout.arrangement!, last.arrangement!].map((each) =>
      scoreOf(each, parts, job),
    )
    expect(after.unplaced).toBeLessThanOrEqual(before.unplaced)
    expect(after.weight).toBeLessThanOrEqual(before.weight)
    if (after.weight === before.weight) expect(after.rest).toBeGreaterThanOrEqual(before.rest - 1)
  }, 60_000)
  test('is given up for whatever is asked for after it', async () => {
    const next: Request = { ...plan, sequence: 2, layOut: 'if stale' }
    let isAsked = false
    const { all } = await ask(search, isPlanned, () => {
      if (isAsked) return []
      isAsked = true
      return [next]
    })
    expect(all.filter(isPlanned)).toMatchObject([{ sequence: 2, search: null, arrangement: null }])
  }, 60_000)
})

test('what would save a sheet comes as it is found, and ends when it is stopped', async () => {
  const whole = {
    ...job,
    layout: { ...job.layout, settings: { ...job.layout.settings, first: 'whole sheets' } },
  }
  const { last } = await ask(
    { kind: 'what helps', sequence: 1, job: whole as Job, known: [] },
    (answer) => answer.kind === 'helps' && answer.done,
    (answer) => (answer.kind === 'helps' && answer.found.length > 0 ? [{ kind: 'stop layout' }] : []),
    makeHelper,
  )
  if (last.kind !== 'helps') throw new Error(last.kind)
  expect(last.found[0].change).toEqual({ kind: 'offcuts' })
}, 60_000)
