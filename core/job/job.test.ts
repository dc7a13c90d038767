import { describe, expect, test } from '@jest/globals'
import { readFileSync } from 'node:fs'
import { readJob } from '../files'
import { newTrial, type Trial } from '../testpiece'
import {
  arrange,
  currentTrial,
  cutFigures,
  deriveBox,
  emptyJob,
  layoutRules,
  layoutSignature,
  makeParts,
  movedBy,
  planCut,
  readyToCut,
  signatureOf,
  sizeWorking,
  stationStatuses,
  stripFigures,
  tabAdvice,
  takeInHand,
  tasteOfVerdict,
  trialBy,
  useOf,
  type Derived,
  type Job,
  type Part,
  type Revision,
  type StripFigure,
} from './index'

function demo(name: string): Job {
  const read = readJob(readFileSync(new URL(`../../demo/${name}.json`, import.meta.url), 'utf8'))
  if (!read.ok) throw new Error(read.error)
  return read.job
}
function derive(job: Job): { job: Job; parts: Part[]; derived: Derived } {
  const box = deriveBox(job)
  if (!box.panels) return { job, parts: [], derived: { box, plan: null, use: null } }
  const parts = makeParts(box.panels, job.copies, box.kerf.perSide)
  const laidOut = job.layout.arrangement
    ? job
    : { ...job, layout: { ...job.layout, arrangement: arrange(parts, job) } }
  return {
    job: laidOut,
    parts,
    derived: { box, plan: planCut(laidOut, box, parts), use: useOf(laidOut, parts) },
  }
}
const tray = derive(demo('specimen-tray'))
const states = (job: Job, derived: Derived, newer: string[] = []) =>
  Object.fromEntries(
    Object.entries(stationStatuses(job, derived, newer)).map(([station, { state }]) => [station, state]),
  )
const check = (derived: Derived, id: string) => derived.plan!.checks.find((each) => each.id === id)

describe('the traveller', () => {
  test('a measured and tested job is ready up to the cut', () => {
    expect(states(tray.job, tray.derived)).toMatchObject({
      measure: 'ready',
      shape: 'ready',
      layout: 'ready',
      tune: 'ready',
      cut: 'ready',
      build: 'todo',
      log: 'ready',
    })
    expect(stationStatuses(tray.job, tray.derived).measure.line).toBe('3.04 ± 0.04, 7 readings')
    expect(readyToCut(tray.derived.plan)).toBe(true)
  })
  test('one reading of the thickness is not enough', () => {
    const once = {
      ...tray.job,
      measure: {
        ...tray.job.measure,
        stock: { ...tray.job.measure.stock!, readings: tray.job.measure.stock!.readings.slice(0, 1) },
      },
    }
    expect(stationStatuses(once, derive(once).derived, []).measure).toMatchObject({
      state: 'look',
      line: '3.02, 1 reading',
    })
  })
  test('an empty job says what it waits for', () => {
    const { job, derived } = derive(emptyJob('e', 'Empty', ''))
    expect(states(job, derived)).toMatchObject({
      measure: 'todo',
      shape: 'look',
      tune: 'look',
      cut: 'look',
      log: 'todo',
    })
    expect(stationStatuses(job, derived).shape.why).toBe(
      'Only 30 % snug, as it was asked for. Most of the doubt is the kerf.',
    )
    expect(check(derived, 'inside')?.title).toBe('Inside the sheet, nothing overlaps')
  })
  test('a layout is stale once parts change, and nothing is written then', () => {
    const changed = { ...tray.job, box: { ...tray.job.box, height: 50 } }
    const { derived } = derive(changed)
    expect(states(changed, derived)).toMatchObject({ layout: 'stale', cut: 'stop' })
    expect(readyToCut(derived.plan)).toBe(false)
  })
  test('a file is stale once the plan differs from it; newer bench figures make Measure stale', () => {
    const written = {
      ...tray.job,
      cut: { ...tray.job.cut, written: { signature: tray.derived.plan!.signature, date: '' } },
    }
    expect(states(written, tray.derived).cut).toBe('ready')
    const left = { ...written, cut: { ...written.cut, compensation: 'software' as const } }
    expect(states(left, derive(left).derived).cut).toBe('stale')
    expect(states(tray.job, tray.derived, ['the kerf']).measure).toBe('stale')
  })
  test('a box that cannot be made stops Shape and leaves the rest waiting', () => {
    const small = { ...tray.job, box: { ...tray.job.box, width: 5 } }
    const { derived } = derive(small)
    expect(states(small, derived)).toMatchObject({ shape: 'stop', layout: 'todo', cut: 'todo' })
    expect(derived.box.problems[0].message).toContain('leaves no room inside')
  })
  test('a notch that kerf and interference would close is refused before it is cut', () => {
    const tabs = { ...tray.job.box.tabs, rule: 'count' as const, counts: { uprights: 45, floor: 9, top: 9 } } // shares of 0.93 mm
    const narrow = { ...tray.job, box: { ...tray.job.box, tabs } }
    expect(deriveBox(narrow).problems).toEqual([])
    const wideBeam = {
      ...narrow,
      measure: { ...narrow.measure, kerf: { ...narrow.measure.kerf!, width: 0.6 } },
      interference: 0.2,
    }
    expect(deriveBox(wideBeam)).toMatchObject({
      panels: null,
      problems: [{ field: 'tabs', message: expect.stringContaining('they need 1.10 mm') }],
    })
  })
  test('tabs too narrow to be left standing are refused', () => {
    const crowded = {
      ...tray.job,
      box: {
        ...tray.job.box,
        tabs: { ...tray.job.box.tabs, rule: 'count' as const, counts: { uprights: 199, floor: 9, top: 9 } },
      },
    }
    expect(derive(crowded).derived.box.problems[0]).toMatchObject({ field: 'tabs' })
  })
})

