import { describe, expect, test } from '@jest/globals'
import { makeBox, PLAIN_BOX, sameTabs, sameThickness, type BoxSpec } from '../box'
import { bounds } from '../geometry'
import { resolve, sidesOf, type PanelSide, type SideKind } from './index'

const WANTED = { proud: 0, interference: 0.1 }
const box = (part: Partial<BoxSpec>) => {
  const spec: BoxSpec = {
    ...PLAIN_BOX,
    sizesAre: 'outer',
    width: 100,
    depth: 60,
    height: 40,
    fittings: [{ type: 'top-fingers' as const }],
    tabs: sameTabs({ rule: 'shares', count: 5 }),
    proud: 0,
    ...part,
  }
  const three = sameThickness(3)
  return makeBox(spec, { mean: three, thickest: three }).assembly
}
const lengthOf = ({ from, to }: PanelSide): number => Math.hypot(to.x - from.x, to.y - from.y)
const total = (sides: PanelSide[], kind: SideKind): number =>
  sides.filter((side) => side.kind === kind).reduce((sum, side) => sum + lengthOf(side), 0)

describe('what a border is', () => {
  const plain = box({})
  test('every glue line of one panel lies on one of the other, place by place', () => {
    for (const { id, parts } of plain.joints) {
      const [a, b] = parts.map((part) =>
        sidesOf(plain, part, WANTED)
          .filter(({ kind, joint }) => kind === 'glue' && joint === id)
          .map(lengthOf)
          // the sides of tabs and notches, not their ends
          .filter((length) => Math.abs(length - 3) < 1e-9),
      )
      expect(a.length).toBeGreaterThanOrEqual(4)
      expect(a.length).toBe(b.length)
    }
  })
  test('all of it is told, and the outer ends of tabs are free', () => {
    const sides = sidesOf(plain, 'front', WANTED)
    const front = resolve(plain, WANTED).panels.find(({ id }) => id === 'front')!
    const { outline } = front.region
    const around = outline.reduce((sum, from, i) => {
      const to = outline[(i + 1) % outline.length]
      return sum + Math.hypot(to.x - from.x, to.y - from.y)
    }, 0)
    expect(total(sides, 'glue') + total(sides, 'free')).toBeCloseTo(around, 9)
    const { minX, maxX, minY, maxY } = bounds(outline)
    for (const { from, to, kind } of sides)
      if (
        (from.x === to.x && [minX, maxX].includes(from.x)) ||
        (from.y === to.y && [minY, maxY].includes(from.y))
      )
        expect(kind).toBe('free')
  })
  test('a divider slides between the walls of its slot, and above it the slot is open', () => {
    const tray = box({
      fittings: [],
      dividers: {
        ...PLAIN_BOX.dividers,
        into: 'slot',
        columns: { cells: [null, null], height: 20, lift: 0 },
      },
    })
    const slot = sidesOf(tray, 'front', WANTED).filter(({ joint }) => joint === 'front-column-1')
    expect(total(slot, 'slot')).toBeCloseTo(2 * (40 - 3 - 10), 9) // from half the divider up to the rim
    expect(total(slot, 'slide')).toBeCloseTo(3, 9)
    const divider = sidesOf(tray, 'column-1', WANTED)
    // it rests on the wall at either end, and stands against its inside below
    expect(total(divider, 'slide')).toBeCloseTo(2 * (3 + 10), 9)
  })
  // With an odd and an even count corners go to one panel or another: their own glue lines are told as well.
  test.each([5, 4, 6, 3])('what is drawn differs by just what borders are, %i shares', (count) => {
    // half the interference at every glue line of a tab or a notch, and nowhere else
    const made = box({ tabs: sameTabs({ rule: 'shares', count }) })
    const { panels } = resolve(made, WANTED)
    const area = (ring: { x: number; y: number }[]): number =>
      ring.reduce((sum, { x, y }, i) => {
        const next = ring[(i + 1) % ring.length]
        return sum + (x * next.y - next.x * y) / 2
      }, 0)
    for (const { id, region, drawn } of panels) {
      const lines = sidesOf(made, id, WANTED).filter(
        (side) => side.kind === 'glue' && Math.abs(lengthOf(side) - 3) < 1e-9,
      )
      expect(area(drawn.outline) - area(region.outline)).toBeCloseTo(lines.length * 3 * 0.05, 6)
    }
  })
})
