import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { nextThingId, thingsOf, withThing, type Job, type Thing } from '../job'
import {
  deriveAll,
  deriveBox,
  lessonsOf,
  materialFor,
  mockUpOf,
  deriveParts,
  jobForStock,
  withLessons,
} from './index'
import { jobSchema } from '../job'
import { kerfFigure, sdOf, tasteOf } from '../fit'
import { checksOf } from '../say'
import { IN_METRIC as say } from '../length'

const tray = demo('plain-tray')
const small: Thing = { id: 'b', name: 'small tray', copies: 3, box: { ...tray.box, width: 100, depth: 70 } }
const several: Job = { ...tray, also: [small] }
const instruments = demo('instrument-case')

describe('several things in one job', () => {
  test('are laid out and cut together, each with its own parts', () => {
    const { parts, derived, job } = deriveAll(several)
    expect(parts).toHaveLength(5 + 3 * 5)
    expect(parts.filter(({ thing }) => thing === 'b').map(({ id }) => id)).toContain('b:front-2')
    expect(parts.find(({ id }) => id === 'b:front-2')!.label).toBe('small tray front 2')
    expect(derived.things.map(({ thing }) => thing.name)).toEqual(['tray', 'small tray'])
    expect(job.layout.arrangement!.unplaced).toEqual([])
    expect(jobSchema.safeParse(job).success).toBe(true)
  })
  test('another one taken in hand changes nothing of what is cut', () => {
    const other = withThing(several, 'b')
    expect(other.thing.name).toBe('small tray')
    expect(thingsOf(other)).toEqual(thingsOf(several))
    const [a, b] = [several, other].map((job) => deriveParts(job).parts.map(({ id, shape }) => [id, shape]))
    expect(b).toEqual(a)
    expect(withThing(other, 'a')).toEqual(several)
    expect(nextThingId(several)).toBe('c')
  })
  test('one that cannot be made keeps the job from being cut', () => {
    const broken: Job = { ...tray, also: [{ ...small, box: { ...small.box, depth: 3 } }] }
    expect(deriveAll(broken).derived.plan).toBeNull()
  })
})

describe('several stocks in one job', () => {
  test('each panel has the thickness, kerf and compensation of its own stock', () => {
    const box = deriveBox(instruments)
    const [own, board] = box.materials
    expect(box.material.get('front')).toBe(board)
    expect(box.material.get('floor')).toBe(own)
    const front = box.panels!.find(({ id }) => id === 'front')!
    expect(front.thickness).toBe(board.thickness.mean)
    expect(board.compensation.x).toBeCloseTo(board.kerf.width / 2, 9)
    expect(board.compensation.x).not.toBeCloseTo(own.compensation.x, 3)
    expect(materialFor('ledge-front', { floor: board.id }, box.materials)).toBe(board)
    expect(materialFor('front', { walls: board.id, front: own.id }, box.materials)).toBe(own)
  })
  test('each has its own sheets, loads and settings', () => {
    const { derived, job, parts } = deriveAll(instruments)
    const { plan, use } = derived
    expect(use!.stocks.map(({ sheets }) => sheets)).toEqual([1, 1])
    expect(new Set(plan!.loads.map(({ material }) => material)).size).toBe(2)
    expect(plan!.stocks[1].settings.outline).not.toEqual(plan!.stocks[0].settings.outline)
    expect(jobForStock(job, 'stock-board-4').measure.stock!.id).toBe('stock-board-4')
    const checks = checksOf(job, derived, parts, say)
    expect(checks.some(({ title }) => title.startsWith('Fibreboard 4: '))).toBe(true)
  })
  test('the odds tell each kind of joint, what enters what, and where', () => {
    const { fit } = deriveAll(instruments).derived
    const labels = fit.joints.map(({ label }) => label)
    expect(labels).toEqual(
      expect.arrayContaining([
        'tabs of Fibreboard 4 and Birch ply 3',
        'tenons in slots, Birch ply 3 in Fibreboard 4',
        'M3 bolts in their holes',
      ]),
    )
  })
})

