import { asOutline } from '../geometry'
import type { Arrangement, Job } from '../job'
import {
  sheetsAllowed,
  sheetsOf,
  surfaceOf,
  type Layout,
  type Supply,
  type Surface,
  type SurfaceAt,
} from '../nest'
import { offcutArea, offcutPrice, type Offcut } from '../stock'

type Seen = Pick<Job, 'measure' | 'layout'>

/** The sheet that is assumed until a stock is chosen, mm. */
const ASSUMED_SHEET = { width: 600, height: 400 }

/** Offcuts that one layout may choose from. */
const MOST_PIECES = 60

/** What an offcut's area counts for where whole sheets are to be spared: next to nothing. */
const SPARED = 1e-3

/** The size of a job's sheets: its stock's. */
export const sheetOf = ({ measure: { stock } }: Pick<Job, 'measure'>): { width: number; height: number } =>
  stock ? { width: stock.sheetWidth, height: stock.sheetHeight } : ASSUMED_SHEET

const bedOf = ({ machine }: Job['measure']): Parameters<typeof surfaceOf>[1] =>
  machine && { width: machine.bedWidth, height: machine.bedHeight, origin: machine.origin }

/** A job's whole sheet, with the loads in which its machine's bed takes it. */
export const surfaceFor = (job: Pick<Job, 'measure'>): Surface => surfaceOf(sheetOf(job), bedOf(job.measure))

function pieceOf(offcut: Offcut, { measure, layout }: Seen): Surface {
  const stock = measure.stock!
  const share = offcutArea(offcut) / (stock.sheetWidth * stock.sheetHeight)
  const priced = stock.pricePerSheet > 0 ? offcutPrice(offcut, stock) / stock.pricePerSheet : share
  return surfaceOf(offcut, bedOf(measure), {
    outline: offcut.outline && asOutline(offcut.outline.map(([x, y]) => ({ x, y }))),
    offcut: offcut.id,
    weight: layout.settings.first === 'cheapest' ? priced : share * SPARED,
  })
}

/** How much a piece costs for its size, a whole sheet being 1. */
const dearness = ({ width, height, weight }: Surface, whole: Surface): number =>
  (weight * whole.width * whole.height) / (width * height)

/**
 * The sheets that a job's stock offers, in the order in which they are taken: offcuts first where the maker
 * says so, those that the job leaves alone not at all.
 */
export function supplyFor(job: Seen): Supply {
  const { first, kept } = job.layout.settings
  const whole = surfaceFor(job)
  const wholes = sheetsOf(whole, sheetsAllowed(job.layout.settings))
  const free = (job.measure.stock?.offcuts ?? []).filter(({ id }) => !kept.includes(id))
  if (first === 'whole sheets' || free.length === 0) return wholes
  const key = (offcut: Offcut): string | number => (first === 'oldest' ? offcut.since : offcutArea(offcut))
  const sorted = [...free].sort((a, b) => (key(a) < key(b) ? -1 : key(a) > key(b) ? 1 : 0))
  const pieces = sorted
    .flatMap((offcut) => sheetsOf(pieceOf(offcut, job), offcut.count))
    .slice(0, MOST_PIECES)
  if (first !== 'cheapest') return [...pieces, ...wholes]
  return [...pieces, ...wholes].sort((a, b) => dearness(a, whole) - dearness(b, whole))
}

type Offcuts = Arrangement['offcuts']

/**
 * A layout with its sheets counted as they are used: those of a supply that nothing lies on are left out,
 * but for whole sheets between others.
 */
export function numbered(layout: Layout, supply: Supply, material: string): Layout & { offcuts: Offcuts } {
  const used = new Set(layout.placements.map(({ sheet }) => sheet))
  const order = supply.flatMap(({ offcut }, i) => (offcut === null || used.has(i) ? [i] : []))
  const numbers = new Map(order.map((from, to) => [from, to]))
  const offcuts = order.flatMap((from, sheet) => {
    const { offcut } = supply[from]
    return offcut === null ? [] : [{ material, sheet, offcut }]
  })
  const placements = layout.placements.map((each) => ({ ...each, sheet: numbers.get(each.sheet)! }))
  return { ...layout, placements, offcuts }
}

/** Where in a supply the sheets of an arrangement are: the other way round than `numbered`. */
export function inSupply(offcuts: Offcuts, supply: Supply): (sheet: number) => number {
  const taken = new Set<number>()
  const find = (wanted: string | null): number => {
    const at = supply.findIndex(({ offcut }, i) => offcut === wanted && !taken.has(i))
    taken.add(at)
    return at
  }
  const highest = Math.max(-1, ...offcuts.map(({ sheet }) => sheet)) + supply.length
  const places = Array.from({ length: highest + 1 }, (_, sheet) =>
    find(offcuts.find((each) => each.sheet === sheet)?.offcut ?? null),
  )
  return (sheet) => places[sheet] ?? -1
}

/** What each sheet of a job's layout is. @param seen the job as its stock sees it */
export function surfacesOf(seen: Seen): SurfaceAt {
  const { stock } = seen.measure
  const whole = surfaceFor(seen)
  const own = (seen.layout.arrangement?.offcuts ?? []).filter(({ material }) => material === stock?.id)
  const known = new Map<number, Surface>()
  for (const { sheet, offcut } of own) {
    const record = stock?.offcuts.find(({ id }) => id === offcut)
    if (record) known.set(sheet, pieceOf(record, seen))
  }
  return (sheet) => known.get(sheet) ?? whole
}
