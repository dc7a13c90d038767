import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { area } from '../geometry'
import { batchShares, deriveAll, deriveThings, deriveParts } from '../derive'
import { batchOf, batchRefusal, jobSchema, thingsOf, type Job } from './index'

const ABOUT = { id: 'together', name: 'Both', changed: '2026-11-26T09:00:00.000Z' }
const [tray, book, stand] = (['plain-tray', 'field-book', 'bottle-stand'] as const).map((name) => demo(name))

describe('jobs that are cut together', () => {
  const batch = batchOf([tray, book, stand], ABOUT)
  const together = deriveAll(batch)
  const alone = [tray, book, stand].map(deriveAll)
  test('are one job that can be kept: every thing as it was, under a name that says whose it is', () => {
    expect(batchRefusal([tray, book, stand])).toBe('')
    expect(jobSchema.safeParse(batch).success).toBe(true)
    const things = thingsOf(batch)
    expect(things.map(({ name, copies }) => [name, copies])).toEqual(
      [tray, book, stand].flatMap((job) =>
        thingsOf(job).map(({ copies }) => [job.name.slice(0, 40), copies]),
      ),
    )
    expect(things.map(({ box }) => box)).toEqual(
      [tray, book, stand].flatMap((job) => thingsOf(job).map(({ box }) => box)),
    )
    expect(batch.batch.map(({ job }) => job)).toEqual([tray.id, book.id, stand.id])
  })
  test('lie on the same sheets, on no more than each by itself takes', () => {
    const { derived, job, parts } = together
    expect(job.layout.arrangement!.unplaced).toEqual([])
    expect(parts.length).toBe(alone.reduce((sum, each) => sum + each.parts.length, 0))
    expect(derived.plan!.sheets).toBeLessThanOrEqual(
      alone.reduce((sum, each) => sum + each.derived.plan!.sheets, 0),
    )
    expect(derived.plan!.violations).toEqual([])
  })
  test('share by the area of their parts', () => {
    const shares = batchShares(batch, deriveThings(batch))
    const areas = [tray, book, stand].map((job) =>
      deriveThings(job).reduce(
        (sum, { thing, box }) =>
          sum + thing.copies * box.pieces.reduce((total, { region }) => total + area(region), 0),
        0,
      ),
    )
    const whole = areas.reduce((sum, each) => sum + each, 0)
    expect(shares.map(({ name }) => name)).toEqual([tray.name, book.name, stand.name])
    for (const [i, { share }] of shares.entries()) expect(share).toBeCloseTo(areas[i] / whole, 9)
    expect(batchShares(tray, deriveThings(tray))).toEqual([])
  })
  test('what is engraved says the job that a part is of', () => {
    const text = { kind: 'text' as const, text: '{job}', height: 6, letters: 'single lines' as const }
    const on = {
      panel: 'front' as const,
      side: 'outside' as const,
      from: '',
      how: { kind: 'score' as const },
    }
    const place = {
      ...on,
      anchor: 'centre' as const,
      point: 'centre' as const,
      over: false,
      right: 0,
      up: 0,
      turn: 0,
      mirrored: false,
    }
    const engraved = (job: Job): Job => ({
      ...job,
      box: { ...job.box, engravings: [{ motif: text, ...place }] },
    })
    const own = (job: Job, name: string): unknown =>
      deriveParts(job).parts.find(({ panel, label }) => panel === 'front' && label.includes(name))!.lies[0].up
        .scored
    const alone = own(engraved(tray), 'front')
    expect(own(batchOf([engraved(tray), book], ABOUT), tray.name)).toEqual(alone)
  })
  test.each([
    ['one alone', [tray], 'Choose two jobs or more.'],
    ['another stock', [tray, demo('card-rack')], /is cut from .*, not from/],
    ['no stock', [{ ...tray, measure: { ...tray.measure, stock: null } }, book], 'choose them in Measure'],
    ['another fit', [tray, { ...book, interference: 0.08 }], 'wants another fit'],
    [
      'too many things',
      Array.from({ length: 201 }, () => tray),
      'Together they make 201 things; 200 are the most.',
    ],
  ] as [string, Job[], string | RegExp][])('%s is refused in one sentence', (_, jobs, sentence) => {
    expect(batchRefusal(jobs)).toMatch(sentence)
  })
})
