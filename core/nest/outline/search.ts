import { isLess } from '../cost'
import { randomFrom } from '../../statistics'
import { packOutlines, type Lying, type OutlinePart, type OutlineSheets, type OutlineStrategy } from './pack'

export interface OutlineFound {
  lying: Lying[]
  unplaced: OutlinePart[]
  /** Lower is better, the first that differs decides. */
  cost: number[]
}

/** A kind of sheet with what one of it costs. */
export interface OutlineStock extends OutlineSheets {
  price: number
}

/** A part that stays where it lies, with its area, mm². */
export type Held = Lying & { area: number }

/** How long a worse order is forgiven, in tries: late acceptance, as for rectangles. */
const FORGIVEN = 12

function costOf(
  lying: Lying[],
  unplaced: OutlinePart[],
  stock: OutlineStock[],
  byId: Map<string, number>,
): number[] {
  const bySheet = new Map<string, Lying[]>()
  for (const each of lying) {
    const key = `${each.kind} ${each.number}`
    bySheet.set(key, [...(bySheet.get(key) ?? []), each])
  }
  const sheets = [...bySheet.values()].map((on) => {
    const { kind } = on[0]
    const filled = on.reduce((sum, { part }) => sum + byId.get(part)!, 0) / stock[kind].ground.area
    const right = Math.max(...on.map(({ x, pose }) => x + pose.width))
    const top = Math.max(...on.map(({ y, pose }) => y + pose.height))
    return { price: stock[kind].price, filled, extent: right * top }
  })
  sheets.sort((a, b) => a.filled - b.filled)
  const [emptiest, ...others] = sheets
  return [
    unplaced.reduce((sum, { area }) => sum + area, 0),
    sheets.reduce((sum, { price }) => sum + price, 0),
    sheets.length,
    -others.reduce((sum, { filled }) => sum + filled ** 2, 0),
    emptiest ? emptiest.extent : 0,
  ]
}

const longest = ({ poses }: OutlinePart): number =>
  Math.max(...poses.flat().map(({ width, height }) => Math.max(width, height)), 0)
const around = ({ poses }: OutlinePart): number =>
  Math.min(...poses.flat().map(({ width, height }) => width * height))
const ORDERS: ((part: OutlinePart) => number)[] = [around, ({ area }) => area, longest]

/** A strategy near another one. */
function near(strategy: OutlineStrategy, random: () => number): OutlineStrategy {
  const any = (most: number): number => Math.floor(random() * most)
  const chance = random()
  if (chance < 0.06) return { ...strategy, byColumn: !strategy.byColumn }
  if (chance < 0.12) return { ...strategy, byFarSide: !strategy.byFarSide }
  if (chance < 0.2 && strategy.sheets.length > 1) {
    const sheets = [...strategy.sheets]
    const [a, b] = [any(sheets.length), any(sheets.length)]
    sheets.splice(b, 0, ...sheets.splice(a, 1))
    return { ...strategy, sheets }
  }
  const order = [...strategy.order]
  for (let times = 1 + any(3); times > 0; times--) {
    const [a, b] = [any(order.length), any(order.length)]
    if (chance < 0.6) [order[a], order[b]] = [order[b], order[a]]
    else order.splice(b, 0, ...order.splice(a, 1))
  }
  return { ...strategy, order }
}

/**
 * Lays parts out by their outlines at any angle, on sheets of any outline, into each other's openings:
 * some orders, then a search from the best of them on, without end. Yields the best so far after each try.
 * @param stock in the order in which it is used first
 * @param held what is pinned
 */
export function* outlineSteps(
  parts: OutlinePart[],
  stock: OutlineStock[],
  margin: number,
  gap: number,
  seed: number,
  held: Held[] = [],
): Generator<OutlineFound, never> {
  const random = randomFrom(seed + parts.length)
  const areas = new Map(parts.map(({ id, area }) => [id, area]))
  for (const { part, area } of held) areas.set(part, area)
  const sheets = stock.flatMap(({ count }, kind) =>
    Array.from({ length: count }, (_, number) => ({ kind, number })),
  )
  const looked = (strategy: OutlineStrategy): OutlineFound => {
    const { lying, unplaced } = packOutlines(strategy, stock, margin, gap, held)
    return { lying, unplaced, cost: costOf(lying, unplaced, stock, areas) }
  }
  let best: OutlineFound | null = null
  let from: OutlineStrategy | null = null
  for (const key of ORDERS) {
    const order = [...parts].sort((a, b) => key(b) - key(a))
    for (const byColumn of [false, true])
      for (const byFarSide of [false, true]) {
        const strategy = { order, byColumn, byFarSide, sheets }
        const found = looked(strategy)
        if (!best || isLess(found.cost, best.cost)) [best, from] = [found, strategy]
        yield best
      }
  }
  let now = best!
  const before = Array.from({ length: FORGIVEN }, () => now.cost)
  for (let i = 0; ; i = (i + 1) % FORGIVEN) {
    const strategy = near(from!, random)
    const found = looked(strategy)
    if (!isLess(now.cost, found.cost) || isLess(found.cost, before[i])) [now, from] = [found, strategy]
    before[i] = now.cost
    if (isLess(found.cost, best!.cost)) best = found
    yield best!
  }
}
