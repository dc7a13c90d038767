import { bounds, lengthOn, liesOn, straightSides, type Point, type Region } from '../geometry'

/** What rounding may put on the wrong side of a line, mm. */
const SLIVER = 0.02

/** Whether two shapes lie on one straight edge, each on its own side of it. */
export function sharesEdge(a: Region, b: Region): boolean {
  const others = straightSides(b.outline)
  return straightSides(a.outline).some((side) => {
    const isOn = others.some((other) => liesOn(side, other) || liesOn(other, side))
    if (!isOn) return false
    const length = Math.hypot(side.to.x - side.from.x, side.to.y - side.from.y)
    // Outlines run counter-clockwise: inside is on the left.
    const inward = ({ x, y }: Point): number =>
      ((side.to.x - side.from.x) * (y - side.from.y) - (side.to.y - side.from.y) * (x - side.from.x)) / length
    return (
      a.outline.every((point) => inward(point) > -SLIVER) &&
      b.outline.every((point) => inward(point) < SLIVER)
    )
  })
}

/** How much of the straight edges of shapes on one sheet lies on edges of others, mm: it is cut once. */
export function sharedLength(shapes: Region[]): number {
  const all = shapes.map(({ outline }) => ({ box: bounds(outline), sides: straightSides(outline) }))
  let length = 0
  for (const [i, a] of all.entries())
    for (const b of all.slice(i + 1)) {
      const isBeside =
        Math.max(a.box.minX - b.box.maxX, b.box.minX - a.box.maxX) > SLIVER ||
        Math.max(a.box.minY - b.box.maxY, b.box.minY - a.box.maxY) > SLIVER
      if (isBeside) continue
      for (const side of a.sides) for (const on of b.sides) length += lengthOn(side, on)
    }
  return length
}
