import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { differing, jtsOf, without } from '../../scripts/testing/jts'
import { deriveBox, warningsOf, type DerivedBox } from '../derive'
import { area, bounds, signedArea } from '../geometry'
import { emptyJob } from '../job'
import { IN_METRIC } from '../length'
import { warningSentence } from '../say'
import { newStock } from '../stock'
import { ringsOfShape } from './opening'
import { PLAIN_BOX, problemSentence, ringsOfOpening, sameTabs, type BoxSpec, type Opening } from './index'
import { runs, seedOf } from '../../scripts/testing/runs'

const opening = (part: Partial<Opening>): Opening => ({
  id: 'o',
  from: '',
  panel: 'front',
  shape: { kind: 'round', diameter: 20 },
  anchor: 'centre',
  point: 'centre',
  right: 0,
  up: 0,
  turn: 0,
  repeat: { kind: 'grid', columns: 1, rows: 1, apart: 30 },
  mirrored: false,
  ...part,
})
const of = (openings: Opening[], part: Partial<BoxSpec> = {}): DerivedBox => {
  const empty = emptyJob('o', 'o', '')
  const stock = { ...newStock('s', 's'), nominal: 3 }
  const tabs = sameTabs({ rule: 'even', width: 10 })
  const size = {
    sizesAre: 'outer' as const,
    width: 140,
    depth: 100,
    height: 70,
    fittings: [{ type: 'top-fingers' as const }],
  }
  const box: BoxSpec = { ...PLAIN_BOX, ...size, tabs, proud: 0, openings, ...part }
  return deriveBox({ ...empty, box, measure: { ...empty.measure, stock } })
}
const panelOf = ({ panels }: DerivedBox, id: string) => panels!.find((panel) => panel.id === id)!
const sum = (rings: { x: number; y: number }[][]): number =>
  rings.reduce((total, ring) => total + Math.abs(signedArea(ring)), 0)

describe('the area of each shape, by its formula', () => {
  test.each([
    [{ kind: 'round', diameter: 30 }, Math.PI * 225],
    [{ kind: 'rectangle', width: 40, height: 20, radius: 0 }, 800],
    [{ kind: 'rectangle', width: 40, height: 20, radius: 5 }, 800 - (4 - Math.PI) * 25],
    [{ kind: 'slot', length: 40, width: 8 }, 32 * 8 + Math.PI * 16],
    [{ kind: 'polygon', sides: 6, across: 20 }, 3 * 100 * Math.sin(Math.PI / 3)],
    [{ kind: 'polygon', sides: 3, across: 20 }, 1.5 * 100 * Math.sin((2 * Math.PI) / 3)],
    [{ kind: 'vents', pattern: 'holes', width: 26, height: 12, size: 5, web: 2 }, 4 * 2 * Math.PI * 6.25],
    [
      { kind: 'vents', pattern: 'slots', width: 19, height: 30, size: 4, web: 3.5 },
      3 * (26 * 4 + Math.PI * 4),
    ],
  ] as [Opening['shape'], number][])('%j', (shape, expected) => {
    // Curves are straight pieces no more than 0.005 mm off.
    expect(Math.abs(sum(ringsOfShape(shape)) - expected) / expected).toBeLessThan(0.003)
  })
  test('a keyhole is its head, and the neck above it', () => {
    const [ring] = ringsOfShape({ kind: 'keyhole', head: 10, neck: 5, rise: 12 })
    const { minX, maxX, minY, maxY } = bounds(ring)
    expect([minX, maxX, minY, maxY]).toEqual([-5, 5, -5, 14.5].map((each) => expect.closeTo(each, 1)))
    // By hand: circle less the cap over the neck, rectangle from there to the rise, half the neck's circle.
    const half = Math.asin(0.5)
    const cap = 25 * (half - 0.5 * Math.sin(2 * half))
    const expected = Math.PI * 25 - cap + 5 * (12 - 5 * Math.cos(half)) + (Math.PI * 6.25) / 2
    expect(Math.abs(signedArea(ring))).toBeCloseTo(expected, 0)
  })
  test('six-sided holes leave their web on every side', () => {
    const rings = ringsOfShape({
      kind: 'vents',
      pattern: 'honeycomb',
      width: 60,
      height: 40,
      size: 6,
      web: 2,
    })
    const middles = rings.map((ring) => {
      const { minX, maxX, minY, maxY } = bounds(ring)
      return { x: (minX + maxX) / 2, y: (minY + maxY) / 2 }
    })
    const nearest = middles.map((a, i) =>
      Math.min(...middles.filter((_, j) => j !== i).map((b) => Math.hypot(a.x - b.x, a.y - b.y))),
    )
    const flats = 3 * Math.sqrt(3)
    for (const distance of nearest) expect(distance - flats).toBeCloseTo(2, 6)
  })
})

