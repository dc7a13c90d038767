import { area } from '../geometry'
import { lackingIn } from './boxes'
import type { Supply } from './surface'
import type { Layout, NestPart } from './types'

/** Whether one cost is lower than another: the first figure that differs decides. */
export function isLess(a: number[], b: number[]): boolean {
  const i = a.findIndex((value, at) => Math.abs(value - b[at]) > 1e-6)
  return i >= 0 && a[i] < b[i]
}

/** What a part takes of a sheet with half the gap all round, about, mm². */
export const withGap = (
  own: number,
  { width, height }: { width: number; height: number },
  gap: number,
): number => own + gap * (width + height)

/**
 * What layouts that were found in different ways are held against each other by, lower is better: boxes that
 * are not whole, area of unplaced parts, what the sheets count for, how much lies on the last sheet.
 */
export function costOf({ placements, unplaced }: Layout, parts: NestPart[], supply: Supply): number[] {
  const areas = new Map(parts.map(({ id, shape }) => [id, area(shape)]))
  const sum = (some: { part: string }[]): number =>
    some.reduce((total, { part }) => total + areas.get(part)!, 0)
  const used = [...new Set(placements.map(({ sheet }) => sheet))].sort((a, b) => a - b)
  const last = used[used.length - 1]
  return [
    lackingIn(parts)(unplaced),
    sum(unplaced),
    used.reduce((weight, sheet) => weight + supply[sheet].weight, 0),
    sum(placements.filter(({ sheet }) => sheet === last)),
  ]
}
