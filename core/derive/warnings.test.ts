import { expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { withLid } from '../box'
import { bounds } from '../geometry'
import type { Job } from '../job'
import { IN_METRIC as say } from '../length'
import { proofLine, warningSentence } from '../say'
import { deriveBox, warningsOf, type DerivedBox, type Warning } from './index'

const tray = demo('plain-tray')
const { machine } = tray.measure
const boxOf = (part: Partial<Job['box']>): DerivedBox => deriveBox({ ...tray, box: { ...tray.box, ...part } })
const kinds = (box: DerivedBox, locked: string[] = []): Warning['kind'][] =>
  warningsOf(box, machine, 5, locked).map(({ kind }) => kind)
const said = (box: DerivedBox, locked: string[] = []): string =>
  warningSentence(warningsOf(box, machine, 5, locked)[0], box, say)

test('a good box is not warned of, and its proof says so', () => {
  const box = boxOf({})
  expect(kinds(box)).toEqual([])
  expect(proofLine(box)).toBe('5 parts, nothing overlaps, nothing missing')
})
test('slots near the rim leave a web thinner than the sheet, and the panels are named', () => {
  const near = boxOf({ floor: { ...tray.box.floor, kind: 'tenon', raised: 2 } })
  expect(kinds(near)).toContain('thin web')
  expect(said(near)).toContain('thinner than the sheet (3.04 mm)')
  // between the slots, 2 mm up, and the edge below them
  const [web] = warningsOf(near, machine, 5, [])
  expect(web.spots.map(({ panel }) => panel).sort()).toEqual([...web.panels].sort())
  for (const { panel, at } of web.spots) {
    const { outline } = near.panels!.find(({ id }) => id === panel)!.region
    expect(Math.abs(at.y - Math.min(...outline.map(({ y }) => y)) - 1)).toBeLessThan(0.2)
  }
  expect(kinds(boxOf({ floor: { ...tray.box.floor, kind: 'tenon', raised: 8 } }))).toEqual([])
})
test('tabs under a thickness, panels over the bed, panels that lock each other', () => {
  const narrow = boxOf({ proud: 0, tabs: { ...tray.box.tabs, uprights: { rule: 'shares', count: 19 } } })
  expect(kinds(narrow)).toEqual(['narrow tab'])
  const [{ spots }] = warningsOf(narrow, machine, 5, [])
  expect(spots).toHaveLength(2)
  for (const { panel, at } of spots) {
    const { minX, maxX } = bounds(narrow.panels!.find(({ id }) => id === panel)!.region.outline)
    expect(Math.min(at.x - minX, maxX - at.x)).toBeCloseTo(1.52, 6) // the middle of a 3.04 mm wall
  }
  const long = boxOf({ width: 900 })
  expect(kinds(long)).toEqual(['larger than the bed'])
  expect(said(long)).toContain('590 × 390 mm free')
  expect(kinds(boxOf({ width: 900, seams: { divides: true, angle: 0, staggered: false, at: {} } }))).toEqual(
    [],
  )
  expect(said(boxOf({}), ['front', 'left'])).toBe(
    'front and left lock each other: none of them can come in last. Change how one of them is joined.',
  )
})
test('what the proof finds is told first, by the panels’ own names', () => {
  const box = boxOf({})
  const at = { x: 9, y: 1, z: 0 }
  const faulty: DerivedBox = {
    ...box,
    proof: {
      panels: 5,
      faults: [
        { kind: 'overlap', panels: ['front', 'floor'], at },
        { kind: 'missing', panels: ['left'], at },
      ],
    },
  }
  expect(kinds(faulty)).toEqual(['overlap', 'missing'])
  expect(warningsOf(faulty, machine, 5, [])[0].spots[0]).toEqual({ panel: 'front', at: { x: 9, y: 0 } })
  expect(said(faulty)).toContain('front and floor would be in the same place')
  expect(proofLine(faulty)).toBe(
    '5 parts. front and floor would be in the same place. Move one of them, or make it smaller.',
  )
})
test('a box that cannot be made is not warned of: its problem is said', () =>
  expect(kinds(boxOf({ width: 5 }))).toEqual([]))

test('a lid that its own weight opens as the box stands in use is told of', () => {
  const lid = (kind: 'slide' | 'lift', lies: Job['box']['lies'], captive = false): string[] => {
    const { box } = tray
    const top = withLid({ ...box, height: 60 }, kind, 3.04, kind === 'slide' ? { captive } : {})
    const made = boxOf({ ...top, lies })
    return warningsOf(made, machine, 5, [])
      .filter((warning) => warning.kind === 'falls')
      .map((warning) => warningSentence(warning, made, say))
  }
  expect(lid('slide', 'upright')).toEqual([])
  expect(lid('lift', 'upright')).toEqual([])
  expect(lid('slide', 'upside down')).toEqual([])
  expect(lid('slide', 'on its back')[0]).toContain('the lid falls out by its own weight')
  expect(lid('slide', 'on its back', true)[0]).toContain('the lid opens by its own weight')
  expect(lid('lift', 'upside down')[0]).toContain('the lid falls out by its own weight')
})
