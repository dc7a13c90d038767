import { describe, expect, test } from '@jest/globals'
import { readFileSync } from 'node:fs'
import { demo } from '../../scripts/testing/demo'
import { JOB_VERSION, type Job } from '../job'
import { isEverything, readEverything, writeEverything, type Everything } from './index'

const jobs: Job[] = [demo('plain-tray'), demo('logger-case'), demo('slip-cases')]
const bench: Everything['bench'] = {
  machines: jobs.map(({ measure }) => measure.machine!),
  stocks: jobs.map(({ measure }) => measure.stock!),
  kerfs: jobs.map(({ measure }) => measure.kerf!),
  tests: jobs.flatMap(({ tune }) => tune.tests),
  tastes: [],
  events: [{ id: 'e', machineId: 'm', on: '2026-10-02', what: 'lens cleaned' }],
  runs: [],
}
const text = writeEverything({ jobs, bench }, '2026-10-05T10:00:00.000Z')

describe('a file of everything', () => {
  const refused = (content: string): string => {
    const read = readEverything(content)
    if (read.ok) throw new Error('it was read')
    return read.error
  }
  test('is read back as it was written', () => {
    expect(isEverything(text)).toBe(true)
    expect(readEverything(text)).toEqual({ ok: true, everything: { jobs, bench } })
  })
  test('one with a single wrong figure is refused whole, and told from a job', () => {
    expect(refused(text.replace('"copies": 1', '"copies": -1'))).toMatch(
      /copies is at least 1.*Nothing was taken/,
    )
    expect(refused(text.slice(0, -400))).toContain('not readable JSON')
    expect(refused('{"format": "uplands-job"}')).toContain('no file of everything')
    expect(refused(text.replace(/"version": ?\d+/, '"version": 99'))).toContain('newer Uplands (version 99)')
    expect(isEverything(JSON.stringify(jobs[0]))).toBe(false)
  })
  test('jobs of an older Uplands in it are brought up to date', () => {
    const old = JSON.parse(
      readFileSync(new URL('fixtures/job-version-2.json', import.meta.url), 'utf8'),
    ) as Job
    const read = readEverything(
      JSON.stringify({
        ...(JSON.parse(text) as object),
        version: 2,
        jobs: [old],
        bench: { ...bench, tastes: [], runs: undefined },
      }),
    )
    if (!read.ok) throw new Error(read.error)
    expect(read.everything.jobs.map(({ version }) => version)).toEqual([JOB_VERSION])
  })
})
