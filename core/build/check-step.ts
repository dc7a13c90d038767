import type { Box } from '../box'
import type { Say } from '../length'
import type { BuildStep } from './step'

/** What to look at once a panel is in: where its tab ends must be. Nothing for the first, or what is laid in. */
export function checkOf({ standing, glue, isFlat }: BuildStep, { spec }: Box, say: Say): string {
  if (isFlat || standing.length === 0 || glue.length === 0) return ''
  const { proud } = spec
  if (proud > 0) return `Tab ends stand ${say.length(proud, 1)} proud all along: where less, it is not home.`
  return 'Tab ends are flush with the face: where one stands out, the panel is not home.'
}
