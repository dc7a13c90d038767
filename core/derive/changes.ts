import type { Job } from '../job'
import type { Stock } from '../stock'

/** A stock with what the bench knows of it on a job's machine. */
export type StockKnown = Job['measure']['more'][number]

/** Something that a maker could do differently. Lengths in mm. */
export type Change =
  | { kind: 'gap' | 'margin' | 'width' | 'depth' | 'height'; value: number }
  | { kind: 'stock'; known: StockKnown }
  | { kind: Switch }

/** What is said by one switch of Lay out. */
type Switch = 'grain' | 'turning' | 'offcuts' | 'sheets' | 'shared edges' | 'openings' | 'any angle'

/** How much smaller gap and margin are tried, and by how much sizes, in mm: the least that helps counts. */
const SHARES = [0.8, 0.6, 0.4]
const SHORTER = [1, 2, 4]

/** Smaller gaps than this leave no wood between two cuts, mm. */
const LEAST_GAP = 1

/** Other stocks that are tried, those first that there is most of. */
const MOST_STOCKS = 6

const round = (value: number): number => Number(value.toFixed(2))

/**
 * Stocks at hand that a job could be cut from instead of its own: the same material of the same thickness by
 * name. What they measure decides the joints.
 */
export function otherStocks({ measure: { stock, more } }: Job, all: Stock[]): Stock[] {
  const used = new Set([stock?.id, ...more.map((each) => each.stock.id)])
  return all
    .filter(({ id, family, nominal, sheetsAtHand }) => {
      const isSame = family === stock?.family && nominal === stock.nominal
      return isSame && !used.has(id) && sheetsAtHand > 0
    })
    .sort((a, b) => b.sheetsAtHand - a.sheetsAtHand)
    .slice(0, MOST_STOCKS)
}

/** Changes to try, in rows, the least change first: of each row the first that helps is enough. */
export function changesFor(job: Job, known: StockKnown[] = []): Change[][] {
  const { layout, measure, box, whole } = job
  const { settings } = layout
  const { stock } = measure
  const lengths = (kind: 'gap' | 'margin'): Change[] =>
    SHARES.map((share) => ({ kind, value: round(settings[kind] * share) })).filter(
      ({ value }) => value >= (kind === 'gap' ? LEAST_GAP : 0) && value < settings[kind],
    )
  const has = (isThere: boolean, change: Change): Change[][] => (isThere ? [[change]] : [])
  const offcuts = stock?.offcuts.some(({ id }) => !settings.kept.includes(id)) ?? false
  const sizes = (whole ? [] : (['height', 'width', 'depth'] as const)).map((kind) =>
    SHORTER.map((by) => ({ kind, value: round(box[kind] - by) })).filter(
      ({ value }) => value > box[kind] / 2,
    ),
  )
  return [
    ...has(offcuts && settings.first === 'whole sheets', { kind: 'offcuts' }),
    ...has(settings.sheets !== null, { kind: 'sheets' }),
    ...has(!settings.shareEdges, { kind: 'shared edges' }),
    ...has(!settings.inOpenings, { kind: 'openings' }),
    ...has(!settings.anyAngle && settings.turning && settings.grain === 'free', { kind: 'any angle' }),
    ...has(!settings.turning, { kind: 'turning' }),
    ...has(settings.grain !== 'free' && (stock?.grain ?? 'none') !== 'none', { kind: 'grain' }),
    ...known.map((each): Change[] => [{ kind: 'stock', known: each }]),
    lengths('gap'),
    lengths('margin'),
    ...sizes,
  ].filter((row) => row.length > 0)
}

/** The same job with one thing changed. */
export function withChange(job: Job, change: Change): Job {
  const set = (part: Partial<Job['layout']['settings']>): Job => ({
    ...job,
    layout: { ...job.layout, settings: { ...job.layout.settings, ...part } },
  })
  switch (change.kind) {
    case 'gap':
    case 'margin':
      return set({ [change.kind]: change.value })
    case 'grain':
      return set({ grain: 'free' })
    case 'turning':
      return set({ turning: true })
    case 'offcuts':
      return set({ first: 'offcuts' })
    case 'sheets':
      return set({ sheets: null })
    case 'shared edges':
      return set({ shareEdges: true })
    case 'openings':
      return set({ inOpenings: true })
    case 'any angle':
      return set({ anyAngle: true })
    case 'stock':
      return { ...job, measure: { ...job.measure, ...change.known } }
    default:
      return { ...job, box: { ...job.box, [change.kind]: change.value } }
  }
}
