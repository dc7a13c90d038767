import { shiftPoints, type Point } from '../geometry'
import font from './glyphs.json' with { type: 'json' }

interface Glyph {
  advance: number
  strokes: number[][][]
}
const GLYPHS = font.glyphs as unknown as Record<string, Glyph>

/** A label as open strokes in mm, with the width it takes. */
export interface Lettering {
  strokes: Point[][]
  width: number
}

/**
 * Letters as single strokes, because a laser reads lines and not text. Hershey simplex, capitals and digits;
 * other signs become a space.
 * @param height cap height, mm
 * @returns strokes with the baseline at y = 0, starting at x = 0
 */
export function letter(text: string, height: number): Lettering {
  const scale = height / font.capHeight
  const strokes: Point[][] = []
  let pen = 0
  for (const sign of text.toUpperCase()) {
    const glyph = GLYPHS[sign]
    for (const stroke of glyph?.strokes ?? [])
      strokes.push(stroke.map(([x, y]) => ({ x: (pen + x) * scale, y: y * scale })))
    pen += glyph?.advance ?? 12
  }
  return { strokes, width: pen * scale }
}

/**
 * The label centred on a point, made as high as fits into `width`, between 2.5 and `tallest` mm; none where
 * it would be smaller.
 */
export function letterInto(text: string, centre: Point, width: number, tallest: number): Point[][] {
  const atOne = letter(text, 1).width
  const height = Math.min(tallest, width / Math.max(atOne, 0.001))
  if (height < 2.5) return []
  const { strokes } = letter(text, height)
  return strokes.map((stroke) => shiftPoints(stroke, centre.x - (atOne * height) / 2, centre.y - height / 2))
}
export { canLetter, outlined, stencilled } from './outlines'
