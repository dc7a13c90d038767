import { counted, type Say } from '../length'
import type { Working } from '../working'
import type { CombResult } from './comb'
import { kerfRecordSchema } from './record'
import { compensationFor, isRound, UNEVEN_BEAM, type Kerf } from './kerf'
import type { KerfResult } from './result'

/** What stands behind the compensation per side. */
export function kerfWorking(kerf: Kerf, say: Say): Working {
  const { width, perSide, doubt, measured, how, doubtKnown } = kerf
  const note = measured
    ? `${how || 'Measured'}. It holds for this machine, this stock and these settings only.`
    : kerf.id
      ? `${how || 'A guess'}. Another batch may give more or less to the beam.`
      : 'Not measured on this machine with this stock. An assumed kerf is the commonest reason why ' +
        'joints are too tight or too loose.'
  return {
    title: 'Kerf and compensation',
    result: `k = ${say.fine(width)}, c = ${say.fine(perSide)} per side`,
    formula: 'c = k ÷ 2',
    substituted: `${say.finePlain(width)} ÷ 2 = ${say.fine(perSide)} per side`,
    terms: [
      {
        symbol: 'k',
        meaning: 'full width that the beam removes',
        value: say.fine(width),
        source: measured ? 'reading' : 'default',
      },
      {
        symbol: '±',
        meaning: 'how far off k may be',
        value: say.fine(doubt),
        source: measured && doubtKnown ? 'reading' : 'from memory',
      },
      ...(kerf.round
        ? []
        : (['x', 'y'] as const).map((way) => ({
            symbol: `k${way}`,
            meaning: way === 'x' ? 'across the sheet' : 'along the sheet',
            value: say.fine(kerf.by[way].width),
            source: 'reading' as const,
          }))),
    ],
    note,
  }
}

const { doubt: doubtLimit, width: widthLimit, kx: oneWayLimit } = kerfRecordSchema.shape

/** Why a result is none that a record could keep, and what would mend it; empty when it is one. */
export function kerfUnusable(
  { width, doubt, kx, ky }: Pick<KerfResult, 'width' | 'doubt' | 'kx' | 'ky'>,
  say: Say,
): string {
  const odd = [kx, ky].find((each) => !oneWayLimit.safeParse(each).success)
  if (odd !== undefined)
    return `One way the kerf would be ${say.fine(odd ?? 0)}: read that side of the squares again.`
  if (!doubtLimit.safeParse(doubt).success) {
    return (
      `The readings lie too far apart to tell a kerf (± ${say.fine(doubt ?? 0)}). ` +
      'Read the odd ones again, or cut another piece.'
    )
  }
  if (width <= 0) {
    return 'The beam would take away nothing: read the piece again, and check that compensation is off.'
  }
  return widthLimit.safeParse(width).success
    ? ''
    : `No beam takes away ${say.fine(width)}: check that the readings are of this piece.`
}

/** Remarks on what a test piece said. */
export function kerfNotes(result: KerfResult, say: Say): string[] {
  const { kx, ky, doubt, width, method, oneSided } = result
  const notes: string[] = []
  if (oneSided) {
    const end = oneSided === 'at least' ? 'Even the narrowest slot took the sheet' : 'No slot took the sheet'
    notes.push(`${end}: the kerf is ${oneSided} ${say.fine(width)}, and may be far from it.`)
  }
  if (kx !== null && ky !== null && (!isRound(kx, ky, doubt) || Math.abs(kx - ky) > UNEVEN_BEAM)) {
    notes.push(
      `The beam is not round: ${say.fine(kx)} across, ${say.fine(ky)} along. Compensation in the ` +
        'paths does each direction by itself.',
    )
  }
  if (method === 'squares' && (kx === null || ky === null)) {
    notes.push('Read one way only: a beam that is not round would not show.')
  }
  if (method === 'slots' && width <= 0) {
    notes.push(
      'This slot is wider than the sheet is thick even without kerf: was the thickness ' +
        'measured on this piece?',
    )
  }
  return notes
}

/** ` ± 0.005`, or nothing where there is no interval. */
const half = (doubt: number | null, say: Say): string => (doubt === null ? '' : ` ± ${say.finePlain(doubt)}`)

