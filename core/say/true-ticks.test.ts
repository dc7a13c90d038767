import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import type { Engraving } from '../box'
import { deriveAll } from '../derive'
import { exportJob } from '../files'
import { emptyJob, type Job } from '../job'
import { IN_METRIC } from '../length'
import { newMachine } from '../machine'
import type { Check, Format } from '../plan'
import { newStock } from '../stock'
import {
  checksOf,
  cutSummary,
  labelWords,
  openQuestions,
  sureKey,
  unsaidOf,
  type MachineFacts,
} from './index'

const tray = demo('specimen-tray')
const known: MachineFacts = { kerfs: [] }
const checks = (job: Job, more: { formats?: Format[]; known?: MachineFacts } = {}): Check[] => {
  const { job: laid, derived, parts } = deriveAll(job)
  return checksOf(laid, derived, parts, IN_METRIC, more)
}
const check = (job: Job, id: string, more = {}): Check | undefined =>
  checks(job, more).find((each) => each.id === id)
const words: Engraving = {
  panel: 'front',
  side: 'outside',
  motif: { kind: 'text', text: 'MOSS SURVEY OF THE MOOR', height: 9, letters: 'filled' },
  how: { kind: 'engrave' },
  over: false,
  from: '',
  anchor: 'bottom left',
  point: 'centre',
  right: 10,
  up: 12,
  turn: 0,
  mirrored: false,
}
const CALM = { speed: 100, power: 20, passes: 1, air: false }
const engraved = (part: Partial<Engraving>, job = tray): Job => ({
  ...job,
  box: { ...job.box, engravings: [{ ...words, ...part }] },
})
const onMachine = (part: Partial<NonNullable<Job['measure']['machine']>>, job = tray): Job => ({
  ...job,
  measure: { ...job.measure, machine: { ...job.measure.machine!, ...part } },
})
const withCut = (part: Partial<Job['cut']>, job = tray): Job => ({ ...job, cut: { ...job.cut, ...part } })
const tuned = (part: Partial<Job['tune']>, job = tray): Job => ({ ...job, tune: { ...job.tune, ...part } })

