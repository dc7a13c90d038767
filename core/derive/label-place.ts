import { bounds, ringsOf, type Bounds, type Point, type Region, type Ring } from '../geometry'
import { letter, letterInto } from '../lettering'

/** Kept free round a label, mm. */
const ROOM = 0.8
/** Sizes that are tried, of the one that is wanted. */
const SIZES = [1, 0.75, 0.55]
/** Places that are tried along either side of a panel. */
const PLACES = 13

const isIn = (ring: Ring, { x, y }: Point): boolean => {
  let inside = false
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const [a, b] = [ring[i], ring[j]]
    if (a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) inside = !inside
  }
  return inside
}

/** Whether there is wood at a place, with nothing on it. */
const isInside = ({ outline, holes }: Region, place: Point): boolean =>
  isIn(outline, place) && !holes.some((hole) => isIn(hole, place))

/**
 * Whether any side of a region or of a line runs through a rectangle: its bounding box does, for sides along
 * the axes.
 */
const isCrossed = (rings: Ring[], box: Bounds): boolean =>
  rings.some((ring) =>
    ring.some((a, i) => {
      const b = ring[(i + 1) % ring.length]
      return (
        Math.max(a.x, b.x) > box.minX &&
        Math.min(a.x, b.x) < box.maxX &&
        Math.max(a.y, b.y) > box.minY &&
        Math.min(a.y, b.y) < box.maxY
      )
    }),
  )

const around = ({ x, y }: Point, width: number, height: number): Bounds => ({
  minX: x - width / 2 - ROOM,
  maxX: x + width / 2 + ROOM,
  minY: y - height / 2 - ROOM,
  maxY: y + height / 2 + ROOM,
})

/** Places on a panel, the nearest to its middle first. */
function placesOn({ outline }: Region): Point[] {
  const { minX, maxX, minY, maxY } = bounds(outline)
  const middle = { x: (minX + maxX) / 2, y: (minY + maxY) / 2 }
  const steps = Array.from({ length: PLACES }, (_, i) => (i + 1) / (PLACES + 1))
  const places = steps.flatMap((u) =>
    steps.map((v) => ({ x: minX + u * (maxX - minX), y: minY + v * (maxY - minY) })),
  )
  const apart = new Map(places.map((place) => [place, Math.hypot(place.x - middle.x, place.y - middle.y)]))
  return [middle, ...places.sort((a, b) => apart.get(a)! - apart.get(b)!)]
}

/**
 * Where words fit on a panel, clear of what is cut out of it, as near to its middle as can be; smaller where
 * that makes room.
 * @param wide how wide the words are for their height
 * @param tallest of their height, mm
 * @param lines that they may not cross
 * @param isUpright whether they are read from the right
 * @returns null where there is no room for them
 */
export function roomFor(
  region: Region,
  wide: number,
  tallest: number,
  lines: Ring[] = [],
  isUpright = false,
): { at: Point; height: number } | null {
  const rings = [...ringsOf(region), ...lines]
  const places = placesOn(region)
  for (const size of SIZES) {
    const height = tallest * size
    const [across, up] = isUpright ? [height, wide * height] : [wide * height, height]
    const at = places.find((place) => isInside(region, place) && !isCrossed(rings, around(place, across, up)))
    if (at) return { at, height }
  }
  return null
}

/**
 * A label as strokes where nothing is cut out of a panel, as near to its middle as can be; smaller where
 * that makes room, in the middle where none does.
 * @param width at most, mm
 * @param tallest height of capitals at most, mm
 * @param lines that it may not cross
 */
export function labelOn(
  region: Region,
  text: string,
  width: number,
  tallest: number,
  lines: Ring[] = [],
): Point[][] {
  const atOne = letter(text, 1).width
  const most = Math.min(tallest, width / Math.max(atOne, 0.001))
  const room = roomFor(region, atOne, most, lines)
  const share = room ? room.height / most : 1
  const strokes = room ? letterInto(text, room.at, width * share, tallest * share) : []
  if (strokes.length > 0) return strokes
  return letterInto(text, placesOn(region)[0], width, tallest)
}
