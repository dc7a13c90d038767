/** A point in millimetres, y up. */
export interface Point {
  x: number
  y: number
}

/**
 * A closed ring of points; the last point is not the first again. Outlines run counter-clockwise, holes
 * clockwise.
 */
export type Ring = Point[]

/** A flat piece: one outline and the holes inside it. */
export interface Region {
  outline: Ring
  holes: Ring[]
}

/** An axis-aligned box, in millimetres. */
export interface Bounds {
  minX: number
  minY: number
  maxX: number
  maxY: number
}

/** A turn counter-clockwise, in degrees from 0 to less than 360. */
export type Turn = number

/** Every ring of a region, the outline first. */
export const ringsOf = (region: Region): Ring[] => [region.outline, ...region.holes]
