import { area, rectangle, sizeOf, type Point, type Region, type Ring } from '../geometry'
import { sumOf } from '../statistics'
import { costOf, isLess, withGap } from './cost'
import type { NestProgress } from './nest'
import { outlineSteps, type Held, type OutlineFound } from './by-outline'
import { groundOf, poseOf, stepFor, type OutlinePart } from './outline'
import type { Supply, Surface } from './surface'
import {
  isFree,
  shapeFor,
  turnsOf,
  type Layout,
  type LayoutSettings,
  type NestPart,
  type NestRules,
  type Placement,
} from './types'

/** Tries by true outline: fewer where each one takes longer. */
const triesFor = (parts: number): number => Math.max(16, Math.min(160, Math.round(2400 / Math.max(1, parts))))

/** Angles that one part is tried at, at most. */
const MOST_ANGLES = 16

/** Sides as long as this share of the longest count as directions of a shape. */
const LONG = 0.3

const QUARTERS = [0, 90, 180, 270]

const rounded = (angle: number): number => {
  const whole = Math.round((((angle % 360) + 360) % 360) * 1e4) / 1e4
  return whole === 360 ? 0 : whole
}

/** Directions of the long sides of a ring, degrees from 0 to 90; those along the axes are 0. */
function directionsOf(ring: Ring): number[] {
  const sides = ring.map((a, i): { length: number; angle: number } => {
    const b: Point = ring[(i + 1) % ring.length]
    return { length: Math.hypot(b.x - a.x, b.y - a.y), angle: Math.atan2(b.y - a.y, b.x - a.x) }
  })
  const longest = Math.max(...sides.map(({ length }) => length))
  const long = sides.filter(({ length }) => length >= longest * LONG)
  return [...new Set(long.map(({ angle }) => rounded(rounded((angle * 180) / Math.PI) % 90)))]
}

/**
 * The angles at which one of a part's long sides runs along a side of a sheet: at others it hardly ever lies
 * better.
 */
export function anglesFor(shape: Region, surfaces: Surface[]): number[] {
  const sides = [0, ...surfaces.flatMap(({ outline }) => (outline ? directionsOf(outline) : []))]
  const own = [0, ...directionsOf(shape.outline)]
  const turns = sides.flatMap((side) => own.flatMap((at) => QUARTERS.map((by) => rounded(side - at + by))))
  return [...new Set(turns)].slice(0, MOST_ANGLES)
}

const outlineOf = ({ outline, width, height }: Surface): Ring => outline ?? rectangle(0, 0, width, height)

/** The kinds of sheets in a supply, with where in it each of them is. */
function kindsOf(supply: Supply, { margin, gap }: NestRules) {
  const surfaces = [...new Set(supply)]
  return surfaces.flatMap((surface) => {
    const outline = outlineOf(surface)
    const ground = groundOf(outline, margin, gap, stepFor(outline))
    const at = supply.flatMap((each, i) => (each === surface ? [i] : []))
    return ground ? [{ surface, ground, count: at.length, price: surface.weight, at }] : []
  })
}

type Rules = NestRules & Pick<LayoutSettings, 'inOpenings'>

/** Whether an opening of one part is wide enough for another one. */
function hasRoomInside(parts: NestPart[]): boolean {
  const sizes = parts.map(({ shape }) => sizeOf(shape))
  const least = Math.min(...sizes.map(({ width, height }) => Math.min(width, height)))
  return parts.some(({ shape }) =>
    shape.holes.some((hole) => {
      const { width, height } = sizeOf({ outline: hole, holes: [] })
      return Math.min(width, height) > least
    }),
  )
}

/** Parts that fill less of the rectangles round them than that may lie closer by their outlines. */
const NEARLY = 0.9

function fillTheirRectangles(parts: NestPart[]): boolean {
  const sums = parts.reduce(
    (sum, { shape: { outline } }) => {
      const { width, height } = sizeOf({ outline, holes: [] })
      return { own: sum.own + area({ outline, holes: [] }), around: sum.around + width * height }
    },
    { own: 0, around: 0 },
  )
  return sums.own >= NEARLY * sums.around
}

/** How much of sheets their parts and the gaps round these take at most, as far as any search has come. */
const DENSEST = 0.88

/** Whether the area of one sheet less might do. */
function mightSpareSheet(parts: NestPart[], { gap }: Rules, supply: Supply, layout: Layout): boolean {
  if (layout.unplaced.length > 0) return true
  const used = [...new Set(layout.placements.map(({ sheet }) => sheet))]
  const sizes = used.map((sheet) => supply[sheet].width * supply[sheet].height)
  const taken = parts.map(({ shape }) => withGap(area(shape), sizeOf(shape), gap))
  return used.length > 1 && sumOf(taken) <= DENSEST * (sumOf(sizes) - Math.min(...sizes))
}

