import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { boxOf, PLAIN } from '../../scripts/testing/parts'
import { resolve, type Panel } from '../assembly'
import { area, bounds, rectangle, sharedArea, transformPoint } from '../geometry'
import type { EdgeRule } from '../joints'
import { IN_METRIC as say, sayIn } from '../length'
import {
  boxSizes,
  problemSentence,
  sameTabs,
  sameThickness,
  sharesLine,
  shareWorking,
  specProblems,
  withCorners,
  type BoxSpec,
} from './index'
import { seedOf } from '../../scripts/testing/runs'

const even: EdgeRule = { rule: 'even', width: 10 }
const spec: BoxSpec = {
  ...PLAIN,
  sizesAre: 'outer',
  width: 100,
  depth: 80,
  height: 60,
  fittings: [],
  tabs: sameTabs(even),
  proud: 0,
}
const NEEDED = 0.8
const panelsOf = (of: BoxSpec, thickness = 3, interference = 0): Panel[] => {
  const { panels, broken } = resolve(boxOf(of, thickness).assembly, { proud: of.proud, interference })
  expect(broken).toEqual([])
  return panels
}

// Common practice, no source: outer 6.000 in, walls 0.125 in gives inner 5.750 in.
test('inner size: the worked example in inches', () => {
  const { inner } = boxSizes(
    { ...spec, width: 152.4, depth: 152.4, height: 152.4, fittings: [{ type: 'top-fingers' as const }] },
    sameThickness(3.175),
  )
  expect([inner.x, inner.y, inner.z].map((mm) => Number((mm / 25.4).toFixed(6)))).toEqual([5.75, 5.75, 5.75])
})
test('outer to inner and back is the same box; an open one loses the floor only', () => {
  const { inner } = boxSizes(spec, sameThickness(3))
  expect(inner).toEqual({ x: 94, y: 74, z: 57 })
  const back = { ...spec, sizesAre: 'inner' as const, width: 94, depth: 74, height: 57 }
  expect(boxSizes(back, sameThickness(3)).outer).toEqual({ x: 100, y: 80, z: 60 })
})

test('the working shows the real figures', () => {
  const fixed: EdgeRule = { rule: 'fixed', width: 10 }
  const edge = boxOf({ ...spec, tabs: sameTabs(fixed) }).edges.find(({ id }) => id === 'front-floor')!
  expect(shareWorking('the width', edge, fixed, false, say).substituted).toBe(
    '(94.00 − 7 × 10) ÷ 2 = 12.000 mm at each end',
  )
  expect(sharesLine([10, 12, 8, 12, 10], say)).toBe('10.00, 12.00, 8.00, 12.00, 10.00 mm')
})

// The worked example of the trade: outer 4 in high, uprights shared out in 7 over the full height (4/7 in
// each), one centred tab of 0.5 in per floor edge. Common practice, no source.
describe('seven up the side, one in the middle below', () => {
  const inches = (value: number): number => value * 25.4
  const said: BoxSpec = {
    ...PLAIN,
    sizesAre: 'outer',
    width: inches(6),
    depth: inches(5),
    height: inches(4),
    fittings: [],
    tabs: {
      uprights: { rule: 'shares', count: 7 },
      floor: { rule: 'centre', width: inches(0.5), of: 'other' },
      top: even,
      over: 'full',
      mirrored: false,
      keyed: false,
    },
    proud: 0,
  }
  const shell = boxOf(said, 3.175)
  test('uprights: 4/7 in each over the full height, the lowest one less the floor', () => {
    const upright = shell.edges.find(({ group }) => group === 'uprights')!
    for (const width of upright.shares) expect(width / 25.4).toBeCloseTo(4 / 7, 9)
    expect(upright.claims).toHaveLength(7)
    expect(upright.claims[0].to - upright.claims[0].from).toBeCloseTo(inches(4 / 7) - 3.175, 3)
    expect(upright.claims[3].to - upright.claims[3].from).toBeCloseTo(inches(4 / 7), 3)
    expect(sharesLine(upright.shares, sayIn({ length: 'in', fractions: true, speed: 'mm/s' }))).toBe(
      '7 × 0.571 in',
    )
  })
  test('floor: one tab of 0.5 in in the middle of every edge', () => {
    for (const edge of shell.edges.filter(({ group }) => group === 'floor')) {
      expect(edge.claims.map(({ owner }) => owner === 1)).toEqual([false, true, false])
      const [before, tab, after] = edge.claims.map(({ from, to }) => to - from)
      expect(tab / 25.4).toBeCloseTo(0.5, 5)
      expect(before).toBeCloseTo(after, 3)
    }
  })
  test('the corner goes on with the upright’s own lowest share', () => {
    for (const { owner } of shell.assembly.corners) expect(['front', 'back']).toContain(owner)
  })
  test('it can be made', () => expect(panelsOf(said, 3.175)).toHaveLength(5))
})

