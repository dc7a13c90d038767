import { fixed } from '../length'
import { summarise } from '../statistics'
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
  /** Standard deviation from place to place: what a part cut anywhere may meet. */
  sd: number
  /** Half of the 95 % interval of the mean; null with fewer than two readings. */
  meanDoubt: number | null
  readings: number
  measured: boolean
  /** Where it is thickest and thinnest when it is uneven, in words; empty otherwise. */
  uneven: string
  working: Working
}

/** What is assumed when there is neither a reading nor a name: the commonest sheet in hobby workshops. [CP] */
const ASSUMED = 3

/** A sheet whose readings spread more than this is uneven, mm. [CP] */
const UNEVEN = 0.2

/** How far a sheet may be from its label, as a standard deviation, mm: sheets sold as 3 mm are 2.7 to 3.3 mm. [FM] */
const LABEL_SD = 0.15

/** One reading tells nothing of the rest of the sheet, which is taken to vary this much, as a standard deviation, mm. [FM] */
const ONE_SPOT_SD = 0.05

/** Readings that all agree are still read in steps of 0.01 mm: 0.01 ÷ √12. [DEF: standard deviation of an even spread] */
const RESOLVED_SD = 0.01 / Math.sqrt(12)

function unevenness(readings: Stock['readings'], spread: number): string {
  if (spread <= UNEVEN) return ''
  const sorted = [...readings].sort((a, b) => a.value - b.value)
  const say = ({ value, spot }: Stock['readings'][number]): string =>
    `${fixed(value, 2)} mm${spot ? ` at ${spot}` : ''}`
  return `thinnest ${say(sorted[0])}, thickest ${say(sorted[sorted.length - 1])}`
}

/**
 * Thickness from the readings of a stock; its nominal where there is none, and it says so.
 * The mean is rounded to a micrometre, so that every figure derived from it can be written down exactly.
 */
export function thicknessOf(stock: Pick<Stock, 'nominal' | 'readings'> | null): Thickness {
  const readings = stock?.readings ?? []
  const measured = readings.length > 0
  const values = measured ? readings.map(({ value }) => value) : [stock?.nominal ?? ASSUMED]
  const { mean: exact, sd, half } = summarise(values)
  const mean = Math.round(exact * 1000) / 1000
  const thinnest = Math.min(...values)
  const thickest = Math.max(...values)
  return {
    mean,
    thinnest,
    thickest,
    spread: thickest - thinnest,
    halfSpread: (thickest - thinnest) / 2,
    sd: !measured ? LABEL_SD : values.length === 1 ? ONE_SPOT_SD : Math.max(sd, RESOLVED_SD),
    meanDoubt: half,
    readings: readings.length,
    measured,
    uneven: unevenness(readings, thickest - thinnest),
    working: thicknessWorking(values, mean, half, measured),
  }
}

/** A thickness in one line: mean, half of the spread, number of readings. */
export function thicknessLine({
  mean,
  halfSpread,
  readings,
}: Pick<Thickness, 'mean' | 'halfSpread' | 'readings'>): string {
  if (readings === 0) return `${fixed(mean, 2)} from the label`
  return readings === 1
    ? `${fixed(mean, 2)}, 1 reading`
    : `${fixed(mean, 2)} ± ${fixed(halfSpread, 2)}, ${readings} readings`
}

function thicknessWorking(values: number[], mean: number, half: number | null, measured: boolean): Working {
  const range = `${fixed(Math.min(...values), 2)} to ${fixed(Math.max(...values), 2)} mm`
  return {
    title: 'Thickness of the sheet',
    result: half === null ? `${fixed(mean, 3)} mm` : `${fixed(mean, 3)} ± ${fixed(half, 3)} mm`,
    formula: measured ? 'T = sum of the readings ÷ their number' : 'T = what the label says',
    substituted: measured
      ? `(${values.map((value) => fixed(value, 2)).join(' + ')}) ÷ ${values.length} = ${fixed(mean, 3)} mm`
      : `T = ${fixed(mean, 2)} mm`,
    terms: [
      {
        symbol: 'T',
        meaning: measured ? 'readings' : 'nominal',
        value: range,
        source: measured ? 'reading' : 'default',
      },
      ...(half === null
        ? []
        : [
            {
              symbol: '±',
              meaning: '95 % interval of the mean, Student’s t',
              value: `${fixed(half, 3)} mm`,
              source: 'derived' as const,
            },
          ]),
    ],
    note: measured
      ? 'The mean sets tab length; for slots the thickest reading counts.'
      : 'A label is only a name: sheets sold as 3 mm are often 2.7 to 3.3 mm. Measure in a few places, film off.',
  }
}

/** Two numbers to use in place of "the" thickness, each with its working: how long a tab, how wide a slot. mm */
export function advisedNumbers(thickness: Thickness): {
  tabLength: Working & { value: number }
  slotWidth: Working & { value: number }
} {
  const { mean, thickest, halfSpread } = thickness
  const source = thickness.measured ? ('reading' as const) : ('default' as const)
  return {
    tabLength: {
      value: mean,
      title: 'Tab length',
      result: `${fixed(mean, 2)} mm, or ${fixed(mean + halfSpread, 2)} mm to be on the long side`,
      formula: 'mean thickness of the mate; a little longer when in doubt',
      substituted: `${fixed(mean, 3)} mm; ${fixed(mean, 3)} + ${fixed(halfSpread, 3)} = ${fixed(mean + halfSpread, 3)} mm`,
      terms: [
        { symbol: 'mean', meaning: 'mean thickness', value: `${fixed(mean, 3)} mm`, source },
        { symbol: '+', meaning: 'half of the spread', value: `${fixed(halfSpread, 3)} mm`, source },
      ],
      note: 'Common practice: a tab that is too short leaves a recess that cannot be mended, one that is too long is sanded off.',
    },
    slotWidth: {
      value: thickest,
      title: 'Slot width',
      result: `${fixed(thickest, 2)} mm`,
      formula: 'thickest reading',
      substituted: `${fixed(thickest, 2)} mm of ${thickness.readings} readings`,
      terms: [{ symbol: 'T', meaning: 'thickest place measured', value: `${fixed(thickest, 2)} mm`, source }],
      note: 'A slot that is narrower than the thickest place stops the panel there. Its spread matters more than kerf.',
    },
  }
}