/** Whether there is anything to be won by true outlines over what quarter turns and rectangles found. */
const isWorthIt = (parts: NestPart[], rules: Rules, supply: Supply, layout: Layout): boolean =>
  supply.every(({ loads }) => loads.length === 1) &&
  (supply.some(({ outline }) => outline) ||
    (rules.inOpenings && hasRoomInside(parts)) ||
    (!fillTheirRectangles(parts) && mightSpareSheet(parts, rules, supply, layout)) ||
    parts.some((part) => isFree(part, rules) && directionsOf(part.shape.outline).some((at) => at > 0.01)))

type Kinds = ReturnType<typeof kindsOf>

/** Parts as they are searched by outline, at every angle they may lie at, on every kind of sheet. */
function* outlinedParts(
  loose: NestPart[],
  rules: Rules,
  kinds: Kinds,
  seen: (shape: Region) => Region,
): Generator<void, OutlinePart[]> {
  const known = new Map<Region, OutlinePart['poses']>()
  const outlined: OutlinePart[] = []
  const surfaces = kinds.map(({ surface }) => surface)
  for (const part of loose) {
    const angles = isFree(part, rules) ? anglesFor(part.shape, surfaces) : turnsOf(part, rules)
    const [own, turned] = [part.shape, part.turnedShape].map(seen)
    const isPlain = part.shape === part.turnedShape && !part.turns && !part.grain
    const poses =
      (isPlain && known.get(part.shape)) ||
      kinds.map(({ ground: { raster } }) =>
        angles
          .map((angle) => poseOf(angle % 180 === 0 ? own : turned, angle, rules.gap, raster))
          .filter(({ columns, rows }) => columns <= raster.columns && rows <= raster.rows),
      )
    if (isPlain) known.set(part.shape, poses)
    outlined.push({ id: part.id, area: area(part.shape), poses })
    yield
  }
  return outlined
}

/** What was found, as a layout. @param before says why a part lies nowhere, where it did not before either */
function asLayout(
  { lying, unplaced }: OutlineFound,
  before: Layout,
  parts: NestPart[],
  kinds: Kinds,
  pinned: Set<string>,
): Layout {
  const shapes = new Map(parts.map(({ id, shape }) => [id, shape]))
  return {
    placements: lying.map(({ part, kind, number, x, y, pose }) => {
      const sheet = kinds[kind].at[number]
      return { part, sheet, x, y, turn: pose.angle, pinned: pinned.has(part) }
    }),
    unplaced: unplaced.map(({ id }) => {
      const { width, height } = sizeOf(shapes.get(id)!)
      const known = before.unplaced.find(({ part }) => part === id)
      return known ?? { part: id, why: 'full', size: [width, height], room: [0, 0] }
    }),
  }
}

/**
 * Goes on from a layout by rectangles and quarter turns: the same parts by their true outlines, where they
 * may at every angle that brings a long side along a side of a sheet. The better of both is kept. Nothing is
 * tried where the bed takes a sheet in several loads. What is pinned stays.
 * @param before the layout by quarter turns, and how many tries it took
 */
export function* atAnyAngle(
  parts: NestPart[],
  rules: Rules,
  supply: Supply,
  pinned: Placement[],
  seed: number,
  before: { layout: Layout; tried: number },
): Generator<NestProgress, Layout> {
  let { layout } = before
  if (!isWorthIt(parts, rules, supply, layout)) return layout
  const kinds = kindsOf(supply, rules)
  if (kinds.length === 0) return layout
  /** As it is laid out by: with its openings only where others may lie in them. */
  const seen = (shape: Region): Region => (rules.inOpenings ? shape : { ...shape, holes: [] })
  const isPinned = new Set(pinned.map(({ part }) => part))
  const loose = parts.filter(({ id }) => !isPinned.has(id))
  const outlining = outlinedParts(loose, rules, kinds, seen)
  let outlined: OutlinePart[] | undefined
  while (!outlined) {
    const step = outlining.next()
    if (step.done) outlined = step.value
    else yield { tried: before.tried, of: before.tried + triesFor(parts.length), layout }
  }
  const byId = new Map(parts.map((part) => [part.id, part]))
  const held = pinned.flatMap(({ part: id, sheet, x, y, turn }): Held[] => {
    const part = byId.get(id)
    const kind = kinds.findIndex(({ at }) => at.includes(sheet))
    if (!part || kind < 0) return []
    const pose = poseOf(seen(shapeFor(part, turn)), turn, rules.gap, kinds[kind].ground.raster)
    return [{ part: id, area: area(part.shape), kind, number: kinds[kind].at.indexOf(sheet), x, y, pose }]
  })
  if (outlined.length === 0 || held.length < pinned.length) return layout
  let cost = costOf(layout, parts, supply)
  const tries = triesFor(parts.length)
  let tried = 0
  for (const found of outlineSteps(outlined, kinds, rules.margin, rules.gap, seed, held)) {
    const progress = { tried: before.tried + tried, of: before.tried + tries, layout }
    if (!found) {
      yield progress
      continue
    }
    const other = asLayout(found, layout, parts, kinds, isPinned)
    const its = costOf(other, parts, supply)
    if (isLess(its, cost)) [layout, cost] = [other, its]
    tried++
    yield { tried: before.tried + tried, of: before.tried + tries, layout }
    if (tried >= tries) break
  }
  return layout
}
