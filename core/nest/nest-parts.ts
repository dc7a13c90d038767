import { atAnyAngle } from './any-angle'
import { costOf, isLess } from './cost'
import { onOneSheet } from './on-one-sheet'
import { nestInOpenings } from './in-openings'
import { nestSteps, type NestProgress } from './nest'
import { nestPaired } from './shared-edges'
import type { Supply } from './surface'
import type { Layout, LayoutSettings, NestPart, NestRules, Placement } from './types'

type Rules = NestRules & Pick<LayoutSettings, 'inOpenings'>

/**
 * Lays parts out by all that the rules allow, as `nestSteps` does: those that share an edge as one, into the
 * openings of others first, then by quarter turns, few of them by every order there is, then at any angle.
 */
export function* nestParts(
  parts: NestPart[],
  rules: Rules,
  supply: Supply,
  pinned: Placement[] = [],
  seed = 0,
): Generator<NestProgress, Layout> {
  if (rules.shareEdges) return yield* sharingEdges(parts, rules, supply, pinned, seed)
  const steps = (rules.inOpenings ? nestInOpenings : nestSteps)(parts, rules, supply, pinned, seed)
  let tried = 0
  for (;;) {
    const step = steps.next()
    if (step.done) {
      const layout = pinned.length > 0 ? step.value : onOneSheet(parts, rules, supply, step.value)
      return yield* atAnyAngle(parts, rules, supply, pinned, seed, { layout, tried })
    }
    tried = step.value.tried
    yield step.value
  }
}

/** The same with pairs of parts on one straight edge, where that costs neither a sheet nor a part. */
function* sharingEdges(
  parts: NestPart[],
  rules: Rules,
  supply: Supply,
  pinned: Placement[],
  seed: number,
): Generator<NestProgress, Layout> {
  const held = new Set(pinned.map(({ part }) => part))
  const each = { ...rules, shareEdges: false }
  const paired = yield* nestPaired(parts, rules, held, (some) => nestParts(some, each, supply, pinned, seed))
  // A sheet that is spared, or a part that fits, is worth more than an edge that is cut once.
  const isBest = paired.unplaced.length === 0 && paired.placements.every(({ sheet }) => sheet === 0)
  if (isBest) return paired
  const cost = costOf(paired, parts, supply).slice(0, 3)
  const better = (plain: Layout): Layout =>
    isLess(costOf(plain, parts, supply).slice(0, 3), cost) ? plain : paired
  const steps = nestParts(parts, each, supply, pinned, seed)
  for (;;) {
    const step = steps.next()
    if (step.done) return better(step.value)
    yield { ...step.value, layout: better(step.value.layout) }
  }
}
