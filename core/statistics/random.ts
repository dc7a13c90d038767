/**
 * Seeded random numbers in [0, 1), so that the same seed always gives the same. mulberry32, public
 * domain; from memory.
 */
export function randomFrom(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = state
    mixed = Math.imul(mixed ^ (mixed >>> 15), mixed | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

/**
 * A throw from the bell curve, by two even ones. [PUB: Box & Muller, A note on the generation of random
 * normal deviates, Annals of Mathematical Statistics 29 (1958)]
 */
export const standardNormal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
