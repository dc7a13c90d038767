import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { demo, type DemoName } from '../../scripts/testing/demo'
import { deriveAll } from '../derive'
import { exportJob } from '../files'
import type { Job } from '../job'
import { ORIGINS, type Operation } from '../machine'
import { stretchTime, type CutPath } from '../plan'
import { readCode, writeCode } from './index'
import { runs, seedOf } from '../../scripts/testing/runs'

interface Step {
  length: number
  feed: number
  power: number
  rapid: boolean
  x: number
  y: number
}

/** A reader of its own: words by words, nothing shared with the one that is tried. */
function steps(text: string, scale: number): Step[] {
  const found: Step[] = []
  let [x, y, feed, power, beam, rapid] = [0, 0, 0, 0, false, true]
  for (const line of text.split('\n')) {
    const words = line.split(';')[0].trim().split(/\s+/)
    let moves = false
    let [toX, toY] = [x, y]
    for (const word of words) {
      const value = Number(word.slice(1))
      if (word === 'G0' || word === 'G1') rapid = word === 'G0'
      if (word === 'M3' || word === 'M4') beam = true
      if (word === 'M5') beam = false
      if (word.startsWith('F')) feed = value / 60
      if (word.startsWith('S')) power = value / scale
      if (word.startsWith('X')) [toX, moves] = [value, true]
      if (word.startsWith('Y')) [toY, moves] = [value, true]
    }
    if (!moves) continue
    const length = Math.hypot(toX - x, toY - y)
    found.push({ length, feed, power: beam && !rapid ? power : 0, rapid, x: toX, y: toY })
    ;[x, y] = [toX, toY]
  }
  return found
}

/** A demo job as Lay out would lay it anew, once for each. */
const known = new Map<DemoName, Job>()
function laidAnew(name: DemoName): Job {
  const job = demo(name)
  const laid = known.get(name) ?? deriveAll({ ...job, layout: { ...job.layout, arrangement: null } }).job
  known.set(name, laid)
  return laid
}
function programOf(job: Job): { text: string; job: Job; derived: ReturnType<typeof deriveAll>['derived'] } {
  const made = exportJob(job, ['gcode'])
  if (!made.ok) throw new Error(made.error)
  return { text: made.files[0].content as string, ...deriveAll(job) }
}

