import { area, bounds, difference, offset, rectangle, type Bounds, type Region, type Ring } from '../geometry'
import { MaximalRectangles } from './maximal-rectangles'
import type { Surface } from './surface'

/** What a sheet leaves over in one piece. Lengths in mm, from the sheet's lower left corner. */
export interface Remnant {
  /** `rectangle`: the largest that straight cuts leave; `all`: as much as hangs together. */
  kind: 'rectangle' | 'all'
  outline: Ring
  width: number
  height: number
  area: number
}

/** A piece narrower than this is hardly worth keeping, mm. */
export const LEAST_SIDE = 50

/** What lies on a sheet takes the rectangle round it, and the gap beyond: a cut needs that much. */
const takenBy = (boxes: Bounds[], gap: number): Bounds[] =>
  boxes.map(({ minX, minY, maxX, maxY }) => ({
    minX: minX - gap,
    minY: minY - gap,
    maxX: maxX + gap,
    maxY: maxY + gap,
  }))

const asRing = ({ minX, minY, maxX, maxY }: Bounds): Ring => rectangle(minX, minY, maxX, maxY)

const toMicrometre = (value: number): number => Math.round(value * 1000) / 1000

function remnant(kind: Remnant['kind'], ring: Ring): Remnant {
  const outline = ring.map(({ x, y }) => ({ x: toMicrometre(x), y: toMicrometre(y) }))
  const box = bounds(outline)
  const [width, height] = [box.maxX - box.minX, box.maxY - box.minY]
  return { kind, outline, width, height, area: area({ outline, holes: [] }) }
}

/** The largest rectangle of a rectangular sheet that nothing lies on. */
function largestRectangle({ width, height }: Surface, taken: Bounds[]): Bounds | null {
  const free = new MaximalRectangles(width, height)
  for (const each of taken) free.take(each)
  return free.largest(LEAST_SIDE)
}

/** Corners of straight edges only: those between two edges of one direction are left out. */
function withoutStraight(ring: Ring): Ring {
  return ring.filter((point, i) => {
    const [a, b] = [ring[(i + ring.length - 1) % ring.length], ring[(i + 1) % ring.length]]
    const turn = (point.x - a.x) * (b.y - point.y) - (point.y - a.y) * (b.x - point.x)
    return Math.abs(turn) > 1e-3
  })
}

/**
 * What of a sheet is left over in one piece where no strip narrower than `LEAST_SIDE` is counted: shrunk by
 * half of that and grown again, so that strips fall off.
 */
function inOnePiece(surface: Surface, taken: Bounds[]): Ring | null {
  const outline = surface.outline ?? rectangle(0, 0, surface.width, surface.height)
  const left = difference({ outline, holes: [] }, taken.map(asRing))
  const half = LEAST_SIDE / 2
  const wide = left
    .flatMap((region) => offset(region, -half))
    .flatMap((region) => offset(region, half))
    // What lies in the middle of a piece makes it no piece to keep.
    .filter(({ holes }) => holes.length === 0)
  const sorted = wide.sort((a: Region, b: Region) => area(b) - area(a))
  return sorted[0] ? withoutStraight(sorted[0].outline) : null
}

/** A remnant of more corners is not one that anybody cuts or finds a place for. */
const MOST_CORNERS = 12

/**
 * What a sheet leaves over that is worth keeping: the largest rectangle, and the whole rest in one piece
 * where that is a good deal more.
 * @param boxes rectangles round what is cut from it, mm
 */
export function remnantsOf(surface: Surface, boxes: Bounds[], gap: number): Remnant[] {
  const taken = takenBy(boxes, gap)
  const box = surface.outline ? null : largestRectangle(surface, taken)
  const plain = box && remnant('rectangle', asRing(box))
  const ring = inOnePiece(surface, taken)
  const all = ring && ring.length <= MOST_CORNERS ? remnant('all', ring) : null
  const isMore = all && (!plain || all.area > 1.15 * plain.area)
  return [...(plain ? [plain] : []), ...(isMore ? [all] : [])]
}
