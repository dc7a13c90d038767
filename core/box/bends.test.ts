import { SIDES } from '../fittings'
import { beforeAll, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Manifold } from 'manifold-3d'
import { solidLibrary } from '../../scripts/testing/solids'
import { openedBy, type Panel, type Size } from '../assembly'
import { buildSteps } from '../build'
import { deriveAll, deriveBox, drawnPanels, type DerivedBox } from '../derive'
import { area, asOutline, bounds, intersection, rectangle, sharedArea, transformPoint } from '../geometry'
import { emptyJob, type Job } from '../job'
import { IN_METRIC } from '../length'
import { newStock } from '../stock'
import { BEND_KINDS, chainOf, loosePanels, PLAIN_BOX, problemSentence, sameTabs, withBends } from './index'
import type { BendKind, BoxSpec } from './index'
import { runs, seedOf } from '../../scripts/testing/runs'

let solids: Awaited<ReturnType<typeof solidLibrary>>
beforeAll(async () => {
  solids = await solidLibrary()
})

function jobFor(box: BoxSpec, thickness: number): Job {
  const empty = emptyJob('b', 'b', '')
  const stock = { ...newStock('s', 's'), nominal: thickness }
  return { ...empty, box, measure: { ...empty.measure, stock } }
}
const of = (box: BoxSpec, thickness: number): DerivedBox => deriveBox(jobFor(box, thickness))
const boxFor = (kind: BendKind, part: Partial<BoxSpec>, bends: Partial<BoxSpec['bends']> = {}): BoxSpec => {
  const tabs = sameTabs({ rule: 'even', width: 10 })
  const base: BoxSpec = {
    ...PLAIN_BOX,
    sizesAre: 'outer',
    width: 140,
    depth: 100,
    height: 70,
    fittings: [],
    tabs,
    proud: 0,
  }
  const bent = withBends({ ...base, ...part }, kind, 3)
  return { ...bent, bends: { ...bent.bends, ...bends } }
}

type Vector = [number, number, number]

/** A bend as a solid, from nothing but the box's size: a quarter of a tube round the edge of two sides. */
function tube(spec: BoxSpec, outer: Size, a: keyof typeof SIDES, b: keyof typeof SIDES, t: number): Manifold {
  const [first, second] = [SIDES[a], SIDES[b]]
  const along = (['x', 'y', 'z'] as const).find((axis) => axis !== first.axis && axis !== second.axis)!
  const { radius } = spec.bends
  const steps = Array.from({ length: 65 }, (_, i) => (Math.PI / 2) * (i / 64))
  const ring = [
    ...steps.map((angle): [number, number] => [
      (radius + t) * Math.cos(angle),
      (radius + t) * Math.sin(angle),
    ]),
    ...[...steps]
      .reverse()
      .map((angle): [number, number] => [radius * Math.cos(angle), radius * Math.sin(angle)]),
  ]
  const band = new solids.library.CrossSection([ring], 'NonZero').extrude(outer[along])
  const axes = ['x', 'y', 'z'] as const
  const way = (side: (typeof SIDES)[keyof typeof SIDES]): Vector =>
    axes.map((axis) => (axis === side.axis ? (side.end === 'low' ? -1 : 1) : 0)) as Vector
  const on = axes.map((axis) => (axis === along ? 1 : 0)) as Vector
  const middle = axes.map((axis) => {
    const side = [first, second].find((each) => each.axis === axis)
    return side ? (side.end === 'low' ? radius + t : outer[axis] - radius - t) : 0
  })
  return band.transform([...way(first), 0, ...way(second), 0, ...on, 0, ...middle, 1] as never)
}

const solidOf = (panel: Panel): Manifold => solids.solidOf(panel)

const tenths = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 }).map((n) => n / 10)
const some = fc.record({
  width: tenths(60, 300),
  depth: tenths(60, 300),
  height: tenths(50, 200),
  radius: tenths(6, 40),
  link: fc.constantFrom(0.8, 1, 1.3, 2),
  thickness: fc.constantFrom(1.5, 3, 3.04, 4),
  tab: tenths(7, 16),
})

const BOXES = runs(500)

const BENT = BEND_KINDS.filter((kind) => kind !== 'none')

