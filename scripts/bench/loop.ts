import { bySureness, loop, reliability, type Copied } from '../testing/loop'
import { mustHold, row } from './timing'

const MACHINES = 200
/** A word that comes more often or less often than it is promised by so much is a broken promise. */
const POINTS = 3

const percent = (share: number): string => `${(100 * share).toFixed(1)} %`

function table(name: string, copies: Copied[]): void {
  for (const { word, promised, came } of reliability(copies)) {
    row(`${name}, ${word}: promised / came`, `${percent(promised)} / ${percent(came)}`)
    mustHold(Math.abs(promised - came) <= POINTS / 100, `${name}, ${word}: more than ${POINTS} points off`)
  }
  for (const { from, promised, came, count } of bySureness(copies))
    row(`${name}, promised ${percent(from)} and more (${count})`, `${percent(promised)} / ${percent(came)}`)
}

/** The whole way over many machines that nobody knows: how far the odds of each fit are to be trusted. */
export function benchLoop(): void {
  console.log(`Measure, Tune, Cut and the next copy, over ${MACHINES} simulated machines`)
  const all = Array.from({ length: MACHINES }, (_, i) => loop(i + 1))
  table(
    'first copy',
    all.map(({ first }) => first),
  )
  table(
    'next copy',
    all.map(({ next }) => next),
  )
}
