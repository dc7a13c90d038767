import { NORMAL_95 } from '../statistics'
import type { KerfRecord } from './record'

/**
 * A direction on the sheet: x across it, y along it. A cut edge belongs to the direction in which it was
 * moved.
 */
export type Direction = 'x' | 'y'

export interface Kerf {
  /** Full width `k`, mm; the mean of both directions. */
  width: number
  /** Compensation `c = k/2` per side, mm. */
  perSide: number
  /** Half of the 95 % interval of `k`, mm. */
  doubt: number
  /** The same as a standard deviation, mm. */
  sd: number
  /**
   * What is taken in each direction, and its doubt as a standard deviation, mm; both the same for a round
   * beam.
   */
  by: Record<Direction, { width: number; sd: number }>
  /** False when the two directions differ by more than chance. */
  round: boolean
  /** A direction that nobody read, where the other one was. */
  unread: Direction | null
  measured: boolean
  /** The record it comes from; null when it is assumed. */
  id: string | null
  how: string
  method: KerfRecord['method'] | null
  /** Whether the doubt is the record's own. */
  doubtKnown: boolean
}

/**
 * Assumed when nothing was measured: the middle of what hobby machines take from wood and acrylic, 0.05 to
 * 0.35. [CP]
 */
export const ASSUMED_KERF = 0.15
/** How far off an assumed kerf may be: the rest of that range. [CP] */
const ASSUMED_DOUBT = 0.1
/** How far off a kerf from calipers may be when nobody said: their last digit or two. [FM] */
const CALIPER_DOUBT = 0.02

/** A difference between the two directions above this is worth a word, mm. [CP] */
export const UNEVEN_BEAM = 0.03

/** Compensation per side that gives parts of their drawn size: half of the kerf. [DEF] */
export const compensationFor = (kerfWidth: number): number => kerfWidth / 2

/**
 * Whether two directions differ by more than chance: their difference is twice as doubtful as their mean.
 * [DEF]
 * @param doubt half of the mean's 95 % interval, mm; null when it is not known
 */
export const isRound = (kx: number, ky: number, doubt: number | null): boolean =>
  Math.min(kx, ky) <= 0 || Math.abs(kx - ky) <= (doubt === null ? UNEVEN_BEAM : Math.max(2 * doubt, 0.005))

type Known = Pick<KerfRecord, 'width' | 'doubt' | 'how'> &
  Partial<Pick<KerfRecord, 'id' | 'method' | 'kx' | 'ky'>>

/** A strip is cut across, and squares may be read one way. */
function unreadOf(record: Known | null): Direction | null {
  if (record?.method === 'strip') return 'y'
  if (record?.method !== 'squares') return null
  const [kx, ky] = [record.kx ?? null, record.ky ?? null]
  return kx !== null && ky === null ? 'y' : kx === null && ky !== null ? 'x' : null
}

/** A kerf moved to where it is believed to be, mm. */
export function movedKerf(kerf: Kerf, by: number): Kerf {
  if (by === 0) return kerf
  const way = (each: Direction) => ({ ...kerf.by[each], width: kerf.by[each].width + by })
  const width = kerf.width + by
  return { ...kerf, width, perSide: compensationFor(width), by: { x: way('x'), y: way('y') } }
}

/** The kerf that a job works with: the record's, or a stated assumption. */
export function kerfOf(record: Known | null): Kerf {
  const width = record?.width ?? ASSUMED_KERF
  const doubt = record ? (record.doubt ?? CALIPER_DOUBT) : ASSUMED_DOUBT
  const sd = doubt / NORMAL_95
  const [kx, ky] = [record?.kx ?? null, record?.ky ?? null]
  const round = kx === null || ky === null || isRound(kx, ky, record?.doubt ?? null)
  const both = { width, sd }
  return {
    width,
    doubt,
    sd,
    perSide: compensationFor(width),
    // Each direction was read half as often as both together. [DEF]
    by: round
      ? { x: both, y: both }
      : { x: { width: kx, sd: sd * Math.SQRT2 }, y: { width: ky, sd: sd * Math.SQRT2 } },
    round,
    unread: unreadOf(record),
    measured: record !== null && record.method !== 'guess',
    id: record?.id ?? null,
    how: record?.how ?? '',
    method: record?.method ?? null,
    doubtKnown: record !== null && record.doubt !== null,
  }
}

/** Compensation per side in each direction, mm. */
export const compensations = ({ by }: Kerf): Record<Direction, number> => ({
  x: compensationFor(by.x.width),
  y: compensationFor(by.y.width),
})
