import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { deriveBox } from '../../derive'
import { area } from '../../geometry'
import { emptyJob } from '../../job'
import { newStock } from '../../stock'
import { withFitting, type Fitting, type FittingOf } from '..'
import { PLAIN_BOX, sameTabs, withLid, type BoxSpec } from '../../box'
import { seedOf } from '../../../scripts/testing/runs'

const of = (softened: Omit<FittingOf<'softened'>, 'type'> | null, part: Partial<BoxSpec> = {}) => {
  const empty = emptyJob('s', 's', '')
  const tabs = sameTabs({ rule: 'even', width: 10 })
  const size = { sizesAre: 'outer' as const, width: 120, depth: 90, height: 60 }
  const lifted: Fitting[] = part.fittings ?? [{ type: 'lid-lift', play: 0.3 }]
  const fittings = softened ? withFitting(lifted, { type: 'softened', ...softened }) : lifted
  const box: BoxSpec = { ...PLAIN_BOX, ...size, tabs, proud: 0, ...part, fittings }
  return deriveBox({ ...empty, box, measure: { ...empty.measure, stock: newStock('s', 's') } })
}
const areas = ({ panels }: ReturnType<typeof of>): Map<string, number> =>
  new Map(panels!.map(({ id, region }) => [id, area(region)]))
/** By formula: what four rounded or chamfered corners take. */
const lost = (kind: 'round' | 'chamfer', size: number): number =>
  kind === 'round' ? (4 - Math.PI) * size ** 2 : 2 * size ** 2

describe('free corners', () => {
  test.each(['round', 'chamfer'] as const)('%s: a lid that lifts loses them, jointed panels none', (kind) => {
    const [plain, soft] = [of(null), of({ kind, size: 8 })].map(areas)
    expect(plain.get('top')! - soft.get('top')!).toBeCloseTo(lost(kind, 8), 0)
    for (const id of ['front', 'left', 'floor']) expect(soft.get(id)).toBe(plain.get(id))
  })
  test('no joint of any box is touched: what holds it together is proven as before', () => {
    const boxes = fc.record({
      kind: fc.constantFrom('round' as const, 'chamfer' as const),
      size: fc.integer({ min: 1, max: 60 }),
      top: fc.boolean(),
      lid: fc.constantFrom('lift' as const, 'slide' as const, 'fingers' as const, 'outside' as const),
      corner: fc.constantFrom('fingers' as const, 'butt' as const, 'tenon' as const, 'lap' as const),
      setIn: fc.constantFrom(0, 10),
      floor: fc.constantFrom('fingers' as const, 'outside' as const, 'groove' as const, 'none' as const),
      plate: fc.boolean(),
    })
    let tried = 0
    fc.assert(
      fc.property(boxes, ({ kind, size, top, lid, corner, setIn, floor, plate }) => {
        const bare: BoxSpec = {
          ...PLAIN_BOX,
          ...{ sizesAre: 'outer', width: 120, depth: 90, height: 60, proud: 0 },
          tabs: sameTabs({ rule: 'even', width: 10 }),
        }
        const plated: Fitting[] = plate ? [{ type: 'plate', left: 5, right: 5, down: 0, up: 5 }] : []
        const part: Partial<BoxSpec> = {
          corners: { kind: corner, leads: 'front and back', setIn: corner === 'fingers' ? 0 : setIn },
          floor: { ...PLAIN_BOX.floor, kind: floor, depth: 1 },
          fittings: [...(top ? withLid(bare, lid, 3).fittings : []), ...plated],
        }
        const plain = of(null, part)
        if (!plain.panels || plain.proof!.faults.length > 0) return
        const soft = of({ kind, size }, part)
        tried++
        expect(soft.problems).toEqual([])
        expect(soft.proof!.faults).toEqual([])
      }),
      { numRuns: 200, seed: seedOf(20261126) },
    )
    expect(tried).toBeGreaterThan(60)
  })
})