describe.each(BENT)('boxes bent as %s', (kind) => {
  test('are proven, come in an order, open, and the solid library agrees', () => {
    let proven = 0
    for (const { thickness, tab, radius, link, ...size } of fc.sample(some, {
      numRuns: runs(1500),
      seed: seedOf(20261125),
    })) {
      if (proven >= BOXES) break
      const spec = boxFor(kind, { ...size, tabs: sameTabs({ rule: 'even', width: tab }) }, { radius, link })
      const box = of(spec, thickness)
      if (!box.panels) continue
      proven++
      const said = JSON.stringify({ ...size, radius, link, thickness, tab })
      if (box.proof!.faults.length > 0) throw new Error(`${JSON.stringify(box.proof!.faults)} in ${said}`)
      if (proven % 5 === 0) {
        const steps = buildSteps(box.made!, box.panels)
        if ('locked' in steps) throw new Error(`locked: ${steps.locked.join(', ')} in ${said}`)
      }
      if (proven % 25 === 0) checkSolids(spec, box, thickness, said)
    }
    expect(proven).toBe(BOXES)
  }, 300_000)
})

/** What the solid library says: no two in one place, the flat sheet is what was bent, a flap opens. */
function checkSolids(spec: BoxSpec, box: DerivedBox, thickness: number, said: string): void {
  const { outer } = box.made!
  const chain = chainOf(spec)
  const flat = box.panels!.map(solidOf)
  const tubes = chain.slice(1).map((name, i) => tube(spec, outer, chain[i], name, thickness))
  const all = [...flat, ...tubes]
  const sum = all.reduce((total, each) => total + each.volume(), 0)
  const joined = solids.library.Manifold.union(all)
  // Quarter circles are drawn 0.005 mm off at most.
  const off = 0.01 * Math.max(outer.x, outer.y, outer.z) * tubes.length * thickness
  if (Math.abs(joined.volume() - sum) > 1e-5 * sum + off)
    throw new Error(`${sum - joined.volume()} mm³ shared in ${said}`)
  const bentVolume = box
    .panels!.filter(({ id }) => chain.some((name) => name === id))
    .reduce((total, panel) => total + area(panel.region) * thickness, 0)
  const tubeVolume = tubes.reduce((total, each) => total + each.volume(), 0)
  const sheet = area(box.joined!.piece.region) * thickness
  expect(Math.abs(sheet - bentVolume - tubeVolume) / sheet).toBeLessThan(2e-4)
  const loose: string[] = loosePanels(spec)
  if (loose.length > 0) {
    const at = chain.length - loose.length
    const byId = new Map(box.panels!.map((panel) => [panel.id, panel]))
    for (let place = 1; place <= 20; place++) {
      const map = openedBy(byId.get(chain[at - 1])!, byId.get(chain[at])!, spec.bends.radius, place / 20)
      const columns = [0, 1, 2, 3].flatMap((column) => [0, 4, 8, 12].map((row) => map[row + column]))
      for (const [i, panel] of box.panels!.entries()) {
        if (!loose.includes(panel.id)) continue
        const moved = flat[i].transform(columns as never)
        for (const [j, other] of box.panels!.entries()) {
          if (loose.includes(other.id)) continue
          const shared = moved.intersect(flat[j]).volume()
          if (shared > 0.05)
            throw new Error(`${panel.id} strikes ${other.id}: ${shared} mm³ at ${place} in ${said}`)
        }
        moved.delete()
      }
    }
  }
  for (const each of [...all, joined]) each.delete()
}

