import { roundCoordinate, type Painting, type Traced } from './paint'
import type { Bounds, Point, Region, Ring } from './types'

const ROUND = ['minY', 'maxX', 'maxY', 'minX'] as const

/**
 * Which side of a stroke a border is, by the way it runs: round one that fills counter-clockwise, round one
 * that clears clockwise.
 */
export const sideOf = (fill: boolean, way: number): keyof Bounds => ROUND[fill ? way : (way + 2) % 4]

/** Which way is outward, to the right of a border. */
const OUTWARD = [-1, 1, 1, -1]

/** How far the borders on each line of the grid are moved, at least and at most: places in mm. */
class Lines {
  private readonly lowest: Float64Array
  private readonly highest: Float64Array

  constructor(count: number) {
    this.lowest = new Float64Array(count).fill(Infinity)
    this.highest = new Float64Array(count).fill(-Infinity)
  }

  take(line: number, place: number): void {
    if (place < this.lowest[line]) this.lowest[line] = place
    if (place > this.highest[line]) this.highest[line] = place
  }

  /** Whether every line still lies before the next one. */
  get isInOrder(): boolean {
    let before = -Infinity
    for (const [i, low] of this.lowest.entries()) {
      if (low === Infinity) continue
      if (low <= before) return false
      before = this.highest[i]
    }
    return true
  }
}

/**
 * The same shape with the edges of its strokes moved, and every border moved outward on top of that: what
 * painting the moved strokes would come to and growing that, in one go.
 * @param edges where each stroke of the painting is wanted, mm
 * @param by outward, for borders across x and across y, mm
 * @returns null where something would close, open or touch: that must be painted anew
 */
export function moveEdges(painting: Painting, edges: Bounds[], by: Point): Region[] | null {
  const { strokes, xs, ys } = painting
  if (painting.touches) return null
  const [columns, rows] = [new Lines(xs.length), new Lines(ys.length)]

  /** Where a side comes to lie, on the axis across it. */
  const placeOf = (stroke: number, way: number): number => {
    const isAlongX = way % 2 === 0
    const place = roundCoordinate(edges[stroke][sideOf(strokes[stroke].fill, way)])
    return place + OUTWARD[way] * (isAlongX ? by.y : by.x)
  }

  /** Where a border goes on straight from one stroke to the next, and one of them is moved farther. */
  function jog(way: number, before: number, after: number, places: [number, number]): number {
    const later = Math.max(before, after)
    const isForward = way === 0 || way === 1
    // The later stroke begins or ends here; its far end looks forward where it is the one before.
    const end = later === before ? isForward : !isForward
    const { minX, maxX, minY, maxY } = edges[later]
    const [low, high] = way % 2 === 0 ? [minX, maxX] : [minY, maxY]
    const isOut = (places[1] - places[0]) * OUTWARD[way] > 0
    const grown = (isOut ? -1 : 1) * (isForward ? 1 : -1) * (way % 2 === 0 ? by.x : by.y)
    return roundCoordinate(end ? high : low) + grown
  }

  function move({ columns: atX, rows: atY, strokes: made, ways }: Traced): Ring {
    const ring: Ring = []
    const last = ways.length - 1
    let [way, stroke, place] = [ways[last], made[last], placeOf(made[last], ways[last])]
    for (let i = 0; i <= last; i++) {
      const next = placeOf(made[i], ways[i])
      const isAlongX = ways[i] % 2 === 0
      if (ways[i] !== way) ring.push(isAlongX ? { x: place, y: next } : { x: next, y: place })
      else if (next !== place) {
        const at = jog(way, stroke, made[i], [place, next])
        const lines = isAlongX ? columns : rows
        lines.take(isAlongX ? atX[i] : atY[i], at)
        ring.push(...[place, next].map((across) => (isAlongX ? { x: at, y: across } : { x: across, y: at })))
      }
      const across = isAlongX ? rows : columns
      across.take(isAlongX ? atY[i] : atX[i], next)
      ;[way, stroke, place] = [ways[i], made[i], next]
    }
    return ring
  }

  const moved = painting.regions.map(({ outline, holes }): Region => ({
    outline: move(painting.traced.get(outline)!),
    holes: holes.map((hole) => move(painting.traced.get(hole)!)),
  }))
  return columns.isInOrder && rows.isInOrder ? moved : null
}
