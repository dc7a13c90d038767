import { energyFor, needOf, nextTest } from '../../core/belief'
import { believeNeed } from '../../core/belief/need'
import type { NeedTest } from '../../core/belief/need-model'
import { standardNormal, normalBelow, randomFrom } from '../../core/statistics'
import type { TestResult } from '../../core/tune'

const RULE = 0.72

/**
 * Stocks as nobody knows them, by how far their need is off the rule, on the logarithm: evenly from a fifth
 * to eight times, on a machine whose watts are wrong by up to two; or as if the rule were right.
 */
const WORLDS = {
  wide: (random: () => number): number =>
    Math.log(0.2) + Math.log(40) * random() + Math.LN2 * (2 * random() - 1),
  narrow: (random: () => number): number => 0.25 * standardNormal(random),
}

/** By how many tests: the share of intervals that held, and of cuts at "90 % sure" that went through. */
interface Tuned {
  held: number[]
  sure: number[]
}

/** Makers who test what they are told to, one test after another, on cuts that differ by a few per cent. */
export function tunedMakers(
  world: keyof typeof WORLDS,
  makers: number,
  tests: number,
  seed = 20261129,
): Tuned {
  const random = randomFrom(seed)
  const tuned: Tuned = { held: Array<number>(tests + 1).fill(0), sure: Array<number>(tests + 1).fill(0) }
  for (let maker = 0; maker < makers; maker++) {
    const need = Math.log(RULE) + WORLDS[world](random)
    const spread = 0.03 + 0.09 * random()
    const chars = 0.35 + 0.9 * random()
    const done: NeedTest[] = []
    for (let n = 0; n <= tests; n++) {
      const belief = believeNeed(RULE, done)
      const { low, high } = needOf(belief)
      if (need >= Math.log(low) && need <= Math.log(high)) tuned.held[n] += 1 / makers
      tuned.sure[n] += normalBelow((Math.log(energyFor(belief, 0.9)) - need) / spread) / makers
      const { energy } = nextTest(belief)
      const more = Math.log(energy) - need + spread * standardNormal(random)
      const result: TestResult =
        more < 0 ? 'not through' : more < 0.12 ? 'just through' : more < chars ? 'clean' : 'charred'
      done.push({ energy, passes: 1, result, off: 0, count: 1 })
    }
  }
  return tuned
}
