import { expect, test } from '@jest/globals'
import { MOST_DRAWINGS, MOST_PICTURES } from '../art'
import { MOST_POINTS } from '../art/motif'
import { MOST_PIXELS } from '../art/picture-record'
import { jobSchema, totalsRefusal, type Job } from '../job'
import { demo } from '../../scripts/testing/demo'
import { JOB_FILE_LIMIT, readJob, writeJob } from './index'

/** A letter that takes the most room in a file. */
const WIDE = '\u0001'
const round = (i: number): number => Math.round(1e4 * (1000 + 900 * Math.sin(i))) / 1e4

/** A job with as much in it as can be kept, everywhere at once. */
function fullJob(): Job {
  const job = demo('specimen-tray')
  const drawing = (id: string, points: number) => ({
    id,
    name: WIDE.repeat(80),
    width: 2000,
    height: 2000,
    groups: [
      {
        name: WIDE.repeat(80),
        use: 'score' as const,
        lines: [{ closed: false, at: Array.from({ length: 2 * points }, (_, i) => round(i)) }],
      },
    ],
  })
  const picture = (id: string) => ({
    id,
    name: WIDE.repeat(80),
    columns: 400,
    rows: 400,
    grey: 'ABCD'.repeat(Math.ceil(MOST_PIXELS / 3)),
  })
  const box = {
    ...job.box,
    drawings: Array.from({ length: MOST_DRAWINGS }, (_, i) => drawing(`d${i}`, MOST_POINTS)),
    pictures: Array.from({ length: MOST_PICTURES }, (_, i) => picture(`p${i}`)),
  }
  const revision = {
    ...job.log[0],
    reason: WIDE.repeat(400),
    note: WIDE.repeat(4000),
    figures: Array.from({ length: 40 }, () => ({ label: WIDE.repeat(60), value: WIDE.repeat(120) })),
  }
  const tests = Array.from({ length: 500 }, (_, i) => ({ ...job.tune.tests[0], id: `t${i}` }))
  return {
    ...job,
    name: WIDE.repeat(80),
    box,
    measure: { ...job.measure, sure: Array.from({ length: 100 }, () => WIDE.repeat(120)) },
    tune: { ...job.tune, tests },
    log: Array.from({ length: 500 }, (_, i) => ({ ...revision, id: `r${i}`, number: i + 1 })),
    build: { ...job.build, done: Array.from({ length: 400 }, () => WIDE.repeat(60)) },
  }
}

test('a job at every limit at once is written to a file that is read back the same', () => {
  const job = fullJob()
  expect(jobSchema.safeParse(job).success).toBe(true)
  const text = writeJob(job)
  expect(text.length).toBeLessThan(JOB_FILE_LIMIT)
  expect(text.length).toBeGreaterThan(20_000_000)
  const read = readJob(text)
  expect(read.ok && read.job).toEqual(job)
})
test('more artwork than a file takes cannot be kept, and the sentence says what would mend it', () => {
  const job = fullJob()
  const more = { ...job, also: [{ id: 'b', name: 'b', copies: 1, box: job.box }] }
  expect(totalsRefusal(job)).toBeNull()
  expect(totalsRefusal(more)).toMatch(/have 480000 points together, and at most 300000/)
  expect(readJob(writeJob(more))).toEqual({ ok: false, error: expect.stringContaining('480000 points') })
})
test('a drawing is one line a line, not one a figure', () => {
  const job = { ...fullJob(), log: [] }
  expect(writeJob(job).split('\n').length).toBeLessThan(20_000)
})
