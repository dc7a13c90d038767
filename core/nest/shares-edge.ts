import { liesOn, straightSides, type Point, type Region } from '../geometry'

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
