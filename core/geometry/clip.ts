import {
  ClipperD,
  ClipperOffset,
  ClipType,
  EndType,
  FillRule,
  InternalClipper,
  JoinType,
  PointInPolygonResult,
  type Paths64,
  type PathsD,
} from 'clipper2-ts'
import { lengthOf, signedArea } from './measure'
import type { DrawnLine } from './path-lines'
import { ringsOf, type Point, type Region, type Ring } from './types'

/** Decimals of a millimetre that the clipping library works to: a hundredth of a micrometre. */
const DECIMALS = 5

/** Whole units of the library in a millimetre. */
const UNITS = 10 ** DECIMALS

/** What the rounding of two outlines may leave between them, mm². */
const SLIVER = 1e-3

/** A miter this long keeps every corner of 90° or more square. */
const MITER_LIMIT = 2

const toPaths = (regions: Region[]): PathsD => regions.flatMap(ringsOf)

const toRing = (path: { x: number; y: number }[]): Ring => path.map(({ x, y }) => ({ x, y }))

/** Sorts loose rings into regions: each hole goes to the smallest outline around it. */
function toRegions(paths: PathsD): Region[] {
  const rings = paths.map(toRing)
  const regions = rings
    .filter((ring) => signedArea(ring) > 0)
    .map((outline): Region => ({ outline, holes: [] }))
  const byArea = [...regions].sort((a, b) => signedArea(a.outline) - signedArea(b.outline))
  for (const hole of rings.filter((ring) => signedArea(ring) < 0)) {
    // A corner that touches its outline may be rounded to the other side of it.
    const isHome = ({ outline }: Region): boolean =>
      2 * hole.filter((point) => isWithin(point, outline)).length > hole.length
    const home = byArea.length === 1 ? byArea[0] : byArea.find(isHome)
    home?.holes.push(hole)
  }
  return regions
}

const inUnits = ({ x, y }: Point): Point => ({ x: Math.round(x * UNITS), y: Math.round(y * UNITS) })

/*
 * The library's own front does all that it can do, and would bring all of it onto a page (triangles, clipping
 * by rectangles, sums of outlines): what is done here is asked of its two engines.
 */
function clipped(type: ClipType, subject: PathsD, by: PathsD, rule = FillRule.NonZero): PathsD {
  const clipper = new ClipperD(DECIMALS)
  clipper.addSubjectPaths(subject)
  clipper.addClipPaths(by)
  const found: PathsD = []
  clipper.execute(type, rule, found)
  return found
}

/** Paths moved outward, mm. @param arc how far a round corner may be off its circle, mm; 0: the library's own */
function inflated(paths: PathsD, by: number, join: JoinType, end: EndType, arc = 0): PathsD {
  const clipper = new ClipperOffset(MITER_LIMIT, UNITS * arc)
  clipper.addPaths(
    paths.map((path) => path.map(inUnits)),
    join,
    end,
  )
  const found: Paths64 = []
  clipper.execute(by * UNITS, found)
  return found.map((path) => path.map(({ x, y }) => ({ x: x * (1 / UNITS), y: y * (1 / UNITS) })))
}

/** Whether a point lies in a ring, or on it. */
export const isWithin = (point: Point, ring: Ring): boolean =>
  InternalClipper.pointInPolygon(inUnits(point), ring.map(inUnits)) !== PointInPolygonResult.IsOutside

/** Everything covered by at least one of the counter-clockwise rings. */
export const union = (rings: Ring[]): Region[] => toRegions(clipped(ClipType.Union, rings, []))

/** What rings fill that may run any way: inside an odd number of them, or round by the way they run. */
export const filled = (rings: Ring[], rule: 'evenodd' | 'nonzero'): Region[] =>
  toRegions(clipped(ClipType.Union, rings, [], rule === 'evenodd' ? FillRule.EvenOdd : FillRule.NonZero))

/** What is left of a region where the rings are taken out of it. */
export const difference = (region: Region, rings: Ring[]): Region[] =>
  toRegions(clipped(ClipType.Difference, toPaths([region]), rings))

/** What a region has in common with a ring. */
export const intersection = (region: Region, ring: Ring): Region[] =>
  toRegions(clipped(ClipType.Intersection, toPaths([region]), [ring]))

