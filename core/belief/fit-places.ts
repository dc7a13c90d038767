import type { SaidOfSlot } from '../fit'
import type { KerfRecord } from '../kerf'
import { CHECKED, DOUBTS, evenly, isRead, readingDoubt } from './doubts'
import { isSameKerf, type FitEvidence } from './fit-evidence'
import type { Sum } from './gauss'

const OWN = 'own'

/** Words and plays of one revision are of one day. */
export const dayOf = (id: string): string => id.replace(/^(verdict|play|part)-/, '')

/**
 * The figures of a belief of how tabs fit, each by its place: the snug, the sheet, what may be in every
 * reading, each kerf's own error, each day; and the sums of them that something says something of.
 */
export class FitPlaces {
  readonly taste = 0
  private readonly sheetError = 2
  readonly common = { calipers: 3, face: 4, place: 5, setting: 6 } as const
  private readonly own: Map<string, number>
  private readonly days: Map<string, number>
  /** Deviations of other kerfs, by their places. */
  readonly otherSds: number[]
  private readonly evidence: FitEvidence

  constructor(evidence: FitEvidence) {
    this.evidence = evidence
    const others = this.otherKerfs()
    const begin = 3 + CHECKED.length
    this.own = new Map([[OWN, 1], ...others.map(({ id }, i): [string, number] => [id, begin + i])])
    this.otherSds = others.map((other) => this.otherSd(other))
    this.days = new Map(this.dayNames().map((day, i) => [day, begin + others.length + i]))
  }

  /** Whether words or plays of slots say something of the sheet. */
  get isSheetSaid(): boolean {
    const { tastes, checks, stockId } = this.evidence
    return [...tastes, ...checks].some(({ slot }) => slot !== null && slot.stockId === stockId)
  }
  get countOfDays(): number {
    return this.days.size
  }
  /** The day of what has this id, as part of a sum. */
  dayIn(id: string, times: number): Sum {
    const day = this.days.get(dayOf(id))
    return day === undefined ? [] : [[day, times]]
  }
  /** The error of the kerf's own readings. */
  get ownReadings(): Sum {
    return [[this.own.get(OWN)!, 1]]
  }

  /** Kerfs that something was said with, beside the one in hand. */
  private otherKerfs(): KerfRecord[] {
    const { kerf, kerfs, tastes, checks, family } = this.evidence
    const named = new Set([
      ...tastes.filter((taste) => taste.family === family).map(({ kerfId }) => kerfId),
      ...checks.map(({ kerfId }) => kerfId),
    ])
    return kerfs.filter(({ id }) => id !== kerf?.id && named.has(id))
  }
  isSamePair({ machineId, stockId }: Pick<KerfRecord, 'machineId' | 'stockId'>): boolean {
    return machineId === this.evidence.machineId && stockId === this.evidence.stockId
  }
  /** All that is particular to another kerf; of the same machine and stock only its readings are. */
  private otherSd(other: KerfRecord): number {
    const own = evenly(readingDoubt(other))
    if (!isRead(other) || this.isSamePair(other)) return own
    return Math.hypot(own, ...(['face', 'place', 'setting'] as const).map((name) => evenly(DOUBTS[name])))
  }
  private dayNames(): string[] {
    const { tastes, checks } = this.evidence
    const plays = checks.filter(({ about }) => about === 'play' || about === 'part').map(({ id }) => id)
    return [...new Set([...tastes.map(({ id }) => dayOf(id)), ...plays.map(dayOf)])]
  }

  /**
   * The sum that something read against a record says of, and what is added to what it read: an older record
   * of the same machine and stock is of the same kerf, unless something was done to the machine between them.
   */
  against(kerfId: string | null): { sum: Sum; by: number } {
    const { kerf, kerfs, events } = this.evidence
    const other = kerfs.find(({ id }) => id === kerfId)
    if (!kerf || !other || other.id === kerf.id || !isSameKerf(kerf, other, events))
      return { sum: this.errorOf(kerfId), by: 0 }
    return { sum: this.inHand, by: other.width - kerf.width }
  }
  /** By how much the true kerf is off a record, as a sum of figures. */
  private errorOf(kerfId: string | null): Sum {
    const { kerf, kerfs } = this.evidence
    const { common, own } = this
    const record = kerfId === kerf?.id ? kerf : (kerfs.find(({ id }) => id === kerfId) ?? null)
    const place = record === kerf ? own.get(OWN) : own.get(record?.id ?? '')
    if (place === undefined) return []
    const mine: Sum = [[place, 1]]
    if (!isRead(record)) return mine
    const all = record === kerf || this.isSamePair(record!)
    return [...mine, ...(all ? CHECKED : (['calipers'] as const)).map((name) => [common[name], 1] as const)]
  }

  /** The error of the kerf in hand. */
  get inHand(): Sum {
    return this.errorOf(this.evidence.kerf?.id ?? null)
  }
  /** By how much the sheet is thicker than it was read: calipers that read too much hide as much of it. */
  get sheet(): Sum {
    const { sheetError: sheet, common } = this
    return this.evidence.thickness?.measured
      ? [
          [sheet, 1],
          [common.calipers, -1],
        ]
      : [[sheet, 1]]
  }
  /**
   * What a gap says something of, and what else may be in it: of tabs all of the kerf's error; of slots half
   * of it, less half of the sheet's, which is this one or another. [DEF: play = slot + k − 2c − T]
   */
  gapOf(kerf: { sum: Sum; by: number }, slot: SaidOfSlot | null): { sum: Sum; by: number; sd: number } {
    if (!slot) return { ...kerf, sd: 0 }
    const half = (sum: Sum, by: number): Sum => sum.map(([place, times]) => [place, times * by])
    const own = half(kerf.sum, 1 / 2)
    const { thickness, stockId } = this.evidence
    if (!thickness || !stockId || slot.stockId !== stockId) return { sum: own, by: kerf.by / 2, sd: slot.sd }
    const sum = [...own, ...half(this.sheet, -1 / 2)]
    return { sum, by: (kerf.by + thickness.mean - slot.thickness) / 2, sd: thickness.local / 2 }
  }
}
