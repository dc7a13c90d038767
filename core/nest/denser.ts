import {
  areaOf,
  isEqual,
  packedInto,
  packedTightly,
  transposed,
  type Piece,
  type Put,
  type Size,
} from './dense'
import type { Candidate, Pose } from './pack'
import { rectangleBound } from './rectangle-bound'
import { loadAt, type Load, type Supply } from './surface'
import type { Layout, NestRules } from './types'

/** A load of a sheet that is to be filled, the gap beyond its sides counted in. */
interface Bin extends Size {
  sheet: number
  load: Load
}

/** A part that is to be packed: the ways in which it lies that differ by the room they take. */
interface Part {
  id: string
  ways: { pose: Pose; size: Size }[]
}

function asPart({ part, poses }: Candidate, gap: number): Part {
  const ways: Part['ways'] = []
  for (const pose of poses) {
    const size = { width: pose.width + gap, height: pose.height + gap }
    if (!ways.some((way) => isEqual(way.size, size))) ways.push({ pose, size })
  }
  return { id: part.id, ways }
}

const asPiece = ({ ways }: Part): Piece => ({
  ways: ways.map(({ size }) => size),
  area: areaOf(ways[0].size),
})

/** Whether bins of one size are fewer than rectangles need at least. */
function areTooFew(pieces: Piece[], bins: Bin[]): boolean {
  if (bins.length === 0) return true
  const turnEvenly = pieces.every(({ ways }) => ways.length < 2 || isEqual(ways[1], transposed(ways[0])))
  if (!turnEvenly || !bins.every((bin) => isEqual(bin, bins[0]))) return false
  const packed = pieces.map(({ ways }) => ({ ...ways[0], turns: ways.length > 1 }))
  return rectangleBound(packed, bins[0].width, bins[0].height) > bins.length
}

/** Loads in the order of cutting, up to the last that something lies in; all where parts lack room. */
function binsFor({ placements, unplaced }: Layout, supply: Supply, { gap, margin }: NestRules): Bin[] {
  const last = Math.max(...placements.map(({ sheet }) => sheet))
  const isFull = unplaced.some(({ why }) => why === 'full')
  const used = new Set(placements.map(({ sheet }) => sheet))
  const onLast = placements.filter(({ sheet }) => sheet === last)
  const lastLoad = Math.max(...onLast.map(({ x, y }) => loadAt(supply[last], x, y)))
  return supply.flatMap(({ loads }, sheet) =>
    loads.flatMap((load, i) => {
      if (!isFull && (!used.has(sheet) || (sheet === last && i > lastLoad))) return []
      const inside = (side: number): number => Math.max(0, side - 2 * margin + gap)
      return [{ sheet, load, width: inside(load.width), height: inside(load.height) }]
    }),
  )
}

/** How far what lies in the last bin reaches, mm. */
function reachIn(bin: Bin, { placements }: Layout, parts: Part[], supply: Supply, margin: number): Size {
  const byId = new Map(parts.map((part) => [part.id, part]))
  const reach = { width: 0, height: 0 }
  for (const { part, sheet, x, y, turn } of placements) {
    const way = byId.get(part)!.ways.find(({ pose }) => (pose.turn - turn) % 180 === 0)
    const { loads } = supply[sheet]
    if (sheet !== bin.sheet || !way || loads[loadAt(supply[sheet], x, y)] !== bin.load) continue
    reach.width = Math.max(reach.width, x - bin.load.x - margin + way.size.width)
    reach.height = Math.max(reach.height, y - bin.load.y - margin + way.size.height)
  }
  return reach
}

/**
 * From a layout by rectangles to one that does with a load or a sheet less, again and again, then to one that
 * leaves more of the last load in one piece. The gap counts on the upper and right side of every part. Yields
 * null now and then, and nothing where a piece of stock is no rectangle.
 * @param effort 0, and 1 more each time that more time is to be spent
 */
export function* denserSteps(
  candidates: Candidate[],
  rules: NestRules,
  supply: Supply,
  layout: Layout,
  effort: number,
): Generator<Layout | null, void> {
  const { margin } = rules
  const lost = layout.unplaced.filter(({ why }) => why !== 'full')
  const isLost = new Set(lost.map(({ part }) => part))
  const parts = candidates.filter(({ part }) => !isLost.has(part.id)).map((each) => asPart(each, rules.gap))
  if (parts.length < 2 || layout.placements.length === 0) return
  const pieces = parts.map(asPiece)
  const laid = (puts: Put[], bins: Bin[]): Layout => ({
    placements: puts.map(({ piece, way, bin, x, y }) => {
      const { sheet, load } = bins[bin]
      const { id, ways } = parts[piece]
      const at = { x: load.x + margin + x, y: load.y + margin + y }
      return { part: id, sheet, ...at, turn: ways[way].pose.turn, pinned: false }
    }),
    unplaced: lost,
  })
  let best = layout
  const all = binsFor(layout, supply, rules)
  if (all.some(({ sheet }) => supply[sheet].outline)) return
  let bins = layout.unplaced.length > lost.length ? all : all.slice(0, -1)
  while (!areTooFew(pieces, bins)) {
    const found = yield* untilDone(packedInto(pieces, bins, effort))
    if (!found) break
    best = laid(found, bins)
    yield best
    bins = binsFor(best, supply, rules).slice(0, -1)
  }
  if (best.unplaced.length > lost.length) return
  bins = binsFor(best, supply, rules)
  const reach = reachIn(bins[bins.length - 1], best, parts, supply, margin)
  for (const found of packedTightly(pieces, bins, effort, reach)) yield found && laid(found, bins)
}

function* untilDone<R>(steps: Generator<void, R>): Generator<null, R> {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
    yield null
  }
}
