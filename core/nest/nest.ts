import { sizeOf } from '../geometry'
import { PREFERENCES, type Preference } from './maximal-rectangles'
import { denserSteps } from './denser'
import { makeCandidates, makePose, pack, type Candidate, type Strategy } from './pack'
import { randomFrom } from '../statistics'
import { boxByBox, lackingIn } from './boxes'
import { isLess } from './cost'
import { boundByArea } from './lower-bound'
import { loadAt, type Supply } from './surface'
import type { Layout, NestRules, NestPart, Placement } from './types'

type Size = ReturnType<typeof sizeOf>

export interface NestProgress {
  tried: number
  of: number
  layout: Layout
}

/** Orders to begin with, largest first; each is one idea of what is hard to place. */
const ORDERS: ((c: Candidate) => number)[] = [
  ({ area }) => area,
  ({ poses: [p] }) => Math.max(p.width, p.height),
  ({ poses: [p] }) => Math.min(p.width, p.height),
  ({ poses: [p] }) => p.width,
  ({ poses: [p] }) => p.height,
  ({ poses: [p] }) => p.width + p.height,
]

/** Tries that go on from the best order found, after the fixed ones: fewer where each one takes longer. */
const LEAST_SEARCHED = 120
const MOST_SEARCHED = 1500
function searchedFor(parts: number, supply: Supply): number {
  // Pieces of any outline are searched by their outlines after this.
  if (supply.some(({ outline }) => outline)) return LEAST_SEARCHED
  return Math.max(LEAST_SEARCHED, Math.min(MOST_SEARCHED, Math.round(20_000 / Math.max(1, parts))))
}

/**
 * How long a worse order is forgiven, in tries: late acceptance. [PUB: Burke & Bykov, The late acceptance
 * hill-climbing heuristic, European Journal of Operational Research 258 (2017)]
 */
const FORGIVEN = 40

/**
 * Lower is better: boxes that are not whole, area of unplaced parts, what the sheets count for, loads of the
 * last sheet, then how little the sheets before the last one are filled, then how much of the last load is
 * taken up.
 */
function cost(
  { placements, unplaced }: Layout,
  lacking: ReturnType<typeof lackingIn>,
  sizes: Map<string, Size>,
  supply: Supply,
): number[] {
  const broken = lacking(unplaced)
  const left = unplaced.reduce((sum, { size }) => sum + size[0] * size[1], 0)
  const filled = new Map<number, number>()
  for (const { part, sheet } of placements) {
    const { width, height } = sizes.get(part)!
    filled.set(sheet, (filled.get(sheet) ?? 0) + width * height)
  }
  const used = [...filled.keys()].sort((a, b) => a - b)
  const weight = used.reduce((sum, sheet) => sum + supply[sheet].weight, 0)
  const fullness = used.slice(0, -1).reduce((sum, sheet) => {
    const { width, height } = supply[sheet]
    return sum + (filled.get(sheet)! / (width * height)) ** 2
  }, 0)
  if (used.length === 0) return [broken, left, 0, 0, 0, 0]
  const lastSheet = used[used.length - 1]
  const surface = supply[lastSheet]
  const onLast = placements
    .filter(({ sheet }) => sheet === lastSheet)
    .map(({ part, x, y, turn }) => {
      const { width, height } = sizes.get(part)!
      const [w, h] = turn % 180 === 0 ? [width, height] : [height, width]
      return { load: loadAt(surface, x + w / 2, y + h / 2), right: x + w, top: y + h }
    })
  const last = Math.max(0, ...onLast.map(({ load }) => load))
  const { x, y } = surface.loads[last]
  const there = onLast.filter(({ load }) => load === last)
  const right = Math.max(0, ...there.map((each) => each.right - x))
  const top = Math.max(0, ...there.map((each) => each.top - y))
  return [broken, left, weight, last, -fullness, right * top]
}

/** An order near another one: a few parts change places, or are taken earlier or later. */
function near(strategy: Strategy, preferences: Preference[], random: () => number): Strategy {
  const any = (most: number): number => Math.floor(random() * most)
  const chance = random()
  if (chance < 0.1) return { ...strategy, preference: preferences[any(preferences.length)] }
  const order = [...strategy.order]
  for (let times = 1 + any(3); times > 0; times--) {
    const [a, b] = [any(order.length), any(order.length)]
    if (chance < 0.55) [order[a], order[b]] = [order[b], order[a]]
    else order.splice(b, 0, ...order.splice(a, 1))
  }
  return { ...strategy, order }
}

const preferences = Object.keys(PREFERENCES) as Preference[]

function* strategies(candidates: Candidate[], choices: Strategy['without'][]): Generator<Strategy> {
  const orders = ORDERS.map((key) => [...candidates].sort((a, b) => key(b) - key(a)))
  for (const slide of [true, false])
    for (const preference of preferences) for (const order of orders) yield { order, preference, slide }
  // Fewer pieces may do as well: an offcut that spares no sheet is better kept.
  for (const without of choices)
    for (const order of orders.slice(0, 2)) yield { order, preference: preferences[0], slide: true, without }
}

