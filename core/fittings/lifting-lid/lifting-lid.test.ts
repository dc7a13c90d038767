import { describe, expect, test } from '@jest/globals'
import { boxOf, PLAIN } from '../../../scripts/testing/parts'
import { prove, resolve } from '../../assembly'
import { buildSteps } from '../../build'
import { sameTabs, withLid, type BoxSpec } from '../../box'

const T = 3
const open: BoxSpec = {
  ...PLAIN,
  sizesAre: 'outer',
  width: 120,
  depth: 80,
  height: 40,
  fittings: [{ type: 'top-fingers' as const }],
  tabs: sameTabs({ rule: 'even', width: 9 }),
  proud: 0,
}
const spec = withLid(open, 'lift', T)

describe('a lid that lifts off, with a lip', () => {
  const box = boxOf(spec, T)
  const { panels } = resolve(box.assembly, { proud: 0, interference: 0 })
  const sizeOf = (id: string) => panels.find((panel) => panel.id === id)!.size
  test('the lid covers the walls; the lip stands between them with its play on every side', () => {
    expect(sizeOf('top')).toEqual({ width: 120, height: 80 })
    expect(sizeOf('lip').width).toBeCloseTo(120 - 2 * T - 2 * 0.3, 6)
    expect(sizeOf('lip').height).toBeCloseTo(80 - 2 * T - 2 * 0.3, 6)
    for (const id of ['front', 'left']) expect(sizeOf(id).height).toBeCloseTo(40 - T, 6)
    expect(box.inner.z).toBeCloseTo(40 - 3 * T, 6) // floor, lid and lip
  })
  test('both come off upward together, and nothing else holds them', () => {
    expect(box.assembly.groups).toMatchObject([{ parts: ['top', 'lip'], way: { axis: 'z', sign: 1 } }])
    expect(prove(box.assembly, panels).faults).toEqual([])
    const down = { ...box.assembly.groups[0], way: { axis: 'z' as const, sign: -1 as const } }
    expect(prove({ ...box.assembly, groups: [down] }, panels).faults.length).toBeGreaterThan(0)
  })
  test('the lip is laid in, and the lid glued to it alone', () => {
    const steps = buildSteps(box, panels)
    if ('locked' in steps) throw new Error('locked')
    expect(steps.slice(-2).map(({ panel }) => panel)).toEqual(['lip', 'top'])
    const [lip, lid] = steps.slice(-2)
    expect(lip.glue).toEqual([])
    expect(lid.glue).toEqual([{ with: 'lip', area: sizeOf('lip').width * sizeOf('lip').height }])
    expect([lip.text, lid.text].join(' ')).toMatch(/slips of card.*Lift both off before the glue has set/)
  })
})
