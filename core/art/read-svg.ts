import { XMLParser } from 'fast-xml-parser'
import { pathLines, type DrawnLine } from '../geometry'
import { addLines, Refusal, type RawArt } from './raw-art'

/** One element as the parser gives it: its children under its name, its attributes beside them. */
interface Element {
  name: string
  attributes: Record<string, string>
  children: Element[]
}

/** What a length counts in mm, by its unit; what has none is not known. [PUB: W3C, CSS Values 4, 6.2] */
const UNITS: Record<string, number> = { mm: 1, cm: 10, in: 25.4, pt: 25.4 / 72, pc: 25.4 / 6 }

/** Elements whose insides are not drawn where they stand. */
const NOT_DRAWN = [
  'defs',
  'clipPath',
  'mask',
  'symbol',
  'marker',
  'pattern',
  'metadata',
  'style',
  'title',
  'desc',
]

/** Curves are first flattened to this share of the drawing's longer side: finer than any beam. */
const FINE = 1 / 20_000

/** Elements that a file may nest into each other. */
const DEEPEST = 60

type Raw = Record<string, unknown>

function elementsOf(raw: unknown): Element[] {
  if (!Array.isArray(raw)) return []
  return (raw as Raw[]).flatMap((node): Element[] => {
    const name = Object.keys(node).find((key) => key !== ':@' && key !== '#text')
    if (!name) return []
    const attributes = (node[':@'] ?? {}) as Record<string, string>
    return [{ name: name.replace(/^.*:/, ''), attributes, children: elementsOf(node[name]) }]
  })
}

function parsed(text: string): Element {
  // Nothing that a file declares is put into place: entities stay as they are written.
  const parser = new XMLParser({
    preserveOrder: true,
    ignoreAttributes: false,
    attributeNamePrefix: '',
    parseAttributeValue: false,
    parseTagValue: false,
    processEntities: false,
  })
  let elements: Element[]
  try {
    elements = elementsOf(parser.parse(text))
  } catch {
    throw new Refusal('This SVG file cannot be read as XML. Save it anew from the program that made it.')
  }
  const svg = elements.find(({ name }) => name === 'svg')
  if (!svg) throw new Refusal('There is no drawing in this SVG file. Choose another file.')
  return svg
}

