import type { Thicknesses } from '../fittings'
import { beforeAll, expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Manifold } from 'manifold-3d'
import { fingeredBoxes, withDefaults } from '../../scripts/testing/boxes'
import { boxOf } from '../../scripts/testing/parts'
import { solidLibrary } from '../../scripts/testing/solids'
import { cornerAt, partsById, resolve, touchingArea, type Panel } from '../assembly'
import { makeBox, PLAIN_BOX, sameTabs, specProblems, type Box, type BoxSpec } from './index'
import { runs, seedOf } from '../../scripts/testing/runs'

// The panels are set up as solids and checked with manifold-3d, a solid-geometry library: none of our own
// geometry is trusted here.
let solids: Awaited<ReturnType<typeof solidLibrary>>
beforeAll(async () => {
  solids = await solidLibrary()
})

const boxes = fingeredBoxes
  .map(({ spec, thicknesses }) => ({
    spec: withDefaults(spec),
    thicknesses: { ...thicknesses, dividers: 3 },
  }))
  .filter(({ spec, thicknesses }) => specProblems(spec, thicknesses, 0.8).length === 0)

const made = (spec: BoxSpec, thicknesses: Thicknesses): Box =>
  makeBox(spec, { mean: thicknesses, thickest: thicknesses })

/** The panels of a box that can be made. */
function panelsOf(box: Box, proud: number, interference = 0): Panel[] {
  const { panels, broken } = resolve(box.assembly, { proud, interference })
  if (broken.length > 0) throw new Error(`the ${broken[0].name} came out in ${broken[0].pieces} pieces`)
  return panels
}

const solidOf = (panel: Panel): Manifold => solids.solidOf(panel)

function shellSolid({ outer, materials: { mean: t }, names }: Box): Manifold {
  const cavityTop = names.includes('top') ? outer.z - t.top : outer.z + 1
  const cavity = solids.library.Manifold.cube([
    outer.x - t.left - t.right,
    outer.y - t.front - t.back,
    cavityTop - t.floor,
  ]).translate([t.left, t.front, t.floor])
  return solids.library.Manifold.cube([outer.x, outer.y, outer.z]).subtract(cavity)
}

/** Relative to what is compared; a clipping grid of 1e-5 mm on edges metres long stays far below it. */
const close = (actual: number, wanted: number) => Math.abs(actual - wanted) <= 1e-5 * wanted + 1e-3

function prove(spec: BoxSpec, thicknesses: Thicknesses): void {
  const shell = made(spec, thicknesses)
  const panels = panelsOf(shell, spec.proud)
  const parts = panels.map(solidOf)
  const joined = solids.library.Manifold.union(parts)
  const whole = shellSolid(shell)
  const sum = parts.reduce((total, part) => total + part.volume(), 0)
  const inside =
    spec.proud === 0
      ? joined
      : solids.library.Manifold.intersection(
          joined,
          solids.library.Manifold.cube([shell.outer.x, shell.outer.y, shell.outer.z]),
        )
  const said = `${JSON.stringify({ spec, thicknesses })}`
  if (!close(joined.volume(), sum))
    throw new Error(`panels share volume: ${sum - joined.volume()} mm³ in ${said}`)
  if (!close(inside.volume(), whole.volume()))
    throw new Error(`shell not filled: ${whole.volume() - inside.volume()} mm³ in ${said}`)
  if (solids.library.Manifold.difference(whole, joined).volume() > 1e-5 * whole.volume() + 1e-3)
    throw new Error(`shell has a gap in ${said}`)
  for (const [i, part] of parts.entries()) {
    if (part.decompose().length !== 1) throw new Error(`${panels[i].id} is not one piece in ${said}`)
  }
  for (const solid of new Set([...parts, joined, whole, inside])) solid.delete()
}

test('generated boxes: no shared volume, the shell exactly filled, every panel one piece', () => {
  fc.assert(
    fc.property(boxes, ({ spec, thicknesses }) => prove(spec, thicknesses)),
    { numRuns: runs(520), seed: seedOf(20261124) },
  )
}, 600_000)

test('the proof fails when a panel is moved by a tenth of a millimetre', () => {
  const spec: BoxSpec = {
    ...PLAIN_BOX,
    sizesAre: 'outer',
    width: 80,
    depth: 60,
    height: 40,
    fittings: [{ type: 'top-fingers' as const }],
    tabs: sameTabs({ rule: 'even', width: 10 }),
    proud: 0,
  }
  const parts = panelsOf(boxOf(spec), 0).map(solidOf)
  const moved = [parts[0].translate([0.1, 0, 0]), ...parts.slice(1)]
  const sum = moved.reduce((total, part) => total + part.volume(), 0)
  expect(close(solids.library.Manifold.union(moved).volume(), sum)).toBe(false)
})

/**
 * Touching area of two solids: what overlaps when one is pushed a little way each way, by the length of the
 * push.
 */
function pushedArea(a: Manifold, b: Manifold): number {
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
      sum +
      solids.library.Manifold.intersection(a.translate([x * push, y * push, z * push]), b).volume() / push,
    0,
  )
}

test('glue faces have the area that two panels touch with', () => {
  fc.assert(
    fc.property(boxes, ({ spec, thicknesses }) => {
      const box = made({ ...spec, proud: 0 }, thicknesses)
      const panels = panelsOf(box, 0)
      const parts = new Map(panels.map((panel) => [panel.id, solidOf(panel)]))
      for (const edge of box.edges) {
        const [a, b] = edge.parts.map((id) => parts.get(id)!)
        const touching = pushedArea(a, b)
        const ours = touchingArea(edge, box.assembly, panels)
        expect(Math.abs(touching - ours)).toBeLessThan(1e-3 * touching + 0.05)
      }
      for (const part of parts.values()) part.delete()
    }),
    { numRuns: runs(30), seed: seedOf(7) },
  )
}, 120_000)

test('drawn panels overlap by just the interference at every glue line, or gape by it', () => {
  fc.assert(
    fc.property(boxes, fc.constantFrom(0.02, 0.1, -0.06), ({ spec, thicknesses }, interference) => {
      const shell = made(spec, thicknesses)
      const drawn = panelsOf(shell, 0, interference).map((panel) =>
        solidOf({ ...panel, region: panel.drawn }),
      )
      const nominal = shellSolid(shell).volume()
      // Tab sides within an edge, and a corner of one of its two panels beside an end cell of the other; the
      // third panel's faces are not cut.
      const byId = partsById(shell.assembly.parts)
      const lines = shell.edges.reduce((total, edge) => {
        const ends = (['low', 'high'] as const).filter((end) => {
          const owner = cornerAt(edge, end, shell.assembly.corners, byId)?.corner.owner
          const { claims, parts } = edge
          const beside = parts[claims[end === 'low' ? 0 : claims.length - 1].owner!]
          return owner !== undefined && parts.includes(owner) && owner !== beside
        })
        const [a, b] = edge.parts.map((id) => byId.get(id)!.thickness)
        return total + (edge.claims.length - 1 + ends.length) * a * b
      }, 0)
      const sum = drawn.reduce((total, part) => total + part.volume(), 0)
      expect(Math.abs(sum - nominal - interference * lines)).toBeLessThan(1e-5 * nominal + 0.01)
      if (interference > 0)
        expect(
          Math.abs(sum - solids.library.Manifold.union(drawn).volume() - interference * lines),
        ).toBeLessThan(0.02 * interference * lines + 1e-5 * nominal + 0.01)
      for (const part of drawn) part.delete()
    }),
    { numRuns: runs(40), seed: seedOf(12) },
  )
}, 120_000)
