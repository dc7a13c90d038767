import type { Say } from '../length'
import type { BuildStep } from './step'

/** What to look at once a panel is in: where the tab ends must be that it closes; nothing where it has none. */
export function checkOf({ ends }: BuildStep, proud: number, say: Say): string {
  if (ends === 'none') return ''
  if (ends === 'flush' || proud === 0)
    return 'Tab ends are flush with the face: where one stands out, the panel is not home.'
  return `Tab ends stand ${say.length(proud, 1)} proud all along: where less, it is not home.`
}
