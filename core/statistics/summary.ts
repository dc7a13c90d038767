import { studentQuantile } from './student'

const { abs, sqrt } = Math // looked up once: simulations come here millions of times

/** All of a list together; 0 for an empty one. */
export const sumOf = (values: number[]): number => values.reduce((sum, value) => sum + value, 0)

/** What each of a list would be if all were alike; NaN for an empty one. */
export const meanOf = (values: number[]): number => sumOf(values) / values.length

export interface Summary {
  n: number
  mean: number
  /** Sample standard deviation; 0 for a single reading. */ sd: number
  /** Half of the 95 % interval of the mean; null for a single reading. */ half: number | null
}

/** Mean, spread and 95 % interval of the mean from Student's t. Throws when there are no readings. */
export function summarise(readings: number[]): Summary {
  const n = readings.length
  if (n === 0) throw new Error('summarise: there are no readings')
  const mean = meanOf(readings)
  if (n === 1) return { n, mean, sd: 0, half: null }
  const sd = sqrt(readings.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (n - 1))
  return { n, mean, sd, half: (studentQuantile(0.975, n - 1) * sd) / sqrt(n) }
}

/** Half-width of the 95 % interval that `n` readings of this spread would give. */
export const halfWidthFor = (sd: number, n: number): number =>
  n < 2 ? Infinity : (studentQuantile(0.975, n - 1) * sd) / sqrt(n)

/** What calipers show at the finest, mm: readings are rounded to it. [CP] */
const RESOLUTION = 0.01

/**
 * Places of readings that do not seem to belong to the others: Grubbs' test, two-sided at 5 %, one after
 * another. They are pointed out, never dropped. What rounding adds to the spread is part of it: of few
 * readings most are the same once they are rounded. [PUB: NIST/SEMATECH e-Handbook of Statistical Methods,
 * 1.3.5.17.1]
 * @param resolution that readings are rounded to, mm
 */
export function outliers(readings: number[], resolution = RESOLUTION): number[] {
  const found: number[] = []
  for (;;) {
    const left = readings.map((value, i) => ({ value, i })).filter(({ i }) => !found.includes(i))
    const n = left.length
    if (n < 3) return found.sort((a, b) => a - b)
    const { mean, sd } = summarise(left.map(({ value }) => value))
    const far = left.reduce((most, each) => (abs(each.value - mean) > abs(most.value - mean) ? each : most))
    const t = studentQuantile(1 - 0.05 / (2 * n), n - 2)
    const limit = ((n - 1) / sqrt(n)) * sqrt((t * t) / (n - 2 + t * t))
    const spread = Math.hypot(sd, resolution / sqrt(12))
    if (sd === 0 || abs(far.value - mean) / spread <= limit) return found.sort((a, b) => a - b)
    found.push(far.i)
  }
}
