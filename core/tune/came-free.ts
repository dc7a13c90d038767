import type { Setting, TestResult } from './test-record'
import type { TestSheet } from './sheet'

/** Energy of a setting against another on the same machine and sheet: passes times power over speed. */
const spent = ({ speed, power, passes }: Setting): number => (passes * power) / speed

/**
 * What is known of every square of a test sheet once the quickest that came free is named: that one is clean,
 * what was given less did not go through, and nothing was said of what was given more.
 * @param square its place on the sheet, from 0; null where none came free
 */
export function resultsOfFree({ squares }: TestSheet, square: number | null): (TestResult | null)[] {
  if (square === null) return squares.map(() => 'not through')
  const own = spent(squares[square].setting)
  return squares.map(({ setting }, i) => {
    if (i === square) return 'clean'
    return spent(setting) < own ? 'not through' : null
  })
}