describe('one edge that differs from its group', () => {
  const tenons = withCorners({ ...spec, fittings: [] }, 'tenon', 3)
  const edgeOf = (of: BoxSpec) => boxOf(of, 3).edges.find(({ id }) => id === 'front-left')!
  test('has tenons of its own shares, or stands against the other wall without any', () => {
    const rule: EdgeRule = { rule: 'shares', count: 7 }
    const own = edgeOf({ ...tenons, edges: { 'front-left': { kind: 'fingers', rule, bolts: null } } })
    expect([own.kind, own.claims.length]).toEqual(['tenon', 7])
    const butt = edgeOf({ ...tenons, edges: { 'front-left': { kind: 'butt', rule, bolts: null } } })
    expect([butt.kind, butt.claims.map(({ owner }) => owner)]).toEqual(['butt', [0]])
  })
  test('three laps and one corner of tenons: only there the wall ends at the other one', () => {
    const lapped = withCorners({ ...spec, fittings: [] }, 'lap', 3)
    const rule: EdgeRule = { rule: 'shares', count: 5 }
    const mixed: BoxSpec = { ...lapped, edges: { 'front-left': { kind: 'fingers', rule, bolts: null } } }
    const { edges, outer, room } = boxOf(mixed, 3)
    const kinds = ['front-left', 'front-right', 'back-left'].map(
      (id) => edges.find((each) => each.id === id)!.kind,
    )
    expect(kinds).toEqual(['tenon', 'lap', 'lap'])
    const wide = (id: string, of: BoxSpec): number =>
      panelsOf(of).find((panel) => panel.id === id)!.size.width
    expect(wide('left', lapped)).toBeCloseTo(outer.y, 6)
    expect(wide('left', mixed)).toBeCloseTo(outer.y - room.min.y + 3, 6) // its tenons reach through the front
    expect(wide('right', mixed)).toBeCloseTo(outer.y, 6)
  })
})

describe('what cannot be made', () => {
  const sentences = (of: BoxSpec, thickness: number) =>
    specProblems(of, sameThickness(thickness), NEEDED).map((problem) => problemSentence(problem, say))
  test('is refused in one sentence that says how to mend it', () => {
    expect(sentences({ ...spec, width: 23 }, 12)).toEqual([
      'The width leaves no room inside: the sheet takes 24 mm of it. Make it at least 26.4 mm.',
    ])
    expect(sentences(spec, 3)).toEqual([])
  })
  test('counted tabs that are too narrow are named by their edges', () => {
    const crowded = { ...spec, tabs: { ...spec.tabs, uprights: { rule: 'shares' as const, count: 99 } } }
    expect(sentences(crowded, 3)[0]).toMatch(
      /^Some tabs of the uprights would have 0.58 mm left; .* or the height at least 82.2 mm.$/,
    )
    const long = {
      ...spec,
      tabs: { ...spec.tabs, floor: { rule: 'pattern' as const, widths: [40, 20, 40], of: 'other' as const } },
    }
    expect(sentences(long, 3)[0]).toContain('Some tabs of the floor would have nothing left')
  })
  test('a size that is offered is not refused again', () => {
    const size = fc.integer({ min: 10, max: 300 }).map((tenths) => tenths / 10)
    const rule = fc.constantFrom<EdgeRule>(
      even,
      { rule: 'fixed', width: 9 },
      { rule: 'shares', count: 12 },
      { rule: 'centre', width: 12, of: 'leading' },
      { rule: 'pattern', widths: [6, 4, 6], of: 'other' },
    )
    fc.assert(
      fc.property(
        size,
        size,
        size,
        fc.boolean(),
        fc.constantFrom('outer' as const, 'inner' as const),
        rule,
        fc.constantFrom('between' as const, 'full' as const),
        fc.double({ min: 0.8, max: 2, noNaN: true }),
        (width, depth, height, top, sizesAre, tabs, over, needed) => {
          let made: BoxSpec = {
            ...spec,
            width,
            depth,
            height,
            fittings: top ? [{ type: 'top-fingers' }] : [],
            sizesAre,
            tabs: { ...sameTabs(tabs), over },
          }
          for (const problem of specProblems(made, sameThickness(3), needed)) {
            if (problem.kind !== 'no room' && problem.kind !== 'narrow') continue
            const field = problem.kind === 'no room' ? problem.field : problem.size
            made = { ...made, [field]: Number(problem.least.toFixed(1)) }
          }
          expect(specProblems(made, sameThickness(3), needed)).toEqual([])
          expect(panelsOf(made)).toHaveLength(top ? 6 : 5)
        },
      ),
      { numRuns: 150, seed: seedOf(3) },
    )
  })
  test('a panel that is cut in two is said, not thrown', () => {
    const { assembly } = boxOf(spec)
    const across = rectangle(50, -5, 52, 65)
    const parts = assembly.parts.map((part) =>
      part.id === 'front'
        ? { ...part, features: [{ what: 'arch' as const, depth: null, shape: across, joint: null }] }
        : part,
    )
    const { broken } = resolve({ ...assembly, parts }, { proud: 0, interference: 0 })
    expect(broken).toEqual([{ name: 'front', pieces: 2 }])
    const problem = {
      kind: 'apart' as const,
      field: 'interference' as const,
      panel: broken[0].name,
      pieces: broken[0].pieces,
    }
    expect(problemSentence(problem, say)).toContain('too thin for so loose a fit')
  })
})

