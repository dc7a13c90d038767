import { arrange, depthsOf, planCut, deriveParts, withLayout, type CutPlan, type Derived } from '../derive'
import type { Job } from '../job'
import type { Offcut } from '../stock'
import type { CutRecord } from './cut-record'
import { recut as words } from './words'

/** What is cut again, ready for files. */
export interface Recut {
  job: Job
  derived: Pick<Derived, 'box' | 'things'>
  plan: CutPlan
  mark: string
}

/** The same stock as it was measured for the cut, with the pieces that lie there now. */
function withPieces<T extends { id: string; offcuts: Offcut[] }>(
  stock: T,
  offcutsNow: (stock: string) => Offcut[] | null,
): T {
  return { ...stock, offcuts: offcutsNow(stock.id) ?? stock.offcuts }
}

/**
 * Parts that were spoilt or lost, cut once more as they were: same thickness, kerf, compensation, settings
 * and mark, whatever became of the job since; each alone, with whole outlines, on the smallest offcut that
 * takes it, or on a sheet.
 * @param parts by their ids in the record
 * @param offcutsNow what is at hand of a stock; null where it is not known any more
 * @returns one sentence where no piece takes a part
 */
export function recutOf(
  { laid, mark }: Pick<CutRecord, 'laid' | 'mark'>,
  parts: string[],
  offcutsNow: (stock: string) => Offcut[] | null,
): { ok: true; recut: Recut } | { ok: false; error: string } {
  const { measure, layout } = laid
  const settings: Job['layout']['settings'] = {
    ...layout.settings,
    sheets: null,
    first: 'offcuts',
    kept: [],
    nameRest: false,
    inOpenings: false,
    shareEdges: false,
  }
  const job: Job = {
    ...laid,
    measure: {
      ...measure,
      stock: measure.stock && withPieces(measure.stock, offcutsNow),
      more: measure.more.map((each) => ({ ...each, stock: withPieces(each.stock, offcutsNow) })),
    },
    layout: { settings, arrangement: null },
  }
  const { box, things, parts: all } = deriveParts(job)
  const chosen = all.filter(({ id }) => parts.includes(id))
  if (chosen.length === 0) return { ok: false, error: words.nonePartsCut }
  const placed = withLayout(job, arrange(chosen, job))
  const [lost] = placed.layout.arrangement!.unplaced
  if (lost) {
    const { label } = chosen.find(({ id }) => id === lost.part)!
    return {
      ok: false,
      error: words.noPieceStock(label),
    }
  }
  const plan = planCut(placed, chosen, depthsOf(things), mark)
  return { ok: true, recut: { job: placed, derived: { box, things }, plan, mark } }
}
