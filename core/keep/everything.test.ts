import { describe, expect, test } from '@jest/globals'
import { readFileSync } from 'node:fs'
import { aCheck, anOrder, aPromise } from '../../scripts/testing/bench-records'
import { demo } from '../../scripts/testing/demo'
import { JOB_VERSION, type Job } from '../job'
import { deriveAll } from '../derive'
import {
  photoId,
  type Photo,
  isEverything,
  readEverything,
  recordOf,
  writeEverything,
  type CutRecord,
  type Everything,
} from './index'

const jobs: Job[] = [demo('plain-tray'), demo('logger-case'), demo('slip-cases')]
const bench: Everything['bench'] = {
  machines: jobs.map(({ measure }) => measure.machine!),
  stocks: jobs.map(({ measure }) => measure.stock!),
  kerfs: jobs.map(({ measure }) => measure.kerf!),
  tests: jobs.flatMap(({ tune }) => tune.tests),
  tastes: [],
  events: [{ id: 'e', machineId: 'm', on: '2026-10-02', what: 'lens cleaned' }],
  runs: [],
  checks: [aCheck],
  promises: [aPromise],
  orders: [anOrder],
}
const written = (job: Job): CutRecord => {
  const { job: laid, derived, parts } = deriveAll(job)
  return recordOf(laid, derived.plan!, parts, '2026-10-04T10:00:00.000Z')
}
const records = [written(jobs[0])]
const when = '2026-10-05T10:00:00.000Z'
const photo: Photo = {
  id: photoId(jobs[0].id, jobs[0].log[0].id, 'p'),
  job: jobs[0].id,
  revision: jobs[0].log[0].id,
  taken: when,
  caption: 'The corner, snug',
  width: 4,
  height: 3,
  data: '/9j/4AAQSkZJRgABAQ==',
}
const photos = [photo]
const [text] = writeEverything({ jobs, bench, records, photos }, when)

describe('a file of everything', () => {
  const refused = (content: string): string => {
    const read = readEverything(content)
    if (read.ok) throw new Error('it was read')
    return read.error
  }
  test('is read back as it was written', () => {
    expect(isEverything(text)).toBe(true)
    expect(readEverything(text)).toEqual({ ok: true, everything: { jobs, bench, records, photos } })
  })
  test('too much for one file is several, and each can be read by itself', () => {
    const parts = writeEverything({ jobs, bench, records, photos }, when, 12_000)
    expect(parts.length).toBeGreaterThan(1)
    const read = parts.map((part) => {
      const found = readEverything(part)
      if (!found.ok) throw new Error(found.error)
      return found.everything
    })
    expect(read.flatMap((each) => each.jobs)).toEqual(jobs)
    expect(read.flatMap((each) => each.records)).toEqual(records)
    expect(read.flatMap((each) => each.photos)).toEqual(photos)
    for (const each of read) expect(each.bench).toEqual(bench)
    expect(writeEverything({ jobs: [], bench, records: [], photos: [] }, when)).toHaveLength(1)
  })
  test('with one spoilt record of a cut is refused whole', () =>
    expect(refused(text.replace('"face":"only"', '"face":"none"'))).toContain('is spoilt. Nothing was taken'))
  test('with a photo that is none is refused whole', () => {
    expect(refused(text.replace('"/9j/', '"<svg'))).toContain('photo 1 in it is spoilt. Nothing was taken')
    expect(refused(text.replace(photo.id, 'other/r/p'))).toContain('photo 1 in it is spoilt')
  })
  test('one with a single wrong figure is refused whole, and told from a job', () => {
    expect(refused(text.replace('"copies":1', '"copies":-1'))).toMatch(
      /copies of job 1 is at least 1.*Nothing was taken/,
    )
    expect(refused(text.slice(0, -400))).toContain('not readable JSON')
    expect(refused('{"format": "uplands-job"}')).toContain('not a file of everything')
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
