import { fixed } from '../length'
import type { Working } from '../working'
import type { Stock } from './stock'

/** A sheet's thickness as it is known. Lengths in mm. */
export interface Thickness {
  mean: number
  thinnest: number
  thickest: number
  /** Thickest minus thinnest. */
  spread: number
  /** Half of the spread: what stands behind ± on the screen. */
  halfSpread: number
  readings: number
  measured: boolean
  working: Working
}

/** What is assumed when there is neither a reading nor a name: the commonest sheet in hobby workshops. [CP] */
const ASSUMED = 3

/**
 * Thickness from the readings of a stock; its nominal where there is none, and it says so.
 * The mean is rounded to a micrometre, so that every figure derived from it can be written down exactly.
 */
export function thicknessOf(stock: Pick<Stock, 'nominal' | 'readings'> | null): Thickness {
  const readings = stock?.readings ?? []
  const measured = readings.length > 0
  const values = measured ? readings : [stock?.nominal ?? ASSUMED]
  const mean = Math.round((values.reduce((sum, value) => sum + value, 0) / values.length) * 1000) / 1000
  const thinnest = Math.min(...values)
  const thickest = Math.max(...values)
  return {
    mean, thinnest, thickest,
    spread: thickest - thinnest,
    halfSpread: (thickest - thinnest) / 2,
    readings: readings.length,
    measured,
    working: {
      title: 'Thickness of the sheet',
      result: `${fixed(mean, 3)} mm`,
      formula: measured ? 'T = sum of the readings ÷ their number' : 'T = what the label says',
      substituted: measured
        ? `(${values.map((value) => fixed(value, 2)).join(' + ')}) ÷ ${values.length} = ${fixed(mean, 3)} mm`
        : `T = ${fixed(mean, 2)} mm`,
      terms: [{ symbol: 'T', meaning: measured ? 'readings' : 'nominal', value: `${fixed(thinnest, 2)} to ${fixed(thickest, 2)} mm`, source: measured ? 'reading' : 'default' }],
      note: measured
        ? 'The mean sets tab length; for slots the thickest reading counts.'
        : 'A label is only a name: sheets sold as 3 mm are often 2.7 to 3.3 mm. Measure in a few places, film off.',
    },
  }
}
