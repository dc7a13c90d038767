import { area, offset, sizeOf } from '../geometry'
import { cannotLieOnOne, fewestByRectangles } from './rectangle-bound'
import type { Supply, Surface } from './surface'
import { isFree, shapeFor, turnsOf, type NestPart, type NestRules } from './types'

/** How much of a piece parts can lie on at most, mm². */
function usableOf({ outline, loads }: Surface, margin: number): number {
  const free = (side: number): number => Math.max(0, side - 2 * margin)
  if (outline) return offset({ outline, holes: [] }, -margin).reduce((sum, region) => sum + area(region), 0)
  return loads.reduce((sum, { width, height }) => sum + free(width) * free(height), 0)
}

/** Rounding of a length, mm. */
const TINY = 1e-6

/** Whether the rectangle round a part is too large for every offcut, however it may lie. */
function isTooLarge(part: NestPart, rules: NestRules, offcuts: Surface[]): boolean {
  if (isFree(part, rules)) return false
  const ways = turnsOf(part, rules).map((turn) => {
    const { width, height } = sizeOf(shapeFor(part, turn))
    return turn % 180 === 0 ? [width, height] : [height, width]
  })
  const isIn = (room: number, size: number): boolean => size <= room - 2 * rules.margin + TINY
  return !offcuts.some(({ loads }) =>
    loads.some((load) => ways.some(([w, h]) => isIn(load.width, w) && isIn(load.height, h))),
  )
}

/**
 * Whole sheets that no layout can do without: the area of all parts, less what the offcuts could take at
 * most, and of those that no offcut is large enough for, over the usable area of a sheet, rounded up.
 */
export function boundByArea(parts: NestPart[], rules: NestRules, supply: Supply): number {
  const sum = (some: NestPart[]): number => some.reduce((total, { shape }) => total + area(shape), 0)
  const usable = new Map([...new Set(supply)].map((each) => [each, usableOf(each, rules.margin)]))
  const offcuts = supply.filter(({ offcut }) => offcut !== null)
  const onOffcuts = offcuts.reduce((total, each) => total + usable.get(each)!, 0)
  const large = offcuts.length > 0 ? sum(parts.filter((part) => isTooLarge(part, rules, offcuts))) : 0
  const whole = supply.find(({ offcut }) => offcut === null)
  const room = whole ? usable.get(whole)! : 0
  const rest = Math.max(0, sum(parts) - onOffcuts, large)
  return room > 0 ? Math.max(0, Math.ceil(rest / room - 1e-9)) : rest > 0 ? Infinity : 0
}

/** What is known of how few sheets there can be: nothing else where offcuts or loads come in. */
function byRectangles(parts: NestPart[], settings: NestRules, supply: Supply) {
  const [whole] = supply
  if (!whole || supply.some(({ offcut, loads }) => offcut !== null || loads.length > 1)) return null
  const room = { width: whole.width - 2 * settings.margin, height: whole.height - 2 * settings.margin }
  const lying = parts
    .filter((part) => !isFree(part, settings))
    .map((part) => ({ shape: part.shape, turns: turnsOf(part, settings) }))
  // Parts that share an edge keep no gap there.
  return { lying, gap: settings.shareEdges ? 0 : settings.gap, room }
}

/**
 * The same by the better of two bounds: by area, and by the rectangles inside the parts, where all sheets are
 * whole and the bed takes each at one go.
 */
export function lowerBound(parts: NestPart[], settings: NestRules, supply: Supply): number {
  const byArea = boundByArea(parts, settings, supply)
  const about = byRectangles(parts, settings, supply)
  return about ? Math.max(byArea, fewestByRectangles(about.lying, about.gap, about.room)) : byArea
}

/**
 * The same where a layout takes so many sheets: for one that takes two, every way to lay few parts on one is
 * ruled out, if there is none.
 */
export function lowerBoundFor(
  sheets: number,
  parts: NestPart[],
  settings: NestRules,
  supply: Supply,
): number {
  const least = lowerBound(parts, settings, supply)
  const about = byRectangles(parts, settings, supply)
  const isAsked = sheets === 2 && least === 1 && about !== null
  return isAsked && cannotLieOnOne(about.lying, about.gap, about.room) ? 2 : least
}
