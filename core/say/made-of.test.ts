import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { withLid } from '../box'
import { deriveBox } from '../derive'
import { defaultFitting } from '../fittings'
import { IN_METRIC, sayIn, type Say } from '../length'
import { madeOf, thingOfPart, wantedWord } from './made-of'

const plain = demo('plain-tray')
const linesOf = (box: typeof plain.box, say: Say = IN_METRIC) => madeOf({ ...plain, box }, 0, say)
const said = (box: typeof plain.box, thing: string, say?: Say) =>
  linesOf(box, say).find((line) => line.thing === thing)?.said
const present = (box: typeof plain.box) =>
  linesOf(box)
    .filter(({ isThere }) => isThere)
    .map(({ thing }) => thing)

describe('what a box is made of', () => {
  test('an open box has five things; what it could have is not there', () => {
    expect(present(plain.box)).toEqual(['lid', 'fit', 'corners', 'floor', 'stocks'])
    expect(said(plain.box, 'lid')).toBe('open')
  })
  test('a lid is said with its figures, in the unit of the screen', () => {
    const box = withLid(plain.box, 'slide', 3)
    expect(said(box, 'lid')).toMatch(/^slides, .*play of the lid 0\.3 mm/)
    expect(said(box, 'lid', sayIn({ length: 'in', fractions: false, speed: 'mm/s' }))).toMatch(
      /play of the lid 0\.012 in/,
    )
  })
  test('what is added has a line of its own, a figure that is nothing is not said', () => {
    const box = { ...plain.box, fittings: [{ ...defaultFitting('lining', plain.box, 3), play: 0 }] }
    expect(present(box)).toContain('fitting-lining')
    expect(said(box, 'fitting-lining')).toMatch(/\d mm/)
    expect(said(box, 'fitting-lining')).not.toMatch(/play/)
  })
  test('of boxes that stand in each other the whole comes first', () => {
    const cabinet = demo('slip-cases')
    const whole = { kind: 'nested' } as NonNullable<typeof plain.whole>
    expect(madeOf({ ...cabinet, whole }, 0, IN_METRIC)[0].thing).toBe('whole')
  })
  test('a wanted fit is meant from the maker’s own snug on', () => {
    expect(wantedWord(0.02, 0.02)).toBe('snug')
    expect(wantedWord(0.02, 0)).toBeNull()
  })
})

test('a part leads to the thing whose figures made it; a wall belongs to all', () => {
  const box = { ...withLid(plain.box, 'flip', 3) }
  const columns = { ...box.dividers.columns, cells: [null, null] }
  const ledges = defaultFitting('tray-ledge', box, 3)
  const spec = { ...plain.box, dividers: { ...box.dividers, columns }, fittings: [ledges] }
  const made = deriveBox({ ...plain, box: spec }).made!
  const things = Object.fromEntries(made.assembly.parts.map(({ id }) => [id, thingOfPart(made, id)]))
  expect(things).toMatchObject({ front: null, floor: 'floor' })
  expect(Object.values(things)).toEqual(expect.arrayContaining(['dividers', 'fitting-tray-ledge']))
  const lidded = deriveBox({ ...plain, box }).made!
  for (const { id } of lidded.assembly.parts.filter(({ id: each }) => /top|lid/.test(each)))
    expect([id, thingOfPart(lidded, id)]).toEqual([id, 'lid'])
})
