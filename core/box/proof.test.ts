import { beforeAll, expect, test } from '@jest/globals'
import fc from 'fast-check'
import initManifold, { type Manifold, type ManifoldToplevel } from 'manifold-3d'
import { ringsOf } from '../geometry'
import { glueArea } from './glue'
import {
  makePanels,
  sameTabs,
  type EdgeRule,
  makeShell,
  panelNames,
  specProblems,
  type BoxSpec,
  type Panel,
  type PanelName,
  type Shell,
  type Thicknesses,
} from './index'

// The panels are set up as solids and checked with manifold-3d, a solid-geometry library: none of our own
// geometry is trusted here.
let solids: ManifoldToplevel
beforeAll(async () => {
  solids = await initManifold()
  solids.setup()
})

const length = (min: number, max: number) =>
  fc.integer({ min: min * 10, max: max * 10 }).map((tenths) => tenths / 10)
const thickness = fc.integer({ min: 100, max: 1200 }).map((hundredths) => hundredths / 100)
const count = fc.integer({ min: 2, max: 15 })
const of = fc.constantFrom('leading' as const, 'other' as const)
/** Every way of sharing out. */
const rule = (width: fc.Arbitrary<number>): fc.Arbitrary<EdgeRule> =>
  fc.oneof(
    fc.record({ rule: fc.constant('even' as const), width }),
    fc.record({ rule: fc.constant('fixed' as const), width }),
    fc.record({ rule: fc.constant('shares' as const), count }),
    fc.record({ rule: fc.constant('tabs' as const), count: fc.integer({ min: 1, max: 8 }), of }),
    fc.record({ rule: fc.constant('centre' as const), width: length(4, 15), of }),
    fc.record({
      rule: fc.constant('pattern' as const),
      widths: fc
        .array(length(2, 6), { minLength: 1, maxLength: 3 })
        .map((list) => (list.length === 2 ? [...list, list[0]] : list)),
      of,
    }),
  )
const boxes = fc
  .record({
    width: length(20, 900),
    depth: length(20, 900),
    height: length(20, 900),
  })
  .chain((size) => {
    // Wide boxes get wide tabs: 200 shares along one edge prove no more than 40.
    const narrowest = Math.ceil(Math.max(4, size.width / 40, size.depth / 40, size.height / 40))
    const edges = rule(length(narrowest, Math.max(60, narrowest)))
    return fc.record({
      spec: fc.record({
        sizesAre: fc.constantFrom('outer' as const, 'inner' as const),
        width: fc.constant(size.width),
        depth: fc.constant(size.depth),
        height: fc.constant(size.height),
        top: fc.boolean(),
        tabs: fc.record({
          uprights: edges,
          floor: edges,
          top: edges,
          over: fc.constantFrom('between' as const, 'full' as const),
        }),
        proud: fc.oneof(fc.constant(0), length(0.3, 2)),
      }),
      thicknesses: fc.oneof(
        fc.record({
          floor: thickness,
          front: thickness,
          back: thickness,
          left: thickness,
          right: thickness,
          top: thickness,
        }),
        thickness.map((t) => ({ floor: t, front: t, back: t, left: t, right: t, top: t })),
      ),
    })
  })
  .filter(({ spec, thicknesses }) => specProblems(spec, thicknesses, 0.8).length === 0)

/** The panels of a box that can be made. */
function panelsOf(shell: Shell, proud: number, interference = 0): Panel[] {
  const { panels, broken } = makePanels(shell, proud, interference)
  if (broken.length > 0) throw new Error(`the ${broken[0].name} came out in ${broken[0].pieces} pieces`)
  return panels
}

function solidOf({ region, thickness: depth, placement }: Panel): Manifold {
  const flat = new solids.CrossSection(
    ringsOf(region).map((ring) => ring.map(({ x, y }): [number, number] => [x, y])),
    'NonZero',
  )
  const m = placement
  return flat
    .extrude(depth)
    .transform([
      m[0],
      m[4],
      m[8],
      m[12],
      m[1],
      m[5],
      m[9],
      m[13],
      m[2],
      m[6],
      m[10],
      m[14],
      m[3],
      m[7],
      m[11],
      m[15],
    ])
}

function shellSolid({ outer, thicknesses: t, names }: Shell): Manifold {
  const cavityTop = names.includes('top') ? outer.z - t.top : outer.z + 1
  const cavity = solids.Manifold.cube([
    outer.x - t.left - t.right,
    outer.y - t.front - t.back,
    cavityTop - t.floor,
  ]).translate([t.left, t.front, t.floor])
  return solids.Manifold.cube([outer.x, outer.y, outer.z]).subtract(cavity)
}

/** Relative to what is compared; a clipping grid of 1e-5 mm on edges metres long stays far below it. */
const close = (actual: number, wanted: number) => Math.abs(actual - wanted) <= 1e-5 * wanted + 1e-3