describe('what is burnt', () => {
  test('over a neighbour stops the cut, and both are named', () => {
    const found = check(engraved({}), 'burnt')
    expect(found?.state).toBe('stop')
    expect(found?.detail).toMatch(/What is burnt into front also burns \w+/)
    // What may run over its own panel may still burn no other one.
    expect(check(engraved({ over: true }), 'burnt')?.state).toBe('stop')
    expect(exportJob(engraved({}), ['svg']).ok).toBe(false)
  })
  test('what is switched off, or left out on the other face, burns nothing', () => {
    const off = withCut({ off: ['engrave'] }, engraved({}))
    expect([check(off, 'burnt'), check(off, 'over')]).toEqual([undefined, undefined])
    expect(check(withCut({ off: ['score'] }, engraved({})), 'burnt')?.state).toBe('stop')
    const inside = engraved({ side: 'inside', anchor: 'bottom right' }, withCut({ face: 'outside' }))
    expect(deriveAll(inside).derived.plan!.astray.length).toBeGreaterThan(0)
    const left = withCut({ turn: 'leave out', face: 'outside' }, inside)
    expect(deriveAll(left).derived.plan!.astray).toEqual([])
  })
  test('an operation of the maker’s own is switched off with what it is done by', () => {
    const ops = (how: 'fill' | 'follow') =>
      tuned({ own: [{ id: 'deep', name: 'deep', colour: '#336699', how, setting: CALM }] })
    const state = (how: 'fill' | 'follow', off: Job['cut']['off']) =>
      check(withCut({ off }, engraved({ how: { kind: 'own', by: 'deep' } }, ops(how))), 'burnt')?.state
    expect([state('fill', []), state('fill', ['score']), state('fill', ['engrave'])]).toEqual([
      'stop',
      'stop',
      undefined,
    ])
    expect([state('follow', ['engrave']), state('follow', ['score'])]).toEqual(['stop', undefined])
  })
  test('by the same corner it stays on its panel, and nothing is said', () => {
    expect(check(engraved({ point: 'same', up: 30, right: 30, motif: { ...round } }), 'over')).toBeUndefined()
    expect(check(engraved({ point: 'same', up: 2, right: 2, motif: { ...round } }), 'burnt')).toBeUndefined()
  })
  const round = { kind: 'round' as const, diameter: 6 }
  /** The front alone on a sheet, in a corner of it or in the middle. */
  function alone(x: number, y: number, part: Partial<Engraving>): Job {
    const { job } = deriveAll(engraved({ motif: round, anchor: 'left', right: 0, up: 0, ...part }))
    const arrangement = job.layout.arrangement!
    const placed = arrangement.placements.map((each) =>
      each.part === 'front-1' ? { ...each, sheet: 1, x, y, turn: 0, pinned: true } : each,
    )
    return {
      ...job,
      layout: { ...job.layout, arrangement: { ...arrangement, byHand: true, placements: placed } },
    }
  }
  const astray = (job: Job): unknown =>
    deriveAll(job).derived.plan!.astray.map(({ part, onto, by }) => [part, onto, Math.round(by * 10) / 10])
  test('is told where it leaves sheet or bed, by how much, and where it only meets waste', () => {
    expect(astray(alone(100, 100, {}))).toEqual([['front-1', 'rest', 0]])
    expect(astray(alone(1, 100, {}))).toEqual([['front-1', 'sheet', expect.any(Number)]])
    expect(check(alone(1, 100, { over: true }), 'burnt')?.detail).toMatch(/runs [12]\.\d mm off the sheet/)
    expect(check(alone(100, 100, {}), 'over')?.detail).toContain('Engraving 1 on the front would burn beyond')
    expect(check(alone(100, 100, { over: true }), 'over')).toBeUndefined()
  })
  test('past the reach of the bed is told as such', () => {
    const long = { ...tray.measure.stock!, sheetWidth: 900 }
    const job = { ...tray, measure: { ...tray.measure, stock: long } }
    const { job: laid } = deriveAll(engraved({ motif: round, anchor: 'right', right: 0, up: 0 }, job))
    const arrangement = laid.layout.arrangement!
    const bed = laid.measure.machine!.bedWidth
    const placements = arrangement.placements.map((each) =>
      each.part === 'front-1' ? { ...each, sheet: 1, x: bed - 241, y: 100, turn: 0, pinned: true } : each,
    )
    const placed = {
      ...laid,
      layout: { ...laid.layout, arrangement: { ...arrangement, byHand: true, placements } },
    }
    expect(astray(placed)).toContainEqual(['front-1', 'bed', expect.any(Number)])
  })
})

describe('speeds', () => {
  test('first settings keep to the machine, so does the time, and what was typed faster stops', () => {
    const slow = onMachine(
      { maxSpeed: 20 },
      tuned({ score: null, engrave: null }, engraved({ point: 'same' })),
    )
    const { plan } = deriveAll(slow).derived
    expect([plan!.settings.score.speed, plan!.settings.engrave.speed]).toEqual([20, 20])
    expect(check(slow, 'speed')).toBeUndefined()
    expect(check(slow, 'marks')?.title).toContain('Nobody has tried')
    const typed = tuned({ engrave: { speed: 300, power: 20, passes: 1, air: false } }, slow)
    expect(check(typed, 'speed')).toMatchObject({ state: 'stop', title: expect.stringContaining('300 mm/s') })
    const before = deriveAll(tuned({ score: null, engrave: null }, engraved({ point: 'same' })))
    expect(plan!.total.seconds).toBeGreaterThan(before.derived.plan!.total.seconds + 20)
    expect(deriveAll(typed).derived.plan!.total.seconds).toBeCloseTo(plan!.total.seconds, 6)
  })
  test('a first setting spends the same on the way, whatever the machine', () => {
    const [strong, weak] = [
      { watts: 80, maxSpeed: 400 },
      { watts: 20, maxSpeed: 100 },
    ].map((part) => deriveAll(onMachine(part, tuned({ engrave: null }, engraved({ point: 'same' })))))
    const spent = ({ job, derived }: typeof strong): number => {
      const { power, speed } = derived.plan!.settings.engrave
      return (job.measure.machine!.watts * power) / speed
    }
    expect(Math.abs(spent(strong) / spent(weak) - 1)).toBeLessThan(0.05)
  })
})