describe('the sheet that is bent', () => {
  // By definition: what is flat of each panel, and π/2 · (R + T/2) for each bend.
  test('is as long as its flat panels and the arcs at mid-thickness', () => {
    const { joined } = of(boxFor('wrap', {}, { radius: 15 }), 3)
    const arc = (Math.PI / 2) * 16.5
    expect(joined!.piece.size.width).toBeCloseTo(70 - 18 + arc + (100 - 36) + arc + (70 - 18), 3)
    expect(joined!.piece.size.height).toBeCloseTo(140, 6)
    expect(joined!.zones.map(({ zone }) => zone.flat)).toEqual(
      [arc, arc].map((each) => expect.closeTo(each, 9)),
    )
  })
  test('is seen from outside: its features and those of its panels lie alike, none mirrored', () => {
    const { joined, panels } = of(boxFor('book', {}), 3)
    for (const { panel, onto } of joined!.faces) {
      const { region } = panels!.find(({ id }) => id === panel)!
      const turned = region.outline.map(onto)
      const signed = turned.reduce((sum, { x, y }, i) => {
        const next = turned[(i + 1) % turned.length]
        return sum + x * next.y - next.x * y
      }, 0)
      expect(signed / 2).toBeCloseTo(area(region), 3)
    }
  })
  test('left and right sides beside an inset front are different parts', () => {
    const { panels } = of(boxFor('back and lid', {}), 3)
    const [left, right] = ['left', 'right'].map((id) => panels!.find((panel) => panel.id === id)!)
    expect(left.region).not.toEqual(right.region)
    expect(area(left.region)).toBeCloseTo(area(right.region), 2)
  })
  test('its slits lie between the panels and are no part of any outline', () => {
    const { joined } = of(boxFor('flap', {}), 3)
    const [{ from, zone }] = joined!.zones
    for (const [a, b] of joined!.slits) {
      expect(a.x).toBe(b.x)
      expect(a.x).toBeGreaterThanOrEqual(from - 1e-9)
      expect(a.x).toBeLessThanOrEqual(from + zone.flat + 1e-9)
    }
  })
  test('drawn open, its length is the same: every facet joins the next one', () => {
    const spec = boxFor('flap', {})
    const { panels, made } = of(spec, 3)
    for (const share of [0, 0.3, 1]) {
      const facets = drawnPanels(made!, panels!, share).filter(({ id }) => id.startsWith('bend'))
      const ends = facets.map(({ frame, size }) => [
        transformPoint(frame, [0, 0, 1.5]),
        transformPoint(frame, [size.width, 0, 1.5]),
      ])
      for (let i = 1; i < ends.length; i++)
        for (const axis of [0, 1, 2]) expect(ends[i][0][axis]).toBeCloseTo(ends[i - 1][1][axis], 6)
      const length = facets.reduce((sum, { size }) => sum + size.width, 0)
      expect(length / ((Math.PI / 2) * 16.5)).toBeGreaterThan(0.997)
    }
  })
})

test('a box as short along its bend as a slit still has links that twist, or is refused', () => {
  for (const width of [12, 16, 20, 30]) {
    const { problems, joined } = of(boxFor('flap', { width }, { slit: 24, bridge: 9 }), 1.5)
    if (problems.length > 0) continue
    expect(joined!.zones[0].zone.link).toBeGreaterThan(1)
  }
  const { problems } = of(boxFor('flap', { width: 20 }, { slit: 24, bridge: 10 }), 1.5)
  expect(problems).toMatchObject([{ kind: 'bend bridge', field: 'bridge' }])
  // What is offered is not refused again.
  const [{ most }] = problems as { most: number }[]
  expect(of(boxFor('flap', { width: 20 }, { slit: 24, bridge: most }), 1.5).problems).toEqual([])
})

test.each([
  [
    'a radius that leaves nothing flat',
    boxFor('wrap', { depth: 60 }, { radius: 30 }),
    'Make the radius at most',
  ],
  ['links as wide as the arc', boxFor('flap', {}, { radius: 5, link: 10 }), 'do not fit twice into the arc'],
  ['slits as short as their bridges', boxFor('flap', {}, { slit: 3, bridge: 5 }), 'leave no link to twist'],
  [
    'other corners',
    { ...boxFor('flap', {}), corners: { kind: 'butt', leads: 'front and back', setIn: 0 } },
    'goes with fingers',
  ],
  ['no top', { ...boxFor('flap', {}), fittings: [] }, 'goes with fingers'],
] as [string, BoxSpec, string][])('%s is refused in one sentence', (_, spec, sentence) => {
  const [problem] = of(spec, 3).problems
  expect(problemSentence(problem, IN_METRIC)).toContain(sentence)
})