/** Offcuts that are each taken alone, at most. */
const MOST_CHOICES = 12

/** Which offcuts of a supply could be left alone: all of them, or all but those of one kind. */
function choicesOf(supply: Supply): Strategy['without'][] {
  const offcuts = supply.flatMap(({ offcut }, i) => (offcut === null ? [] : [i]))
  if (offcuts.length === 0) return []
  const kinds = [...new Set(offcuts.map((i) => supply[i]))].slice(0, MOST_CHOICES)
  const all = new Set(offcuts)
  if (kinds.length === 1) return [all]
  return [all, ...kinds.map((kind) => new Set(offcuts.filter((i) => supply[i] !== kind)))]
}

/**
 * Lays parts out on sheets by true outline: several orders and preferences, then a search from the best of
 * them on, the best layout kept. Yields after each try, so that a worker can report and stop; the same input
 * always gives the same result.
 * @param parts compensated shapes, mm
 * @param supply the sheets that there are, in the order in which they are taken
 * @param seed another one searches another way
 * @param pinned placements that stay where they are, even where grain or margin would have them otherwise
 */
export function* nestSteps(
  parts: NestPart[],
  settings: NestRules,
  supply: Supply,
  pinned: Placement[] = [],
  seed = 0,
): Generator<NestProgress, Layout> {
  const candidates = makeCandidates(parts, settings)
  const byId = new Map(candidates.map((candidate) => [candidate.part.id, candidate]))
  const sizes = new Map(parts.map(({ id, shape }) => [id, sizeOf(shape)]))
  const fixed = pinned.flatMap((placement) => {
    const candidate = byId.get(placement.part)
    return candidate && placement.sheet < supply.length
      ? [
          {
            placement,
            pose:
              candidate.poses.find(({ turn }) => turn === placement.turn) ??
              makePose(candidate.part, placement.turn, settings.gap),
          },
        ]
      : []
  })
  const loose = candidates.filter(({ part }) => !fixed.some(({ placement }) => placement.part === part.id))
  const lacking = lackingIn(parts)
  const searched = loose.length > 1 ? searchedFor(loose.length, supply) : 0
  const choices = choicesOf(supply)
  const total = 2 * preferences.length * ORDERS.length + 2 * choices.length + searched
  const looked = (strategy: Strategy): { layout: Layout; cost: number[] } => {
    const layout = pack(strategy, settings, supply, fixed)
    return { layout, cost: cost(layout, lacking, sizes, supply) }
  }
  let best: ReturnType<typeof looked> | null = null
  let from: Strategy | null = null
  let tried = 0
  const better = (found: ReturnType<typeof looked>): boolean => !best || isLess(found.cost, best.cost)
  for (const strategy of strategies(loose, choices)) {
    const found = looked(strategy)
    if (better(found)) [best, from] = [found, strategy]
    yield { tried: ++tried, of: total, layout: best!.layout }
  }
  if (best!.cost[0] > 0)
    for (const order of boxByBox(loose))
      for (const preference of preferences) {
        const strategy = { order, preference, slide: true }
        const found = looked(strategy)
        if (better(found)) [best, from] = [found, strategy]
      }
  if (fixed.length === 0)
    for (const layout of denserSteps(loose, settings, supply, best!.layout, seed)) {
      const found = layout && { layout, cost: cost(layout, lacking, sizes, supply) }
      if (found && better(found)) best = found
      yield { tried, of: total, layout: best!.layout }
    }
  let now = best!
  const before = Array.from({ length: FORGIVEN }, () => now.cost)
  const random = randomFrom(loose.length + seed)
  const fewest = boundByArea(parts, settings, supply)
  /** No layout takes fewer sheets: what is left to win is only room on the last one. */
  const isLeast = (): boolean => best!.cost[1] === 0 && Math.floor(best!.cost[2] + 1e-9) <= fewest
  for (let i = 0; i < searched && !(i >= LEAST_SEARCHED && isLeast()); i++) {
    const strategy = near({ ...from!, slide: i % 8 !== 7 }, preferences, random)
    const found = looked(strategy)
    const isTaken = !isLess(now.cost, found.cost) || isLess(found.cost, before[i % FORGIVEN])
    if (isTaken) [now, from] = [found, strategy]
    before[i % FORGIVEN] = now.cost
    if (better(found)) best = found
    yield { tried: ++tried, of: total, layout: best!.layout }
  }
  return best!.layout
}

/** The layout at the end of `nestSteps`. */
export function lastOf<L>(steps: Generator<unknown, L>): L {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

export const nest = (...about: Parameters<typeof nestSteps>): Layout => lastOf(nestSteps(...about))
