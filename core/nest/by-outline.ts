import { isLess } from './cost'
import { randomFrom } from '../statistics'
import {
  packOutlines,
  type Lying,
  type OutlinePart,
  type OutlineSheets,
  type OutlineStrategy,
} from './outline'
import { dissolve, type Laid } from './separate'

export interface OutlineFound extends Laid {
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

/** Steps that drive parts apart after each order that is tried. */
const DRIVES = 60

/** Ways for all parts to lie, in all: for so many a try of one order takes as long as a chunk of work. */
const POSES_A_CHUNK = 24

/** Where there are more of them, few orders are tried before parts are driven apart. */
const MANY_POSES = 150
const FEW_ORDERS = 4

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

/** What is tried first, largest parts first. */
const firstOnes = (parts: OutlinePart[], sheets: OutlineStrategy['sheets']): OutlineStrategy[] =>
  ORDERS.flatMap((key) => {
    const order = [...parts].sort((a, b) => key(b) - key(a))
    return [false, true].flatMap((byColumn) =>
      [false, true].map((byFarSide): OutlineStrategy => ({ order, byColumn, byFarSide, sheets })),
    )
  })

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
 * some orders, then by turns a search from the best of them on and one that drives parts apart on fewer
 * sheets, without end. Yields the best so far after each try, and null within one.
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
): Generator<OutlineFound | null, never> {
  const random = randomFrom(seed + parts.length)
  const areas = new Map(parts.map(({ id, area }) => [id, area]))
  for (const { part, area } of held) areas.set(part, area)
  const sheets = stock.flatMap(({ count }, kind) =>
    Array.from({ length: count }, (_, number) => ({ kind, number })),
  )
  const asFound = ({ lying, unplaced }: Laid): OutlineFound => ({
    lying,
    unplaced,
    cost: costOf(lying, unplaced, stock, areas),
  })
  function* looked(strategy: OutlineStrategy): Generator<null, OutlineFound> {
    const steps = packOutlines(strategy, stock, margin, gap, held)
    for (let step = steps.next(); ; step = steps.next()) {
      if (step.done) return asFound(step.value)
      yield null
    }
  }
  let best: OutlineFound | null = null
  let from: OutlineStrategy | null = null
  const poses = parts.reduce((sum, part) => sum + part.poses.flat().length, 0)
  const apart = dissolve(() => best!, { parts, stock, held, gap, random })
  const isDone = ({ cost: [left, , used] }: OutlineFound): boolean => left === 0 && used <= 1
  /** Drives parts apart, each time about as long as one order takes. */
  function* drive(): Generator<OutlineFound | null> {
    const chunks = Math.ceil(poses / POSES_A_CHUNK)
    for (let i = 0; i < DRIVES && !isDone(best!); i++) {
      for (let chunk = 0; chunk < chunks; chunk++) {
        const step = apart.next().value
        const found = step && asFound(step)
        if (found && isLess(found.cost, best!.cost)) best = found
        yield null
      }
      yield best!
    }
  }
  for (const [i, strategy] of firstOnes(parts, sheets).entries()) {
    const found = yield* looked(strategy)
    if (!best || isLess(found.cost, best.cost)) [best, from] = [found, strategy]
    yield best
    if (poses > MANY_POSES && i >= FEW_ORDERS) yield* drive()
  }
  let now = best!
  const before = Array.from({ length: FORGIVEN }, () => now.cost)
  for (let i = 0; ; i = (i + 1) % FORGIVEN) {
    yield* drive()
    const strategy = near(from!, random)
    const found = yield* looked(strategy)
    if (!isLess(now.cost, found.cost) || isLess(found.cost, before[i])) [now, from] = [found, strategy]
    before[i] = now.cost
    if (isLess(found.cost, best!.cost)) best = found
    yield best!
  }
}
