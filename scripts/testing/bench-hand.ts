// A bench as it is: readings are typed in steps of 0.01 mm, by hands from very steady to the usual one.
import { kerfFromSquares, kerfFromStrip } from '../../core/kerf'
import { randomNormal, randomUniform } from './random'

const { round, abs } = Math // looked up once: a look-up of a global is slow where tests run
export const gauss = randomNormal(4242)
export const uniform = randomUniform(99)
/** A reading of calipers as it is typed, in steps of 0.01 mm. */
export const typed = (truth: number, hand: number): number => round((truth + hand * gauss()) * 100) / 100

interface Interval {
  width: number
  doubt: number | null
}
/** The share of intervals that hold the kerf that was there. */
export function covered(runs: number, once: (kerf: number) => Interval): number {
  let inside = 0
  for (let i = 0; i < runs; i++) {
    const kerf = 0.05 + 0.3 * uniform()
    const { width, doubt } = once(kerf)
    if (abs(width - kerf) <= doubt! + 1e-12) inside++
  }
  return inside / runs
}

/** Kerfs measured at a simulated bench: so many pieces, read by so steady a hand. */
export const METHODS: Record<string, (kerf: number, n: number, hand: number) => Interval> = {
  squares(kerf, n, hand) {
    const read = () => Array.from({ length: n }, () => typed(25 - kerf, hand))
    return kerfFromSquares(25, { xs: read(), ys: read() })
  },
  'squares of a beam that is not round'(kerf, n, hand) {
    const read = (k: number) => Array.from({ length: n }, () => typed(25 - k, hand))
    return kerfFromSquares(25, { xs: read(kerf + 0.03), ys: read(kerf - 0.03) })
  },
  'squares read one way'(kerf, n, hand) {
    return kerfFromSquares(25, { xs: Array.from({ length: n }, () => typed(25 - kerf, hand)), ys: [] })
  },
  strip(kerf, n, hand) {
    return kerfFromStrip(
      10,
      Array.from({ length: n }, () => typed(10 * kerf, hand)),
    )
  },
}
