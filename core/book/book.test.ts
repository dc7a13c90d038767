import { describe, expect, test } from '@jest/globals'
import Papa from 'papaparse'
import { demo } from '../../scripts/testing/demo'
import { NO_RESULT, type Job, type Revision } from '../job'
import { bookGroups, bookRows, writeBook } from './index'

const monthOf = (date: string): string => date.slice(0, 7)
const figures = [
  { label: 'Machine', value: 'Moor laser' },
  { label: 'Stock', value: 'Birch ply 3' },
]
const used = (sheets: number, parts: number, kept = 0): Revision['used'] => [
  { material: 's', stock: 'Birch ply 3', sheets, offcuts: 1, area: 1000, parts, kept, cost: 4.5 },
]
const promised = (wanted: 'snug' | 'easy', odds: number, through: number) =>
  ({
    ...demo('specimen-tray').log[0].cut!,
    promised: {
      wanted,
      odds: { loose: 0, easy: 0, snug: 0, press: 0, forced: 0, [wanted]: odds },
      half: 0.1,
      shift: 0,
      scale: 1,
      through,
      throughScale: 1,
    },
  }) satisfies Revision['cut']
const cut = (number: number, date: string, more: Partial<Revision> = {}): Revision => ({
  ...NO_RESULT,
  id: `r${number}`,
  number,
  date,
  reason: '',
  figures,
  ...more,
})
const job = (id: string, ...log: Revision[]): Job => ({
  ...demo('specimen-tray'),
  id,
  name: `Job ${id}`,
  log,
})

describe('the book of cuts', () => {
  test('has every cut of every job, the newest first; what was not cut is not in it', () => {
    const jobs = [
      job('a', cut(1, '2026-09-03'), cut(2, '2026-10-01'), cut(3, '2026-10-05', { figures: [] })),
      job('b', cut(9, '2026-09-20')),
    ]
    expect(bookRows(jobs, [], monthOf).map(({ name, number }) => `${name} ${number}`)).toEqual([
      'Job a 2',
      'Job b 9',
      'Job a 1',
    ])
  })

  test('a batch is counted once, where its sheets were', () => {
    const planned = { machineId: 'm', cutting: 300, moving: 60, starts: 40, programs: 1 }
    const whole = cut(1, '2026-09-03', { id: 'batch', minutes: 10, planned, used: used(2, 600) })
    const shared = cut(4, '2026-09-03', { id: 'batch', minutes: 4 })
    for (const jobs of [
      [job('batch', whole), job('a', shared)],
      [job('a', shared), job('batch', whole)],
    ]) {
      const rows = bookRows(jobs, [], monthOf)
      expect(rows).toHaveLength(1)
      expect(rows[0]).toMatchObject({ job: 'batch', minutes: 10, sheets: 2, waste: 400 })
    }
  })

  test('minutes are held against what the clock said before that cut, never after it', () => {
    const planned = { machineId: 'm', cutting: 600, moving: 120, starts: 0, programs: 1 }
    const jobs = [job('a', cut(1, '2026-09-03', { planned }), cut(2, '2026-10-03', { planned }))]
    const run = { id: 'x', ...planned, on: '2026-09-20', took: 1500, note: '' }
    const own = { ...run, id: 'run-r2', on: '2026-10-02', took: 9000 }
    const other = { ...run, id: 'y', machineId: 'n', took: 9000 }
    const [second, first] = bookRows(jobs, [own, other, run], monthOf)
    expect(first.expected).toBeCloseTo(12, 6) // 600 s + 120 s, as planned: nothing was clocked yet
    expect(second.expected!).toBeGreaterThan(14)
    expect(second.expected!).toBeLessThan(26)
  })

  test('sums by hand: a month of two cuts, of which one says what it took', () => {
    const jobs = [
      job(
        'a',
        cut(1, '2026-09-03', { minutes: 12, used: used(2, 600, 150), verdict: 'snug', through: 'all' }),
        cut(2, '2026-09-04', { minutes: 8, cut: promised('snug', 0.6, 0.9), verdict: 'easy' }),
        cut(3, '2026-09-05', { cut: promised('easy', 0.8, 0.7), verdict: 'easy', through: 'not all' }),
        cut(4, '2026-10-01'),
      ),
    ]
    const [september, october] = bookGroups(bookRows(jobs, [], monthOf), 'month')
    expect(september).toMatchObject({
      name: '2026-09',
      minutes: 20,
      timed: 2,
      sheets: 2,
      offcuts: 1,
      cost: 4.5,
    })
    expect(september.waste).toBeCloseTo(0.25, 12) // 1000 − 600 − 150 of 1000
    // One word came of two, and 60 and 80 % were said of them; who promised nothing is not held to it.
    expect(september.fit).toMatchObject({ count: 2, came: 1 })
    expect(september.fit.said).toBeCloseTo(0.7, 12)
    expect(september.through).toEqual({ count: 1, said: 0.7, came: 0 })
    expect(october).toMatchObject({ name: '2026-10', timed: 0, waste: null, fit: { count: 0 } })
  })

  test('an old cut, whose figures do not say its stock, is known by what it took', () => {
    const old = { figures: [{ label: 'Kerf', value: '0.16 mm' }] }
    const jobs = [job('a', cut(1, '2026-09-03', old), cut(2, '2026-09-04', { ...old, used: used(1, 600) }))]
    const [second, first] = bookRows(jobs, [], monthOf)
    expect([first.stock, second.stock]).toEqual(['not known', 'Birch ply 3'])
  })

  test('every cut is in just one group, by month, stock or machine', () => {
    const jobs = [job('a', ...Array.from({ length: 30 }, (_, i) => cut(i + 1, `2026-${10 + (i % 3)}-01`)))]
    const rows = bookRows(jobs, [], monthOf)
    for (const by of ['month', 'stock', 'machine'] as const) {
      const all = bookGroups(rows, by).flatMap((group) => group.rows)
      expect(all.map(({ number }) => number).sort()).toEqual(rows.map(({ number }) => number).sort())
    }
  })

  test('as a table it is quoted as RFC 4180 says and read back; no name becomes a formula', () => {
    const jobs = [
      { ...job('a', cut(1, '2026-09-03', { minutes: 12.34, used: used(2, 600) })), name: '=1+1, "tray"' },
    ]
    const text = writeBook(bookRows(jobs, [], monthOf))
    const { data, errors } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true })
    expect(errors).toEqual([])
    expect(data).toHaveLength(1)
    expect(data[0]).toMatchObject({
      job: '\'=1+1, "tray"',
      'minutes taken': '12.3',
      sheets: '2',
      waste: '0.4000',
      'came free': '',
    })
    // [PUB: RFC 4180, 2.7: a quote inside quotes is doubled]
    expect(text.split('\r\n')[1]).toContain('"\'=1+1, ""tray"""')
  })
})