const numbersIn = (text: string): number[] =>
  (text.match(/[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/gi) ?? []).map(Number)

/** A length with what is known of its unit. */
function lengthOf(text: string | undefined): { value: number; mm: number | null } | null {
  const match = /^\s*([-+]?[\d.]+(?:e[-+]?\d+)?)\s*([a-z%]*)\s*$/i.exec(text ?? '')
  if (!match || match[2] === '%') return null
  return { value: Number(match[1]), mm: UNITS[match[2]] ?? null }
}

/** A presentation attribute, or the same in `style`. */
function styleOf({ attributes }: Element, name: string): string | undefined {
  const own = new RegExp(`(?:^|;)\\s*${name}\\s*:\\s*([^;]+)`).exec(attributes.style ?? '')
  return own?.[1].trim() ?? attributes[name]
}

/** The path data that an element stands for. */
function dataOf({ name, attributes }: Element): string | null {
  const n = (key: string): number => {
    const value = Number.parseFloat(attributes[key] ?? '0')
    return Number.isFinite(value) ? value : 0
  }
  switch (name) {
    case 'path':
      return attributes.d ?? ''
    case 'line':
      return `M${n('x1')} ${n('y1')}L${n('x2')} ${n('y2')}`
    case 'polyline':
    case 'polygon': {
      const at = numbersIn(attributes.points ?? '')
      const pairs = at.slice(0, at.length - (at.length % 2))
      return pairs.length < 4 ? '' : `M${pairs.join(' ')}${name === 'polygon' ? 'Z' : ''}`
    }
    case 'rect': {
      const [x, y, w, h] = ['x', 'y', 'width', 'height'].map(n)
      const rx = Math.min(attributes.rx === undefined ? n('ry') : n('rx'), w / 2)
      const ry = Math.min(attributes.ry === undefined ? rx : n('ry'), h / 2)
      if (!(w > 0 && h > 0)) return ''
      if (!(rx > 0 && ry > 0)) return `M${x} ${y}h${w}v${h}h${-w}Z`
      const arc = (dx: number, dy: number): string => `a${rx} ${ry} 0 0 1 ${dx} ${dy}`
      return (
        `M${x + rx} ${y}h${w - 2 * rx}${arc(rx, ry)}v${h - 2 * ry}${arc(-rx, ry)}` +
        `h${2 * rx - w}${arc(-rx, -ry)}v${2 * ry - h}${arc(rx, -ry)}Z`
      )
    }
    case 'circle':
    case 'ellipse': {
      const [cx, cy] = ['cx', 'cy'].map(n)
      const [rx, ry] = name === 'circle' ? [n('r'), n('r')] : [n('rx'), n('ry')]
      if (!(rx > 0 && ry > 0)) return ''
      return `M${cx - rx} ${cy}a${rx} ${ry} 0 0 1 ${2 * rx} 0a${rx} ${ry} 0 0 1 ${-2 * rx} 0Z`
    }
    default:
      return null
  }
}

/** The size that a drawing says it has: units of its own, and mm for each where it tells. */
function frameOf({ attributes }: Element): { box: number[] | null; mm: number | null } {
  const box = numbersIn(attributes.viewBox ?? '')
  const [width, height] = [lengthOf(attributes.width), lengthOf(attributes.height)]
  if (box.length === 4 && box[2] > 0) {
    if (width?.mm) return { box, mm: (width.value * width.mm) / box[2] }
    if (height?.mm && box[3] > 0) return { box, mm: (height.value * height.mm) / box[3] }
    return { box, mm: null }
  }
  // Without a view box a unit is a pixel of CSS, whatever the size is said in.
  return { box: null, mm: (width?.mm ?? height?.mm) ? 25.4 / 96 : null }
}

/** Reads the lines of an SVG drawing, y up. Text and pictures in it are not lines. */
export function readSvg(text: string): RawArt {
  const svg = parsed(text)
  const { box, mm } = frameOf(svg)
  const extent = box ? Math.max(box[2], box[3]) : 500
  const art: RawArt = { mm, groups: new Map(), notes: new Set() }

  function walk(element: Element, transforms: string[], colour: string, depth: number): void {
    const { name, attributes, children } = element
    if (depth > DEEPEST) throw new Refusal('Groups in this file are nested too deep. Ungroup the drawing.')
    if (NOT_DRAWN.includes(name) || styleOf(element, 'display') === 'none') return
    if (name === 'text' || name === 'tspan')
      throw new Refusal('There is text in this drawing, and fonts differ. Turn it into paths and save anew.')
    if (name === 'image') art.notes.add('A picture in it was left out: only lines are read.')
    if (name === 'use') art.notes.add('Copies by reference were left out: make them real copies.')
    const own = attributes.transform ? [attributes.transform, ...transforms] : transforms
    const [stroke, fill] = [styleOf(element, 'stroke'), styleOf(element, 'fill')]
    const painted = stroke && stroke !== 'none' ? stroke : fill && fill !== 'none' ? fill : colour
    const data = dataOf(element)
    if (data) {
      const lines = linesOf(data, own, extent * FINE)
      addLines(art, painted, lines)
    }
    for (const child of children) walk(child, own, painted, depth + 1)
  }

  for (const child of svg.children) walk(child, [], styleOf(svg, 'stroke') ?? 'black', 0)
  return art
}

/** Lines of path data moved by transforms, the innermost first, and turned over: y runs up here. */
function linesOf(data: string, transforms: string[], tolerance: number): DrawnLine[] {
  let lines: DrawnLine[]
  try {
    lines = pathLines(data, tolerance, { transforms })
  } catch {
    throw new Refusal('A path in this SVG file cannot be read. Save it anew from the program that made it.')
  }
  return lines.map(({ points, closed }) => ({ closed, points: points.map(({ x, y }) => ({ x, y: -y })) }))
}
