import type { Say } from '../length'
import type { BuildStep } from './step'
import { checkStep as words } from './words'

/** What to look at once a panel is in: where its tab ends must be; nothing where it has none. */
export function checkOf({ ends }: BuildStep, proud: number, say: Say): string {
  if (ends === 'none') return ''
  if (ends === 'flush' || proud === 0) return words.tabEndsFlush
  return words.tabEndsStand(say.length(proud, 1))
}
