import { describe, expect, test } from '@jest/globals'
import { PLAIN_BOX, sameTabs, withLid, type BoxSpec, type Opening } from '../box'
import { defaultFitting, withFitting } from '../fittings'
import { emptyJob } from '../job'
import { IN_METRIC } from '../length'
import { warningSentence } from '../say'
import { newStock } from '../stock'
import { deriveBox, warningsOf } from './index'

const T = 3
const plain: BoxSpec = {
  ...PLAIN_BOX,
  sizesAre: 'outer',
  width: 160,
  depth: 110,
  height: 70,
  tabs: sameTabs({ rule: 'even', width: 10 }),
  proud: 0,
}
const columns = (into: BoxSpec['dividers']['into'], cells = 2): Partial<BoxSpec> => ({
  dividers: {
    ...PLAIN_BOX.dividers,
    into,
    depth: 1.2,
    columns: { cells: Array<null>(cells).fill(null), height: null, lift: 0 },
  },
})
const opening = (part: Partial<Opening>): Opening => ({
  id: 'a',
  panel: 'front',
  shape: { kind: 'rectangle', width: 40, height: 16, radius: 0 },
  anchor: 'centre',
  point: 'centre',
  right: 0,
  up: 0,
  turn: 0,
  from: '',
  repeat: { kind: 'grid', columns: 1, rows: 1, apart: 0 },
  mirrored: false,
  ...part,
})

/** What a box cannot be used for, in words. */
function said(box: BoxSpec): string[] {
  const empty = emptyJob('u', 'u', '')
  const stock = { ...newStock('s', 's'), nominal: T }
  const derived = deriveBox({ ...empty, box, measure: { ...empty.measure, stock } })
  expect([derived.problems, derived.proof?.faults]).toEqual([[], []])
  return warningsOf(derived, null, 0, [])
    .filter(({ kind }) =>
      ['shut in', 'closed', 'no room for fingers', 'no grip', 'no corner free'].includes(kind),
    )
    .map((warning) => warningSentence(warning, derived, IN_METRIC))
}

describe('what is meant to come out', () => {
  test.each(['slot', 'groove', 'loose'] as const)('dividers in an open box (%s) do', (into) =>
    expect(said({ ...plain, ...columns(into) })).toEqual([]),
  )
  test('grooves under a lid that turns on pins run out at the rim: its dividers come out', () =>
    expect(said({ ...withLid(plain, 'hinge', T), ...columns('groove') })).toEqual([
      expect.stringContaining('nothing to grip'),
    ]))
  test('slots open at the rim are reached under a lid that lifts off the walls', () => {
    const box = withLid({ ...plain, ...columns('slot') }, 'lift', T)
    expect([box.dividers.into, said(box)]).toEqual(['slot', []])
    // The board behind a lid that flips up is glued on: nothing comes out under it.
    const under = { ...withLid(plain, 'flip', T), ...columns('groove') }
    expect(said(under)).toEqual(['column 1 cannot be drawn out: board behind the lid is in the way.'])
  })
  test('what is held by tenons is not meant to, nor what is under a top that is glued on', () => {
    expect(said({ ...plain, ...columns('tenon') })).toEqual([])
    expect(said({ ...withLid(plain, 'fingers', T), ...columns('groove') })).toEqual([])
  })
})

describe('what is meant to be gripped, or open', () => {
  const pulled = { ...plain, fittings: [{ type: 'pull' as const, kind: 'half-round' as const, size: 20 }] }
  test('a pull in the front with a divider behind it', () => {
    expect(said(pulled)).toEqual([])
    expect(said({ ...pulled, ...columns('tenon', 3) })).toEqual([])
    expect(said({ ...pulled, ...columns('tenon') })).toEqual([
      'Fingers have no room at the grip of the front: the column 1 stands behind it. Move one of them.',
    ])
  })
  test('an opening in a lid that its lip closes', () => {
    const lifted = withLid(plain, 'lift', T)
    const open = { ...lifted, openings: [opening({ panel: 'top' })] }
    expect(said(open)).toEqual([
      'The lip closes an opening of the top. Put the same opening into it, or move it.',
    ])
    expect(said({ ...withLid(plain, 'fingers', T), openings: [opening({ panel: 'top' })] })).toEqual([])
  })
  test('an opening in the front that a ledge for a tray stands before', () => {
    const ledged = {
      ...plain,
      fittings: withFitting([], { ...defaultFitting('tray-ledge', plain, T), at: 41, width: 24 }),
    }
    expect(said({ ...ledged, openings: [opening({ up: -4 })] })).toEqual([
      expect.stringContaining('closes an opening of the front'),
    ])
    expect(
      said({
        ...ledged,
        openings: [opening({ up: -24, shape: { kind: 'rectangle', width: 40, height: 6, radius: 0 } })],
      }),
    ).toEqual([])
  })
  test('a lid that lies flush wants a grip; one on the walls is taken by its edges', () => {
    expect(said(withLid(plain, 'rebate', T))).toEqual([])
    expect(said(withLid(plain, 'rebate', T, { pull: 0 }))).toEqual([
      expect.stringContaining('nothing to grip'),
    ])
    expect(said(withLid(plain, 'slide', T, { pull: 0 }))).toEqual([
      expect.stringContaining('nothing to grip'),
    ])
    for (const lid of ['lift', 'flip', 'fingers', 'slide']) expect(said(withLid(plain, lid, T))).toEqual([])
  })
})

test('corners taken off where none is free change nothing, and that is said', () => {
  const softened = { type: 'softened' as const, kind: 'round' as const, size: 6 }
  expect(said({ ...plain, fittings: [softened] })).toEqual([expect.stringContaining('No corner is free')])
  const lifted = withLid(plain, 'lift', T)
  expect(said({ ...lifted, fittings: [...lifted.fittings, softened] })).toEqual([])
})
