import { blockOf, waysOf, type Block, type Lying } from './block'
import type { BySide } from './by-side'

/**
 * Four blocks round a fifth, without room between them: what no cut right across can make.
 * @param slack by how much lengths may differ to be the same, for so many pieces, mm
 */
export function* wheelsOf(
  blocks: Block[],
  byWidth: BySide,
  byHeight: BySide,
  slack: (count: number) => number,
): Generator<Block, void> {
  const areApart = (set: bigint, other: Lying): boolean => (set & other.block.set) === 0n
  const slackOf = (...of: Lying[]): number => slack(of.reduce((sum, { block }) => sum + block.count, 0))
  for (const middle of blocks.flatMap(waysOf))
    for (const left of blocks.flatMap(waysOf)) {
      if (!areApart(middle.block.set, left)) continue
      const high = left.height - middle.height
      if (high <= slackOf(left, middle)) continue
      const two = middle.block.set | left.block.set
      for (const low of byWidth.at(left.width + middle.width, slackOf(left, middle))) {
        if (!areApart(two, low)) continue
        const three = two | low.block.set
        for (const right of byHeight.at(low.height + middle.height, slackOf(low, middle))) {
          if (!areApart(three, right)) continue
          for (const top of byWidth.at(middle.width + right.width, slackOf(middle, right))) {
            if (!areApart(three | right.block.set, top)) continue
            if (Math.abs(top.height - high) >= slackOf(top, left)) continue
            // Where sides are only nearly equal, each lies clear of the farther of two.
            yield blockOf([
              { lying: low, x: 0, y: 0 },
              { lying: right, x: Math.max(low.width, left.width + middle.width), y: 0 },
              { lying: middle, x: left.width, y: low.height },
              { lying: left, x: 0, y: low.height },
              { lying: top, x: left.width, y: Math.max(right.height, low.height + middle.height) },
            ])
          }
        }
      }
    }
}