function squaresWorking(
  { basis, kx, ky, width, doubt }: KerfResult,
  say: Say,
): Omit<Working, 'title' | 'result'> {
  const { side, squares, fromSpread } = basis as Record<string, number>
  const ways = [
    { symbol: 'x', k: kx, where: 'across' },
    { symbol: 'y', k: ky, where: 'along' },
  ].filter((way): way is { symbol: string; k: number; where: string } => way.k !== null)
  const both = ways.length === 2
  const figures = ways.map(({ k }) => say.finePlain(k)).join(' + ')
  const c = say.fine(compensationFor(width))
  return {
    formula: both ? 'k = ((a − mean x) + (a − mean y)) ÷ 2' : `k = a − mean ${ways[0].symbol}`,
    substituted: both
      ? `(${figures}) ÷ 2 = ${say.fine(width)}, c = ${c} per side`
      : `${say.plain(side)} − ${say.finePlain(side - width)} = ${say.fine(width)}, c = ${c} per side`,
    terms: [
      { symbol: 'a', meaning: 'drawn side', value: say.length(side), source: 'your choice' },
      ...ways.map(({ symbol, k, where }) => ({
        symbol,
        meaning: `${counted(squares, 'reading')} ${where}, mean`,
        value: say.fine(side - k),
        source: 'reading' as const,
      })),
      {
        symbol: '±',
        meaning:
          doubt === fromSpread
            ? '95 % interval, Student’s t over the squares'
            : 'what hand and calipers allow: the readings agree better than that',
        value: doubt === null ? 'needs two squares' : say.fine(doubt),
        source: 'derived',
      },
    ],
  }
}

function stripWorking({ basis, width, doubt }: KerfResult, say: Say): Omit<Working, 'title' | 'result'> {
  const { lines, gap, readings } = basis as Record<string, number>
  return {
    formula: 'k = gap ÷ N',
    substituted: `${say.finePlain(gap)} ÷ ${lines} = ${say.fine(width)}`,
    terms: [
      {
        symbol: 'gap',
        meaning: readings === 1 ? 'one reading' : `mean of ${readings} readings`,
        value: say.fine(gap),
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
        meaning: readings === 1 ? 'calipers, divided by N' : '95 % interval of the mean, divided by N',
        value: say.fine(doubt ?? 0),
        source: readings === 1 ? 'from memory' : 'derived',
      },
    ],
  }
}

function slotsWorking({ basis, width, oneSided }: KerfResult, say: Say): Omit<Working, 'title' | 'result'> {
  const { thickness, entered, step } = basis as Record<string, number>
  const t = say.finePlain(thickness)
  return {
    formula: oneSided ? 'k = T − w, one-sided' : 'k = T − (w − step ÷ 2)',
    substituted: oneSided
      ? `${t} − ${say.finePlain(entered)} = ${say.fine(width)}`
      : `${t} − (${say.finePlain(entered)} − ${say.finePlain(step / 2)}) = ${say.fine(width)}`,
    terms: [
      {
        symbol: 'T',
        meaning: 'thickness when the gauge was read',
        value: say.fine(thickness),
        source: 'reading',
      },
      {
        symbol: 'w',
        meaning: 'narrowest slot it entered, as drawn',
        value: say.fine(entered),
        source: 'reading',
      },
      { symbol: 'step', meaning: 'from slot to slot', value: say.fine(step), source: 'your choice' },
    ],
    note: 'The slot before refused the sheet: the true width is somewhere in that step.',
  }
}

const TITLES: Record<string, string> = { squares: 'squares', strip: 'a slit strip', slots: 'a slot gauge' }

/** What stands behind a measured kerf. */
export function resultWorking(result: KerfResult, say: Say): Working {
  const bodies = { squares: squaresWorking, strip: stripWorking, slots: slotsWorking }
  const body = bodies[result.method as keyof typeof bodies](result, say)
  const how = result.oneSided ? ` (${result.oneSided})` : half(result.doubt, say)
  return {
    title: `Kerf from ${TITLES[result.method]}`,
    result: `k = ${say.finePlain(result.width)}${how} ${say.lengthUnit}`,
    ...body,
  }
}