function prove(spec: BoxSpec, thicknesses: Thicknesses): void {
  const shell = makeShell(spec, thicknesses)
  const panels = panelsOf(shell, spec.proud)
  const parts = panels.map(solidOf)
  const joined = solids.Manifold.union(parts)
  const whole = shellSolid(shell)
  const sum = parts.reduce((total, part) => total + part.volume(), 0)
  const inside =
    spec.proud === 0
      ? joined
      : solids.Manifold.intersection(
          joined,
          solids.Manifold.cube([shell.outer.x, shell.outer.y, shell.outer.z]),
        )
  const said = `${JSON.stringify({ spec, thicknesses })}`
  if (!close(joined.volume(), sum))
    throw new Error(`panels share volume: ${sum - joined.volume()} mm³ in ${said}`)
  if (!close(inside.volume(), whole.volume()))
    throw new Error(`shell not filled: ${whole.volume() - inside.volume()} mm³ in ${said}`)
  if (solids.Manifold.difference(whole, joined).volume() > 1e-5 * whole.volume() + 1e-3)
    throw new Error(`shell has a gap in ${said}`)
  for (const [i, part] of parts.entries()) {
    if (part.decompose().length !== 1) throw new Error(`${panels[i].name} is not one piece in ${said}`)
  }
  for (const solid of new Set([...parts, joined, whole, inside])) solid.delete()
}

test('520 generated boxes: no shared volume, the shell exactly filled, every panel one piece', () => {
  fc.assert(
    fc.property(boxes, ({ spec, thicknesses }) => prove(spec, thicknesses)),
    { numRuns: 520, seed: 20261124 },
  )
}, 600_000)

test('the proof fails when a panel is moved by a tenth of a millimetre', () => {
  const spec: BoxSpec = {
    sizesAre: 'outer',
    width: 80,
    depth: 60,
    height: 40,
    top: true,
    tabs: sameTabs({ rule: 'even', width: 10 }),
    proud: 0,
  }
  const t = { floor: 3, front: 3, back: 3, left: 3, right: 3, top: 3 }
  const parts = panelsOf(makeShell(spec, t), 0).map(solidOf)
  const moved = [parts[0].translate([0.1, 0, 0]), ...parts.slice(1)]
  const sum = moved.reduce((total, part) => total + part.volume(), 0)
  expect(close(solids.Manifold.union(moved).volume(), sum)).toBe(false)
})

/**
 * Touching area of two solids: what overlaps when one is pushed a little way each way, by the length of the
 * push.
 */
function touchingArea(a: Manifold, b: Manifold): number {
  const push = 0.05
  const ways = [
    [1, 0, 0],
    [-1, 0, 0],
    [0, 1, 0],
    [0, -1, 0],
    [0, 0, 1],
    [0, 0, -1],
  ]
  return ways.reduce(
    (sum, [x, y, z]) =>
      sum + solids.Manifold.intersection(a.translate([x * push, y * push, z * push]), b).volume() / push,
    0,
  )
}

test('glue faces have the area that two panels touch with', () => {
  fc.assert(
    fc.property(boxes, ({ spec, thicknesses }) => {
      const shell = makeShell({ ...spec, proud: 0 }, thicknesses)
      const parts = Object.fromEntries(
        panelsOf(shell, 0).map((panel) => [panel.name, solidOf(panel)]),
      ) as Record<PanelName, Manifold>
      for (const edge of shell.edges) {
        const [a, b] = edge.panels.map((name) => parts[name])
        const touching = touchingArea(a, b)
        expect(Math.abs(touching - glueArea(shell, edge))).toBeLessThan(1e-3 * touching + 0.05)
      }
      for (const name of panelNames(spec)) parts[name].delete()
    }),
    { numRuns: 30, seed: 7 },
  )
}, 120_000)

test('drawn panels overlap by just the interference at every glue line, or gape by it', () => {
  fc.assert(
    fc.property(boxes, fc.constantFrom(0.02, 0.1, -0.06), ({ spec, thicknesses }, interference) => {
      const shell = makeShell(spec, thicknesses)
      const drawn = panelsOf(shell, 0, interference).map((panel) =>
        solidOf({ ...panel, region: panel.drawn }),
      )
      const nominal = shellSolid(shell).volume()
      // Tab sides within an edge, and a corner of one of its two panels beside an end cell of the other; the
      // third panel's faces are not cut.
      const lines = shell.edges.reduce((sum, { panels: [a, b], cells, along }) => {
        const ends = shell.corners
          .filter(({ panels }) => panels.includes(a) && panels.includes(b))
          .filter(({ owner, block }) => {
            const end = block.min[along] < shell.outer[along] / 2 ? cells[0] : cells[cells.length - 1]
            return (owner === a || owner === b) && owner !== end.owner
          })
        return sum + (cells.length - 1 + ends.length) * thicknesses[a] * thicknesses[b]
      }, 0)
      const sum = drawn.reduce((total, part) => total + part.volume(), 0)
      expect(Math.abs(sum - nominal - interference * lines)).toBeLessThan(1e-5 * nominal + 0.01)
      if (interference > 0)
        expect(Math.abs(sum - solids.Manifold.union(drawn).volume() - interference * lines)).toBeLessThan(
          0.02 * interference * lines + 1e-5 * nominal + 0.01,
        )
      for (const part of drawn) part.delete()
    }),
    { numRuns: 40, seed: 12 },
  )
}, 120_000)
