import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { deriveAll, markOf } from '../derive'
import { exportJob, writeAgain } from '../files'
import type { Job } from '../job'
import { revisionOf } from '../say'
import { derivedOf, readCutRecord, recordOf } from './index'

const tray = demo('specimen-tray')
const date = '2026-10-04T10:00:00.000Z'
const written = (job: Job) => {
  const { job: laid, derived, parts } = deriveAll(job)
  return { record: recordOf(laid, derived.plan!, parts, date), laid, derived }
}
const { record, laid, derived } = written(tray)
const through = JSON.parse(JSON.stringify(record)) as unknown

describe('what was written', () => {
  test('is kept whole: every line to a tenth of a micrometre, and read back the same', () => {
    expect(readCutRecord(through)).toEqual(record)
    const { plan } = derivedOf(record).derived
    const lines = ({ loads }: typeof plan & object): unknown =>
      loads.map(({ paths }) =>
        paths.map(({ points, ...path }) => [
          path,
          points.map(({ x, y }) => [Number(x.toFixed(4)), Number(y.toFixed(4))]),
        ]),
      )
    expect(lines(plan!)).toEqual(lines(derived.plan!))
    expect(plan!.total).toEqual(derived.plan!.total)
  })
  test('an extra pass is that of the files, whatever became of the job since', () => {
    const again = (from: Job, of: typeof derived): string => {
      const load = of.plan!.loads[0]
      const what = { load, parts: ['front-1'], passes: 1, mark: record.mark }
      return writeAgain(from, of, of.plan!, what, 'gcode').content
    }
    const moves = (text: string): string[] => text.split('\n').filter((line) => line.startsWith('G'))
    const before = moves(again(laid, derived))
    expect(before.length).toBeGreaterThan(20)
    expect(moves(again(record.laid, derivedOf(record).derived))).toEqual(before)
    const changed = deriveAll({ ...tray, box: { ...tray.box, width: 250 } })
    expect(moves(again(changed.job, changed.derived))).not.toEqual(before)
  })
  test('the log keeps its figures and its place, not those of now', () => {
    const revisionBefore = revisionOf(laid, derived, { id: 'q', before: null, date, mark: null })
    const about = { id: 'r', before: { ...revisionBefore, number: 3 }, date, mark: record.mark }
    const revision = revisionOf(record.laid, derivedOf(record).derived, about)
    expect(revision).toMatchObject({ number: 4, mark: record.mark, unbooked: expect.any(String) })
    expect(revision).toEqual(revisionOf(laid, derived, about))
    const other = deriveAll({ ...tray, box: { ...tray.box, width: 250 } })
    expect(revisionOf(other.job, other.derived, about).figures).not.toEqual(revision.figures)
  })
  test('with more points than are kept, what cuts through is there and nothing else', () => {
    const many = derived.plan!.loads.map((load) => ({
      ...load,
      paths: [
        ...load.paths,
        ...Array.from({ length: 1000 }, () => ({
          operation: 'engrave' as const,
          part: 'floor-1',
          closed: false,
          points: Array.from({ length: 250 }, (_, i) => ({ x: i, y: 1 })),
        })),
      ],
    }))
    const thin = recordOf(laid, { ...derived.plan!, loads: many }, [], date)
    const kept = new Set(thin.loads.flatMap(({ paths }) => paths.map(({ operation }) => operation)))
    expect([...kept]).toEqual(['outline'])
  })
})

describe('the mark', () => {
  const mark = (job: Job): string => {
    const all = deriveAll(job)
    return markOf(all.job, all.derived.plan!)
  }
  test('is the same for the same cut, another for every other one, and in every file', () => {
    const marks = [
      tray,
      { ...tray, box: { ...tray.box, width: 241 } },
      { ...tray, name: 'Another tray' },
      { ...tray, interference: 0.02 },
      { ...tray, cut: { ...tray.cut, off: ['score' as const] } },
      { ...tray, tune: { ...tray.tune, picked: { speed: 11, power: 65, passes: 1, air: true } } },
      { ...tray, log: [...tray.log, { ...tray.log[0], id: 'x', number: 2 }] },
    ].map(mark)
    expect(new Set(marks).size).toBe(marks.length)
    expect(mark(tray)).toBe(record.mark)
    expect(record.mark).toMatch(/^[2-9ACDEFGHJKLMNPQRTUVWXYZ]{5}$/)
    const made = exportJob(tray, ['svg', 'dxf', 'gcode', 'json'])
    if (!made.ok) throw new Error(made.error)
    for (const { name } of made.files) expect(name).toContain(record.mark)
    for (const { name, content } of made.files)
      if (!name.endsWith('.json'))
        expect([name, content]).toEqual([name, expect.stringContaining(`Mark ${record.mark}`)])
  })
})
