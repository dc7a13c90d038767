import {
  bounds,
  disc,
  filled,
  moveRegion,
  ringsOf,
  roundedRectangle,
  signedArea,
  type DrawnLine,
  type Point,
  type Region,
} from '../geometry'
import { letter, outlined } from '../lettering'
import { codeRegions } from './code'
import type { Drawing, Motif, Words } from './motif'
import { greysOf, movePicture, type PlacedPicture } from './picture'
import type { Picture } from './picture-record'
import { rulerLines } from './ruler'

/** What a motif comes to, mm, its middle at (0, 0). */
export interface Shapes {
  /** To be filled with lines, or followed round. */
  areas: Region[]
  lines: DrawnLine[]
  /** To be cut out. */
  cuts: Region[]
  pictures: PlacedPicture[]
}

/** Artwork that a box keeps. */
export interface Kept {
  drawings: Drawing[]
  pictures: Picture[]
}

const inWords = (text: string, words: Words): string =>
  text.replace(/\{(job|revision)\}/g, (_, key: keyof Words) => words[key])

function drawingShapes({ groups, width }: Drawing, wanted: number): Shapes {
  const scale = wanted / width
  const linesFor = (use: string): DrawnLine[] =>
    groups
      .filter((group) => group.use === use)
      .flatMap(({ lines }) =>
        lines.map(({ closed, at }) => ({
          closed,
          points: at.flatMap((x, i): Point[] =>
            i % 2 === 0 ? [{ x: x * scale, y: at[i + 1] * scale }] : [],
          ),
        })),
      )
  const rounds = (lines: DrawnLine[]): Region[] =>
    filled(
      lines.filter(({ closed, points }) => closed && points.length > 2).map(({ points }) => points),
      'evenodd',
    )
  const engraved = linesFor('engrave')
  return {
    areas: rounds(engraved),
    // What is open has no inside: it is followed.
    lines: [...linesFor('score'), ...engraved.filter(({ closed }) => !closed)],
    cuts: rounds(linesFor('cut')),
    pictures: [],
  }
}

function shapesFromCorner(motif: Motif, kept: Kept, words: Words): Shapes {
  const none: Shapes = { areas: [], lines: [], cuts: [], pictures: [] }
  switch (motif.kind) {
    case 'text': {
      const text = inWords(motif.text, words)
      if (motif.letters === 'filled') return { ...none, areas: outlined(text, motif.height).regions }
      return {
        ...none,
        lines: letter(text, motif.height).strokes.map((points) => ({ points, closed: false })),
      }
    }
    case 'ruler':
      return { ...none, lines: rulerLines(motif.long, motif.high, motif.unit) }
    case 'code':
      return { ...none, areas: codeRegions(inWords(motif.text, words), motif.size) }
    case 'drawing': {
      const drawing = kept.drawings.find(({ id }) => id === motif.drawing)
      return drawing ? drawingShapes(drawing, motif.width) : none
    }
    case 'round':
      return { ...none, areas: [{ outline: disc({ x: 0, y: 0 }, motif.diameter / 2), holes: [] }] }
    case 'rectangle': {
      const { width, height, radius } = motif
      return { ...none, areas: [{ outline: roundedRectangle(width, height, radius), holes: [] }] }
    }
    case 'picture': {
      const picture = kept.pictures.find(({ id }) => id === motif.picture)
      return picture ? { ...none, pictures: [pictureShape(picture, motif)] } : none
    }
  }
}

function pictureShape(
  picture: Picture,
  { width, ...how }: Extract<Motif, { kind: 'picture' }>,
): PlacedPicture {
  const high = (width * picture.rows) / picture.columns
  const corners: PlacedPicture['corners'] = [
    { x: 0, y: 0 },
    { x: width, y: 0 },
    { x: 0, y: high },
  ]
  return {
    picture: picture.id,
    greys: greysOf(picture),
    corners,
    dots: how.dots,
    way: how.way,
    level: how.level,
  }
}

export const pointsOf = ({ areas, lines, cuts, pictures }: Shapes): Point[] => [
  ...[...areas, ...cuts].flatMap(({ outline }) => outline),
  ...lines.flatMap(({ points }) => points),
  ...pictures.flatMap(({ corners }) => frameOf(corners).outline),
]

/** The border of a picture. */
export function frameOf([a, b, c]: PlacedPicture['corners']): Region {
  const outline = [a, b, { x: b.x + c.x - a.x, y: b.y + c.y - a.y }, c]
  return { outline: signedArea(outline) < 0 ? outline.reverse() : outline, holes: [] }
}

/** Shapes with every point moved; mirrored, regions still run counter-clockwise. */
export function mapShapes({ areas, lines, cuts, pictures }: Shapes, move: (point: Point) => Point): Shapes {
  const region = (each: Region): Region => moveRegion(each, move)
  return {
    areas: areas.map(region),
    lines: lines.map(({ points, closed }) => ({ points: points.map(move), closed })),
    cuts: cuts.map(region),
    pictures: pictures.map((each) => movePicture(each, move)),
  }
}

const known = new WeakMap<Motif, Kept & { said: string; shapes: Shapes }>()

/** What a motif comes to: worked out once for the same words and drawings. */
export function shapesOfMotif(motif: Motif, { drawings, pictures }: Kept, words: Words): Shapes {
  const said = JSON.stringify(words)
  const before = known.get(motif)
  if (before?.drawings === drawings && before.pictures === pictures && before.said === said)
    return before.shapes
  const raw = shapesFromCorner(motif, { drawings, pictures }, words)
  const points = pointsOf(raw)
  const box = points.length > 0 ? bounds(points) : { minX: 0, maxX: 0, minY: 0, maxY: 0 }
  const [dx, dy] = [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2]
  const shapes = mapShapes(raw, ({ x, y }) => ({ x: x - dx, y: y - dy }))
  known.set(motif, { drawings, pictures, said, shapes })
  return shapes
}

/** The lines round areas. */
export const linesRound = (areas: Region[]): DrawnLine[] =>
  areas.flatMap(ringsOf).map((points) => ({ points, closed: true }))
