import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { jtsOf } from '../../scripts/testing/jts'
import { runs } from '../../scripts/testing/runs'
import { deriveAll } from '../derive'
import { NORMAL_95 } from '../statistics'
import { plainBelief, type FitWord } from '../fit'
import type { CodeMove } from '../gcode'
import { rectangle, type Ring } from '../geometry'
import type { Job } from '../job'
import { rehearse, type Rehearsal, type WorldName } from './index'
import { anyMachine, hiddenMachine, hiddenSheet, type Hidden, type HiddenSheet } from './hidden'
import { piecesOf } from './pieces'
import { burn, waysOf } from './runs'

const laidOut = (job: Job): Job => deriveAll({ ...job, layout: { ...job.layout, arrangement: null } }).job
function cut(job: Job, seed: number): Rehearsal {
  const made = rehearse(job, seed, 'mine')
  if (!made.ok) throw new Error(made.error)
  return made.rehearsal
}
const tray = laidOut(demo('specimen-tray'))

const asPoints = (ring: [number, number][]): Ring => ring.map(([x, y]) => ({ x, y }))

describe('a job on the simulated laser', () => {
  test('the same seed is the same laser, another one is another', () => {
    expect(cut(tray, 4)).toEqual(cut(tray, 4))
    expect(cut(tray, 5).kerf).not.toEqual(cut(tray, 4).kerf)
  })
  test('every part is there, smaller by its true kerf all round, as an unrelated library measures it', () => {
    const { parts, kerf, notFree } = cut(tray, 4)
    const { derived } = deriveAll(tray)
    expect(notFree).toEqual([])
    expect(parts.map(({ id }) => id).sort()).toHaveLength(derived.box.panels!.length)
    const { compensation } = derived.box
    for (const { panel, outline, holes } of parts) {
      const drawn = derived.box.panels!.find(({ id }) => id === panel)!.drawn
      const its = jtsOf({ outline: asPoints(outline), holes: holes.map(asPoints) })
      const wanted = jtsOf(drawn)
      const inset = (kerf.x + kerf.y) / 4 - compensation.x
      const lost = (wanted.getArea() - its.getArea()) / wanted.getLength()
      expect(Math.abs(lost - inset)).toBeLessThan(0.012)
    }
  })
  test('the gap at a joint is what both panels lost there, and its word is that of the fit', () => {
    const { joints, kerf } = cut(tray, 9)
    const { compensation } = deriveAll(tray).derived.box
    expect(joints.length).toBeGreaterThan(8)
    for (const { gap } of joints)
      expect(Math.abs(gap - ((kerf.x + kerf.y) / 2 - 2 * compensation.x))).toBeLessThan(0.02)
  })
  test('calipers err by hand and read to 0.01', () => {
    const { parts } = cut(tray, 4)
    const errors = parts.map(({ readings, outline, placement }) => {
      const xs = outline.map(([x, y]) => (placement.turn % 180 === 0 ? x : y))
      expect(Math.abs(readings.width * 100 - Math.round(readings.width * 100))).toBeLessThan(1e-9)
      return readings.width - (Math.max(...xs) - Math.min(...xs))
    })
    const rms = Math.sqrt(errors.reduce((sum, error) => sum + error ** 2, 0) / errors.length)
    expect(rms).toBeGreaterThan(0.005)
    expect(rms).toBeLessThan(0.06)
  })
  test('twice as quick as was tried: parts stay in the sheet, and it says where', () => {
    const picked = { speed: 30, power: 65, passes: 1, air: true }
    const { notFree } = cut({ ...tray, tune: { ...tray.tune, picked } }, 2)
    expect(notFree.length).toBeGreaterThan(5)
    // What did not come free cannot be measured, and says nothing of a joint.
    const { parts, joints } = cut({ ...tray, tune: { ...tray.tune, picked } }, 2)
    const held = new Set(notFree.map(({ id }) => id))
    expect(parts.filter(({ id }) => held.has(id))).toEqual([])
    const free = new Set(parts.map(({ panel }) => panel))
    for (const { between } of joints) expect(between.every((panel) => free.has(panel))).toBe(true)
    expect(notFree[0].why[0]).toMatch(/^It is not cut through over .* mm, from \d+ × \d+ mm\.$/)
    const twice = cut({ ...tray, tune: { ...tray.tune, picked: { ...picked, passes: 3 } } }, 2)
    expect(twice.notFree).toEqual([])
  })
  test('bridges hold every part that has them, and its shape is the same once it is broken out', () => {
    const bridges = { count: 3, width: 0.6, below: 999 }
    const plain = cut(tray, 3)
    const held = cut({ ...tray, cut: { ...tray.cut, bridges, start: 'side' } }, 3)
    const said = held.faults.filter(({ why }) => why.includes('It is held by 3 bridges: break it out.'))
    expect(said).toHaveLength(plain.parts.length)
    expect(held.notFree).toEqual(plain.notFree)
    for (const [i, { outline }] of held.parts.entries()) {
      const [is, was] = [outline, plain.parts[i].outline].map((points) =>
        jtsOf({ outline: asPoints(points), holes: [] }),
      )
      expect(Math.abs(is.getArea() - was.getArea()) / was.getArea()).toBeLessThan(0.01)
    }
  })
  test('any laser is none of the owner’s: another kerf, and calipers that may lie', () => {
    const all = Array.from({ length: 24 }, (_, seed) => rehearse(tray, seed, 'any')).flatMap((each) =>
      each.ok ? [each.rehearsal] : [],
    )
    const kerfs = all.map(({ kerf }) => (kerf.x + kerf.y) / 2)
    expect(Math.min(...kerfs)).toBeLessThan(0.12)
    expect(Math.max(...kerfs)).toBeGreaterThan(0.28)
    expect(new Set(all.map(({ world }) => world)).size).toBeGreaterThan(6)
    expect(all.some(({ notFree }) => notFree.length > 0)).toBe(true)
    const bias = (world: WorldName): number => {
      const errors = Array.from({ length: 5 }, (_, seed) => rehearse(tray, seed, world)).flatMap((each) =>
        each.ok ? each.rehearsal.parts.map((part) => part.readings.thickness - part.thickness) : [],
      )
      return errors.reduce((sum, error) => sum + error, 0) / errors.length
    }
    expect(Math.abs(bias('plain'))).toBeLessThan(0.003)
    expect(bias('a hand that squeezes')).toBeLessThan(-0.008)
  })
  test('focus over the bed: the kerf goes with the place, as the joints feel it', () => {
    const tilt = (world: WorldName): number => {
      const { x, y } = anyMachine(8, 'plywood', world).bed
      return Math.hypot(x, y)
    }
    expect(tilt('focus over the bed')).toBeGreaterThan(0.004)
    expect(tilt('plain')).toBe(0)
  })
  test('a job that cannot be made is not cut', () => {
    expect(rehearse({ ...tray, box: { ...tray.box, depth: 4 } }, 1)).toMatchObject({ ok: false })
  })
})

