import { expect, test } from '@jest/globals'
import { dayOf, momentOf, dateText } from './dates'

test('a day is the maker’s own, also at its end', () => {
  for (const [hour, minute] of [
    [0, 1],
    [12, 0],
    [23, 59],
  ]) {
    // oxfmt-ignore
    const moment = new Date(2026, 9, 5, hour, minute)
    expect(dayOf(moment)).toBe('2026-10-05')
    expect(dayOf(moment.toISOString())).toBe('2026-10-05')
  }
  expect(dayOf('nonsense')).toBe('nonsense')
})
test('what happened today is now, on another day at noon of it; the day is kept either way', () => {
  const now = new Date(2026, 9, 5, 23, 58)
  expect(momentOf('2026-10-05', now)).toBe(now.toISOString())
  expect(dayOf(momentOf('2026-10-04', now))).toBe('2026-10-04')
})
test('a date is readable, and what is none stands as it is', () => {
  expect(dateText(new Date(2026, 9, 5).toISOString())).toBe('5 Oct 2026')
  expect(dateText('some day')).toBe('some day')
})