describe('a mock-up', () => {
  const card = demo('slip-cases').measure
  const made = { id: 'mock', name: 'Mock', on: '2026-11-01' }
  const mock = mockUpOf(tray, { stock: card.stock!, kerf: card.kerf, belief: null }, made)
  test('keeps the inside, leaves engraving off, and is of the other stock alone', () => {
    const [inside, was] = [mock, tray].map((job) => deriveBox(job).sizes.inner)
    for (const axis of ['x', 'y', 'z'] as const) expect(inside[axis]).toBeCloseTo(was[axis], 3)
    expect(mock.cut.labels).toBe('none')
    expect(deriveBox(mock).thickness.mean).toBeCloseTo(2, 1)
    expect(jobSchema.safeParse(mock).success).toBe(true)
    expect(lessonsOf(mock, tray)).toEqual([])
  })
  test('gives back a height that it taught, and the log says so', () => {
    const changed = { ...mock, box: { ...mock.box, height: mock.box.height + 5 } }
    const [lesson, ...others] = lessonsOf(changed, tray)
    expect(others).toEqual([])
    expect(lesson).toMatchObject({ what: 'inner height' })
    expect(lesson.to - lesson.from).toBeCloseTo(5, 3)
    const next = withLessons(tray, changed, 'inner height 5 more', { id: 'r9', on: '2026-11-02' })
    expect(next.box.height).toBeCloseTo(tray.box.height + 5, 3)
    expect(next.box.sizesAre).toBe('outer')
    expect(next.box.width).toBeCloseTo(tray.box.width, 3)
    expect(next.log.at(-1)!.reason).toBe('From the mock-up: inner height 5 more')
    expect(lessonsOf(changed, next)).toEqual([])
    expect(jobSchema.safeParse(next).success).toBe(true)
  })
})

describe('grooves', () => {
  const grooved: Job = {
    ...tray,
    cut: { ...tray.cut, turn: 'left to right' },
    box: { ...tray.box, floor: { ...tray.box.floor, kind: 'groove', raised: 5, depth: 1.5 } },
  }
  test('are filled by lines that stay inside, in an operation of their own', () => {
    const { derived } = deriveAll(grooved)
    const pockets = derived.plan!.loads.flatMap(({ paths }) =>
      paths.filter(({ operation }) => operation === 'pocket'),
    )
    expect(pockets).toHaveLength(4)
    const left = deriveAll({ ...grooved, cut: { ...grooved.cut, turn: 'leave out' } })
    const checks = checksOf(left.job, left.derived, left.parts, say)
    expect(checks.find(({ id }) => id === 'face')).toMatchObject({ state: 'stop' })
    const turned = deriveAll({ ...grooved, cut: { ...grooved.cut, face: 'inside' } })
    const again = checksOf(turned.job, turned.derived, turned.parts, say)
    expect(again.find(({ id }) => id === 'face')).toBeUndefined()
    expect(again.find(({ id }) => id === 'pocket')).toMatchObject({ state: 'look' })
  })
  test('inside up, a panel is cut as its own mirror image', () => {
    const [outside, inside] = (['outside', 'inside'] as const).map((face) => {
      const { parts } = deriveParts({ ...several, cut: { ...several.cut, face } })
      return parts.find(({ id }) => id === 'left-1')!.shape.outline
    })
    const width = Math.max(...outside.map(({ x }) => x))
    const key = (points: { x: number; y: number }[]): string[] =>
      points.map(({ x, y }) => `${x.toFixed(3)} ${y.toFixed(3)}`).sort()
    expect(key(inside)).toEqual(key(outside.map(({ x, y }) => ({ x: width - x, y }))))
  })
})

describe('a panel larger than the bed', () => {
  const long: Job = {
    ...tray,
    box: { ...tray.box, width: 900, seams: { divides: true, angle: 0, staggered: false, at: {} } },
  }
  test('is divided by fingers in its plane, and each piece fits', () => {
    const { pieces, panels, cuts } = deriveBox(long)
    expect(panels).toHaveLength(5)
    expect(pieces.map(({ id }) => id)).toEqual(expect.arrayContaining(['front-a', 'front-b', 'floor-a']))
    for (const { size } of pieces) expect(Math.max(size.width, size.height)).toBeLessThanOrEqual(590)
    expect(cuts.size).toBe(pieces.length)
  })
  test('is only told of where seams are not wanted', () =>
    expect(
      deriveBox({ ...long, box: { ...long.box, seams: { ...long.box.seams, divides: false } } }).pieces,
    ).toHaveLength(5))
})