/** Area in mm² that two regions share. */
export const sharedArea = (a: Region, b: Region): number =>
  Math.abs(
    clipped(ClipType.Intersection, toPaths([a]), toPaths([b])).reduce(
      (sum, path) => sum + signedArea(path),
      0,
    ),
  )

function clippedLines(type: ClipType, by: PathsD, lines: DrawnLine[]): PathsD {
  const clipper = new ClipperD(DECIMALS)
  const ways = lines.map(({ points, closed }) => (closed ? [...points, points[0]] : points))
  if (ways.length > 0) clipper.addOpenSubjectPaths(ways)
  clipper.addClipPaths(by)
  const open: PathsD = []
  clipper.execute(type, FillRule.NonZero, [], open)
  return open
}

/** What of lines lies within a ring, as open lines. */
export const linesWithin = (lines: DrawnLine[], ring: Ring): DrawnLine[] =>
  clippedLines(ClipType.Intersection, [ring], lines).map((path) => ({ points: toRing(path), closed: false }))

/** What of lines lies in regions, and what lies outside of them all, as open lines. */
export const linesInside = (lines: DrawnLine[], regions: Region[]): DrawnLine[] =>
  cutLines(ClipType.Intersection, lines, regions)
export const linesBeyond = (lines: DrawnLine[], regions: Region[]): DrawnLine[] =>
  cutLines(ClipType.Difference, lines, regions)

/** Lines that a cut does not touch stay as they are. */
function cutLines(type: ClipType, lines: DrawnLine[], regions: Region[]): DrawnLine[] {
  const by = toPaths(regions)
  return lines.flatMap((line) => {
    const left = clippedLines(type, by, [line])
    const isWhole =
      left.length === 1 && lengthOf(toRing(left[0]), false) > lengthOf(line.points, line.closed) - SLIVER
    return isWhole ? [line] : left.map((path) => ({ points: toRing(path), closed: false }))
  })
}

/** What of areas and lines lies outside of a region; slivers that rounding leaves are not told. */
export function piecesOutside(
  region: Region,
  areas: Region[],
  lines: DrawnLine[],
): { areas: Region[]; lines: DrawnLine[] } {
  const within = toPaths([region])
  const lost = areas.length > 0 ? clipped(ClipType.Difference, toPaths(areas), within) : []
  const open = clippedLines(ClipType.Difference, within, lines)
  return {
    areas: toRegions(lost.filter((path) => Math.abs(signedArea(path)) > SLIVER)),
    lines: open.map((path) => ({ points: toRing(path), closed: false })),
  }
}

/**
 * A region grown by `distance` mm (shrunk when negative): outlines move outward and holes inward by the same
 * amount, and square corners stay square.
 * @returns none when nothing is left, several when it falls apart
 */
export function offset(region: Region, distance: number): Region[] {
  if (distance === 0) return [region]
  return toRegions(inflated(toPaths([region]), distance, JoinType.Miter, EndType.Polygon))
}

/** How far a round corner may be off its circle, mm. */
const ROUND = 0.002

/** Everything that is no farther than that from a region, mm: what is beyond its corners is round. */
export const within = (region: Region, distance: number): Region[] =>
  toRegions(inflated(toPaths([region]), distance, JoinType.Round, EndType.Polygon, ROUND))

/** What lies along lines, so wide in all, mm; open lines end square. */
export const alongLines = (lines: DrawnLine[], width: number): Region[] =>
  [true, false].flatMap((closed) => {
    const ways = lines.filter((line) => line.closed === closed).map(({ points }) => points)
    const ends = closed ? EndType.Joined : EndType.Square
    return ways.length === 0 ? [] : toRegions(inflated(ways, width / 2, JoinType.Miter, ends))
  })

const stretched = (region: Region, factor: number): Region => ({
  outline: region.outline.map(({ x, y }) => ({ x, y: y * factor })),
  holes: region.holes.map((hole) => hole.map(({ x, y }) => ({ x, y: y * factor }))),
})

/**
 * A region grown by another distance each way, mm: edges that face along x move by `x`, those that face
 * along y by `y`. Made for a beam that is not round. Both are more than 0, or the same.
 */
export function offsetBy(region: Region, { x, y }: Point): Region[] {
  if (x === y) return offset(region, x)
  const factor = x / y
  return offset(stretched(region, factor), x).map((grown) => stretched(grown, 1 / factor))
}
