import { expect, test } from '@jest/globals'
import { MOST_WALLS, wallId } from '../angled'
import { defaultFitting, WALL_IDS } from '../fittings'
import { IN_METRIC } from '../length'
import {
  boxSizes,
  facePanels,
  jointProblems,
  makeBox,
  PLAIN_BOX,
  problemSentence,
  sameTabs,
  sameThickness,
  specProblems,
  withCorners,
  withFloor,
  withLid,
  type BoxSpec,
} from './index'

const T = sameThickness(3)
const hexagon: BoxSpec = {
  ...PLAIN_BOX,
  sizesAre: 'outer',
  width: 160,
  depth: 160,
  height: 60,
  plan: {
    shape: { kind: 'regular', walls: 6, side: 80 },
    lean: [0],
    slope: null,
    partitions: [],
    ends: 'flush',
  },
  tabs: sameTabs({ rule: 'even', width: 12 }),
  proud: 0,
}
/** A hole in the second wall, a little above its middle. */
const round = (id: string, diameter: number): BoxSpec['openings'][number] => ({
  ...{ id, panel: 'wall-2', shape: { kind: 'round', diameter }, anchor: 'centre', point: 'centre' },
  ...{ right: 0, up: 5, turn: 0, from: '', mirrored: false },
  repeat: { kind: 'grid', columns: 1, rows: 1, apart: 0 },
})
const why = (spec: BoxSpec): string =>
  specProblems(spec, T, 1)
    .map((problem) => problemSentence(problem, IN_METRIC))
    .join(' ')

test('something may be placed on every wall that there can be', () => {
  expect(WALL_IDS).toEqual(Array.from({ length: MOST_WALLS }, (_, i) => wallId(i)))
  expect(facePanels(hexagon)).toEqual([...WALL_IDS.slice(0, 6), 'floor'])
})

test('something may be placed on both tops under a ridge', () => {
  const house: BoxSpec = {
    ...hexagon,
    height: 90,
    plan: {
      ...hexagon.plan!,
      shape: { kind: 'lengths', lengths: [160, 120, 160], angles: [90, 90] },
      slope: { angle: 30, from: 2, ridge: true },
    },
  }
  expect(facePanels(house)).not.toContain('top-2')
  const closed = withLid(house, 'fingers', 3)
  expect(facePanels(closed).slice(-3)).toEqual(['floor', 'top', 'top-2'])
  const window = { ...round('w', 20), panel: 'top-2' as const }
  const { parts } = makeBox({ ...closed, openings: [window] }, { mean: T, thickest: T }).assembly
  expect(parts.find(({ id }) => id === 'top-2')!.features.map(({ what }) => what)).toEqual(['opening'])
})

test('is as large as its plan, across corners and across flats', () => {
  const { outer } = boxSizes(hexagon, T)
  expect([outer.x, outer.y, outer.z]).toEqual(
    [160, 80 * Math.sqrt(3), 60].map((each) => expect.closeTo(each, 9)),
  )
})

test.each<[string, BoxSpec]>([
  ['no corners other than fingers', withCorners(hexagon, 'lap', 3)],
  ['no floors other than by fingers or in slots', withFloor(hexagon, 'groove', 3)],
  ['no lids other than', withLid(hexagon, 'slide', 3)],
  [
    'it would slide off',
    withLid(
      { ...hexagon, plan: { ...hexagon.plan!, slope: { angle: 10, from: 1, ridge: false } } },
      'lift',
      3,
    ),
  ],
  ['no stock of one wall alone', { ...hexagon, stocks: { front: 'card' } }],
  ['no pull in the front', { ...hexagon, fittings: [defaultFitting('pull', hexagon, 3)] }],
  ['Make it at least 1.5 mm', { ...hexagon, floor: { ...hexagon.floor, kind: 'tenon', raised: 0.5 } }],
])('says what it does not take: %s', (sentence, spec) => {
  expect(why(hexagon)).toBe('')
  expect(why(spec)).toContain(sentence)
})

test('says where a line of meeting has too little room for its tabs', () => {
  const crowded = (count: number): BoxSpec => ({ ...hexagon, tabs: sameTabs({ rule: 'shares', count }) })
  const said = (spec: BoxSpec): string =>
    jointProblems(makeBox(spec, { mean: T, thickest: T }), 1)
      .map((problem) => problemSentence(problem, IN_METRIC))
      .join(' ')
  expect(said(crowded(9))).toBe('')
  expect(said(crowded(99))).toContain('for its tabs')
})

test('openings and feet are taken out of its walls, and a lid moves', () => {
  const opening = round('o', 20)
  const floor = { ...hexagon.floor, kind: 'tenon' as const, raised: 10, arch: 6 }
  const spec = withLid({ ...hexagon, floor, openings: [opening] }, 'lift', 3)
  expect(why(spec)).toBe('')
  const { parts, groups } = makeBox(spec, { mean: T, thickest: T }).assembly
  const whats = (id: string) => parts.find((part) => part.id === id)!.features.map(({ what }) => what)
  expect([whats('wall-1'), whats('wall-2'), whats('floor')]).toEqual([['arch'], ['arch', 'opening'], []])
  expect(groups).toMatchObject([{ id: 'lid', motion: 'slide', parts: ['top', 'lip'] }])
})