describe('a panel with openings', () => {
  // Common practice, no source: a lid 300 × 200 with a centred opening 152.4 × 50.8 (6 in × 2 in).
  test('a lid 300 × 200 with a centred opening of 6 by 2 inches', () => {
    const shape = { kind: 'rectangle' as const, width: 152.4, height: 50.8, radius: 0 }
    const box = of([opening({ panel: 'top', shape })], { width: 300, depth: 200, height: 60 })
    const closed = of([], { width: 300, depth: 200, height: 60 })
    const [hole] = panelOf(box, 'top').region.holes
    expect(bounds(hole)).toEqual({
      minX: expect.closeTo(73.8, 3),
      maxX: expect.closeTo(226.2, 3),
      minY: expect.closeTo(74.6, 3),
      maxY: expect.closeTo(125.4, 3),
    })
    const lost = area(panelOf(closed, 'top').region) - area(panelOf(box, 'top').region)
    expect(lost).toBeCloseTo(152.4 * 50.8, 2)
    expect(box.proof!.faults).toEqual([])
  })
  test('is what an unrelated geometry library takes out of it, wherever the openings are put', () => {
    const closed = of([])
    const some = fc.record({
      panel: fc.constantFrom('front' as const, 'left' as const, 'floor' as const),
      anchor: fc.constantFrom('centre' as const, 'top left' as const, 'bottom right' as const),
      right: fc.integer({ min: -10, max: 10 }),
      up: fc.integer({ min: -10, max: 10 }),
      turn: fc.integer({ min: -90, max: 90 }),
      mirrored: fc.boolean(),
      shape: fc.constantFrom<Opening['shape']>(
        { kind: 'round', diameter: 12 },
        { kind: 'rectangle', width: 18, height: 9, radius: 2 },
        { kind: 'slot', length: 20, width: 5 },
        { kind: 'keyhole', head: 8, neck: 4, rise: 9 },
        { kind: 'polygon', sides: 5, across: 14 },
      ),
    })
    fc.assert(
      fc.property(some, (part) => {
        const one = opening(part)
        const box = of([one])
        if (!box.panels) return
        const before = panelOf(closed, one.panel)
        const rings = ringsOfOpening(one, before.blank)
        const wanted = rings.reduce(
          (left, ring) =>
            without(left, jtsOf({ outline: signedArea(ring) > 0 ? ring : [...ring].reverse(), holes: [] })),
          jtsOf(before.region),
        )
        expect(differing(jtsOf(panelOf(box, one.panel).region), wanted).getArea()).toBeLessThan(0.01)
      }),
      { numRuns: runs(150), seed: seedOf(20261125) },
    )
  })
  test('keeps its place from its anchor when the box changes size', () => {
    const one = opening({ anchor: 'top right', right: -25, up: -20 })
    const at = (width: number, height: number) =>
      bounds(panelOf(of([one], { width, height }), 'front').region.holes[0])
    expect(at(180, 90).maxX - at(140, 70).maxX).toBeCloseTo(40, 6)
    expect(at(180, 90).maxY - at(140, 70).maxY).toBeCloseTo(20, 6)
  })
  test('mirrored, it is opposite: one can look through both walls', () => {
    const box = of([opening({ panel: 'left', anchor: 'bottom left', right: 30, up: 25, mirrored: true })])
    const holes = ['left', 'right'].map((id) => {
      const { frame, region } = panelOf(box, id)
      const { minX, maxX } = bounds(region.holes[0])
      return frame[7] + (frame[4] * (minX + maxX)) / 2
    })
    expect(holes[0]).toBeCloseTo(holes[1], 6)
  })
  test('a grid stands about the place where one would be', () => {
    const rings = ringsOfOpening(opening({ repeat: { kind: 'grid', columns: 3, rows: 2, apart: 10 } }), {
      minX: 0,
      maxX: 100,
      minY: 0,
      maxY: 60,
    })
    expect(rings).toHaveLength(6)
    const all = bounds(rings.flat())
    expect([(all.minX + all.maxX) / 2, (all.minY + all.maxY) / 2]).toEqual([
      expect.closeTo(50, 6),
      expect.closeTo(30, 6),
    ])
  })
})

