import { expect, test } from '@jest/globals'
import { resolve } from '../../assembly'
import { bounds } from '../../geometry'
import { makeBox, PLAIN_BOX, sameThickness, sameTabs, type BoxSpec } from '../../box'
import type { FittingOf } from '..'
import { crowdedRows, holes, type HoleRun } from '.'

const T = 3
const spec = (rows: HoleRun[][]): BoxSpec => ({
  ...PLAIN_BOX,
  sizesAre: 'inner',
  width: 200,
  depth: 90,
  height: 60,
  tabs: sameTabs({ rule: 'even', width: 10 }),
  proud: 0,
  fittings: [{ type: 'holes', play: 1, rows }],
})
const own = (rows: HoleRun[][]) => spec(rows).fittings[0] as FittingOf<'holes'>
const run = (count: number, lip: number, widest = lip): HoleRun => ({ count, lip, widest })

/** Middles along the row, from the inside of the left wall, and diameters, from left to right. */
function found(rows: HoleRun[][]): { at: number; wide: number }[] {
  const mean = sameThickness(T)
  const box = makeBox(spec(rows), { mean, thickest: mean })
  const floor = resolve(box.assembly, { proud: 0, interference: 0 }).panels.find(({ id }) => id === 'floor')!
  return floor.features
    .filter(({ what }) => what === 'hole')
    .map(({ shape }) => {
      const { minX, maxX } = bounds(shape)
      return { at: Number(((minX + maxX) / 2).toFixed(2)), wide: Number((maxX - minX).toFixed(1)) }
    })
    .sort((a, b) => a.at - b.at)
}
const gapsOf = (list: { at: number; wide: number }[]): number[] =>
  list.slice(1).map(({ at, wide }, i) => Number((at - wide / 2 - list[i].at - list[i].wide / 2).toFixed(2)))

test('equal ones stand in equal steps', () => {
  const five = found([[run(5, 20)]])
  expect(five.map(({ wide }) => wide)).toEqual([21, 21, 21, 21, 21])
  expect(new Set(five.slice(1).map(({ at }, i) => Number((at - five[i].at).toFixed(2))))).toEqual(
    new Set([40]),
  )
})
test('other diameters beside them: what is left is the same between all, and half of it at the walls', () => {
  const row = [run(2, 40), run(3, 10)]
  const five = found([row])
  expect(five.map(({ wide }) => wide)).toEqual([41, 41, 11, 11, 11])
  // 200 less 2 × 40 and 3 × 10 is 90: 18 between each two, and the play of the holes is off that.
  expect(gapsOf(five)).toEqual([17, 17, 17, 17])
})
test('where things are widest decides, not where they are held', () => {
  expect(gapsOf(found([[run(2, 30, 50), run(2, 30, 50)]]))).toEqual([19, 19, 19])
})
test('a row that would have no web is refused, one that touches is told of', () => {
  const site = { t: sameThickness(T), inner: { x: 200, y: 90, z: 60 } }
  const problems = (rows: HoleRun[][]) =>
    holes.problems!(own(rows), site as never).map(({ figures }) => figures.row)
  expect(problems([[run(4, 46)]])).toEqual([])
  // 200 ÷ 4 less a web of 3 and a play of 1 is 46.
  expect(problems([[run(4, 46.1)]])).toEqual([1])
  expect(problems([[run(2, 20)], [run(2, 60), run(3, 30)]])).toEqual([2])
  expect(crowdedRows(own([[run(2, 40, 70), run(1, 40, 61)]]), site.inner)).toEqual([1])
  expect(crowdedRows(own([[run(2, 40, 70), run(1, 40, 60)]]), site.inner)).toEqual([])
})