describe('preflight', () => {
  test('everything is looked at', () =>
    expect(tray.derived.plan!.checks.map(({ id }) => id)).toEqual([
      'fresh',
      'inside',
      'complete',
      'closed',
      'double',
      'compensation',
      'thickness',
      'settings',
      'off',
    ]))
  test('overlapping parts stop it', () => {
    const arrangement = tray.job.layout.arrangement!
    const piled = {
      ...tray.job,
      layout: {
        ...tray.job.layout,
        arrangement: {
          ...arrangement,
          placements: arrangement.placements.map((placement) => ({ ...placement, x: 20, y: 20 })),
        },
      },
    }
    expect(check(derive(piled).derived, 'inside')).toMatchObject({ state: 'stop' })
  })
  test('what is switched off or not placed is named', () => {
    const off = { ...tray.job, cut: { ...tray.job.cut, off: ['score' as const] } }
    expect(check(derive(off).derived, 'off')).toMatchObject({
      state: 'look',
      title: 'Switched off: score labels',
    })
    expect(
      check(derive({ ...tray.job, cut: { ...tray.job.cut, off: ['outline'] } }).derived, 'off')?.state,
    ).toBe('stop')
    const arrangement = tray.job.layout.arrangement!
    const fewer = {
      ...tray.job,
      layout: {
        ...tray.job.layout,
        arrangement: { ...arrangement, placements: arrangement.placements.slice(1) },
      },
    }
    expect(check(derive(fewer).derived, 'complete')?.title).toBe('1 of 5 parts will not be cut')
  })
  test('a kerf that was measured at another setting is said', () => {
    const faster = {
      ...tray.job,
      tune: { ...tray.job.tune, picked: { speed: 20, power: 65, passes: 2, air: true } },
    }
    expect(check(derive(faster).derived, 'kerf-setting')).toMatchObject({
      state: 'look',
      detail:
        'The kerf was measured at 12 mm/s, 65 %, 1 pass, focus on the face; this cuts with 20 mm/s, 65 %, 2 passes. Measure it again with this setting.',
    })
    expect(states(faster, derive(faster).derived).measure).toBe('look')
    expect(check(tray.derived, 'kerf-setting')).toBeUndefined()
  })
  test('more sheets than there are at hand are said', () => {
    const few = {
      ...tray.job,
      measure: { ...tray.job.measure, stock: { ...tray.job.measure.stock!, sheetsAtHand: 0 } },
    }
    expect(check(derive(few).derived, 'stock')).toMatchObject({
      state: 'look',
      title: '1 sheet is needed, 0 at hand',
    })
  })
  test('parts cut on a shared line stop it', () => {
    const close = {
      ...tray.job,
      layout: { ...tray.job.layout, arrangement: null, settings: { ...tray.job.layout.settings, gap: 0 } },
    }
    const { job, parts, derived } = derive(close)
    const [a, b, ...rest] = job.layout.arrangement!.placements
    const touching = {
      ...job,
      layout: {
        ...job.layout,
        arrangement: {
          ...job.layout.arrangement!,
          placements: [
            { ...a, x: 10, y: 10, turn: 0 as const },
            { ...b, x: 10, y: 10, turn: 0 as const, sheet: 0 },
            ...rest.map((placement) => ({ ...placement, sheet: 1 })),
          ],
        },
      },
    }
    expect(check({ ...derived, plan: planCut(touching, derived.box, parts) }, 'double')?.state).toBe('stop')
  })
  test('an untested setting and an assumed kerf are looked at again', () => {
    const { derived } = derive(emptyJob('e', 'Empty', ''))
    expect(['compensation', 'thickness', 'settings'].map((id) => check(derived, id)?.state)).toEqual([
      'look',
      'look',
      'look',
    ])
    const typed = {
      ...tray.job,
      tune: { ...tray.job.tune, picked: { speed: 33, power: 50, passes: 1, air: true } },
    }
    expect(check(derive(typed).derived, 'settings')?.detail).toContain('no test')
  })
})

