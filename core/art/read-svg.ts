import { XMLParser } from 'fast-xml-parser'
import {
  bounds,
  difference,
  filled,
  intersection,
  linesBeyond,
  linesInside,
  pathLines,
  ringsOf,
  type Bounds,
  type DrawnLine,
  type Region,
  type Ring,
} from '../geometry'
import { refuseIntricate } from './intricate'
import { addLines, Refusal, type RawArt } from './raw-art'
import { svgSize } from './svg-size'
import { readSvg as words } from './words'

/**
 * Makes of any SVG one of paths alone: styles, units, copies by reference and shapes are worked out, and
 * nothing in it is run. The library that does it is handed in: it is a program of its own.
 * @throws where the file cannot be read
 */
export type Flatten = (svg: string) => string

/** One element as the parser gives it: its children under its name, its attributes beside them. */
interface Element {
  name: string
  attributes: Record<string, string>
  children: Element[]
}

/** Curves are first flattened to this share of the drawing's longer side: finer than any beam. */
const FINE = 1 / 20_000

/** Ways of paths that are read, and styles times elements that are worked out. */
const MOST_WAYS = 200_000
const MOST_STYLED = 3_000_000

const SAVE_AGAIN = words.saveAgainProgram

function elementsOf(raw: unknown): Element[] {
  if (!Array.isArray(raw)) return []
  return (raw as Record<string, unknown>[]).flatMap((node): Element[] => {
    const name = Object.keys(node).find((key) => key !== ':@' && key !== '#text')
    if (!name) return []
    const attributes = (node[':@'] ?? {}) as Record<string, string>
    return [{ name, attributes, children: elementsOf(node[name]) }]
  })
}

/** How often a text has a sign. */
function countOf(text: string, sign: string): number {
  let count = 0
  for (let at = text.indexOf(sign); at >= 0; at = text.indexOf(sign, at + 1)) count++
  return count
}

/** What is in a file after it was flattened. */
function parsed(text: string, flatten: Flatten): Element {
  if (/<(?:[a-z]\w*:)?(?:text|flowRoot)[\s>]/i.test(text)) throw new Refusal(words.textDrawingFonts)
  if (/<(?:[a-z]\w*:)?style[\s>]/i.test(text) && countOf(text, '{') * countOf(text, '<') > MOST_STYLED)
    throw new Refusal(words.drawingTooMany)
  let flat: string
  try {
    flat = flatten(text)
  } catch (error) {
    const isDeep = /limit|loop|nest/i.test(error instanceof Error ? error.message : '')
    throw new Refusal(isDeep ? words.svgFileGroups : words.svgFileCannot(SAVE_AGAIN))
  }
  const parser = new XMLParser({
    preserveOrder: true,
    ignoreAttributes: false,
    attributeNamePrefix: '',
    parseAttributeValue: false,
    parseTagValue: false,
    processEntities: false,
  })
  const svg = elementsOf(parser.parse(flat)).find(({ name }) => name === 'svg')
  if (!svg) throw new Refusal(words.noDrawingSvg)
  return svg
}

/** What is painted, in the order in which it is: areas by their colour, lines by theirs. */
type Painted = { group: string; box: Bounds } & (
  | { kind: 'filled'; regions: Region[] }
  | { kind: 'line'; lines: DrawnLine[] }
)

/** Where an element stands: what it is moved by, the innermost first, and what it is cut off by. */
interface Place {
  transforms: string[]
  clips: Region[][]
}

