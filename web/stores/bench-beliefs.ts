import type { ShallowRef } from 'vue'
import { believeFit, fitScale, type CheckRecord, type FitEvidence, type PromiseRecord } from '@core/belief'
import { tasteOf, widenedBy, type FitBelief, type Taste, type TasteRecord } from '@core/fit'
import type { Job } from '@core/job'
import type { KerfRecord, MachineEvent } from '@core/kerf'
import { thicknessOf, type Family } from '@core/stock'

type Measured = Pick<Job['measure'], 'machine' | 'stock' | 'kerf'>

/** A fit is asked for in steps of this, mm. */
const FIT_STEP = 0.005

interface Shelves {
  kerfs: ShallowRef<KerfRecord[]>
  tastes: ShallowRef<TasteRecord[]>
  checks: ShallowRef<CheckRecord[]>
  promises: ShallowRef<PromiseRecord[]>
  events: ShallowRef<MachineEvent[]>
}

/** What a bench makes believe of how tabs fit. */
export function benchBeliefs({ kerfs, tastes, checks, events, promises }: Shelves) {
  /** All that the bench knows of how a stock's tabs fit. @param more records that take the place of theirs */
  function evidenceFor(
    { machine, stock, kerf }: Measured,
    more: { tastes?: TasteRecord[]; checks?: CheckRecord[] } = {},
  ): FitEvidence {
    const beside = <T extends { id: string }>(list: T[], others: T[] = []): T[] => [
      ...list.filter(({ id }) => !others.some((each) => each.id === id)),
      ...others,
    ]
    const family = stock?.family ?? 'other'
    return {
      family,
      machineId: machine?.id,
      stockId: stock?.id,
      kerf,
      thickness: thicknessOf(stock),
      kerfs: kerfs.value,
      tastes: beside(tastes.value, more.tastes).filter((taste) => taste.family === family),
      checks: beside(checks.value, more.checks),
      events: events.value,
    }
  }
  /** What is believed of kerf and snug; null where nothing was said yet beside the kerf. */
  function beliefFor(measured: Measured, more?: Parameters<typeof evidenceFor>[1]): FitBelief | null {
    const evidence = evidenceFor(measured, more)
    if (evidence.tastes.length + evidence.checks.length === 0) return null
    const belief = believeFit(evidence)
    // What earlier promises came to widens or narrows this one.
    return belief.count > 0 ? widenedBy(belief, fitScale(promises.value)) : null
  }
  /** The maker's own snug in a family, whatever it is cut on; null while nothing was said of it. */
  function snugIn(family: Family): Taste | null {
    if (!tastes.value.some((taste) => taste.family === family)) return null
    const evidence = evidenceFor({ machine: null, stock: null, kerf: null })
    const own = tastes.value.filter((taste) => taste.family === family)
    return tasteOf(believeFit({ ...evidence, family, tastes: own }))
  }
  /** The interference that a new job begins with, mm: the maker's own snug, as finely as it is asked for. */
  function beginningFit(family: Family): number {
    const own = snugIn(family)
    return own ? Number((Math.round(own.offset / FIT_STEP) * FIT_STEP).toFixed(3)) : 0
  }
  return { evidenceFor, beliefFor, snugIn, beginningFit }
}
