import { fixed } from '../length'
import { evenPlusNormal95, NORMAL_95, outliers, summarise } from '../statistics'
import type { Working } from '../working'
import { compensationFor } from './kerf'

/** What a test piece says about the kerf. Widths are full widths, mm. */
export interface KerfResult {
  width: number
  /** Half of the 95 % interval; null when there are too few readings for one. */
  doubt: number | null
  kx: number | null
  ky: number | null
  /** Places of readings that do not seem to belong to the others; they are still counted. */
  odd: number[]
  notes: string[]
  working: Working
}

/** A difference between the two directions above this is worth a word, mm. [CP] */
const UNEVEN_BEAM = 0.03

/** Standard deviation of one reading with ordinary calipers, mm: their error of ±0.02 is two of them. [FM] */
export const CALIPER_SD = 0.01

/** Calipers show steps of this, mm. [FM] */
const CALIPER_STEP = 0.01

/** Half of an interval, mm: readings that all agree are still only known to half a step of the calipers. Null stays null. */
function resolved(spread: number | null, ...readings: number[][]): number | null {
  const agree = readings.every((each) => Math.max(...each) - Math.min(...each) < CALIPER_STEP / 2)
  return spread !== null && agree ? Math.max(spread, CALIPER_STEP / 2) : spread
}

const half = (doubt: number | null): string => (doubt === null ? '' : ` ± ${fixed(doubt, 3)}`)

/**
 * Kerf from squares of a known drawn side, each measured both ways: `kx = a − mean(x)`, `ky = a − mean(y)`, `k` their mean. [DEF]
 * The interval is Student's t over the squares' own means, so that a beam that is not round does not widen it; where
 * all readings agree it is half a step of the calipers.
 * @param side drawn side, mm
 * @param xs readings across, mm, one per square
 * @param ys readings along, mm, of the same squares
 * @throws when there are no readings in one of the directions, or not as many
 */
export function kerfFromSquares(side: number, xs: number[], ys: number[]): KerfResult {
  if (xs.length === 0 || xs.length !== ys.length)
    throw new Error('kerfFromSquares: measure each square both ways, at least one')
  const [kx, ky] = [side - summarise(xs).mean, side - summarise(ys).mean]
  const each = xs.map((x, i) => side - (x + ys[i]) / 2)
  const { mean: width, half: spread } = summarise(each)
  const doubt = resolved(spread, xs, ys)
  const odd = [...outliers(xs).map((i) => 2 * i), ...outliers(ys).map((i) => 2 * i + 1)].sort((a, b) => a - b)
  const notes =
    Math.abs(kx - ky) > UNEVEN_BEAM
      ? [
          `The beam is not round: ${fixed(kx, 3)} mm across, ${fixed(ky, 3)} mm along. Joints cut in the two directions will fit differently.`,
        ]
      : []
  return {
    width,
    doubt,
    kx,
    ky,
    odd,
    notes,
    working: {
      title: 'Kerf from squares',
      result: `k = ${fixed(width, 3)}${half(doubt)} mm`,
      formula: 'k = ((a − mean x) + (a − mean y)) ÷ 2',
      substituted: `(${fixed(kx, 4)} + ${fixed(ky, 4)}) ÷ 2 = ${fixed(width, 4)} mm, c = ${fixed(compensationFor(width), 4)} mm per side`,
      terms: [
        { symbol: 'a', meaning: 'drawn side', value: `${fixed(side, 2)} mm`, source: 'your choice' },
        {
          symbol: 'x',
          meaning: `${xs.length} readings across, mean`,
          value: `${fixed(side - kx, 4)} mm`,
          source: 'reading',
        },
        {
          symbol: 'y',
          meaning: `${ys.length} readings along, mean`,
          value: `${fixed(side - ky, 4)} mm`,
          source: 'reading',
        },
        {
          symbol: '±',
          meaning:
            doubt === spread
              ? '95 % interval, Student’s t over the squares'
              : 'half a step of the calipers: the readings agree',
          value: doubt === null ? 'needs two squares' : `${fixed(doubt, 4)} mm`,
          source: 'derived',
        },
      ],
    },
  }
}

/**
 * Kerf from a strip cut across by `lines` parallel lines, its pieces pushed together: `k = gap ÷ lines`. [FM]
 * The error of the calipers is divided by the lines. With one reading of the gap the interval is the calipers' own.
 * @param gaps readings of the gap, mm, at least one
 * @throws when there is none
 */
