/** A point or a way in space. */
export type Vector = [number, number, number]

export const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
export const cross = ([a, b, c]: Vector, [d, e, f]: Vector): Vector => [
  b * f - c * e,
  c * d - a * f,
  a * e - b * d,
]
