import { isEqual, TINY, transposed, type Piece, type Put, type Size } from './piece'

/** A part of a block, and where its lower left corner is in it, mm. */
export interface Within {
  lying: Lying
  x: number
  y: number
}

/** Pieces that lie side by side without room between them, in one of the ways that they may lie together. */
export interface Lying extends Size {
  block: Block
  /** The same with width and height changed about; null where a piece may not lie so. */
  turned: Lying | null
  /** What it is made of; of a piece by itself, its way. */
  of: Within[] | number
}

export interface Block {
  /** The pieces in it, a bit each. */
  set: bigint
  count: number
  /** Which piece, where it is only one. */
  piece: number
  lying: Lying
}

/** A piece as a block of its own. */
export function blockOfPiece({ ways }: Piece, piece: number): Block {
  const [first] = ways
  const turned = ways.findIndex((way) => isEqual(way, transposed(first)))
  return makeBlock({ set: 1n << BigInt(piece), count: 1, piece }, first, 0, turned < 0 ? null : turned)
}

/** A block as it lies first, and turned where it may lie so. */
function makeBlock(
  about: Omit<Block, 'lying'>,
  size: Size,
  of: Lying['of'],
  turned: Lying['of'] | null,
): Block {
  const block: Block = { ...about, lying: { ...size, of, turned: null } as Lying }
  const { lying } = block
  lying.block = block
  if (turned !== null) lying.turned = { ...transposed(size), block, turned: lying, of: turned }
  return block
}

const sizeOf = (of: Within[]): Size => ({
  width: Math.max(...of.map(({ lying, x }) => x + lying.width)),
  height: Math.max(...of.map(({ lying, y }) => y + lying.height)),
})

/** Several that lie beside each other as one block. */
export function blockOf(of: Within[]): Block {
  const about = {
    set: of.reduce((set, { lying }) => set | lying.block.set, 0n),
    count: of.reduce((sum, { lying }) => sum + lying.block.count, 0),
    piece: -1,
  }
  const turned = of.flatMap(({ lying, x, y }) => (lying.turned ? [{ lying: lying.turned, x: y, y: x }] : []))
  return makeBlock(about, sizeOf(of), of, turned.length === of.length ? turned : null)
}

/** Where the pieces of a block are. */
export function putsOf({ of, block }: Lying, bin: number, x = 0, y = 0): Put[] {
  if (typeof of === 'number') return [{ piece: block.piece, way: of, bin, x, y }]
  return of.flatMap((each) => putsOf(each.lying, bin, x + each.x, y + each.y))
}

export const goesInto = (size: Size, bin: Size): boolean =>
  size.width <= bin.width + TINY && size.height <= bin.height + TINY

/** In which ways a block can lie. */
export const waysOf = ({ lying }: Block): Lying[] => (lying.turned ? [lying, lying.turned] : [lying])
