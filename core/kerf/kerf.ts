import { fixed, short } from '../length'
import type { Doubt } from '../stock'
import { NORMAL_95 } from '../statistics'
import type { Working } from '../working'
import type { KerfRecord } from './record'

export interface Kerf {
  /** Full width `k`, mm. */
  width: number
  /** Compensation `c = k/2` per side, mm. */
  perSide: number
  /** Half of the 95 % interval of `k`, mm. */
  doubt: number
  /** The same as a standard deviation, mm. */
  sd: number
  measured: boolean
  working: Working
}

/** Assumed when nothing was measured: the middle of what hobby machines take from wood and acrylic, 0.05 to 0.35. [CP] */
export const ASSUMED_KERF = 0.15
/** How far off an assumed kerf may be: the rest of that range. [CP] */
const ASSUMED_DOUBT = 0.1
/** How far off a kerf from calipers may be when nobody said: their last digit or two. [FM] */
const CALIPER_DOUBT = 0.02

/** Compensation per side that gives parts of their drawn size: half of the kerf. [DEF] */
export const compensationFor = (kerfWidth: number): number => kerfWidth / 2

/** The kerf that a job works with: the record's, or a stated assumption. */
export function kerfOf(
  record: (Pick<KerfRecord, 'width' | 'doubt' | 'how'> & { method?: KerfRecord['method'] }) | null,
): Kerf {
  const width = record?.width ?? ASSUMED_KERF
  const measured = record !== null && record.method !== 'guess'
  const doubt = record ? (record.doubt ?? CALIPER_DOUBT) : ASSUMED_DOUBT
  return {
    width,
    doubt,
    sd: doubt / NORMAL_95,
    perSide: compensationFor(width),
    measured,
    working: {
      title: 'Kerf and compensation',
      result: `k = ${fixed(width, 3)} mm, c = ${fixed(width / 2, 3)} mm per side`,
      formula: 'c = k ÷ 2',
      substituted: `${fixed(width, 3)} ÷ 2 = ${fixed(width / 2, 3)} mm per side`,
      terms: [
        {
          symbol: 'k',
          meaning: 'full width that the beam removes',
          value: `${fixed(width, 3)} mm`,
          source: measured ? 'reading' : 'default',
        },
        {
          symbol: '±',
          meaning: 'how far off k may be',
          value: `${fixed(doubt, 3)} mm`,
          source: measured && record?.doubt ? 'reading' : 'from memory',
        },
      ],
      note: measured
        ? `${record.how || 'Measured'}. It holds for this machine, this stock and these settings only.`
        : record
          ? `${record.how || 'A guess'}. Another batch may give more or less to the beam.`
          : 'Not measured on this machine with this stock: an assumed kerf is the commonest reason why joints are too tight or too loose.',
    },
  }
}

const mean = (values: number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length

/** Outside this a kerf is nearly always a slip of unit or of factor two. [CP] */
export const PLAUSIBLE_KERF = { min: 0.02, max: 0.6 }
/** What hobby machines take from wood and acrylic. [CP] */
const USUAL = { min: 0.05, max: 0.35 }

/** A kerf this near to half or double of another one of the same machine is asked about, as a share. */
const NEAR = 0.06

/** Half or double of what the machine takes elsewhere: a figure per side was taken for the full width, or the other way round. */
function factorTwo(value: number, known: number[]): Doubt | null {
  const usual = known.length > 0 ? mean(known) : 0
  const slip =
    Math.abs(value * 2 - usual) <= NEAR * usual
      ? 'that would be the figure per side'
      : Math.abs(value / 2 - usual) <= NEAR * usual
        ? 'that would be both sides counted twice'
        : null
  if (usual === 0 || !slip) return null
  const meant = value < usual ? value * 2 : value / 2
  return {
    says: `This machine took about ${fixed(usual, 3)} mm elsewhere. Did you mean ${fixed(meant, 3)} mm full width (${slip})?`,
    suggestion: { value: Number(meant.toFixed(4)), label: `${fixed(meant, 3)} mm` },
  }
}

/**
 * Doubts a kerf that is outside the plausible range, or half or double of others of this machine, and names the likely slip.
 * @param value full width, mm
 * @param known other kerfs of the same machine, full width, mm
 */
export function doubtKerf(value: number, known: number[] = []): Doubt | null {
  if (value >= PLAUSIBLE_KERF.min && value <= PLAUSIBLE_KERF.max) return factorTwo(value, known)
  const slips: [number, string][] =
    value < PLAUSIBLE_KERF.min
      ? [
          [value * 25.4, `${short(value, 4)} in, the unit was inches`],
          [value * 2, 'a figure per side, factor two'],
          [value * 10, 'the decimal point slipped'],
        ]
      : [
          [value / 2, 'both sides counted twice, factor two'],
          [value / 10, 'the decimal point slipped'],
          [value / 100, 'the decimal point was left out'],
          [value / 25.4, 'taken for inches'],
          [value / 1000, 'micrometres'],
        ]
  const likely =
    slips.find(([candidate]) => candidate >= USUAL.min && candidate <= USUAL.max) ??
    slips.find(([candidate]) => candidate >= PLAUSIBLE_KERF.min && candidate <= PLAUSIBLE_KERF.max)
  const odd = `${short(value, 4)} mm is ${value < PLAUSIBLE_KERF.min ? 'very little' : 'very much'} for a kerf (${PLAUSIBLE_KERF.min} to ${PLAUSIBLE_KERF.max} mm).`
  if (!likely) return { says: `${odd} Measure it again.`, suggestion: null }
  return {
    says: `${odd} Did you mean ${fixed(likely[0], 3)} mm (${likely[1]})?`,
    suggestion: { value: Number(likely[0].toFixed(4)), label: `${fixed(likely[0], 3)} mm` },
  }
}
