import { expect, test } from '@jest/globals'
import { boxOf } from '../../scripts/testing/parts'
import { resolve } from '../assembly'
import { PLAIN_BOX, sameTabs, type BoxSpec } from '../box'
import { IN_METRIC as say } from '../length'
import { buildSteps, diagonal, diagonalWorking, glueGrams, type BuildStep } from './index'

const spec: BoxSpec = {
  ...PLAIN_BOX,
  sizesAre: 'outer',
  width: 120,
  depth: 90,
  height: 60,
  fittings: [{ type: 'top-fingers' as const }],
  tabs: sameTabs({ rule: 'even', width: 10 }),
  proud: 0,
}
const shell = boxOf(spec)

function stepsOf(of: BoxSpec): BuildStep[] {
  const box = boxOf(of)
  const steps = buildSteps(box, resolve(box.assembly, { proud: of.proud, interference: 0 }).panels)
  if ('locked' in steps) throw new Error(`locked: ${steps.locked.join(', ')}`)
  return steps
}

// Common practice, no source: opposite walls first onto the floor, the last wall closes; what locks comes
// last.
test('the floor, two opposite walls, then the others; a top at the end', () => {
  expect(stepsOf(spec).map(({ panel }) => panel)).toEqual(['floor', 'front', 'back', 'left', 'right', 'top'])
  expect(stepsOf({ ...spec, fittings: [] }).at(-1)!.panel).toBe('right')
})
test('every joint is glued in exactly one step', () => {
  const steps = stepsOf(spec)
  expect(
    steps.flatMap(({ panel, glue }) => glue.map((face) => [panel, face.with].sort().join('-'))).sort(),
  ).toEqual(shell.edges.map(({ parts }) => [...parts].sort().join('-')).sort())
  expect(steps[0].glue).toEqual([])
  expect(steps[4].glue.map((face) => face.with).sort()).toEqual(['back', 'floor', 'front'])
})
test('a square box has equal diagonals of the length that Pythagoras says', () => {
  expect(diagonal(shell, 0)).toBe(150)
  expect(diagonalWorking(shell, 0, say).result).toBe('150.0 mm')
})
test('where tab ends stand proud there is no outside corner to measure: it is measured inside', () => {
  expect(diagonal(shell, 0.5)).toBeCloseTo(Math.hypot(114, 84), 9)
  expect(diagonalWorking(shell, 0.5, say)).toMatchObject({ formula: '√(width² + depth²), inside' })
})
// From memory: 150 to 200 g of wood glue per square metre.
test('glue for a square metre', () => expect(glueGrams(1e6)).toEqual({ least: 150, most: 200 }))

const panelsIn = (of: BoxSpec): string[] => stepsOf(of).map(({ panel }) => panel)
const step = (of: BoxSpec, panel: string): BuildStep => stepsOf(of).find((each) => each.panel === panel)!

test('a raised floor is captive: it is in before the wall that locks it, whatever the corners are', () => {
  for (const kind of ['fingers', 'butt', 'tenon'] as const) {
    const raised: BoxSpec = {
      ...spec,
      fittings: [],
      corners: { ...spec.corners, kind, setIn: kind === 'tenon' ? 8 : 0 },
      floor: { ...spec.floor, kind: 'tenon', raised: 8 },
    }
    expect([kind, panelsIn(raised).at(-1)]).not.toEqual([kind, 'floor'])
    expect(new Set(panelsIn(raised)).size).toBe(5)
  }
})
test('laps come together from above, without glue; ledges are glued before the floor lies on them', () => {
  const rack: BoxSpec = {
    ...spec,
    fittings: [],
    corners: { kind: 'lap', leads: 'front and back', setIn: 10 },
    floor: { ...spec.floor, kind: 'none' },
  }
  for (const { glue } of stepsOf(rack)) expect(glue).toEqual([])
  expect(step(rack, 'left')).toMatchObject({ text: expect.stringContaining('from above'), from: [0, 0, 1] })
  const ledged: BoxSpec = { ...spec, fittings: [], floor: { ...spec.floor, kind: 'ledge', raised: 10 } }
  const { glue } = step(ledged, 'ledge-front')
  // 114 mm of the wall's inside by the ledge's width of 8 mm.
  expect(glue).toContainEqual({ with: 'front', area: 114 * 8 })
  expect(step(ledged, 'floor').glue).toEqual([])
})
test('panels that lock each other are handed back, not an order that cannot be built', () => {
  const box = boxOf(spec)
  const { panels } = resolve(box.assembly, { proud: 0, interference: 0 })
  // A floor twice as large as the room it stands in, and above it a top: nothing goes straight in any way.
  const grown = panels.map((panel) => ({
    ...panel,
    region: {
      outline: panel.region.outline.map(({ x, y }) => ({ x: 3 * x - 100, y: 3 * y - 60 })),
      holes: [],
    },
  }))
  expect(buildSteps(box, grown)).toHaveProperty('locked')
})