describe('a sheet that goes all round', () => {
  const spec = boxFor('all round', {}, { radius: 15 })
  const round = of(spec, 3)
  test('is as long as all four walls, and begins and ends at the seam, with no wall of its own left', () => {
    const { piece, zones, faces } = round.joined!
    const arc = (Math.PI / 2) * 16.5
    const { minX, maxX } = bounds(piece.region.outline)
    // The fingers of the seam reach 1.5 thicknesses over its line, at either end.
    expect(maxX - minX).toBeCloseTo(2 * (140 - 36) + 2 * (100 - 36) + 4 * arc + 2 * 1.5 * 3, 3)
    expect(zones).toHaveLength(4)
    expect(faces.map(({ panel }) => panel)).toEqual(['back', 'left', 'front', 'right', 'back'])
    expect(round.pieces.map(({ id }) => id)).toEqual(['floor', 'back+left+front+right'])
  })
  test('laid onto the back wall again, its two ends make that up: nothing twice, nothing missing', () => {
    const { piece, faces } = round.joined!
    const back = round.panels!.find(({ id }) => id === 'back')!
    // Each end, taken back: from two points of the wall and where they come to lie on the sheet.
    const ends = [faces[0], faces[4]].map(({ onto, within }) => {
      const at = onto({ x: 0, y: 0 })
      const way = onto({ x: 1, y: 0 }).x - at.x
      const own = piece.region.outline.map(({ x, y }) => ({ x: (x - at.x) * way, y: y - at.y }))
      const [half] = intersection({ outline: asOutline(own), holes: [] }, within!)
      const flat = rectangle(back.blank.minX, -1, back.blank.maxX, 80)
      return intersection(half, flat)[0]
    })
    expect(sharedArea(ends[0], ends[1])).toBeLessThan(1e-3)
    expect(area(ends[0]) + area(ends[1])).toBeCloseTo(area(back.region), 3)
    for (const end of ends) expect(sharedArea(end, back.region)).toBeCloseTo(area(end), 3)
  })
  test('an opening over the seam is half in each end, and so is a line that is scored', () => {
    const on = { panel: 'back', from: '', anchor: 'centre', point: 'centre' } as const
    const place = { ...on, right: 0, up: 0, turn: 0, mirrored: false }
    const shape = { kind: 'round', diameter: 20 } as const
    const text = { kind: 'text', text: 'MOOR STATION', height: 8, letters: 'single lines' } as const
    const repeat = { kind: 'grid', columns: 1, rows: 1, apart: 30 } as const
    const openings = [{ ...place, id: 'o', shape, repeat }]
    const engravings = [
      {
        ...place,
        over: false,
        side: 'outside' as const,
        motif: text,
        how: { kind: 'score' as const },
        up: 20,
      },
    ]
    const { joined } = of({ ...spec, openings, engravings }, 3)
    const plain = area(round.joined!.piece.region)
    expect(plain - area(joined!.piece.region)).toBeCloseTo(Math.PI * 100, 0)
    const middle = joined!.piece.size.width / 2
    const sides = joined!.piece.faces!.outside.scored.map(({ points }) => points.every(({ x }) => x > middle))
    expect(new Set(sides)).toEqual(new Set([true, false]))
  })
  test('looser or tighter: the fingers of its seam overlap as its other glue lines do', () => {
    const { joined } = deriveBox({ ...jobFor(spec, 3), interference: 0.1 })
    expect(area(joined!.piece.drawn)).toBeGreaterThan(area(joined!.piece.region))
  })
})

describe('slits to the face grain', () => {
  const turnsFor = (grain: BoxSpec['bends']['grain'], runs: 'none' | 'width' | 'height'): number[] => {
    const job = jobFor(boxFor('book', {}, { grain }), 3)
    const stock = { ...job.measure.stock!, grain: runs }
    const { parts, job: laid } = deriveAll({ ...job, copies: 3, measure: { ...job.measure, stock } })
    const bent = parts.filter(({ panel }) => panel.includes('+')).map(({ id }) => id)
    const found = laid.layout.arrangement!.placements.filter(({ part }) => bent.includes(part))
    expect(found).toHaveLength(3)
    return found.map(({ turn }) => turn % 180)
  }
  // Slits run along the sheet's own height: turned by a quarter they run along its width.
  test.each([
    ['along', 'width', 90],
    ['across', 'width', 0],
    ['along', 'height', 0],
    ['across', 'height', 90],
  ] as const)('%s a grain along the %s of the sheet: turned by %p', (grain, runs, turn) => {
    expect(turnsFor(grain, runs)).toEqual([turn, turn, turn])
  })
  test('where the stock has no grain, any way will do', () => {
    const { parts } = deriveAll(jobFor(boxFor('book', {}, { grain: 'along' }), 3))
    expect(parts.every(({ grain }) => grain === undefined)).toBe(true)
  })
})
