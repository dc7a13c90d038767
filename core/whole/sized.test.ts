import { describe, expect, test } from '@jest/globals'
import { largestContents, deriveThings, sceneOf, settleJob, standsOf } from '../derive'
import { fittingOf } from '../fittings'
import { emptyJob, thingsOf, type Job } from '../job'
import { asKind, defaultsOf, KINDS } from '../kinds'
import { IN_METRIC } from '../length'
import { newStock } from '../stock'
import type { Whole } from '.'

/** A job of a kind as it is by default, its whole changed. */
function whole(kind: string, part: object): Job {
  const found = KINDS.find((each) => each.kind === kind)!
  const empty = emptyJob('w', kind, '')
  const job = asKind(
    { ...empty, measure: { ...empty.measure, stock: newStock('s', 's') } },
    found,
    defaultsOf(found, 3),
  )
  const settled = settleJob({ ...job, whole: { ...job.whole, ...part } as Whole }, IN_METRIC)
  if (!settled.ok) throw new Error(settled.error)
  return settled.job
}
const sizes = (job: Job): string[] =>
  thingsOf(job).map(({ copies, box }) => `${copies}: ${[box.width, box.depth, box.height].join(' × ')}`)
const strikes = (job: Job) => standsOf(sceneOf(job, deriveThings(job))!).filter((stand) => stand.strikes)

describe('a set', () => {
  // Worked out by hand: 410 − 2·2 to the sides − 2·2 between is 402, and 280 − 2·2 − 2 is 274.
  const drawer = { width: 410, depth: 280, height: 58, gap: 2, above: 0, rows: [null, null] }
  test('each row has widths of its own: three equal ones before 120, 150 and the rest', () => {
    const job = whole('box-set', { ...drawer, columns: [null, null, null], own: [[], [120, 150, null]] })
    expect(sizes(job)).toEqual([
      '3: 134 × 137 × 58',
      '1: 120 × 137 × 58',
      '1: 150 × 137 × 58',
      '1: 132 × 137 × 58',
    ])
    expect(strikes(job)).toEqual([])
  })
  test('more than twenty sizes are refused: each is proven against all others', () => {
    const wide = { ...drawer, width: 1600, rows: [null], own: [] }
    const columns = (count: number) => Array.from({ length: count }, (_, i) => 40 + i)
    expect(thingsOf(whole('box-set', { ...wide, columns: [...columns(19), null] }))).toHaveLength(20)
    expect(() => whole('box-set', { ...wide, columns: [...columns(20), null] })).toThrow(
      'These are 21 different boxes; 20 may stand in each other.',
    )
  })
  test('a row that is too wide is refused at its own field', () => {
    const job = { ...whole('box-set', drawer) }
    const settled = settleJob({ ...job, whole: { ...job.whole, own: [[300, 200]] } as Whole }, IN_METRIC)
    expect(settled.ok ? '' : settled.error).toContain('96 mm too wide')
  })
  test('one pull is in the front of all of them; where none is said, each keeps its own', () => {
    const job = whole('box-set', { pull: { kind: 'half-round', size: 20 } })
    const pulls = (of: Job) => thingsOf(of).map(({ box }) => fittingOf(box, 'pull')?.kind)
    expect(new Set(pulls(job))).toEqual(new Set(['half-round']))
    const none = settleJob(
      { ...job, whole: { ...job.whole, pull: { kind: 'none', size: 20 } } as Whole },
      IN_METRIC,
    )
    expect(none.ok && new Set(pulls(none.job))).toEqual(new Set(['half-round']))
  })
})

test('two halves leave between their linings what was asked for; between the walls, as before', () => {
  const asked = { width: 152.4, depth: 101.6 }
  const free = (job: Job) => {
    const [lower] = deriveThings(job)
    const { x, y } = largestContents(lower.box.made!)
    return [x, y].map((size) => Math.round(size * 100) / 100)
  }
  expect(free(whole('split-box', { ...asked, inside: 'lining', play: 0.2 }))).toEqual([152.4, 101.6])
  // Two linings of 3 mm and two plays of 0.2 mm are less.
  expect(free(whole('split-box', { ...asked, inside: 'walls', play: 0.2 }))).toEqual([146, 95.2])
})

describe('boxes that are sized by hand', () => {
  const wider = (job: Job, by: number): Job => {
    const [drawer, ...more] = job.also
    return { ...job, also: [{ ...drawer, box: { ...drawer.box, width: drawer.box.width + by } }, ...more] }
  }
  const settled = (job: Job): Job => {
    const result = settleJob(job, IN_METRIC)
    if (!result.ok) throw new Error(result.error)
    return result.job
  }
  const cabinet = whole('cabinet', {})
  test('a whole sizes them, unless it is told not to', () => {
    expect(sizes(settled(wider(cabinet, 1)))).toEqual(sizes(cabinet))
    const byHand = { ...cabinet, whole: { ...cabinet.whole!, byHand: true } }
    expect(sizes(settled(wider(byHand, 1)))).not.toEqual(sizes(cabinet))
  })
  test('how many there are of them follows all the same; another division sizes them anew', () => {
    const byHand = settled(wider({ ...cabinet, whole: { ...cabinet.whole!, byHand: true } }, 0.5))
    const divided = (part: object) => settled({ ...byHand, whole: { ...byHand.whole!, ...part } as Whole })
    const fewer = divided({ rows: [null, null, null] })
    expect(fewer.also[0].copies).toBe(9)
    expect(fewer.also[0].box.width).toBe(byHand.also[0].box.width)
    // Two widths of columns are two kinds of drawers: nobody sized those.
    const two = divided({ columns: [100, null] })
    expect(two.also).toHaveLength(2)
    expect(strikes(two)).toEqual([])
  })
  test('and whether they still go together is proven all the same', () => {
    const byHand = { ...cabinet, whole: { ...cabinet.whole!, byHand: true } }
    // 1.27 mm of play at each side: half a millimetre more goes in, three do not.
    expect(strikes(settled(wider(byHand, 0.5)))).toEqual([])
    expect(strikes(settled(wider(byHand, 3))).length).toBeGreaterThan(0)
  })
})