describe('openings that go astray', () => {
  const sentences = (openings: Opening[]): string[] => {
    const box = of(openings)
    return warningsOf(box, null, 5, []).map((warning) => warningSentence(warning, box, IN_METRIC))
  }
  test('over a joint, or over the edge, they are warned of with the place', () => {
    const shape = { kind: 'rectangle' as const, width: 10, height: 6, radius: 0 }
    expect(sentences([opening({ anchor: 'bottom', up: 5, shape })]).join()).toContain('nearer to a joint')
    expect(sentences([opening({})])).toEqual([])
    const open = of([opening({ anchor: 'top', up: -1, shape })], { fittings: [] })
    const [warning] = warningsOf(open, null, 5, []).filter(({ kind }) => kind === 'opening')
    expect(warning).toMatchObject({ reaches: 'the edge', spots: [{ panel: 'front', at: { x: 70, y: 69 } }] })
  })
  test('on a panel that is not there, or too many of them, they are refused in one sentence', () => {
    const [problem] = of([opening({ panel: 'top' })], { fittings: [] }).problems
    expect(problemSentence(problem, IN_METRIC)).toContain('There is no top for that opening')
    const many = opening({ repeat: { kind: 'grid', columns: 40, rows: 40, apart: 1 } })
    expect(problemSentence(of([many]).problems[0], IN_METRIC)).toContain('come to 1600 holes')
  })
  test('a panel that falls apart is told of', () => {
    const through = opening({ shape: { kind: 'rectangle', width: 4, height: 100, radius: 0 } })
    expect(of([through]).problems[0]).toMatchObject({ kind: 'apart', panel: 'front' })
  })
})

describe('openings that are placed from others, or round a circle', () => {
  const face = { minX: 0, maxX: 120, minY: 0, maxY: 80 }
  const middle = (ring: { x: number; y: number }[]) => {
    const { minX, maxX, minY, maxY } = bounds(ring)
    return { x: (minX + maxX) / 2, y: (minY + maxY) / 2 }
  }
  test('a circle of them: all as far from its middle, and from their neighbours', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 40 }), fc.integer({ min: 5, max: 30 }), (count, radius) => {
        const repeat = { kind: 'circle' as const, count, radius, turned: true }
        const rings = ringsOfOpening(opening({ shape: { kind: 'slot', length: 6, width: 2 }, repeat }), face)
        const at = rings.map(middle)
        for (const [i, a] of at.entries()) {
          expect(Math.hypot(a.x - 60, a.y - 40)).toBeCloseTo(radius, 6)
          const b = at[(i + 1) % count]
          expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeCloseTo(2 * radius * Math.sin(Math.PI / count), 6)
        }
        expect(at[0].y).toBeCloseTo(40 + radius, 6)
      }),
    )
  })
  test('turned with their place, slots lie along the circle all round', () => {
    const repeat = { kind: 'circle' as const, count: 4, radius: 20, turned: true }
    const rings = ringsOfOpening(opening({ shape: { kind: 'slot', length: 10, width: 2 }, repeat }), face)
    const wide = rings.map((ring) => bounds(ring).maxX - bounds(ring).minX)
    expect(wide).toEqual([10, 2, 10, 2].map((each) => expect.closeTo(each, 6)))
  })
  test('one stands from the edge of another one, wherever that goes', () => {
    const window = (right: number) =>
      opening({ id: 'w', shape: { kind: 'rectangle', width: 40, height: 20, radius: 0 }, right })
    const hole = opening({
      id: 'h',
      from: 'w',
      anchor: 'right',
      right: 8,
      shape: { kind: 'round', diameter: 4 },
    })
    const after = opening({ id: 'i', from: 'h', anchor: 'top', up: 5, shape: { kind: 'round', diameter: 4 } })
    for (const right of [-12, 0, 17]) {
      const holes = panelOf(of([window(right), hole, after]), 'front').region.holes.map(middle)
      const [w, h, i] = [...holes].sort((a, b) => a.x - b.x || a.y - b.y)
      expect([h.x - w.x, h.y - w.y]).toEqual([28, 0].map((each) => expect.closeTo(each, 4)))
      expect([i.x - h.x, i.y - h.y]).toEqual([0, 7].map((each) => expect.closeTo(each, 4)))
    }
  })
  test('one that names itself, a later one or one that is gone stands from its panel', () => {
    const from = (name: string) => opening({ id: 'a', from: name })
    const plain = panelOf(of([opening({ id: 'a' })]), 'front').region
    for (const name of ['a', 'b', 'gone'])
      expect(
        panelOf(of([from(name), opening({ id: 'b', from: 'a', right: 40 })]), 'front').region.holes[0],
      ).toEqual(plain.holes[0])
  })
})

