import type { Bounds, Ring, Stroke } from '../geometry'

/**
 * Two running sums over figures, to tell shapes apart by: to a hundredth of a micrometre, 64 bits in all.
 */
class Key {
  private a = 0x811c9dc5
  private b = 0x9747b28c

  add(value: number): void {
    const figure = Math.round(value * 1e5)
    this.a = Math.imul(this.a ^ figure, 0x01000193)
    this.b = Math.imul(this.b ^ (figure + 0x5bd1), 0x85ebca6b)
    this.b ^= this.b >>> 15
  }

  text(): string {
    return `${this.a} ${this.b}`
  }
}

/**
 * What a shape is made from, as a key.
 * @param edges where each stroke is drawn
 * @param openings what goes through it besides
 */
export function keyOf(strokes: Stroke[], edges: Bounds[], openings: Ring[]): string {
  const key = new Key()
  const addBounds = ({ minX, minY, maxX, maxY }: Bounds): void => {
    key.add(minX)
    key.add(minY)
    key.add(maxX)
    key.add(maxY)
  }
  for (const [i, { area, fill }] of strokes.entries()) {
    key.add(fill ? 1 : 0)
    addBounds(area)
    if (edges[i] !== area) addBounds(edges[i])
  }
  for (const ring of openings) {
    key.add(ring.length)
    for (const { x, y } of ring) {
      key.add(x)
      key.add(y)
    }
  }
  return `${strokes.length} ${key.text()}`
}
