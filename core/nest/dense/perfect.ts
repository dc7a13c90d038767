import { blockOf, blockOfPiece, goesInto, putsOf, waysOf, type Block, type Lying } from './block'
import { BySide } from './by-side'
import { areaOf, type Piece, type Put, type Size } from './piece'
import { wheelsOf } from './wheels'

/** So many blocks are joined between two breaths. */
const A_BREATH = 50

/** A block is as large as the bin where no more is left on either side than so many times the slack. */
const LEFT = 2

/** Many pieces that are the same make blocks without end: what is beyond these is not looked at. */
const MOST_BLOCKS = 3000
const MOST_JOINS = 8000
const MOST_FOR_WHEELS = 300
/** Wheels may make blocks that make wheels again. */
const ROUNDS = 3
/** Blocks that fill a bin, of which as many as can be are taken. */
const MOST_FULL = 200
const MOST_LOOKED = 20_000

/** All blocks without waste that pieces make, for as long as there are new ones. */
class Blocks {
  readonly full: Lying[] = []
  private readonly blocks: Block[] = []
  private readonly byWidth: BySide
  private readonly byHeight: BySide
  private readonly known = new Set<string>()
  private next = 0
  private joins = 0
  /** Pieces in the largest block looked at. */
  private largest = 1

  constructor(
    pieces: Piece[],
    private readonly bin: Size,
    private readonly equal: number,
  ) {
    this.blocks = pieces.map(blockOfPiece)
    this.byWidth = new BySide('width', equal)
    this.byHeight = new BySide('height', equal)
  }

  /** Of blocks lengths may differ by more: what their pieces are off adds up. */
  private readonly slackFor = (count: number): number => this.equal * Math.sqrt(count)

  private keyOf({ block, width, height }: Lying): string {
    return `${block.set.toString(36)} ${Math.round(width)} ${Math.round(height)}`
  }

  private consider(block: Block): void {
    this.joins++
    const ways = waysOf(block)
    if (ways.some((way) => this.known.has(this.keyOf(way)))) return
    this.known.add(this.keyOf(block.lying))
    const inside = ways.filter((way) => goesInto(way, this.bin))
    if (inside.length === 0) return
    const left = LEFT * this.slackFor(block.count)
    const full = inside.find(
      ({ width, height }) => this.bin.width - width < left && this.bin.height - height < left,
    )
    if (!full) this.blocks.push(block)
    else if (this.full.length < MOST_FULL) this.full.push(full)
  }

  /** What two with an equal side make that lie beside each other, or above. */
  private join(a: Lying): void {
    const slack = this.slackFor(this.largest)
    const isPartner = (b: Lying, side: 'width' | 'height'): boolean =>
      (a.block.set & b.block.set) === 0n &&
      Math.abs(a[side] - b[side]) < this.slackFor(Math.max(a.block.count, b.block.count))
    for (const b of this.byHeight.at(a.height, slack))
      if (isPartner(b, 'height'))
        this.consider(
          blockOf([
            { lying: a, x: 0, y: 0 },
            { lying: b, x: a.width, y: 0 },
          ]),
        )
    for (const b of this.byWidth.at(a.width, slack))
      if (isPartner(b, 'width'))
        this.consider(
          blockOf([
            { lying: a, x: 0, y: 0 },
            { lying: b, x: 0, y: a.height },
          ]),
        )
  }

  /** One more block with all before it. @returns false where none is left */
  grow(): boolean {
    const block = this.blocks[this.next]
    if (!block || this.blocks.length > MOST_BLOCKS || this.joins > MOST_JOINS) return false
    this.next++
    this.largest = Math.max(this.largest, block.count)
    const ways = waysOf(block)
    for (const way of ways) {
      this.byWidth.add(way)
      this.byHeight.add(way)
    }
    for (const way of ways) this.join(way)
    return true
  }

  /** @returns whether a wheel was found that is new */
  addWheels(): boolean {
    const before = this.blocks.length + this.full.length
    if (this.blocks.length > MOST_FOR_WHEELS) return false
    for (const wheel of wheelsOf([...this.blocks], this.byWidth, this.byHeight, this.slackFor))
      this.consider(wheel)
    return this.blocks.length + this.full.length > before
  }
}

/** As many as can be that have no piece in common, those first that leave least of the bin. */
function mostApart(full: Lying[], most: number): Lying[] {
  const sorted = [...full].sort((a, b) => areaOf(b) - areaOf(a))
  let best: Lying[] = []
  let looked = 0
  const choose = (from: number, set: bigint, chosen: Lying[]): void => {
    if (chosen.length > best.length) best = chosen
    for (let i = from; i < sorted.length && best.length < most && looked < MOST_LOOKED; i++) {
      looked++
      const { set: own } = sorted[i].block
      if ((own & set) === 0n) choose(i + 1, set | own, [...chosen, sorted[i]])
    }
  }
  choose(0, 0n, [])
  return best
}

/**
 * Bins that are filled without waste: pieces with an equal side are joined into blocks, these into larger
 * ones, in all ways, for as long as there are new ones. Yields now and then.
 * @param most bins that there are, all of this size
 * @param equal how much sides of two pieces may differ to count as equal, mm
 */
export function* perfectBins(
  pieces: Piece[],
  bin: Size,
  most: number,
  equal: number,
): Generator<void, Put[][]> {
  const blocks = new Blocks(pieces, bin, equal)
  for (let round = 0; ; round++) {
    for (let grown = 1; blocks.grow(); grown++) if (grown % A_BREATH === 0) yield
    if (round === ROUNDS || !blocks.addWheels()) break
  }
  return mostApart(blocks.full, most).map((lying, i) => putsOf(lying, i))
}
