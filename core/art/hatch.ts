import { ringsOf, type Point, type Region } from '../geometry'

/**
 * Level lines that fill areas, every other row run backwards, as an engraver goes to and fro.
 * @param interval from row to row, mm
 */
export function hatch(areas: Region[], interval: number): [Point, Point][] {
  const rows = new Map<number, number[]>()
  for (const ring of areas.flatMap(ringsOf))
    for (const [i, a] of ring.entries()) {
      const b = ring[(i + 1) % ring.length]
      const [low, high] = a.y < b.y ? [a, b] : [b, a]
      // Rows lie half an interval off, so that an edge on a row counts once.
      const first = Math.ceil(low.y / interval - 0.5)
      const last = Math.ceil(high.y / interval - 0.5) - 1
      for (let row = first; row <= last; row++) {
        const y = (row + 0.5) * interval
        const x = low.x + ((high.x - low.x) * (y - low.y)) / (high.y - low.y)
        const there = rows.get(row)
        if (there) there.push(x)
        else rows.set(row, [x])
      }
    }
  return [...rows]
    .sort(([a], [b]) => a - b)
    .flatMap(([row, places], i) => {
      const y = (row + 0.5) * interval
      const xs = places.sort((a, b) => a - b)
      const spans = xs.flatMap((x, k): [Point, Point][] =>
        k % 2 === 0 && xs[k + 1] > x
          ? [
              [
                { x, y },
                { x: xs[k + 1], y },
              ],
            ]
          : [],
      )
      return i % 2 === 0 ? spans : spans.reverse().map(([from, to]): [Point, Point] => [to, from])
    })
}
