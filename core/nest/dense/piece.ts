import { sumOf } from '../../statistics'

/** Lengths below this are rounding, mm. */
export const TINY = 1e-6

/** What rounding may add to a sum of areas, mm². */
export const ROUNDING = 1e-3

export interface Size {
  width: number
  height: number
}

/** A rectangle to be packed, and its sizes in the ways that it may lie, mm. */
export interface Piece {
  ways: Size[]
  area: number
}

/** Where a piece lies: its number, in which of its ways, in which bin, its lower left corner there in mm. */
export interface Put {
  piece: number
  way: number
  bin: number
  x: number
  y: number
}

export const areaOf = ({ width, height }: Size): number => width * height

export const isEqual = (a: Size, b: Size): boolean =>
  Math.abs(a.width - b.width) < TINY && Math.abs(a.height - b.height) < TINY

/** All that pieces take together, mm². */
export const areaOfAll = (pieces: Piece[]): number => sumOf(pieces.map(({ area }) => area))

/** The same with width and height changed about. */
export const transposed = ({ width, height }: Size): Size => ({ width: height, height: width })

/** Whether two pieces are alike in all ways that they may lie. */
export const areAlike = (a: Piece, b: Piece): boolean =>
  a.ways.length === b.ways.length && a.ways.every((way, i) => isEqual(way, b.ways[i]))