export function kerfFromStrip(lines: number, gaps: number[]): KerfResult {
  if (gaps.length === 0) throw new Error('kerfFromStrip: measure the gap at least once')
  const { mean, half: spread } = summarise(gaps)
  const doubt = (resolved(spread, gaps) ?? NORMAL_95 * CALIPER_SD) / lines
  const width = mean / lines
  return {
    width,
    doubt,
    kx: null,
    ky: null,
    odd: outliers(gaps),
    notes: [],
    working: {
      title: 'Kerf from a slit strip',
      result: `k = ${fixed(width, 3)} ± ${fixed(doubt, 3)} mm`,
      formula: 'k = gap ÷ N',
      substituted: `${fixed(mean, 3)} ÷ ${lines} = ${fixed(width, 4)} mm`,
      terms: [
        {
          symbol: 'gap',
          meaning: `${gaps.length === 1 ? 'one reading' : `mean of ${gaps.length} readings`}`,
          value: `${fixed(mean, 3)} mm`,
          source: 'reading',
        },
        {
          symbol: 'N',
          meaning: 'parallel cuts, both ends counted',
          value: String(lines),
          source: 'your choice',
        },
        {
          symbol: '±',
          meaning:
            spread === null ? 'calipers ± 0.02 mm, divided by N' : '95 % interval of the mean, divided by N',
          value: `${fixed(doubt, 4)} mm`,
          source: spread === null ? 'from memory' : 'derived',
        },
      ],
    },
  }
}

/**
 * Kerf from a slot gauge: the sheet enters the first slot that is as wide as it is thick, `k = T − w`. [DEF]
 * The true width lies between the last slot that refused it and the first that took it, so the middle of the step is used.
 * @param entered drawn width of the narrowest slot that the sheet entered, mm
 * @param step between two slots, mm
 * @param thickness of the sheet where it was pushed in, mm
 * @param thicknessSd how far that thickness may be off, standard deviation, mm
 */
export function kerfFromSlots(
  entered: number,
  step: number,
  thickness: number,
  thicknessSd: number,
): KerfResult {
  const width = thickness - (entered - step / 2)
  const doubt = evenPlusNormal95(step / 2, thicknessSd)
  return {
    width,
    doubt,
    kx: null,
    ky: null,
    odd: [],
    notes:
      width <= 0
        ? [
            'This slot is wider than the sheet is thick even without kerf: was the thickness measured on this piece?',
          ]
        : [],
    working: {
      title: 'Kerf from a slot gauge',
      result: `k = ${fixed(width, 3)} ± ${fixed(doubt, 3)} mm`,
      formula: 'k = T − (w − step ÷ 2)',
      substituted: `${fixed(thickness, 3)} − (${fixed(entered, 2)} − ${fixed(step / 2, 3)}) = ${fixed(width, 3)} mm`,
      terms: [
        {
          symbol: 'T',
          meaning: 'thickness of the sheet',
          value: `${fixed(thickness, 3)} mm`,
          source: 'reading',
        },
        {
          symbol: 'w',
          meaning: 'narrowest slot it entered, as drawn',
          value: `${fixed(entered, 2)} mm`,
          source: 'reading',
        },
        {
          symbol: 'step',
          meaning: 'from slot to slot',
          value: `${fixed(step, 3)} mm`,
          source: 'your choice',
        },
      ],
      note: 'The slot before refused the sheet: the true width is somewhere in that step.',
    },
  }
}

/** What a fit comb says: taste where the kerf is known, kerf where the taste is. mm */
export interface CombResult {
  effective: number
  taste: number
  tasteDoubt: number
  kerfIfTaste: number
  kerfDoubt: number
  working: Working
}

/**
 * A fit comb's best step: `i = 2·(best − k/2)` is the taste once the kerf is known by itself; `k = 2·best − i` the other way round. [CP]
 * @param best compensation per side of the pair that felt best, mm
 * @param step between two pairs, mm per side
 * @param kerf full width and its standard deviation, mm
 * @param taste offset and its standard deviation, mm
 */
export function readComb(
  best: number,
  step: number,
  kerf: { width: number; sd: number },
  taste: { offset: number; sd: number },
): CombResult {
  const own = 2 * (best - kerf.width / 2)
  return {
    effective: best,
    taste: own,
    tasteDoubt: evenPlusNormal95(step, kerf.sd),
    kerfIfTaste: 2 * best - taste.offset,
    kerfDoubt: evenPlusNormal95(step, taste.sd),
    working: {
      title: 'Taste from a fit comb',
      result: `i = ${fixed(own, 3)} mm per glue line`,
      formula: 'i = 2 × (best step − k ÷ 2)',
      substituted: `2 × (${fixed(best, 3)} − ${fixed(kerf.width, 3)} ÷ 2) = ${fixed(own, 3)} mm`,
      terms: [
        {
          symbol: 'best',
          meaning: 'compensation per side of the pair that felt best',
          value: `${fixed(best, 3)} mm`,
          source: 'reading',
        },
        {
          symbol: 'k',
          meaning: 'kerf, full width, measured by itself',
          value: `${fixed(kerf.width, 3)} mm`,
          source: 'reading',
        },
      ],
      note: 'Kerf is physics, this is taste: it goes with you to another machine, the kerf does not.',
    },
  }
}
