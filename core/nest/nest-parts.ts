import { atAnyAngle } from './any-angle'
import { exactly } from './exactly'
import { nestInOpenings } from './in-openings'
import { nestSteps, type NestProgress } from './nest'
import { nestPaired } from './shared-edges'
import type { Supply } from './surface'
import type { Layout, LayoutSettings, NestPart, NestRules, Placement } from './types'

/**
 * Lays parts out by all that the rules allow, as `nestSteps` does: those that share an edge as one, into the
 * openings of others first, then by quarter turns, few of them by every order there is, then at any angle.
 */
export function* nestParts(
  parts: NestPart[],
  rules: NestRules & Pick<LayoutSettings, 'inOpenings'>,
  supply: Supply,
  pinned: Placement[] = [],
  seed = 0,
): Generator<NestProgress, Layout> {
  const steps = (rules.inOpenings ? nestInOpenings : nestSteps)(parts, rules, supply, pinned, seed)
  if (rules.shareEdges) {
    const held = new Set(pinned.map(({ part }) => part))
    const each = { ...rules, shareEdges: false }
    return yield* nestPaired(parts, rules, held, (paired) => nestParts(paired, each, supply, pinned, seed))
  }
  let tried = 0
  for (;;) {
    const step = steps.next()
    if (step.done) {
      const layout = pinned.length > 0 ? step.value : exactly(parts, rules, supply, step.value)
      return yield* atAnyAngle(parts, rules, supply, pinned, seed, { layout, tried })
    }
    tried = step.value.tried
    yield step.value
  }
}