// The kerf of the simulated laser lies about the measured one as its readings leave open, and wanders from
// part to part: where no more than that is in doubt, what Shape says of the fit must come out that often.
test('odds of the fit come true over many lasers, for four interferences', () => {
  const seeds = runs(200)
  // One standard deviation of a share is this at most.
  const sd = Math.sqrt(0.25 / seeds)
  const off: number[] = []
  for (const interference of [0, 0.012, 0.02, -0.03]) {
    const plain = demo('plain-tray')
    const { kerf } = plain.measure
    const belief = plainBelief(kerf!.doubt! / NORMAL_95, { offset: 0, sd: 0.005 }, 0.006)
    const measure = { ...plain.measure, belief: { ...belief, kerfId: kerf!.id } }
    const job = laidOut({ ...plain, measure, interference })
    const { odds } = deriveAll(job).derived.fit
    const count: Partial<Record<FitWord, number>> = {}
    for (let seed = 1; seed <= seeds; seed++) {
      const { joints } = cut(job, seed)
      for (const { fit } of joints) count[fit] = (count[fit] ?? 0) + 1 / joints.length / seeds
    }
    for (const word of ['press', 'snug', 'easy'] as const) {
      expect(Math.abs((count[word] ?? 0) - odds[word])).toBeLessThan(2 * sd)
      off.push((count[word] ?? 0) - odds[word])
    }
  }
  const mean = off.reduce((sum, each) => sum + Math.abs(each), 0) / off.length
  expect(mean).toBeLessThan(0.85 * sd)
}, 240_000)

