import { CHARS, effective, OFFSETS, PASSES, SPREADS, weigh, type NeedTest } from './need-model'

/** How far stocks of one machine differ in where charring begins, in steps of the list. [FM] */
const APART = 1.5
/** How often a stock chars quite otherwise. [FM] */
const OTHERWISE = 0.15

/** How likely one beginning is on a stock where another has that one. */
const alike = CHARS.map((_, a) => {
  const row = CHARS.map((__, b) => Math.exp(-((a - b) ** 2) / (2 * APART ** 2)))
  const sum = row.reduce((total, each) => total + each, 0)
  return row.map((each) => ((1 - OTHERWISE) * each) / sum + OTHERWISE / CHARS.length)
})
const spreadOut = (list: number[]): number[] =>
  alike.map((row) => row.reduce((sum, each, i) => sum + each * list[i], 0))
const evened = (list: number[]): number[] => {
  const sum = list.reduce((total, each) => total + each, 0)
  return list.map((each) => each / sum)
}

/** How likely a stock's tests are for each beginning of charring, whatever it needs. @param rule logarithm */
function likelihoodOf(tests: NeedTest[], rule: number): number[] {
  const [{ sd }, { share }] = [SPREADS[1], PASSES[1]]
  const rows = OFFSETS.map((offset) => {
    const logs = CHARS.map(() => 0)
    for (const test of tests)
      weigh(logs, test, effective(test, share) - rule - offset, Math.hypot(sd, test.off))
    return logs
  })
  const most = Math.max(...rows.flat())
  return CHARS.map((_, c) => rows.reduce((sum, logs) => sum + Math.exp(logs[c] - most), 0))
}

/**
 * How likely each beginning of charring is before anything is tried on a stock: what the machine's other
 * stocks say of it, each as much as one stock can.
 */
export function charringBefore(others: { tests: NeedTest[]; rule: number }[]): number[] {
  const told = others
    .filter(({ tests }) => tests.some(({ result }) => result !== 'not through'))
    .map(({ tests, rule }) => spreadOut(evened(likelihoodOf(tests, rule))))
  const shared = told.reduce(
    (all, each) => evened(all.map((chance, i) => chance * each[i])),
    CHARS.map(() => 1 / CHARS.length),
  )
  return told.length > 0 ? spreadOut(shared) : shared
}
