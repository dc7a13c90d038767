import { sizeOf } from '../geometry'
import { packsInto, type Packed } from './exact-packing'
import type { Supply } from './surface'
import { turnsOf, type Layout, type NestPart, type NestRules } from './types'

/** More parts than these are left to the search, and longer than this many nodes is not looked. */
const MOST_PARTS = 10
const NODES = 10_000

/**
 * For few parts that a search needed two sheets for: a layout on one where the rectangles round them fit,
 * whatever order that takes; otherwise the same layout again.
 */
export function onOneSheet(parts: NestPart[], rules: NestRules, supply: Supply, layout: Layout): Layout {
  const [first] = supply
  const isTwo = layout.unplaced.length > 0 || layout.placements.some(({ sheet }) => sheet > 0)
  const isPlain = first !== undefined && first.outline === null && first.loads.length === 1
  const areRound = parts.every(({ shape, turnedShape }) => shape === turnedShape)
  if (!isTwo || !isPlain || !areRound || parts.length > MOST_PARTS) return layout
  const { gap, margin } = rules
  const ways = parts.map((part) => {
    const turns = turnsOf(part, rules)
    return { upright: turns.find((turn) => turn % 180 === 0), across: turns.find((turn) => turn % 180 !== 0) }
  })
  const items = parts.map(({ shape }, i): Packed => {
    const { width, height } = sizeOf(shape)
    const [w, h] = ways[i].upright === undefined ? [height, width] : [width, height]
    const turns = ways[i].upright !== undefined && ways[i].across !== undefined
    return { width: w + gap, height: h + gap, turns }
  })
  const room = (side: number): number => side - 2 * margin + gap
  const found = packsInto(items, room(first.width), room(first.height), NODES)
  if (!found.fits) return layout
  return {
    placements: parts.map(({ id }, i) => {
      const { x, y, isTurned } = found.spots[i]
      const { upright, across } = ways[i]
      const turn = (isTurned ? across : (upright ?? across)) ?? 0
      return { part: id, sheet: 0, x: x + margin, y: y + margin, turn, pinned: false }
    }),
    unplaced: [],
  }
}
