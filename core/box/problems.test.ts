import { expect, test } from '@jest/globals'
import { boxOf, PLAIN } from '../../scripts/testing/parts'
import { IN_METRIC as say } from '../length'
import type { Bolts } from '../joints'
import { jointProblems, problemSentence, sameTabs, sameThickness, specProblems, type BoxSpec } from './index'

const NEEDED = 0.8
const spec: BoxSpec = {
  ...PLAIN,
  sizesAre: 'outer',
  width: 120,
  depth: 90,
  height: 60,
  fittings: [],
  tabs: sameTabs({ rule: 'even', width: 10 }),
  proud: 0,
}
const bolts: Bolts = { size: 'M3', count: 1, length: 16 }
const columns = (part: Partial<BoxSpec['dividers']['columns']>): BoxSpec['dividers'] => ({
  ...spec.dividers,
  columns: { cells: [null, null], height: 40, lift: 0, ...part },
})
/** Every sentence that is said of a box of sheet 3 mm thick. */
function sentences(part: Partial<BoxSpec>): string[] {
  const made = { ...spec, ...part }
  const problems = specProblems(made, sameThickness(3), NEEDED)
  const found = problems.length > 0 ? problems : jointProblems(boxOf(made), NEEDED)
  return found.map((problem) => problemSentence(problem, say))
}

test.each<[string, Partial<BoxSpec>, string]>([
  ['cells too wide', { dividers: columns({ cells: [80, 80] }) }, 'too wide together'],
  ['dividers too high', { dividers: columns({ height: 58 }) }, 'at most 57 mm high'],
  ['dividers above the room', { dividers: columns({ lift: 57 }) }, 'no room for dividers'],
  [
    'slots under a top',
    { fittings: [{ type: 'top-fingers' as const }], dividers: columns({}) },
    'cannot be reached under this lid',
  ],
  [
    'a floor groove through the wall',
    { floor: { ...spec.floor, kind: 'groove', raised: 4, depth: 2.9 } },
    'A groove 2.9 mm deep would go through 3 mm',
  ],
  [
    'a divider groove through the wall',
    { dividers: { ...columns({}), into: 'groove', depth: 3 } },
    'would go through 3 mm',
  ],
  ['laps at the very end', { corners: { ...spec.corners, kind: 'lap', setIn: 0 } }, 'at least 1.5 mm'],
  [
    'a raised floor at the edge',
    { floor: { ...spec.floor, kind: 'tenon', raised: 1 } },
    'The floor lies too near',
  ],
  ['ledges without height', { floor: { ...spec.floor, kind: 'ledge', raised: 0 } }, 'at least 1 mm'],
  ['a lowered top at the edge', { fittings: [{ type: 'top-tenon', lowered: 0 }] }, 'The top lies too near'],
  [
    'a bolt that ends in the joint',
    { bolts: { ...spec.bolts, uprights: { ...bolts, length: 6 } } },
    'Take one at least',
  ],
  [
    'a bolt whose hole opens at the edge',
    { bolts: { ...spec.bolts, uprights: bolts } },
    'would open at the panel’s edge'.replace('’', "'"),
  ],
  [
    'an edge of its own with tabs too narrow',
    { edges: { 'front-left': { kind: 'fingers', rule: { rule: 'shares', count: 99 }, bolts: null } } },
    'Some tabs of the uprights would have',
  ],
])('%s: one sentence that says what would mend it', (_, part, sentence) => {
  const said = sentences(part)
  expect(said.length).toBeGreaterThan(0)
  expect(said[0]).toContain(sentence)
  for (const each of said) expect(each).toMatch(/\.$/)
})
test('tabs too narrow for a bolt are said, wide ones are not', () => {
  const tenons: Partial<BoxSpec> = {
    corners: { kind: 'tenon', leads: 'front and back', setIn: 8 },
    floor: { ...spec.floor, kind: 'tenon', raised: 8 },
    bolts: { ...spec.bolts, uprights: bolts },
  }
  const narrow = { ...spec.tabs, uprights: { rule: 'shares' as const, count: 15 } }
  expect(sentences({ ...tenons, tabs: narrow })[0]).toContain('No tab is wide enough')
  expect(sentences(tenons)).toEqual([])
})
test('a bolt as long as was offered is not refused again', () => {
  const short = { ...spec, bolts: { ...spec.bolts, uprights: { ...bolts, length: 6 } } }
  const [problem] = specProblems(short, sameThickness(3), NEEDED)
  if (problem.kind !== 'bolt') throw new Error('another problem')
  const longer = { ...short, bolts: { ...short.bolts, uprights: { ...bolts, length: problem.least } } }
  expect(specProblems(longer, sameThickness(3), NEEDED)).toEqual([])
})