test('a program that nobody would compensate stops; drawings may be left to the software', () => {
  const software = withCut({ compensation: 'software' })
  expect(check(software, 'program', { formats: ['svg', 'gcode'] })?.state).toBe('stop')
  expect(check(software, 'program', { formats: ['svg', 'dxf'] })).toBeUndefined()
  expect(exportJob(software, ['gcode'])).toMatchObject({ ok: false })
  expect(exportJob(software, ['svg']).ok).toBe(true)
})

describe('figures in doubt', () => {
  const withKerf = (width: number): Job => ({
    ...tray,
    measure: { ...tray.measure, kerf: { ...tray.measure.kerf!, width } },
  })
  test('an unlikely kerf is asked about until it is said to be right, and no file is written', () => {
    const job = withKerf(1.6)
    expect(check(job, 'question')).toMatchObject({ state: 'stop', detail: expect.stringContaining('0.160') })
    const key = sureKey('kerf', job.measure.stock!.id, 1.6)
    const sure = { ...job, measure: { ...job.measure, sure: [key] } }
    expect(check(sure, 'question')).toBeUndefined()
    // Another figure is another question.
    const other = { ...sure, measure: { ...sure.measure, kerf: { ...sure.measure.kerf!, width: 1.7 } } }
    expect(check(other, 'question')?.state).toBe('stop')
  })
  test('half of what the machine takes elsewhere is asked about, and a reading in inches', () => {
    expect(openQuestions(withKerf(0.08), { ...known, kerfs: [0.16] }, IN_METRIC)).toHaveLength(1)
    expect(openQuestions(withKerf(0.08), known, IN_METRIC)).toEqual([])
    const stock = tray.measure.stock!
    const readings = [...stock.readings, { value: 0.118, spot: '', on: '' }]
    const job = { ...tray, measure: { ...tray.measure, stock: { ...stock, readings } } }
    expect(openQuestions(job, known, IN_METRIC)).toMatchObject([
      { what: 'thickness', value: 0.118, suggestion: { label: '2.997 mm' } },
    ])
  })
})

describe('odds', () => {
  test('joints that will be forced stop the cut; a kerf that is only assumed does not', () => {
    const forced = { ...tray, interference: 0.3 }
    expect(check(forced, 'fit')).toMatchObject({ state: 'stop', title: expect.stringContaining('forced') })
    expect(check({ ...forced, measure: { ...forced.measure, kerf: null } }, 'fit')?.state).toBe('look')
    expect(check(tray, 'fit')?.state).toBe('ok')
  })
  test('a setting that failed as often as it went through stops it', () => {
    const { machine, stock } = tray.measure
    const setting = { speed: 30, power: 65, passes: 1, air: true }
    const test = {
      id: 't',
      machineId: machine!.id,
      stockId: stock!.id,
      family: stock!.family,
      thickness: 3.04,
      setting,
      result: 'not through' as const,
      on: '',
    }
    const failed = tuned({ picked: setting, tests: [...tray.tune.tests, test] })
    expect(check(failed, 'settings')).toMatchObject({
      state: 'stop',
      title: expect.stringContaining('1 of 1 test'),
    })
    const fast = tuned({ picked: { ...setting, speed: 120 } })
    expect(check(fast, 'settings')).toMatchObject({
      state: 'stop',
      title: 'This setting will hardly cut through',
    })
  })
})

