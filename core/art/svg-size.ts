import { Refusal } from './raw-art'
import { svgSize as words } from './words'

/** What a length counts in mm, by its unit; what has none is not known. [PUB: W3C, CSS Values 4, 6.2] */
const UNITS: Record<string, number> = {
  mm: 1,
  cm: 10,
  q: 0.25,
  in: 25.4,
  pt: 25.4 / 72,
  pc: 25.4 / 6,
  px: 25.4 / 96,
}

/** A tag longer than that is none that a program writes. */
const LONGEST_TAG = 20_000

/** The attributes of the outermost element, read once from left to right. */
function rootAttributes(text: string): Record<string, string> {
  const start = /<(?:[a-z]\w*:)?svg[\s>]/i.exec(text)
  if (!start) throw new Refusal(words.noDrawingSvg)
  const tag = text.slice(start.index, start.index + LONGEST_TAG)
  const found: Record<string, string> = {}
  for (const [, name, double, single] of tag.matchAll(/([\w:-]+)=(?:"([^"<]*)"|'([^'<]*)')|>/g)) {
    if (name === undefined) break
    found[name] = double ?? single ?? ''
  }
  return found
}

/** A length as it is said, and mm for each where its unit is known. */
function lengthOf(text = ''): { value: number; mm: number | null } | null {
  const said = text.trim()
  const match = said.length < 40 ? /^([-+]?[\d.]+(?:e[-+]?\d+)?)\s?([a-z%]*)$/i.exec(said) : null
  const value = Number(match?.[1])
  if (!match || match[2] === '%' || !(value > 0)) return null
  return { value, mm: UNITS[match[2].toLowerCase()] ?? null }
}

/** The size that a drawing says it has, of its outermost element. */
export interface SvgSize {
  /** The longer side of what is drawn on, in units of its own. */
  extent: number
  /** What a unit of its own counts for in the unit that its width is said in. */
  scale: number
  /** What that is in mm; null where the file does not say. */
  mm: number | null
}

/**
 * How large a drawing is: by its width and height, which show its view box; without one a unit is a pixel of
 * CSS, 1/96 in. [PUB: W3C, Scalable Vector Graphics (SVG) 2, 8.2; CSS Values 4, 6.2]
 */
export function svgSize(text: string): SvgSize {
  const { viewBox = '', width, height } = rootAttributes(text)
  const box = viewBox
    .slice(0, 200)
    .split(/[\s,]+/)
    .filter(Boolean)
    .map(Number)
  const [wide, high] = [lengthOf(width), lengthOf(height)]
  const said = wide ?? high
  if (box.length !== 4 || !(box[2] > 0 && box[3] > 0))
    return {
      extent: Math.max(wide?.value ?? 0, high?.value ?? 0) || 500,
      scale: 1,
      mm: said?.mm ? UNITS.px : null,
    }
  const extent = Math.max(box[2], box[3])
  if (!said) return { extent, scale: 1, mm: null }
  const across = wide && wide.value / box[2]
  // Shown whole, whatever the sides: the smaller of both scales.
  const up = high && high.mm === said.mm ? high.value / box[3] : null
  return { extent, scale: Math.min(across ?? Infinity, up ?? Infinity), mm: said.mm }
}
