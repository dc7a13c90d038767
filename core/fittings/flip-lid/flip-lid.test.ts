import { describe, expect, test } from '@jest/globals'
import { deriveAll, deriveBox } from '../../derive'
import { area, bounds, lengthOf, transformPoint } from '../../geometry'
import { emptyJob, type Job } from '../../job'
import { IN_METRIC } from '../../length'
import { problemSentence, withLid, type BoxSpec } from '../../box'
import { turnedBy, type HingeGroup } from '../../assembly'
import { newStock } from '../../stock'
import { buildSteps } from '../../build'
import { lidOf, type FittingOf } from '..'

const T = 3
const jobOf = (own: Partial<FittingOf<'lid-flip'>> = {}, part: Partial<BoxSpec> = {}): Job => {
  const empty = emptyJob('f', 'Flip', '')
  const box = withLid({ ...empty.box, width: 140, depth: 110, height: 60, ...part }, 'flip', T, own)
  const stock = { ...newStock('s', 'Birch'), family: 'plywood' as const, nominal: T }
  return { ...empty, box, measure: { ...empty.measure, stock } }
}
const derived = (own?: Partial<FittingOf<'lid-flip'>>, part?: Partial<BoxSpec>) => deriveBox(jobOf(own, part))

describe('a lid that flips up on a slit strip', () => {
  const box = derived()
  test('is proven, closed and in every position on its way', () => {
    expect(box.problems).toEqual([])
    expect(box.proof).toEqual({ panels: 9, faults: [] })
    expect(box.sizes.outer.z).toBe(60)
    // Floor, top and the strip on it.
    expect(box.sizes.inner.z).toBeCloseTo(60 - 3 * T, 9)
  })
  test('its strip is one piece: two flaps and, flat between them, the arc at mid-thickness', () => {
    const { opens, radius } = lidOf(jobOf().box) as FittingOf<'lid-flip'>
    const strip = box.pieces.find(({ id }) => id === 'hinge-strip')!
    const flaps = ['hinge-lid', 'hinge-back'].map((id) => box.panels!.find((panel) => panel.id === id)!)
    const flat = ((opens * Math.PI) / 180) * (radius + T / 2) // [DEF]
    expect(area(strip.region)).toBeCloseTo(
      flaps.reduce((sum, { region }) => sum + area(region), 0) + flat * 140,
      1,
    )
    expect(box.pieces.some(({ id }) => id.startsWith('hinge-') && id !== 'hinge-strip')).toBe(false)
  })
  test('opened, the arc between the flaps is as long as the sheet was flat', () => {
    const { opens, radius } = lidOf(jobOf().box) as FittingOf<'lid-flip'>
    const [group] = box.made!.assembly.groups as [HingeGroup]
    const [lid, back] = ['hinge-lid', 'hinge-back'].map((id) => box.panels!.find((panel) => panel.id === id)!)
    const z = 60 - T / 2
    const edgeOf = (panel: typeof lid, high: boolean): number => {
      const { minY, maxY } = bounds(panel.region.outline)
      return transformPoint(panel.frame, [0, high ? maxY : minY, 0])[1]
    }
    const [, y1, z1] = transformPoint(turnedBy(group, 1), [0, edgeOf(lid, true), z])
    // Chord of an arc of that angle and radius at mid-thickness. [DEF]
    const angle = (opens * Math.PI) / 180
    const chord = Math.hypot(y1 - edgeOf(back, false), z1 - z)
    expect(chord).toBeCloseTo(2 * (radius + T / 2) * Math.sin(angle / 2), 2)
  })
  test('is cut with its slits, as many rows as go into the arc, and its label beside them', () => {
    const { parts } = deriveAll(jobOf())
    const strip = parts.find(({ label }) => label === 'hinge strip')!
    const { slits, marks, shape } = strip.lies[0]
    expect(slits.length).toBeGreaterThan(20)
    for (const line of slits) expect(lengthOf(line, false)).toBeLessThan(25.5)
    const { maxY } = bounds(shape.outline)
    const middle = slits.flat().reduce((sum, { y }) => sum + y, 0) / (2 * slits.length)
    expect(middle).toBeCloseTo(maxY / 2, 0)
    for (const { y } of marks.flat()) expect(Math.abs(y - middle)).toBeGreaterThan(5)
  })
  test('Build says where no glue goes', () => {
    const words = JSON.stringify(buildSteps(box.made!, box.panels!))
    expect(words).toContain('glue in the slits locks it')
  })
  test('a shallow box gets a bend that leaves flaps to be glued, front and back', () => {
    for (const depth of [32, 40, 60])
      for (const height of [20, 120]) {
        const { problems, proof } = derived({}, { depth, height })
        expect([depth, problems, proof?.faults]).toEqual([depth, [], []])
      }
  })
  test.each([
    [{ back: 8 }, 'Make the board at least'],
    [{ back: 104 }, 'Make the board at most'],
  ])('%j is refused in one sentence', (own, said) =>
    expect(problemSentence(derived(own).problems[0], IN_METRIC)).toContain(said),
  )
})