describe('panels', () => {
  const shell = boxOf(spec)
  test('corners belong to front and back, and every corner has one owner', () => {
    expect(shell.assembly.corners).toHaveLength(4)
    expect(new Set(shell.assembly.corners.map(({ owner }) => owner))).toEqual(new Set(['front', 'back']))
  })
  test('opposite panels mirror each other where counts are odd', () => {
    const panels = panelsOf(spec)
    const [front, back] = ['front', 'back'].map((name) => panels.find((panel) => panel.id === name)!)
    expect(area(front.region)).toBeCloseTo(area(back.region), 6)
  })
  test('every panel is seen from outside: its own right-hand side is where the box has it', () => {
    // An even count makes the two ends of an edge differ, so that a mirrored panel would show.
    const uneven: BoxSpec = {
      ...spec,
      fittings: [{ type: 'top-fingers' as const }],
      tabs: sameTabs({ rule: 'shares', count: 6 }),
    }
    const OUTWARD = {
      front: [0, -1, 0],
      back: [0, 1, 0],
      left: [-1, 0, 0],
      right: [1, 0, 0],
      floor: [0, 0, -1],
      top: [0, 0, 1],
    }
    const { edges } = boxOf(uneven)
    for (const panel of panelsOf(uneven)) {
      const at = (x: number, y: number, z: number) => transformPoint(panel.frame, [x, y, z])
      const origin = at(0, 0, 0)
      const [u, v, w] = [at(1, 0, 0), at(0, 1, 0), at(0, 0, 1)].map((point) =>
        point.map((value, i) => value - origin[i]),
      )
      const whole = (vector: number[]) => vector.map((value) => Math.round(value) + 0)
      const cross = [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]]
      expect(whole(cross)).toEqual(whole(w)) // right-handed: never mirrored
      expect(whole(w)).toEqual(OUTWARD[panel.id as keyof typeof OUTWARD]) // the outside face looks outward
      for (const edge of edges.filter(({ parts }) => parts.includes(panel.id))) {
        for (const cell of edge.claims) {
          // The middle of a cell is inside the panel's own outline exactly when the cell is its own.
          const middle = { x: shell.outer.x / 2, y: shell.outer.y / 2, z: 30 }
          for (const name of edge.parts) {
            const axis = { front: 'y', back: 'y', left: 'x', right: 'x', floor: 'z', top: 'z' }[
              name as 'front'
            ] as 'x' | 'y' | 'z'
            middle[axis] = ['front', 'left', 'floor'].includes(name)
              ? 1.5
              : { x: 100, y: 80, z: 60 }[axis] - 1.5
          }
          middle[edge.along] = (cell.from + cell.to) / 2
          const flat = (direction: number[]) =>
            direction.reduce(
              (sum, value, i) => sum + value * ([middle.x, middle.y, middle.z][i] - origin[i]),
              0,
            )
          const [x, y] = [flat(u), flat(v)]
          const dot = { outline: rectangle(x - 0.2, y - 0.2, x + 0.2, y + 0.2), holes: [] }
          const covered = sharedArea(panel.region, dot) > 0.08
          expect(covered).toBe(cell.owner !== null && edge.parts[cell.owner] === panel.id)
        }
      }
    }
  })
  test('interference widens every tab by it and leaves the outer size alone', () => {
    const [plain] = panelsOf(spec)
    const [tight] = panelsOf(spec, 3, 0.1)
    expect(bounds(tight.drawn.outline)).toEqual(bounds(plain.drawn.outline))
    const tabs = shell.edges
      .filter(({ parts }) => parts.includes('floor'))
      .flatMap(({ claims }) => claims.filter(({ owner }) => owner === 1))
    expect(area(tight.drawn) - area(plain.drawn)).toBeCloseTo(tabs.length * 3 * 0.1, 3)
    expect(tight.region).toEqual(plain.region)
  })
  test('proud ends stand out by that much on every side that has tabs', () => {
    const floor = panelsOf({ ...spec, proud: 0.5 }).find(({ id }) => id === 'floor')!
    const { minX, minY, maxX, maxY } = bounds(floor.region.outline)
    const ends = [minX, minY, maxX, maxY].map((value) => Number(value.toFixed(6)))
    expect(ends).toEqual([-0.5, -0.5, 100.5, 80.5])
  })
})