describe('what the figures say', () => {
  test('the strip', () =>
    expect(
      stripFigures(tray.job, tray.derived)
        .map(({ id, text }) => `${id} ${text}`)
        .slice(0, 4),
    ).toEqual(['inside 233.9 × 153.9 × 42.0 mm', 'fit snug 94 %, 0.000 mm', 'parts 5', 'sheets 1 at 30 %']))
  test('what waits for a layout is none yet, and no change is made of it', () => {
    const waiting = stripFigures(tray.job, { ...tray.derived, plan: null, use: null })
    expect(waiting.filter(({ text }) => text === 'none yet').map(({ id, value }) => [id, value])).toEqual([
      ['sheets', null],
      ['time', null],
      ['cost', null],
    ])
    for (const figure of stripFigures(tray.job, tray.derived))
      expect(
        movedBy(
          figure,
          waiting.find(({ id }) => id === figure.id),
        ),
      ).toBe('')
  })
  test('the working of the inner size has the real figures', () =>
    expect(sizeWorking(tray.derived.box, tray.job.box).substituted).toContain('240.00 − 2 × 3.040 = 233.92'))
  test('advice for narrow tabs and even counts', () => {
    const odd = {
      ...tray.job,
      box: {
        ...tray.job.box,
        tabs: { rule: 'count' as const, width: 9, counts: { uprights: 20, floor: 9, top: 9 } },
      },
    }
    expect(tabAdvice(derive(odd).derived.box)).toHaveLength(2)
    expect(tabAdvice(tray.derived.box)).toEqual([])
  })
  test('a log entry holds the figures of its moment', () =>
    expect(cutFigures(tray.job, tray.derived)).toContainEqual({
      label: 'Kerf',
      value: '0.160 mm full width',
    }))
})

test('a verdict says what would have been snug; without one, or without the figures of the cut, it says nothing', () => {
  const revision: Revision = {
    id: 'r',
    number: 2,
    date: '2026-10-04',
    reason: '',
    minutes: null,
    verdict: 'press',
    note: '',
    figures: [],
    cut: { family: 'plywood', gap: 0, kerfSd: 0.01 },
  }
  // Press is −0.06 to −0.02 [CP/FM]: at gap 0 it would have been snug with 0.04 less interference, give or take half that range and the kerf's doubt.
  expect(tasteOfVerdict(revision, 'Tray')).toMatchObject({
    id: 'verdict-r',
    interference: -0.04,
    doubt: Number(Math.hypot(0.02, 1.959964 * 0.01).toFixed(4)),
    note: 'Tray, revision 2',
  })
  expect(tasteOfVerdict({ ...revision, verdict: null }, 'Tray')).toBeNull()
  expect(tasteOfVerdict({ ...revision, cut: null }, 'Tray')).toBeNull()
})

