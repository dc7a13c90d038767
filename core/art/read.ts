import { bounds, filled, ringsOf, type DrawnLine, type Point } from '../geometry'
import { refuseIntricate } from './intricate'
import { MOST_POINTS, type Drawing, type GroupUse } from './motif'
import { Refusal, type RawArt } from './raw-art'
import { readDxf } from './read-dxf'
import { readSvg, type Flatten } from './read-svg'
import { read as words } from './words'

/** A file larger than this is refused before it is parsed, characters. */
const LARGEST = 2_000_000

/** Groups that a drawing may have; more is a picture that nobody meant by its colours. */
const MOST_GROUPS = 40

/** How far a simplified line may be off, as a share of the drawing's longer side, and at most in mm. */
const OFF = 0.02

/** A unit that a file may have meant, and the size that the drawing has then, mm. */
interface LikelySize {
  name: string
  mm: number
  width: number
  height: number
}

export interface Artwork {
  drawing: Omit<Drawing, 'id'>
  /** Empty where the file says its unit; otherwise what it may have meant, the likeliest first. */
  sizes: LikelySize[]
  notes: string[]
}
export type ArtRead = { ok: true; art: Artwork } | { ok: false; error: string }

const near = (a: Point, b: Point): boolean => Math.abs(a.x - b.x) < 1e-6 && Math.abs(a.y - b.y) < 1e-6

/** How far a point is off the way from one to another. */
function offWay(p: Point, a: Point, b: Point): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y]
  const length = Math.hypot(dx, dy)
  return length < 1e-12
    ? Math.hypot(p.x - a.x, p.y - a.y)
    : Math.abs((p.x - a.x) * dy - (p.y - a.y) * dx) / length
}

/** Leaves out points that no one would miss, looking back over a few at a time. */
function simplified({ points, closed }: DrawnLine, off: number): DrawnLine {
  const kept: Point[] = []
  let skipped: Point[] = []
  for (const [i, point] of points.entries()) {
    const next = points[i + 1]
    const last = kept[kept.length - 1]
    const isPlain =
      last &&
      next &&
      skipped.length < 30 &&
      [...skipped, point].every((each) => offWay(each, last, next) <= off)
    if (isPlain) skipped.push(point)
    else {
      kept.push(point)
      skipped = []
    }
  }
  return { points: kept, closed: closed && kept.length > 2 }
}

const keyOf = ({ points, closed }: DrawnLine): string => {
  const named = points.map(({ x, y }) => `${Math.round(x * 100)} ${Math.round(y * 100)}`)
  const isForward = named[0] < named[named.length - 1]
  const ordered = closed ? [...named].sort() : isForward ? named : [...named].reverse()
  return `${closed} ${ordered.join(',')}`
}

/** Joins open lines whose ends meet, so that what looks like a shape is one. */
function chained(lines: DrawnLine[]): DrawnLine[] {
  const closed = lines.filter((line) => line.closed)
  const open = lines.filter((line) => !line.closed).map(({ points }) => points)
  const ends = new Map<string, Set<Point[]>>()
  const name = ({ x, y }: Point): string => `${Math.round(x * 200)} ${Math.round(y * 200)}`
  const endsOf = (points: Point[]): string[] => [name(points[0]), name(points[points.length - 1])]
  const put = (points: Point[]): void =>
    endsOf(points).forEach((end) => ends.set(end, (ends.get(end) ?? new Set<Point[]>()).add(points)))
  const take = (points: Point[]): void => endsOf(points).forEach((end) => ends.get(end)?.delete(points))
  open.forEach(put)
  const done: DrawnLine[] = []
  for (const first of open) {
    if (!ends.get(name(first[0]))?.has(first)) continue
    take(first)
    let way = [...first]
    for (const isBack of [false, true]) {
      if (isBack) way = [...way].reverse()
      for (;;) {
        const end = name(way[way.length - 1])
        const [next] = ends.get(end) ?? []
        if (!next || name(way[0]) === end) break
        take(next)
        const on = name(next[0]) === end ? next : [...next].reverse()
        for (let i = 1; i < on.length; i++) way.push(on[i])
      }
    }
    const isRound = way.length > 3 && name(way[0]) === name(way[way.length - 1])
    done.push({ points: isRound ? way.slice(0, -1) : way, closed: isRound })
  }
  return [...closed, ...done]
}

/** Areas are filled, lines are followed, until the maker says otherwise. */
const useFor = (isFilled: boolean): GroupUse => (isFilled ? 'engrave' : 'score')

/** Areas of one colour that lie over each other are one. */
function united(lines: DrawnLine[]): DrawnLine[] {
  if (lines.length < 2) return lines
  const rings = lines.map(({ points }) => points)
  refuseIntricate(rings)
  return filled(rings, 'nonzero')
    .flatMap(ringsOf)
    .map((points) => ({ points, closed: true }))
}

