import { sizeOf } from '../geometry'
import { PREFERENCES, type Preference } from './free-space'
import { makeCandidates, makePose, pack, type Candidate, type Strategy } from './pack'
import { randomFrom } from './random'
import { loadAt, type Surface } from './surface'
import type { Layout, LayoutSettings, NestPart, Placement } from './types'

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

/** Tries with shuffled orders, after the fixed ones. */
const SHUFFLED = 120

/**
 * Lower is better: unplaced parts, sheets, loads of the last sheet, then how much of the last load is taken
 * up.
 */
function cost({ placements, unplaced }: Layout, sizes: Map<string, Size>, surface: Surface): number[] {
  const sheets = placements.reduce((most, { sheet }) => Math.max(most, sheet + 1), 0)
  const onLast = placements
    .filter(({ sheet }) => sheet === sheets - 1)
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
  return [unplaced.length, sheets, last, right * top]
}

const isLess = (a: number[], b: number[]): boolean => {
  const i = a.findIndex((value, index) => Math.abs(value - b[index]) > 1e-6)
  return i >= 0 && a[i] < b[i]
}

/** Exchanges about a fifth of neighbours in an order: near the old one, yet different. */
function shuffle(order: Candidate[], random: () => number): Candidate[] {
  const next = [...order]
  for (let i = 0; i < next.length - 1; i++) {
    if (random() < 0.2) {
      const j = Math.min(next.length - 1, i + 1 + Math.floor(random() * 3))
      ;[next[i], next[j]] = [next[j], next[i]]
    }
  }
  return next
}

function* strategies(candidates: Candidate[]): Generator<Strategy> {
  const preferences = Object.keys(PREFERENCES) as Preference[]
  const orders = ORDERS.map((key) => [...candidates].sort((a, b) => key(b) - key(a)))
  for (const slide of [true, false])
    for (const preference of preferences) for (const order of orders) yield { order, preference, slide }
  const random = randomFrom(candidates.length)
  for (let i = 0; i < SHUFFLED; i++)
    yield {
      order: shuffle(orders[i % orders.length], random),
      preference: preferences[i % preferences.length],
      slide: i % 4 !== 3,
    }
}

/**
 * Lays parts out on sheets by true outline: several orders and preferences, then shuffles of them, the best
 * layout kept. Yields after each try, so that a worker can report and stop; the same input always gives the
 * same result.
 * @param parts compensated shapes, mm
 * @param surface a sheet and the loads it is cut in, mm
 * @param pinned placements that stay where they are, even where grain or margin would have them otherwise
 */
export function* nestSteps(
  parts: NestPart[],
  settings: LayoutSettings,
  surface: Surface,
  pinned: Placement[] = [],
): Generator<NestProgress, Layout> {
  const candidates = makeCandidates(parts, settings)
  const byId = new Map(candidates.map((candidate) => [candidate.part.id, candidate]))
  const sizes = new Map(parts.map(({ id, shape }) => [id, sizeOf(shape)]))
  const fixed = pinned.flatMap((placement) => {
    const candidate = byId.get(placement.part)
    return candidate
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
  const total = 2 * Object.keys(PREFERENCES).length * ORDERS.length + SHUFFLED
  let best: Layout = { placements: [], unplaced: [] }
  let bestCost: number[] | null = null
  let tried = 0
  for (const strategy of strategies(loose)) {
    const layout = pack(strategy, settings, surface, fixed)
    const itsCost = cost(layout, sizes, surface)
    if (!bestCost || isLess(itsCost, bestCost)) [best, bestCost] = [layout, itsCost]
    yield { tried: ++tried, of: total, layout: best }
  }
  return best
}

/** The layout at the end of `nestSteps`. */
export function lastOf(steps: Generator<NestProgress, Layout>): Layout {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

export const nest = (...about: Parameters<typeof nestSteps>): Layout => lastOf(nestSteps(...about))