describe('the physics by itself', () => {
  const hidden: Hidden = {
    ...hiddenMachine(1, { family: 'fibreboard', kerf: { x: 0.2, y: 0.2 }, doubt: 0, through: null }),
    need: 0.8,
    drift: { share: 0, period: 100, phase: 0 },
    wander: 0,
  }
  const sheet: HiddenSheet = { width: 200, height: 200, thickness: () => 3, knots: [] }
  const motion = { travelSpeed: 200, acceleration: 1000 }
  const round = (ring: Ring, speed = 12, power = 0.65): CodeMove[] => [
    { from: { x: 0, y: 0 }, to: ring[0], speed: null, power: 0, air: true },
    ...ring.map((from, i) => ({
      from,
      to: ring[(i + 1) % ring.length],
      speed,
      power,
      air: true,
    })),
  ]
  const pieces = (moves: CodeMove[], on = sheet) =>
    piecesOf(burn(waysOf(moves, motion, hidden).ways, 60, on, hidden), on, hidden)
  const [outer, inner] = [rectangle(0, 0, 80, 60), rectangle(20, 20, 40, 40)]
  test('an outline that goes before its holes: the part comes loose, and they land wrong', () => {
    const [good] = pieces([...round(inner), ...round(outer)])
    expect(good.faults).toEqual([])
    const [bad] = pieces([...round(outer), ...round(inner)])
    expect(bad.faults[0]).toContain('came loose before 1 of its holes')
    expect(bad.shape.holes[0][0]).not.toEqual(good.shape.holes[0][0])
  })
  test('energy: through just when passes × watts × power ÷ (speed × thickness) is what is needed', () => {
    const speed = (60 * 0.65) / (0.8 * 3)
    expect(pieces(round(outer, speed * 0.99))[0].free).toBe(true)
    expect(pieces(round(outer, speed * 1.01))[0].free).toBe(false)
    const again = round(outer, speed * 1.9)
    expect(pieces([...again, ...again.slice(1)])[0].free).toBe(true)
    expect(pieces(round(outer, speed / 3))[0].faults[0]).toContain('charred')
  })
  test('a knot holds a part where it lies', () => {
    const knotty = { ...sheet, knots: [{ x: 80, y: 30, radius: 5, factor: 2 }] }
    const [{ free, faults }] = pieces(round(outer), knotty)
    expect(free).toBe(false)
    expect(faults[0]).toMatch(/not cut through over .* from 80 × 2\d mm/)
  })
  test('what is smaller than the distance of the slats falls between them', () => {
    expect(pieces(round(rectangle(0, 0, 8, 30)))[0].faults[0]).toContain('fell between them')
  })
  test('a sheet wanders about its mean as much as its readings do', () => {
    const throws = Array.from({ length: 300 }, (_, seed) =>
      hiddenSheet(seed, 0, { width: 600, height: 400 }, { mean: 3, doubt: 0.04 }, 'plywood').thickness(
        500,
        100,
      ),
    )
    const mean = throws.reduce((sum, each) => sum + each, 0) / throws.length
    const sd = Math.sqrt(throws.reduce((sum, each) => sum + (each - mean) ** 2, 0) / throws.length)
    expect(Math.abs(mean - 3)).toBeLessThan(0.01)
    expect(sd).toBeGreaterThan(0.01)
    expect(sd).toBeLessThan(0.06)
  })
})
