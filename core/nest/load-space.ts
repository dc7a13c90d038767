import { area, difference, offset, rectangle, type Bounds, type Region, type Ring } from '../geometry'
import { MaximalRectangles } from './maximal-rectangles'
import type { Pose } from './pack'
import { placesOf } from './places'
import type { Load, Surface } from './surface'
import type { NestRules } from './types'

export interface Placed {
  pose: Pick<Pose, 'width' | 'height' | 'fixed'>
  x: number
  y: number
}

/** One load of a sheet, with what lies in it. */
export interface LoadSpace {
  sheet: number
  load: Load
  free: MaximalRectangles
  placed: Placed[]
  /** Whether parts may be slid against each other in it: not where its outline could be in the way. */
  slides: boolean
}

type Rules = Pick<NestRules, 'margin' | 'gap'>

/** Lengths below this are rounding, mm. */
const TINY = 1e-6

/** Rectangles that cover all of a box but what is free in it. */
function covering(box: Bounds, free: Region[]): Bounds[] {
  const rings = [rectangle(box.minX, box.minY, box.maxX, box.maxY), ...free.map(({ outline }) => outline)]
  const [xs, ys] = [placesOf(rings, 'x'), placesOf(rings, 'y')]
  const isFree = (minX: number, minY: number, maxX: number, maxY: number): boolean => {
    const cell: Region = { outline: rectangle(minX, minY, maxX, maxY), holes: [] }
    const left = free.reduce<Region[]>(
      (rest, { outline }) => rest.flatMap((r) => difference(r, [outline])),
      [cell],
    )
    return left.reduce((sum, region) => sum + area(region), 0) < 1e-3
  }
  const covered: Bounds[] = []
  let above: Bounds[] = []
  for (let row = 0; row + 1 < ys.length; row++) {
    const runs: Bounds[] = []
    for (let column = 0; column + 1 < xs.length; column++) {
      const cell = { minX: xs[column], minY: ys[row], maxX: xs[column + 1], maxY: ys[row + 1] }
      if (isFree(cell.minX, cell.minY, cell.maxX, cell.maxY)) continue
      const last = runs[runs.length - 1]
      if (last && last.maxX === cell.minX) last.maxX = cell.maxX
      else runs.push(cell)
    }
    // A run that goes on from the row below is one rectangle with it.
    above = runs.map((run) => {
      const below = above.find(({ minX, maxX }) => minX === run.minX && maxX === run.maxX)
      if (!below) covered.push(run)
      else below.maxY = run.maxY
      return below ?? run
    })
  }
  return covered
}

/** What of a piece of any outline is no place for parts, margin and all. */
function outsideOf(
  { outline, width, height }: Surface & { outline: Ring },
  { margin, gap }: Rules,
): Bounds[] {
  const usable = offset({ outline, holes: [] }, -margin)
  const far = gap + 1
  const box = { minX: -far, minY: -far, maxX: width + far, maxY: height + far }
  // Free space counts the gap on the upper and right side of every part.
  return covering(box, usable).map(({ minX, minY, maxX, maxY }) => ({
    minX: minX + gap,
    minY: minY + gap,
    maxX: Math.max(maxX, minX + gap + TINY * 10),
    maxY: Math.max(maxY, minY + gap + TINY * 10),
  }))
}

const known = new WeakMap<Surface, Map<string, MaximalRectangles[]>>()

const isOutlined = (surface: Surface): surface is Surface & { outline: Ring } => surface.outline !== null

/** What is free in each load of a surface before anything lies in it: worked out once. */
function freeIn(surface: Surface, rules: Rules): MaximalRectangles[] {
  const { margin, gap } = rules
  const key = `${margin} ${gap}`
  const before = known.get(surface) ?? new Map<string, MaximalRectangles[]>()
  known.set(surface, before)
  const made = before.get(key)
  if (made) return made
  const outside = isOutlined(surface) ? outsideOf(surface, rules) : []
  const rooms = surface.loads.map(({ x, y, width, height }) => {
    const free = new MaximalRectangles(width - 2 * margin + gap, height - 2 * margin + gap)
    const [left, low] = [x + margin, y + margin]
    for (const { minX, minY, maxX, maxY } of outside)
      free.take({ minX: minX - left, minY: minY - low, maxX: maxX - left, maxY: maxY - low })
    return free
  })
  before.set(key, rooms)
  return rooms
}

/** The loads of a sheet with nothing in them yet. */
export function makeLoadSpaces(sheet: number, surface: Surface, rules: Rules): LoadSpace[] {
  const free = freeIn(surface, rules)
  return surface.loads.map((load, i): LoadSpace => ({
    sheet,
    load,
    free: free[i].copy(),
    placed: [],
    slides: !isOutlined(surface),
  }))
}