describe('a program for the machine', () => {
  test.each(['specimen-tray', 'field-book', 'crate'] as const)(
    '%s: way, power and time of the plan',
    (name) => {
      const { text, job, derived } = programOf(laidAnew(name))
      const { code, travelSpeed, acceleration } = job.measure.machine!
      const [{ paths, time }] = derived.plan!.loads
      const { settings } = derived.plan!
      const found = steps(text, code.scale)
      const cut = found.filter(({ power }) => power > 0)
      const way = cut.reduce((sum, { length }) => sum + length, 0)
      const wanted = paths.reduce((sum, path) => {
        const around = path.closed ? [...path.points, path.points[0]] : path.points
        const length = around
          .slice(1)
          .reduce((all, p, i) => all + Math.hypot(p.x - around[i].x, p.y - around[i].y), 0)
        return sum + length * settings[path.operation].passes
      }, 0)
      expect(Math.abs(way / wanted - 1)).toBeLessThan(1e-3)
      // Time by the same formula of rest to rest over each straight way, put together anew.
      const isCut = (operation: Operation): boolean => operation !== 'engrave'
      const speedOf = (operation: Operation) => settings[operation].speed
      const straight = cut.filter(({ feed }) => Math.abs(feed - speedOf('outline')) < 1e-6)
      const cutting = straight.reduce((sum, { length, feed }) => sum + length / feed, 0)
      const byPlan = paths
        .filter(
          ({ operation }) => isCut(operation) && Math.abs(speedOf(operation) - speedOf('outline')) < 1e-6,
        )
        .reduce((sum, path) => {
          const around = path.closed ? [...path.points, path.points[0]] : path.points
          const length = around
            .slice(1)
            .reduce((all, p, i) => all + Math.hypot(p.x - around[i].x, p.y - around[i].y), 0)
          return sum + (length * settings[path.operation].passes) / speedOf(path.operation)
        }, 0)
      expect(Math.abs(cutting / byPlan - 1)).toBeLessThan(1e-3)
      const travel = found.filter(({ rapid, length }) => rapid && length > 1e-9).slice(0, -1)
      const travelled = travel.reduce(
        (sum, { length }) => sum + stretchTime(length, travelSpeed, acceleration),
        0,
      )
      if (name !== 'field-book') expect(Math.abs(travelled / time.travel - 1)).toBeLessThan(1e-3)
      expect(text).toMatch(/Compensation is in the paths/)
      expect(text).toMatch(/\nG21\nG90\n/)
      expect(text.trimEnd().endsWith('M2')).toBe(true)
    },
  )
  test('our own reader and the one here agree on every move', () => {
    const { text, job } = programOf(laidAnew('crate'))
    const read = readCode(text, job.measure.machine!.code)
    if (!read.ok) throw new Error(read.error)
    const others = steps(text, job.measure.machine!.code.scale)
    expect(read.moves).toHaveLength(others.length)
    for (const [i, { to, power, speed }] of read.moves.entries()) {
      expect([to.x, to.y, power]).toEqual([others[i].x, others[i].y, others[i].power])
      if (speed !== null) expect(speed).toBeCloseTo(others[i].feed, 6)
    }
    expect(read.moves.some(({ air }) => air)).toBe(true)
  })
  test('every origin corner: the sheet lies on the bed, and the same lines are cut', () => {
    const tray = laidAnew('specimen-tray')
    for (const origin of ORIGINS) {
      const job = { ...tray, measure: { ...tray.measure, machine: { ...tray.measure.machine!, origin } } }
      const { text, derived } = programOf(job)
      const [{ width, height }] = derived.plan!.loads
      const found = steps(text, 1000)
      const [low, high] = [origin.endsWith('right') ? -width : 0, origin.startsWith('back') ? -height : 0]
      for (const { x, y } of found) {
        expect(x).toBeGreaterThanOrEqual(low - 1e-3)
        expect(x).toBeLessThanOrEqual(low + width + 1e-3)
        expect(y).toBeGreaterThanOrEqual(high - 1e-3)
        expect(y).toBeLessThanOrEqual(high + height + 1e-3)
      }
    }
  })
  test('the machine’s own words: before, after, air, its scale, and power that stays', () => {
    const tray = laidAnew('specimen-tray')
    const code = {
      scale: 255,
      dynamic: false,
      airOn: 'M106',
      airOff: 'M107',
      header: 'G28 ; home\n\n M17 ',
      footer: 'M18',
    }
    const job = { ...tray, measure: { ...tray.measure, machine: { ...tray.measure.machine!, code } } }
    const { text } = programOf(job)
    // What is the machine's own is passed over when its program is read back.
    expect(readCode(text, code)).toMatchObject({ ok: true })
    expect(text).toMatch(/\nG28 ; home\nM17\nG21/)
    expect(text).toMatch(/\nM106\n/)
    expect(text).toMatch(/M107\nG0 X0 Y0\nM18\nM2/)
    expect(text).toContain('M3 S0')
    expect(text).not.toContain('M4')
    const most = Math.max(...[...text.matchAll(/S([\d.]+)/g)].map(([, s]) => Number(s)))
    expect(most).toBeCloseTo(255 * (deriveAll(job).derived.plan!.choice.setting.power / 100), 3)
  })
})