describe('windows that end round, and scoops in an edge', () => {
  test.each([
    [{ kind: 'arch', width: 20, height: 35 }, 20 * 25 + (Math.PI * 100) / 2],
    [{ kind: 'arch', width: 20, height: 6 }, (Math.PI * 10 * 6) / 2],
  ] as [Opening['shape'], number][])('%j, by its formula', (shape, expected) => {
    expect(Math.abs(sum(ringsOfShape(shape)) - expected) / expected).toBeLessThan(0.003)
  })
  test.each(['top', 'bottom', 'left', 'right'] as const)(
    'a scoop takes half of an ellipse from the %s',
    (anchor) => {
      const scoop = opening({ panel: 'top', shape: { kind: 'scoop', width: 30, depth: 12 }, anchor })
      const lid = { fittings: [{ type: 'lid-lift' as const, play: 0.3 }] }
      const [plain, taken] = [of([], lid), of([scoop], lid)]
      const lost = area(panelOf(plain, 'top').region) - area(panelOf(taken, 'top').region)
      expect(lost).toBeCloseTo((Math.PI * 15 * 12) / 2, 0)
      expect(warningsOf(taken, null, 0, []).filter(({ kind }) => kind === 'opening')).toEqual([])
      expect(taken.proof!.faults).toEqual([])
    },
  )
})

test('what will be covered, or falls out, is told of with its place', () => {
  const place = {
    from: '',
    anchor: 'centre' as const,
    point: 'centre' as const,
    over: false,
    right: 0,
    up: 0,
    turn: 0,
    mirrored: false,
  }
  const round = { kind: 'round' as const, diameter: 8 }
  const how = { kind: 'engrave' as const }
  const on = (side: 'inside' | 'outside', up: number, panel: 'front' | 'back' = 'front') => ({
    ...place,
    panel,
    side,
    motif: round,
    how,
    up,
  })
  const said = (part: Partial<BoxSpec>): string[] => {
    const box = of([], part)
    return warningsOf(box, null, 0, [])
      .filter(({ kind }) => kind === 'opening')
      .map((warning) => warningSentence(warning, box, IN_METRIC))
  }
  expect(said({ engravings: [on('inside', 0), on('outside', -33)] })).toEqual([
    expect.stringContaining('would burn beyond its edge'),
  ])
  expect(said({ engravings: [on('inside', -30)] })).toEqual([
    expect.stringContaining('hidden where another panel stands'),
  ])
  // The same for a picture, and for the partner of a magnet on another panel.
  const picture = { id: 'p', name: 'p', columns: 2, rows: 2, grey: 'AAAAAA==' }
  const photo = {
    kind: 'picture' as const,
    picture: 'p',
    width: 20,
    dots: 0.5,
    way: 'diffused' as const,
    level: 128,
  }
  expect(said({ engravings: [{ ...on('outside', 30), motif: photo }], pictures: [picture] })).toEqual([
    expect.stringContaining('on the front would burn beyond its edge'),
  ])
  const magnet = { kind: 'magnet' as const, depth: 1, play: 0.1, with: 'front' as const }
  expect(said({ engravings: [{ ...on('inside', -30, 'back'), how: magnet }] })).toContainEqual(
    expect.stringContaining('on the front and back is hidden'),
  )
  const ring = (r: number) => [-r, -r, r, -r, r, r, -r, r].map((each) => each + 10)
  const lines = [ring(10), ring(4)].map((at) => ({ closed: true, at }))
  const drawing = {
    id: 'd',
    name: 'd',
    width: 20,
    height: 20,
    groups: [{ name: 'g', use: 'cut' as const, lines }],
  }
  const cut = { ...on('outside', 0), motif: { kind: 'drawing' as const, drawing: 'd', width: 20 } }
  expect(said({ engravings: [cut], drawings: [drawing] })).toContainEqual(
    expect.stringContaining('pieces inside that fall out'),
  )
})

test('pictures of more dots than can be worked with are refused, and say what would mend it', () => {
  const picture = { id: 'p', name: 'p', columns: 4, rows: 2, grey: 'AAAAAAAAAAA=' }
  const motif = {
    kind: 'picture' as const,
    picture: 'p',
    width: 100,
    dots: 0.2,
    way: 'diffused' as const,
    level: 128,
  }
  const place = {
    from: '',
    anchor: 'centre' as const,
    point: 'centre' as const,
    over: false,
    right: 0,
    up: 0,
    turn: 0,
    mirrored: false,
  }
  const on = {
    panel: 'floor' as const,
    side: 'outside' as const,
    how: { kind: 'engrave' as const },
    ...place,
  }
  const with_ = (dots: number, mirrored = false) =>
    of([], { pictures: [picture], engravings: [{ ...on, mirrored, motif: { ...motif, dots } }] })
  // 100 mm wide and half of that high: 5000 mm², 25 dots to each at 0.2 mm.
  expect(with_(0.2).problems).toEqual([])
  const [problem] = with_(0.15).problems
  expect(problemSentence(problem, IN_METRIC)).toContain('come to 222222 dots; 200000 are the most')
  expect(with_(0.2, true).problems).toHaveLength(1)
})
