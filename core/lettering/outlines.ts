import {
  bounds,
  difference,
  filled,
  pathLines,
  rectangle,
  ringsOf,
  type Region,
  type Ring,
} from '../geometry'
import font from './outlines.json' with { type: 'json' }

/** A word as filled shapes in mm, its baseline at y = 0 and its first letter at x = 0. */
export interface Outlined {
  regions: Region[]
  width: number
}

const GLYPHS = font.glyphs as unknown as Record<string, { advance: number; d: string }>

/** How far a straight piece may be off the curve of a letter, mm. */
const OFF = 0.02

/** One letter by the height of the capitals. */
function glyphAt(sign: string, height: number): { regions: Region[]; advance: number } {
  const glyph = GLYPHS[sign] ?? GLYPHS['?']
  const scale = height / font.capHeight
  const lines = pathLines(glyph.d, OFF / scale)
  const rings = lines.map(({ points }): Ring => points.map(({ x, y }) => ({ x: x * scale, y: y * scale })))
  return { regions: filled(rings, 'nonzero'), advance: glyph.advance * scale }
}

/** Whether every sign of a text is among the letters that are shipped. */
export const canLetter = (text: string): boolean => [...text].every((sign) => sign in GLYPHS)

/**
 * Letters as filled shapes, B612 Bold: to engrave, to score round, or to cut out.
 * @param height of the capitals, mm
 */
export function outlined(text: string, height: number): Outlined {
  const known = new Map<string, ReturnType<typeof glyphAt>>()
  const regions: Region[] = []
  let pen = 0
  for (const sign of text) {
    const glyph = known.get(sign) ?? glyphAt(sign, height)
    known.set(sign, glyph)
    const moved = (ring: Ring): Ring => ring.map(({ x, y }) => ({ x: x + pen, y }))
    regions.push(
      ...glyph.regions.map(({ outline, holes }) => ({ outline: moved(outline), holes: holes.map(moved) })),
    )
    pen += glyph.advance
  }
  return { regions, width: pen }
}

/** Where an upright line crosses the rings of a region, from below. */
function crossings(region: Region, x: number): number[] {
  const found: number[] = []
  for (const ring of ringsOf(region))
    for (const [i, a] of ring.entries()) {
      const b = ring[(i + 1) % ring.length]
      if (a.x > x !== b.x > x) found.push(a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x))
    }
  return found.sort((a, b) => a - b)
}

/** A bridge reaches over the edge of the letter by this, so that it surely parts it, mm. */
const OVER = 0.05

/** The bars that hold the inside of a hole: up and down from it to the outside of the letter. */
function barsFor(region: Region, hole: Ring, bridge: number): Ring[] {
  const { minX, maxX, minY, maxY } = bounds(hole)
  const x = (minX + maxX) / 2 + 1e-4
  const middle = (minY + maxY) / 2
  const all = crossings(region, x)
  const above = all.filter((y) => y > middle)
  const below = all.filter((y) => y < middle).reverse()
  const [left, right] = [x - bridge / 2, x + bridge / 2]
  return [
    ...(above.length > 1 ? [rectangle(left, middle, right, above[1] + OVER)] : []),
    ...(below.length > 1 ? [rectangle(left, below[1] - OVER, right, middle)] : []),
  ]
}

/** Bars are set so often at most: an inside within an inside needs more than one. */
const MOST_ROUNDS = 6

/**
 * Shapes to be cut right through, with bridges that hold what is inside of them: no region that is left has
 * a hole, so that nothing falls out but the letter itself.
 * @param bridge width of each, mm
 */
export function stencilled(regions: Region[], bridge: number): Region[] {
  let left = regions
  for (let round = 0; round < MOST_ROUNDS && left.some(({ holes }) => holes.length > 0); round++)
    left = left.flatMap((region) =>
      region.holes.length === 0
        ? [region]
        : difference(
            region,
            region.holes.flatMap((hole) => barsFor(region, hole, bridge)),
          ),
    )
  return left.filter(({ holes }) => holes.length === 0)
}