describe('kerfs being measured', () => {
  const { measure } = tray.job
  const strip: Trial = { ...newTrial('strip'), readings: [1.6], offcut: { width: 300, height: 90 } }
  test('each method keeps what was read, and the offcut goes along to the next', () => {
    const withStrip = { ...measure, trials: takeInHand(strip, measure) }
    expect(currentTrial(measure)).toEqual(newTrial('squares'))
    expect(currentTrial(withStrip)).toEqual(strip)
    const squares = trialBy('squares', withStrip)
    expect([squares.readings, squares.offcut]).toEqual([[], strip.offcut])
    const both = { ...withStrip, trials: takeInHand({ ...squares, readings: [24.8, 24.9] }, withStrip) }
    expect(currentTrial(both).method).toBe('squares')
    expect(trialBy('strip', both)).toEqual(strip)
    expect(takeInHand(strip, both)).toHaveLength(2)
  })
  test('what was read off one stock is not taken for another', () => {
    const other = {
      ...measure,
      trials: takeInHand(strip, measure),
      stock: { ...measure.stock!, id: 'other' },
    }
    expect(currentTrial(other)).toEqual(newTrial('squares'))
    expect(currentTrial({ ...other, stock: measure.stock })).toEqual(strip)
    expect(takeInHand(strip, { ...measure, stock: null })).toEqual([])
  })
})

test('what an edit moved is told in the figure’s own unit', () => {
  const figure = (value: number | null, unit: string, digits: number): StripFigure => ({
    id: 'f',
    label: '',
    text: '',
    value,
    unit,
    digits,
  })
  expect(movedBy(figure(306, 's', 0), figure(7656, 's', 0))).toBe('−2 h 02 min')
  expect(movedBy(figure(90, 's', 0), figure(50, 's', 0))).toBe('+40 s')
  expect(movedBy(figure(0.02, 'mm', 3), figure(0.05, 'mm', 3))).toBe('−0.03 mm')
  expect([
    movedBy(figure(3, '', 0), figure(3.2, '', 0)),
    movedBy(figure(null, '', 0), figure(1, '', 0)),
    movedBy(figure(1, '', 0), undefined),
  ]).toEqual(['', '', ''])
})

describe('grain', () => {
  const along = tray.job.layout.settings
  const withStock = (grain: 'none' | 'width' | 'height', wanted: 'free' | 'along' | 'across'): Job => ({
    ...tray.job,
    measure: { ...tray.job.measure, stock: { ...tray.job.measure.stock!, grain } },
    layout: { settings: { ...along, grain: wanted }, arrangement: null },
  })
  const turnsOf = (job: Job): number[] => [
    ...new Set(derive(job).job.layout.arrangement!.placements.map(({ turn }) => turn % 180)),
  ]

  test('panels lie to it as it runs in the stock', () => {
    expect(turnsOf(withStock('width', 'along'))).toEqual([0])
    expect(turnsOf(withStock('height', 'along'))).toEqual([90])
    expect(turnsOf(withStock('width', 'across'))).toEqual([90])
    expect(turnsOf(withStock('height', 'across'))).toEqual([0])
  })
  test('a stock without grain leaves them free', () =>
    expect(layoutRules(withStock('none', 'across')).grain).toBe('free'))
  test('turning the stock’s grain makes the layout stale, and pinned parts are looked at', () => {
    const pinned = tray.job.layout.arrangement!.placements.map((placement) => ({
      ...placement,
      pinned: true,
    }))
    const job = {
      ...withStock('height', 'along'),
      layout: { ...tray.job.layout, arrangement: { ...tray.job.layout.arrangement!, placements: pinned } },
    }
    const { derived } = derive(job)
    expect(check(derived, 'fresh')?.state).toBe('stop')
    expect(check(derived, 'grain')).toMatchObject({
      state: 'look',
      detail: expect.stringContaining('Turn it'),
    })
  })
})

test('copies are told apart by number, and labels stay inside their part', () => {
  const slips = derive(demo('slip-cases'))
  expect(slips.parts).toHaveLength(20)
  expect(new Set(slips.parts.map(({ id }) => id)).size).toBe(20)
  for (const { marks, shape } of slips.parts) {
    const xs = shape.outline.map(({ x }) => x)
    for (const { x } of marks.flat()) expect(x > Math.min(...xs) && x < Math.max(...xs)).toBe(true)
  }
})

test('a layout’s signature follows what it rests on, and nothing else', () => {
  const before = layoutSignature(tray.parts, tray.job)
  expect(layoutSignature(tray.parts, { ...tray.job, name: 'Other', log: [] } as Job)).toBe(before)
  expect(
    layoutSignature(tray.parts, {
      ...tray.job,
      layout: { ...tray.job.layout, settings: { ...tray.job.layout.settings, gap: 4 } },
    }),
  ).not.toBe(before)
  expect(signatureOf({ a: 1 })).not.toBe(signatureOf({ a: 2 }))
})
