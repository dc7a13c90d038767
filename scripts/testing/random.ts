const { sqrt, log, cos, PI } = Math // looked up once: a look-up of a global is slow where tests run

/**
 * Even random numbers in [0, 1) from a seed, for simulations in tests. Park and Miller's minimal standard;
 * from memory.
 */
export function randomUniform(seed: number): () => number {
  let state = seed % 2147483647
  return () => (state = (state * 48271) % 2147483647) / 2147483647
}

/** Standard normal random numbers from a seed (Box and Muller). */
export function randomNormal(seed: number): () => number {
  const uniform = randomUniform(seed)
  return () => sqrt(-2 * log(uniform())) * cos(2 * PI * uniform())
}