test('letters: the same one on both panels of every joint', () => {
  const { parts } = deriveParts({ ...tray, cut: { ...tray.cut, letters: true, labels: 'up' } })
  const plain = deriveParts(tray).parts
  for (const [i, part] of parts.entries())
    expect(part.lies[0].marks.length).toBeGreaterThan(plain[i].lies[0].marks.length)
})

test('labels are scored where nothing is cut out, small where there is little room', () => {
  const { parts } = deriveParts(demo('specimen-tray'))
  for (const { lies, label } of parts) {
    const [{ shape, marks }] = lies
    expect([label, marks.length > 0]).toEqual([label, true])
    const points = marks.flat()
    const inside = points.every((point) => isWithin(shape.outline, point))
    expect([label, inside]).toEqual([label, true])
  }
})

/** Whether a point is in a ring, by counting crossings. */
function isWithin(ring: { x: number; y: number }[], { x, y }: { x: number; y: number }): boolean {
  return ring.reduce((inside, a, i) => {
    const b = ring[(i + 1) % ring.length]
    const crosses = a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x
    return crosses ? !inside : inside
  }, false)
}

describe('what a written file belongs to', () => {
  const grooved = (raised: number, name = 'tray'): Job => ({
    ...tray,
    thing: { id: 'a', name },
    also: [small],
    box: { ...tray.box, floor: { ...tray.box.floor, kind: 'groove', raised, depth: 1 } },
  })
  const signature = (job: Job): string => deriveAll(job).derived.plan!.signature
  const before = signature(grooved(5))
  test('a groove that moves makes it stale, though no outline changes', () => {
    const [low, high] = [5, 6].map((raised) =>
      deriveParts(grooved(raised)).parts.find(({ id }) => id === 'front-1')!,
    )
    expect(high.shape).toEqual(low.shape)
    expect(signature(grooved(6))).not.toBe(before)
  })
  test('another name on the labels does as well', () =>
    expect(signature(grooved(5, 'drawer'))).not.toBe(before))
})

test('tabs of one other stock have that stock’s kerf once, not twice by halves', () => {
  const software: Job = {
    ...instruments,
    cut: { ...instruments.cut, compensation: 'software' },
    box: { ...instruments.box, corners: { ...instruments.box.corners, kind: 'fingers', setIn: 0 } },
  }
  const boards: Job = {
    ...software,
    box: { ...software.box, bolts: { ...software.box.bolts, uprights: null } },
  }
  const { fit, box } = deriveAll(boards).derived
  const walls = fit.joints.find(({ label }) => label === 'tabs in notches, Fibreboard 4')!
  const [, board] = box.materials
  expect(walls.where).toContain('front and left')
  expect(walls.sd).toBeCloseTo(Math.hypot(sdOf(kerfFigure(board.belief)), tasteOf(board.belief).sd), 9)
})

test('a mock-up has nothing on its faces but what artwork cuts out', () => {
  const book = demo('field-book')
  const [drawing] = book.box.drawings
  const made = { id: 'm', name: 'm', on: '' }
  const card = demo('slip-cases').measure
  const other = { stock: card.stock!, kerf: card.kerf, belief: null }
  const plain = mockUpOf(book, other, made)
  expect([plain.box.engravings, plain.box.drawings]).toEqual([[], []])
  const cut = {
    ...drawing,
    groups: drawing.groups.map((group, i) => ({ ...group, use: i === 0 ? ('cut' as const) : group.use })),
  }
  const open = mockUpOf({ ...book, box: { ...book.box, drawings: [cut] } }, other, made)
  expect(open.box.engravings.map(({ motif }) => motif.kind)).toEqual(['drawing'])
  expect(open.box.drawings[0].groups.map(({ use }) => use)).toEqual(['cut', 'leave out'])
  expect(deriveBox(open).panels!.every(({ faces }) => !faces || faces.outside.scored.length === 0)).toBe(true)
})