function tidied(raw: RawArt, name: string): Artwork {
  const notes = [...raw.notes]
  const scale = raw.mm ?? 25.4 / 96
  const all = [...raw.groups.values()].flatMap(({ lines }) => lines.flatMap(({ points }) => points))
  if (all.length === 0) throw new Refusal(words.noLinesFile)
  if (all.some(({ x, y }) => !Number.isFinite(x) || !Number.isFinite(y)))
    throw new Refusal(words.someCoordinatesFile)
  const { minX, minY, maxX, maxY } = bounds(all)
  const [width, height] = [(maxX - minX) * scale, (maxY - minY) * scale]
  if (Math.max(width, height) > 20_000 || width < 0.01) throw new Refusal(words.drawingWiderM)
  const off = Math.min(OFF, Math.max(width, height) / 2000)
  let doubled = 0
  let open = 0
  const seen = new Set<string>()
  const groups = [...raw.groups].map(([group, { isFilled, lines }]) => {
    const placed = lines.map(({ points, closed }) => ({
      closed,
      points: points.map(({ x, y }) => ({ x: (x - minX) * scale, y: (y - minY) * scale })),
    }))
    const once = placed.filter((line) => {
      const key = keyOf(line)
      if (seen.has(key)) doubled++
      else {
        seen.add(key)
        return true
      }
      return false
    })
    const plain = (isFilled ? once : chained(once)).map((line) => simplified(line, off))
    const whole = (isFilled ? united(plain) : plain).filter(
      ({ points }) => points.length > 2 || (points.length === 2 && !near(points[0], points[1])),
    )
    open += whole.filter(({ closed }) => !closed).length
    const round = (value: number): number => Math.round(value * 1000) / 1000
    return {
      name: group.slice(0, 80),
      use: useFor(isFilled),
      lines: whole.map(({ points, closed }) => ({
        closed,
        at: points.flatMap(({ x, y }) => [round(x), round(y)]),
      })),
    }
  })
  if (doubled > 0) notes.push(words.linesLayOthers(doubled))
  if (open > 0) notes.push(words.linesOpenFollowed(open))
  const count = groups.reduce(
    (sum, { lines }) => sum + lines.reduce((all, { at }) => all + at.length / 2, 0),
    0,
  )
  if (count > MOST_POINTS || groups.length > MOST_GROUPS)
    throw new Refusal(
      count > MOST_POINTS
        ? words.drawingPointsMost(count, MOST_POINTS)
        : words.drawingColoursLayers(groups.length, MOST_GROUPS),
    )
  const sizes = raw.mm === null ? likely(maxX - minX, maxY - minY) : []
  return { drawing: { name: name.slice(0, 80), width, height, groups }, sizes, notes }
}

/** What a drawing without a unit may have meant: 96 is [PUB: W3C, CSS Values 4], 72 are points. */
const likely = (width: number, height: number): LikelySize[] =>
  [
    { name: '96 to the inch', mm: 25.4 / 96 },
    { name: '72 to the inch', mm: 25.4 / 72 },
    { name: 'millimetres', mm: 1 },
  ].map((unit) => ({ ...unit, width: width * unit.mm, height: height * unit.mm }))

/** What is in a file, or why it is refused, in one sentence. */
function rawFrom(name: string, text: string, flatten: Flatten): RawArt {
  if (text.length > LARGEST) throw new Refusal(words.fileLargerMb(LARGEST / 1e6))
  const isSvg = /\.svg$/i.test(name)
  if (!isSvg && !/\.dxf$/i.test(name)) throw new Refusal(words.onlySvgDxf)
  return isSvg ? readSvg(text, flatten) : readDxf(text)
}

const refusalFor = (error: unknown): string =>
  error instanceof Refusal ? error.message : words.fileCannotRead

/**
 * Reads artwork: lines by colour (SVG) or layer (DXF), mm from their own lower left corner. Nothing in a file
 * is run, and a file is taken whole or refused in one sentence.
 * @param name of the file; its ending says what it is
 * @param flatten what makes paths of an SVG
 */
export function readArtwork(name: string, text: string, flatten: Flatten): ArtRead {
  try {
    return { ok: true, art: tidied(rawFrom(name, text, flatten), name.replace(/\.[a-z]+$/i, '')) }
  } catch (error) {
    return { ok: false, error: refusalFor(error) }
  }
}

/**
 * The lines of a cut file as they are, on a page of that height, mm from its lower left corner.
 * @param height of the page; an SVG counts from above
 */
export function readLines(
  name: string,
  text: string,
  height: number,
  flatten: Flatten,
): { ok: true; lines: DrawnLine[] } | { ok: false; error: string } {
  try {
    const { mm, groups } = rawFrom(name, text, flatten)
    const scale = mm ?? 1
    const lift = /\.svg$/i.test(name) ? height : 0
    const lines = [...groups.values()]
      .flatMap(({ lines: own }) => own)
      .map(({ points, closed }) => ({
        closed,
        points: points.map(({ x, y }) => ({ x: x * scale, y: y * scale + lift })),
      }))
    return { ok: true, lines }
  } catch (error) {
    return { ok: false, error: refusalFor(error) }
  }
}