describe('rows that fill an area', () => {
  /** A floor with words on it, laid out where the maker has it. */
  function engravedOn(bedWidth: number, speed = 300): { text: string; rows: Step[][] } {
    const tray = demo('specimen-tray')
    const { acceleration } = tray.measure.machine!
    const machine = { ...tray.measure.machine!, bedWidth, maxSpeed: 400 }
    const setting = { speed, power: 25, passes: 1, air: false }
    const area: CutPath[] = [0, 1, 2, 3].flatMap((i): CutPath[] => {
      const ways = [
        [10, 20],
        [24, 40],
      ].map(([from, to]) => (i % 2 === 0 ? [from, to] : [to, from]))
      return (i % 2 === 0 ? ways : ways.reverse()).map(([from, to]) => ({
        operation: 'engrave',
        part: 'p',
        closed: false,
        points: [
          { x: from, y: 20 + i / 10 },
          { x: to, y: 20 + i / 10 },
        ],
      }))
    })
    const settings = { engrave: setting, pocket: setting, score: setting, inside: setting, outline: setting }
    const about = { title: 'Rows “of” a tray', statement: 'Once.', width: 100, height: 60 }
    const text = writeCode({ ...about, paths: area, settings, machine })
    const rows: Step[][] = []
    for (const step of steps(text, 1000)) {
      if (step.rapid) rows.push([])
      rows[rows.length - 1]?.push(step)
    }
    expect(acceleration).toBeGreaterThan(0)
    return { text, rows: rows.filter((row) => row.some(({ power }) => power > 0)) }
  }
  test('the head runs in and out with the beam off, and never stops in a row', () => {
    const { text, rows } = engravedOn(600)
    const { acceleration } = demo('specimen-tray').measure.machine!
    expect(rows).toHaveLength(4)
    const far = Math.min(10, 300 ** 2 / (2 * acceleration))
    for (const [i, row] of rows.entries()) {
      const [rapid, runIn, ...rest] = row
      const way = i % 2 === 0 ? 1 : -1
      expect(way * (runIn.x - rapid.x)).toBeCloseTo(far, 3)
      expect(rest.map(({ power }) => power > 0)).toEqual([true, false, true, false])
      const burnt = rest.filter(({ power }) => power > 0).reduce((sum, { length }) => sum + length, 0)
      expect(burnt).toBeCloseTo(26, 6)
      expect(new Set(row.slice(1).map(({ feed }) => feed.toFixed(6))).size).toBe(1)
    }
    // The beam's mode is set once, and no controller waits between rows.
    expect(text.match(/M4/g)).toHaveLength(1)
    expect(text.match(/M5/g)).toHaveLength(3)
    expect(text).toMatch(/^[\x20-\x7e\n]*$/)
    expect(text).toContain('Rows "of" a tray')
  })
  test('where the bed leaves less room it goes slower, with less power, and stays on the bed', () => {
    const { rows } = engravedOn(45)
    const { acceleration } = demo('specimen-tray').measure.machine!
    for (const row of rows) {
      const [{ x }, { feed }] = row
      expect(x).toBeGreaterThanOrEqual(-1e-6)
      for (const step of row) expect(step.x).toBeLessThanOrEqual(45 + 1e-6)
      expect(feed).toBeCloseTo(Math.sqrt(2 * acceleration * 5), 1)
      const [{ power }] = row.filter((step) => step.power > 0)
      expect(power / feed).toBeCloseTo(0.25 / 300, 6)
    }
  })
})

describe('a program that is read', () => {
  const words = { scale: 1000, airOn: 'M8', airOff: 'M9', header: '', footer: '' }
  const read = (text: string) => readCode(text, words)
  test('inches, brackets, one feed for several moves, nothing after the end', () => {
    const found = read('G20 (inches)\nG90\nM3 S500\nG1 X1 F60\nX2\nM5\nG1 X3\nM2\nG1 X9')
    expect(found).toMatchObject({
      ok: true,
      moves: [{ to: { x: 25.4 }, power: 0.5 }, { to: { x: 50.8 } }, { power: 0 }],
    })
  })
  test.each([
    ['G2 X1 Y1 I1', 'G2 is not known here'],
    ['G1 X1', 'no feed'],
    ['G1 X1 F60 hello', 'cannot be read'],
    ['G0 X99999', '20 m off'],
    ['M104 S200', 'M104 is not known'],
  ])('%s is refused with its line', (text, why) => {
    expect(read(`G21\n${text}`)).toEqual({ ok: false, error: expect.stringMatching(/^Line 2: .*\.$/) })
    expect(read(`G21\n${text}`)).toEqual({ ok: false, error: expect.stringContaining(why) })
  })
  test('a line of opening brackets is refused at once, and what a bracket opens ends with its line', () => {
    expect(read(`G21\n${'('.repeat(500_000)}`)).toEqual({
      ok: false,
      error: expect.stringContaining('Line 2: it has 500000 characters'),
    })
    expect(read('G21 (never closed\nG1 X1 F60')).toMatchObject({ ok: true, moves: [{ to: { x: 1 } }] })
  })
  test('whatever is thrown at it, it answers', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (text) => {
        const found = read(text)
        if (!found.ok) expect(found.error).toMatch(/\.$/)
      }),
      { numRuns: runs(500), seed: seedOf(2) },
    )
  })
})
