import { describe, expect, test } from '@jest/globals'
import { differing, jtsOf } from '../../scripts/testing/jts'
import { buildSteps } from '../build'
import { deriveBox, deriveThings, type DerivedBox } from '../derive'
import { bounds, turnRegion } from '../geometry'
import { jobSchema } from '../job'
import { KINDS, makeJob } from './index'

const made = (kind: string, typed: Record<string, string> = {}): DerivedBox => {
  const result = makeJob(kind, typed, 'k', '2026-01-01')
  if (!result.ok) throw new Error(result.error)
  return deriveBox(result.job)
}
const refusal = (kind: string, typed: Record<string, string>): string => {
  const result = makeJob(kind, typed, 'k', '')
  if (result.ok) throw new Error('it was made')
  return result.error
}

describe('every kind', () => {
  test.each(KINDS.map(({ kind }) => kind))(
    '%s: by default it can be made, kept, proven and built',
    (kind) => {
      const result = makeJob(kind, {}, 'k', '2026-01-01')
      if (!result.ok) throw new Error(result.error)
      expect(jobSchema.safeParse(result.job).success).toBe(true)
      for (const { box } of deriveThings(result.job)) {
        expect(box.proof!.faults).toEqual([])
        const steps = buildSteps(box.made!, box.panels!)
        if ('locked' in steps) throw new Error(`locked: ${steps.locked.join(', ')}`)
        // Every panel comes in once; those of a bent sheet together.
        expect(steps.flatMap((step) => step.panels).sort()).toEqual(box.panels!.map(({ id }) => id).sort())
      }
    },
  )
  test('values are as they are typed, and refused in one sentence', () => {
    expect(made('box', { width: '6 in', corners: 'tenon' }).sizes.outer.x).toBeCloseTo(152.4, 9)
    expect(refusal('box', { width: '5' })).toBe('width is from 10 to 2000; 5 was given.')
    expect(refusal('box', { corners: 'glue' })).toContain('Use one of fingers, butt')
    expect(refusal('box', { colour: '1' })).toContain('has no “colour”')
    expect(refusal('divided-tray', { columns: '2.5' })).toContain('whole number')
    expect(refusal('boxes', {})).toContain('Use one of box, divided-tray')
    expect(refusal('box', { width: '10', thickness: '6' })).toContain('leaves no room')
  })
})

// Common practice, no source: sides 60 × 50 of card, slots 25 deep; four equal parts come out equal.
test('card rack: slots half as deep as the sides are high, and all four parts are one shape', () => {
  const { panels } = made('card-rack')
  expect(panels!.map(({ size }) => size)).toEqual(Array(4).fill({ width: 60, height: 50 }))
  const front = panels!.find(({ id }) => id === 'front')!
  const left = panels!.find(({ id }) => id === 'left')!
  const depths = front.region.outline.map(({ y }) => y).filter((y) => y > 0 && y < 50)
  expect(new Set(depths)).toEqual(new Set([25]))
  // A side turned upside down is the other pair's.
  const turned = turnRegion(left.region, 180)
  const { minX, minY } = bounds(turned.outline)
  const moved = turned.outline.map(({ x, y }) => ({ x: x - minX, y: y - minY }))
  expect(differing(jtsOf({ outline: moved, holes: [] }), jtsOf(front.region)).getArea()).toBeLessThan(1e-6)
  // Slots are as wide as the sheet is thick, and the play.
  const xs = [...new Set(front.drawn.outline.map(({ x }) => x))].sort((a, b) => a - b)
  expect(xs[2] - xs[1]).toBeCloseTo(1.6, 6)
})

// Common practice, no source: 3 × 3 cells of 50, walls 67 high, inner walls 63.
test('divided tray: cells of 50, walls 67 high, dividers 63 high with slots half way', () => {
  const { sizes, panels, made: box } = made('divided-tray')
  expect(sizes.inner.x).toBeCloseTo(3 * 50 + 2 * 3, 9)
  expect(sizes.outer.z).toBeCloseTo(67, 9)
  const [column] = panels!.filter(({ id }) => id.startsWith('column'))
  expect(column.size.height).toBeCloseTo(63, 9)
  const places = box!.dividers.filter(({ direction }) => direction === 'columns').map(({ place }) => place)
  expect(places.map(([from]) => from - 3)).toEqual([50, 103])
  const lap = box!.assembly.joints.find(({ id }) => id === 'column-1-row-1')!
  const [lower, upper] = lap.claims
  expect(lower.to - lower.from).toBeCloseTo(31.5, 9)
  expect(upper.to - upper.from).toBeCloseTo(31.5, 9)
})
test('bolted case: a hole and a T-shaped cut-out at every corner', () => {
  const { panels } = made('bolted-case')
  const count = (id: string, what: string): number =>
    panels!.find((panel) => panel.id === id)!.features.filter((feature) => feature.what === what).length
  expect([count('front', 'bolt hole'), count('left', 'nut slot')]).toEqual([2, 2])
})
test('footed tray: the floor stands as high as was said, the arches below it', () => {
  const { panels } = made('footed-tray', { raised: '20' })
  const floor = panels!.find(({ id }) => id === 'floor')!
  expect(floor.frame[11]).toBeCloseTo(23, 9) // its inside face
  expect(panels!.find(({ id }) => id === 'front')!.features[0]).toMatchObject({ what: 'arch' })
})
