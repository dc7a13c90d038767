import { beforeAll, expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Manifold } from 'manifold-3d'
import { anyBoxes } from '../../scripts/testing/boxes'
import { boxed, isApart, solidLibrary, type Boxed } from '../../scripts/testing/solids'
import { partsById, prismOf, prove, resolve, type Assembly, type Panel } from '../assembly'
import { cornerBlock } from '../assembly/prism'
import { jointProblems, makeBox, specProblems, type Box, type BoxSpec, type Thicknesses } from './index'
import { runs, seedOf } from '../../scripts/testing/runs'

let solids: Awaited<ReturnType<typeof solidLibrary>>
beforeAll(async () => {
  solids = await solidLibrary()
})

const NEEDED = 1

/** A box that can be made, with its panels; null for the others. */
function makeable(spec: BoxSpec, mean: Thicknesses): { box: Box; panels: Panel[] } | null {
  if (specProblems(spec, mean, NEEDED).length > 0) return null
  const box = makeBox(spec, { mean, thickest: mean })
  if (jointProblems(box, NEEDED).length > 0) return null
  const { panels, broken } = resolve(box.assembly, { proud: spec.proud, interference: 0 })
  return broken.length === 0 ? { box, panels } : null
}

const solidOf = (panel: Panel): Manifold =>
  solids.solidOf(
    { ...panel },
    panel.features
      .filter(({ depth }) => depth !== null)
      .map(({ shape, depth }) => ({ shape: { outline: shape, holes: [] }, depth: depth! })),
  )

/** All that the joints and corners say belongs to somebody. */
function claimed({ joints, corners, parts }: Assembly): Manifold[] {
  const byId = partsById(parts)
  return [
    ...joints.flatMap((joint) =>
      joint.claims
        .filter(({ owner, from, to }) => owner !== null && to > from)
        .map(({ from, to }) => solids.blockOf(prismOf(joint, byId, from, to))),
    ),
    ...corners.map((corner) => solids.blockOf(cornerBlock(corner, byId))),
  ]
}

const cutThrough = (panel: Panel): Manifold[] =>
  panel.features
    .filter(({ depth }) => depth === null)
    .map(({ shape }) => solids.solidOf({ ...panel, region: { outline: shape, holes: [] } }))

/** What pockets are wider and deeper than what stands in them: play, wherever it is taken from. */
const playOf = ({ joints, parts }: Assembly, panel: Panel): Manifold[] =>
  panel.features
    .filter(({ depth }) => depth !== null)
    .map(({ shape, depth, joint: id }) => {
      const joint = joints.find((each) => each.id === id)!
      const { claims } = joint
      const guest = prismOf(joint, partsById(parts), claims[0].from, claims[claims.length - 1].to)
      const pocket = solids.solidOf({ ...panel, region: { outline: shape, holes: [] }, thickness: depth! })
      return pocket.subtract(solids.blockOf(guest))
    })
    .filter((play) => play.volume() > 1e-3)

/** What of a solid is left once others are taken out of it, mm³. */
function leftOf(block: Boxed, others: Boxed[]): number {
  const near = others.filter((other) => !isApart(block, other))
  return near.reduce((left, { solid }) => left.subtract(solid), block.solid).volume()
}

/** What the solid library finds wrong; nothing, when the panels share no space and fill what they claim. */
function faultsOf(assembly: Assembly, panels: Panel[], looksForGaps: boolean): string[] {
  const parts = panels.map(solidOf).map(boxed)
  const sum = parts.reduce((total, { solid }) => total + solid.volume(), 0)
  const most = 1e-5 * sum + 1e-2
  const faults: string[] = []
  // All as one: where two just touch, what the library has them share is not to be relied on.
  const joined = solids.library.Manifold.union(parts.map(({ solid }) => solid))
  if (Math.abs(joined.volume() - sum) > most) faults.push(`share ${sum - joined.volume()} mm³`)
  joined.delete()
  // Dear: a box in three is looked at for what is missing, all of them for what overlaps.
  if (looksForGaps) {
    const open = panels.flatMap((panel) => [...cutThrough(panel), ...playOf(assembly, panel)]).map(boxed)
    const blocks = claimed(assembly).map(boxed)
    const missing = blocks.map((block) => ({ ...block, left: leftOf(block, [...parts, ...open]) }))
    const all = missing.reduce((total, { left }) => total + left, 0)
    const where = missing.filter(({ left }) => left > 1e-3).map(({ min, max }) => `${min} to ${max}`)
    if (all > most) faults.push(`missing ${all} mm³ in ${where.join('; ')}`)
    for (const { solid } of [...open, ...blocks]) solid.delete()
  }
  for (const [i, { solid }] of parts.entries())
    if (solid.decompose().filter((piece) => piece.volume() > 1e-3).length !== 1)
      faults.push(`${panels[i].id} in pieces`)
  for (const { solid } of parts) solid.delete()
  return faults
}

// 1,480 in all; with the 520 boxes of fingers only (proof.test.ts) these are 2,000.
const BOXES = runs(1480)
test('boxes of every joint and stock: proven here, and the solid library agrees', () => {
  const seen = new Map<string, number>()
  const count = (what: string) => seen.set(what, (seen.get(what) ?? 0) + 1)
  let proven = 0
  const sample = fc.sample(anyBoxes, { numRuns: runs(7000), seed: seedOf(20261126) })
  for (const { spec, mean } of sample) {
    if (proven >= BOXES) break
    const made = makeable(spec, mean)
    if (!made) continue
    proven++
    const said = JSON.stringify({ spec, mean })
    const { faults } = prove(made.box.assembly, made.panels)
    if (faults.length > 0) throw new Error(`${JSON.stringify(faults)} in ${said}`)
    const others = faultsOf(made.box.assembly, made.panels, proven % 3 === 0)
    if (others.length > 0) throw new Error(`solid library: ${others.join(', ')} in ${said}`)
    for (const joint of made.box.assembly.joints) count(joint.kind)
    count(`floor ${spec.floor.kind}`)
    if (spec.top) count(`top ${spec.lid.kind}`)
    count(`corners ${spec.corners.kind}`)
    if (made.box.dividers.length > 0) count(`into ${spec.dividers.into}`)
    for (const { what } of made.panels.flatMap(({ features }) => features)) count(what)
  }
  expect(proven).toBe(BOXES)
  for (const what of [
    ...['fingers', 'butt', 'lap', 'tenon', 'groove', 'bolt hole', 'nut slot', 'scoop', 'arch'],
    ...['finger hole', 'top slide', 'top lift', 'top hinge'],
    ...['fingers', 'butt', 'outside', 'tenon', 'groove', 'ledge', 'none'].map((kind) => `floor ${kind}`),
    ...['fingers', 'butt', 'lap', 'tenon'].map((kind) => `corners ${kind}`),
    ...['slot', 'groove', 'tenon', 'loose'].map((kind) => `into ${kind}`),
  ])
    expect([what, (seen.get(what) ?? 0) >= runs(20)]).toEqual([what, true])
}, 600_000)