describe('labels', () => {
  const scored = (job: Job): number =>
    deriveAll(job).derived.plan!.loads.flatMap(({ paths, face }) =>
      paths.filter(({ operation }) => operation === 'score').map(() => face),
    ).length
  test('a new job has them inside the box, and says so', () => {
    const { cut } = emptyJob('e', 'E', '')
    expect([cut.labels, cut.face]).toEqual(['hidden', 'inside'])
    const { derived, job } = deriveAll(emptyJob('e', 'E', ''))
    expect(scored(job)).toBeGreaterThan(5)
    expect(labelWords(cut, derived.plan!.loads)).toBe('Labels look inward.')
    expect(cutSummary(job, derived.things, derived.plan!.loads, IN_METRIC)).toEqual([
      'Outside 120.0 × 80.0 × 50.0 mm, no lid.',
      'Labels look inward.',
    ])
  })
  test('with the outside up they are left away, and that is said; on a turned sheet they come', () => {
    const shown = withCut({ labels: 'hidden', face: 'outside' })
    expect(scored(shown)).toBe(0)
    expect(check(shown, 'labels')?.title).toContain('No part is labelled')
    expect(labelWords(shown.cut, [{ face: 'only' }])).toContain('not labelled')
    const turned = engraved({ side: 'inside', point: 'same', motif: { kind: 'round', diameter: 6 } }, shown)
    const { plan } = deriveAll(turned).derived
    const first = plan!.loads.filter(({ face }) => face === 'first')
    const labelled = new Set(
      first.flatMap(({ paths }) =>
        paths.filter(({ operation }) => operation === 'score').map(({ part }) => part),
      ),
    )
    expect(labelled.size).toBe(10)
    expect(
      plan!.loads.some(({ face, paths }) => face === 'then' && paths.some((p) => p.operation === 'score')),
    ).toBe(false)
  })
  test('nobody is told that the inside is bare while labels are scored there', () => {
    const outside = engraved({ point: 'same', motif: { kind: 'round', diameter: 6 } })
    const turned = withCut({ face: 'inside', labels: 'hidden' }, outside)
    expect(check(turned, 'turning')).toMatchObject({
      state: 'ok',
      title: expect.stringContaining('labels inside'),
    })
    expect(check(withCut({ labels: 'none' }, turned), 'turning')?.title).toContain('need not be turned')
  })
  test('on a turned sheet they are not inside where the maker has them outside, or none', () => {
    const inside: Partial<Engraving> = {
      side: 'inside',
      point: 'same',
      motif: { kind: 'round', diameter: 6 },
    }
    for (const labels of ['up', 'none'] as const) {
      const { plan } = deriveAll(engraved(inside, withCut({ labels, face: 'outside' }))).derived
      const first = plan!.loads.filter(({ face }) => face === 'first').flatMap(({ paths }) => paths)
      expect(first.some(({ operation }) => operation === 'score')).toBe(false)
    }
  })
  test.each([
    [{ labels: 'up', face: 'outside' }, 'outward'],
    [{ labels: 'up', face: 'inside' }, 'inward'],
    [{ labels: 'none', face: 'inside' }, 'not labelled'],
    [{ labels: 'up', face: 'outside', off: ['score'] }, 'not labelled'],
  ] as const)('%o: %s', (part, said) => {
    const cut = { ...tray.cut, ...part, off: 'off' in part ? [...part.off] : [] }
    expect(labelWords(cut, [{ face: 'only' }])).toContain(said)
  })
})

test('what nobody said is said first: no machine, no stock, or figures of any machine', () => {
  const empty = emptyJob('e', 'E', '')
  expect(unsaidOf(empty).map(({ what }) => what)).toEqual(['machine', 'stock'])
  expect(checks(empty)[0]).toMatchObject({ id: 'unsaid', state: 'look' })
  const made = exportJob(empty, ['svg'])
  expect(made.ok && made.files[0].content).toContain('Made with no machine and no stock chosen')
  expect(made.ok && made.files[0].content).not.toContain('from the label')
  const any = { ...empty.measure, machine: newMachine('m', 'Laser 1'), stock: newStock('s', 'Sheet 1') }
  const added = { ...empty, measure: any }
  expect(unsaidOf(added).map(({ what }) => what)).toEqual(['machine figures', 'stock figures'])
  const given = { ...any, machine: { ...any.machine, bedWidth: 500 }, stock: { ...any.stock, nominal: 4 } }
  expect(unsaidOf({ measure: given })).toEqual([])
  expect(unsaidOf({ measure: { ...any, sure: unsaidOf(added).map(({ key }) => key) } })).toEqual([])
})
