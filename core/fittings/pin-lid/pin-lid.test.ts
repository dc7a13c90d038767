import { blockOf } from '../../assembly'
import { kindOfLid, lidOf, type FittingOf } from '..'
import { beforeAll, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { solidLibrary } from '../../../scripts/testing/solids'
import { turnedBy, type HingeGroup } from '../../assembly'
import { deriveBox, type DerivedBox } from '../../derive'
import { bounds } from '../../geometry'
import { emptyJob } from '../../job'
import { IN_METRIC } from '../../length'
import { newStock } from '../../stock'
import { PLAIN_BOX, problemSentence, sameTabs, withLid, type BoxSpec } from '../../box'
import { runs, seedOf } from '../../../scripts/testing/runs'

let solids: Awaited<ReturnType<typeof solidLibrary>>
beforeAll(async () => {
  solids = await solidLibrary()
})

const of = (box: BoxSpec, thickness = 3): DerivedBox => {
  const empty = emptyJob('h', 'h', '')
  const stock = { ...newStock('s', 's'), nominal: thickness }
  return deriveBox({ ...empty, box, measure: { ...empty.measure, stock } })
}
const boxFor = (part: Partial<BoxSpec>, lid: Partial<FittingOf<'lid-hinge'>> = {}): BoxSpec => {
  const tabs = sameTabs({ rule: 'even', width: 10 })
  const base: BoxSpec = {
    ...PLAIN_BOX,
    sizesAre: 'outer',
    width: 140,
    depth: 100,
    height: 70,
    fittings: [{ type: 'top-fingers' as const }],
    tabs,
    proud: 0,
  }
  return withLid({ ...base, ...part }, 'hinge', 3, lid)
}
const groupOf = ({ made }: DerivedBox): HingeGroup => made!.assembly.groups[0] as HingeGroup

describe('a lid on pins', () => {
  test('leaves a slit behind it, between its back end and the wall', () => {
    const { made, panels } = of(boxFor({}))
    const top = panels!.find(({ id }) => id === 'top')!
    const lid = lidOf(made!.spec)!
    const behind = made!.room.max.y - blockOf(top).max.y
    expect(kindOfLid(lid).slit!(lid, made!)).toBeCloseTo(behind, 6)
    expect(behind).toBeGreaterThan(2)
  })
  test('its pin is one line: through both walls and both cheeks, tight in the walls', () => {
    const box = of(boxFor({}, { pin: 4 }))
    const holes = box.panels!.flatMap(({ id, features }) =>
      features
        .filter(({ what }) => what === 'hole')
        .map(({ shape }) => {
          const { minX, maxX, minY, maxY } = bounds(shape)
          // Seen from outside, the left side and the right side have the front on different hands.
          const y = (minX + maxX) / 2
          return { id, wide: maxX - minX, y: id.endsWith('left') ? 100 - y : y, z: (minY + maxY) / 2 }
        }),
    )
    expect(holes.map(({ id }) => id).sort()).toEqual(['cheek-left', 'cheek-right', 'left', 'right'])
    const { at } = groupOf(box)
    for (const { id, wide, y, z } of holes) {
      expect([y, z]).toEqual([expect.closeTo(at.y, 3), expect.closeTo(at.z, 3)])
      expect(wide).toBeCloseTo(id.startsWith('cheek') ? 4.3 : 4, 2)
    }
  })
  test('all of it behind the pin is nearer to the pin than the back wall', () => {
    const box = of(boxFor({}))
    const { at } = groupOf(box)
    const top = box.panels!.find(({ id }) => id === 'top')!
    const behind = top.frame[7] + top.blank.maxY - at.y
    expect(Math.hypot(behind, 70 - at.z)).toBeLessThan(97 - at.y)
    expect(box.proof!.faults).toEqual([])
  })
  test('opened further than it is said to, it strikes the back wall', () => {
    const box = of(boxFor({}))
    const { at, range } = groupOf(box)
    expect(range).toBeGreaterThan(95)
    // The lid's outer face and the wall's edge, by hand: however far open, the face is 70 − z from the pin.
    const [dy, dz] = [97 - at.y, 70 - at.z]
    const over = (degrees: number): number => {
      const normal = Math.PI / 2 - (degrees * Math.PI) / 180
      return dy * Math.cos(normal) + dz * Math.sin(normal) - dz
    }
    expect(over(range)).toBeGreaterThan(0)
    expect(over(range + 1)).toBeLessThan(0)
  })
  test('they open and share no space, and the solid library agrees', () => {
    const tenths = (min: number, max: number) =>
      fc.integer({ min: min * 10, max: max * 10 }).map((n) => n / 10)
    const some = fc.record({
      width: tenths(60, 300),
      depth: tenths(60, 300),
      height: tenths(40, 200),
      pin: fc.constantFrom(1.5, 2, 3, 5),
      play: fc.constantFrom(0.2, 0.4),
      thickness: fc.constantFrom(2, 3, 3.04, 4, 6),
    })
    const BOXES = runs(500)
    let proven = 0
    for (const { pin, play, thickness, ...size } of fc.sample(some, {
      numRuns: runs(1500),
      seed: seedOf(20261125),
    })) {
      if (proven >= BOXES) break
      const box = of(boxFor(size, { pin, play }), thickness)
      if (!box.panels) continue
      proven++
      const said = JSON.stringify({ ...size, pin, play, thickness })
      if (box.proof!.faults.length > 0) throw new Error(`${JSON.stringify(box.proof!.faults)} in ${said}`)
      if (proven % 20 !== 0) continue
      const group = groupOf(box)
      const parts = box.panels.map((panel) => ({ id: panel.id, solid: solids.solidOf(panel) }))
      for (let place = 1; place <= 20; place++) {
        const map = turnedBy(group, place / 20)
        const columns = [0, 1, 2, 3].flatMap((column) => [0, 4, 8, 12].map((row) => map[row + column]))
        for (const { id, solid } of parts.filter((each) => group.parts.includes(each.id))) {
          const moved = solid.transform(columns as never)
          for (const other of parts.filter((each) => !group.parts.includes(each.id))) {
            const shared = moved.intersect(other.solid).volume()
            if (shared > 0.05)
              throw new Error(`${id} strikes ${other.id}: ${shared} mm³ at ${place} in ${said}`)
          }
          moved.delete()
        }
      }
      parts.forEach(({ solid }) => solid.delete())
    }
    expect(proven).toBe(BOXES)
  }, 300_000)
  test.each([
    ['too flat a box', boxFor({ height: 14 }), 'needs'],
    [
      'corners set in',
      {
        ...boxFor({}),
        corners: { kind: 'tenon', leads: 'front and back', setIn: 6 },
        floor: { ...PLAIN_BOX.floor, kind: 'tenon', raised: 6 },
      },
      'flush walls',
    ],
  ] as [string, BoxSpec, string][])('%s is refused in one sentence', (_, spec, sentence) => {
    const sentences = of(spec).problems.map((problem) => problemSentence(problem, IN_METRIC))
    expect(sentences.join(' ')).toContain(sentence)
  })
})