/** What stands behind a taste that a comb told. */
export function combWorking({ best, kerf, taste }: CombResult, say: Say): Working {
  return {
    title: 'Taste from a fit comb',
    result: `i = ${say.fine(taste)} per glue line`,
    formula: 'i = 2 × (best step − k ÷ 2)',
    substituted: `2 × (${say.finePlain(best)} − ${say.finePlain(kerf)} ÷ 2) = ${say.fine(taste)}`,
    terms: [
      {
        symbol: 'best',
        meaning: 'compensation per side of the pair that felt best',
        value: say.fine(best),
        source: 'reading',
      },
      {
        symbol: 'k',
        meaning: 'kerf, full width, measured by itself',
        value: say.fine(kerf),
        source: 'reading',
      },
    ],
    note: 'Kerf is physics, this is taste: it goes with you to another machine, the kerf does not.',
  }
}

/** What to say when a comb's best pair was the first or the last; empty otherwise. */
export function combEndNote({ oneSided, best }: CombResult, say: Say): string {
  if (!oneSided) return ''
  const which = oneSided === 'at least' ? 'The last pair' : 'The first pair'
  const way = oneSided === 'at least' ? 'tighter' : 'looser'
  return (
    `${which} still felt best: ${oneSided} ${say.fine(best)} per side, and a ${way} one was ` +
    'not there to be felt.'
  )
}

export const advice = {
  moreSquare: 'One more square',
  wouldBring: (more: string, doubt: string, after: string, word: string, then: string, now: string) =>
    `${more} would bring the doubt from ${doubt} to about ${after}: ${word} ${then} instead of ${now}.`,
  aboutInstead: (doubt: string, word: string, then: string, now: string) =>
    `about ± ${doubt}: ${word} ${then} instead of ${now}`,
  readingsGapDiffer: (then: string) =>
    'The readings of the gap differ more than calipers do: push the pieces together again and read it ' +
    `again. Three that agree would leave ${then}.`,
  slitStripBetter: (resolution: string, lines: number, then: string) =>
    `A slit strip would be better: the calipers’ ${resolution} is divided by ${lines} cuts, which leaves ` +
    `${then}.`,
  goodEnoughFit: (now: string, word: string) =>
    `Good enough: the fit is ${now} ${word} already. Another reading would change nothing at the bench.`,
  squareGivesFigure: 'One square gives a figure but no interval: measure at least one more.',
  goodEnoughReadings: (now: string, word: string) =>
    `Good enough: these readings are not what is in doubt. ${now} ${word} is what the rest leaves: see ` +
    'what would make it surer, in Measure.',
}

export const doubt = {
  figurePerSide: 'that would be the figure per side',
  bothSidesCounted: 'that would be both sides counted twice',
  machineTookAbout: (usual: string, meant: string, slip: string) =>
    `This machine took about ${usual} elsewhere. Did you mean ${meant} full width (${slip})?`,
  unitInches: 'the unit was inches',
  figurePerSideFactor: 'a figure per side, factor two',
  decimalPointSlipped: 'the decimal point slipped',
  bothSidesCountedTwice: 'both sides counted twice, factor two',
  decimalPointLeft: 'the decimal point was left out',
  veryLittleMuch: (kerf: string, isLittle: boolean, range: string) =>
    `${kerf} is very ${isLittle ? 'little' : 'much'} for a kerf (${range}).`,
  measureAgain: (odd: string) => `${odd} Measure it again.`,
  didMean: (odd: string, figure: string, slip: string) => `${odd} Did you mean ${figure} (${slip})?`,
  perSideFull: (perSide: string, full: string, says: string) =>
    `${perSide} per side is ${full} full width. ${says}`,
  perSideFullWidth: (perSide: string, full: string, least: string, most: string) =>
    `${perSide} per side is ${full} full width, more than machines usually take (${least} to ${most}). ` +
    `Is ${perSide} the full width?`,
}

export const squares = {
  kerffromsquaresMeasure: 'kerfFromSquares: measure at least one square, and each one the same ways',
}

export const strip = {
  kerffromstripMeasureGap: 'kerfFromStrip: measure the gap at least once',
}
