import { expect, test } from '@jest/globals'
import { emptyJob } from '../job'
import { groupsAlike, withRule } from './alike'
import { withLid } from './choose'

const { box } = emptyJob('a', 'a', '')
const closed = withLid(box, 'fingers', 3)
const even = (width: number) => ({ ...closed.tabs.floor, rule: 'even' as const, width })
const plain = { ...closed, tabs: { ...closed.tabs, uprights: even(9), floor: even(9), top: even(9) } }

test('a width typed once holds for all edges that were alike', () => {
  expect(groupsAlike(plain, 'floor')).toEqual(['uprights', 'top'])
  expect(withRule(plain, 'floor', even(12))).toEqual({
    ...plain.tabs,
    uprights: even(12),
    floor: even(12),
    top: even(12),
  })
})
test('one that was set apart stays, and another way to share out is that group’s alone', () => {
  const apart = { ...plain, tabs: { ...plain.tabs, uprights: even(20) } }
  expect(withRule(apart, 'floor', even(12)).uprights).toEqual(even(20))
  expect(withRule(apart, 'floor', even(12)).top).toEqual(even(12))
  const shares = { rule: 'shares' as const, count: 7 } as never
  expect(withRule(plain, 'uprights', shares)).toEqual({ ...plain.tabs, uprights: shares })
})
test('edges without tabs are alike with none', () => {
  expect(groupsAlike({ ...plain, fittings: [] }, 'floor')).toEqual(['uprights'])
  const slid = withLid(plain, 'slide', 3)
  expect(groupsAlike({ ...slid, tabs: plain.tabs }, 'floor')).toEqual(['uprights'])
})