const hrefOf = (text = ''): string => /^url\(#(.*)\)$/.exec(text)?.[1] ?? ''

class SvgReader {
  readonly painted: Painted[] = []
  readonly notes = new Set<string>()
  private ways = 0

  constructor(
    private readonly tolerance: number,
    private readonly defined: Map<string, Element>,
  ) {}

  walk(element: Element, { transforms, clips }: Place): void {
    const { name, attributes, children } = element
    if (name === 'image') this.notes.add(words.pictureLeftOut)
    if (name !== 'g' && name !== 'path') return
    if (Number(attributes.opacity ?? 1) === 0) return
    if (attributes.mask || attributes.filter) throw new Refusal(words.drawingMasksFilters)
    const own = attributes.transform ? [attributes.transform, ...transforms] : transforms
    const clip = hrefOf(attributes['clip-path'])
    const place = { transforms: own, clips: clip ? [...clips, ...this.clipsOf(clip, own)] : clips }
    if (name === 'path') this.paint(attributes, place)
    for (const child of children) this.walk(child, place)
  }

  /** The lines of path data, moved to where they are, y up. */
  private linesOf({ d = '' }: Record<string, string>, transforms: string[]): DrawnLine[] {
    for (const sign of d) if (sign >= 'A') this.ways++
    if (this.ways > MOST_WAYS) throw new Refusal(words.drawingOverPlaces(MOST_WAYS))
    let lines: DrawnLine[]
    try {
      lines = pathLines(d, this.tolerance, { transforms })
    } catch {
      throw new Refusal(words.pathSvgFile(SAVE_AGAIN))
    }
    return lines.map(({ points, closed }) => ({ closed, points: points.map(({ x, y }) => ({ x, y: -y })) }))
  }

  private regionsOf(attributes: Record<string, string>, transforms: string[], rule: string): Region[] {
    const rings = this.linesOf(attributes, transforms)
      .map(({ points }) => points)
      .filter((ring) => ring.length > 2)
    if (rings.length === 0) return []
    refuseIntricate(rings)
    return filled(rings, attributes[rule] === 'evenodd' ? 'evenodd' : 'nonzero')
  }

  /** What a clip leaves, and what the clip itself is cut off by. */
  private clipsOf(id: string, transforms: string[]): Region[][] {
    const clip = this.defined.get(id)
    if (!clip) return []
    const { attributes, children } = clip
    const own = attributes.transform ? [attributes.transform, ...transforms] : transforms
    const shapes = (list: Element[], moved: string[]): Ring[] =>
      list.flatMap(({ name, attributes: of, children: inner }) => {
        const at = of.transform ? [of.transform, ...moved] : moved
        if (name === 'path') return this.regionsOf(of, at, 'clip-rule').flatMap(ringsOf)
        return name === 'g' ? shapes(inner, at) : []
      })
    const rings = shapes(children, own)
    const further = hrefOf(attributes['clip-path'])
    return [rings.length > 0 ? filled(rings, 'nonzero') : [], ...(further ? this.clipsOf(further, own) : [])]
  }

  private paint(attributes: Record<string, string>, { transforms, clips }: Place): void {
    const isSeen = (paint: string | undefined, opacity: string | undefined): paint is string =>
      paint !== undefined && paint !== 'none' && Number(opacity ?? 1) > 0
    const { fill, stroke } = attributes
    if (isSeen(fill, attributes['fill-opacity'])) {
      const whole = this.regionsOf(attributes, transforms, 'fill-rule')
      const regions = clips.reduce(
        (left, clip) => left.flatMap((region) => clip.flatMap((part) => within(region, part))),
        whole,
      )
      this.put({ kind: 'filled', group: this.colourOf(fill), regions })
    }
    if (isSeen(stroke, attributes['stroke-opacity'])) {
      if (attributes['stroke-dasharray']) this.notes.add(words.dashedLinesFollowed)
      const whole = this.linesOf(attributes, transforms)
      const lines = clips.reduce((left, clip) => linesInside(left, clip), whole)
      this.put({ kind: 'line', group: this.colourOf(stroke), lines })
    }
  }

  private colourOf(paint: string): string {
    if (!paint.startsWith('url(')) return paint
    if (this.defined.get(hrefOf(paint))?.name === 'pattern') throw new Refusal(words.drawingFilledPattern)
    return 'gradient'
  }

  /** White paint covers what lies below it, and is nothing itself. */
  private put(
    what: { group: string } & ({ kind: 'filled'; regions: Region[] } | { kind: 'line'; lines: DrawnLine[] }),
  ): void {
    const points =
      what.kind === 'filled'
        ? what.regions.flatMap(({ outline }) => outline)
        : what.lines.flatMap((line) => line.points)
    if (points.length === 0) return
    const box = bounds(points)
    if (what.group !== '#ffffff' && what.group !== 'white') {
      this.painted.push({ ...what, box })
      return
    }
    if (what.kind === 'line') return
    const rings = what.regions.flatMap(ringsOf)
    for (const below of this.painted) {
      if (!isOver(below.box, box)) continue
      if (below.kind === 'filled')
        below.regions = below.regions.flatMap((region) => difference(region, rings))
      else below.lines = linesBeyond(below.lines, what.regions)
    }
  }
}

const isOver = (a: Bounds, b: Bounds): boolean =>
  a.minX < b.maxX && b.minX < a.maxX && a.minY < b.maxY && b.minY < a.maxY

/** What of a region lies in another one, holes and all. */
function within(region: Region, part: Region): Region[] {
  const holes = part.holes.map((hole) => [...hole].reverse())
  return intersection(region, part.outline).flatMap((left) =>
    holes.length > 0 ? difference(left, holes) : [left],
  )
}

/** Every element of a kind that others point to, by its id. */
function definitionsIn({ children }: Element): Map<string, Element> {
  const found = new Map<string, Element>()
  for (const { name, children: inner } of children)
    if (name === 'defs') for (const each of inner) found.set(each.attributes.id ?? '', each)
  return found
}

/** Reads the lines and areas of an SVG drawing as they look, y up. */
export function readSvg(text: string, flatten: Flatten): RawArt {
  const { extent, scale, mm } = svgSize(text)
  const svg = parsed(text, flatten)
  const reader = new SvgReader(extent * FINE, definitionsIn(svg))
  for (const child of svg.children) reader.walk(child, { transforms: [], clips: [] })
  const art: RawArt = { mm, groups: new Map(), notes: reader.notes }
  const scaled = (points: Ring): Ring => points.map(({ x, y }) => ({ x: x * scale, y: y * scale }))
  for (const what of reader.painted) {
    const lines =
      what.kind === 'filled'
        ? what.regions.flatMap(ringsOf).map((points) => ({ closed: true, points: scaled(points) }))
        : what.lines.map(({ points, closed }) => ({ closed, points: scaled(points) }))
    addLines(art, { colour: what.group, isFilled: what.kind === 'filled' }, lines)
  }
  return art
}
