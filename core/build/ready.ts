import type { Box } from '../box'
import { counted, fixed, type Say } from '../length'
import type { AfterGlue } from './after-glue'
import { boughtFor } from './bought'
import { clampsFor, type Clamp } from './clamps'
import type { Finish } from './finish'
import { runsIn, type Glue } from './glue'
import type { Round } from './schedule'
import { staysDry } from './stays-dry'
import { glueGrams } from './steps'
import { ready as words } from './words'

const NAMES: Record<Clamp['what'], string> = { band: 'rubber band', clamp: 'clamp', weight: 'weight' }

/** What of a kind is needed at once: clamps come off before the next round is closed. */
function holding(rounds: Round[], box: Box): string[] {
  const most = new Map<Clamp['what'], number>()
  for (const round of rounds) {
    const own = new Map<Clamp['what'], number>()
    for (const { what, count } of clampsFor(round, box)) own.set(what, (own.get(what) ?? 0) + count)
    for (const [what, count] of own) most.set(what, Math.max(most.get(what) ?? 0, count))
  }
  return [...most].map(([what, count]) => counted(count, NAMES[what]))
}

interface About {
  rounds: Round[]
  glue: Glue
  finish: Finish
  after: AfterGlue
  family: string
}

/** Everything to have ready before building one box: what is bought, what holds, what is spread. */
export function readyFor(box: Box, { rounds, glue, finish, after, family }: About, say: Say): string[] {
  const bought = boughtFor(box).map(({ what, count, sizes }) => {
    const size = sizes.map(({ label, length }) => `${say.length(length, 1)} ${label}`).join(', ')
    return `${counted(count, what)}${size ? `: ${size}` : ''}`
  })
  const { least, most } = glueGrams(rounds.reduce((sum, { area }) => sum + area, 0))
  const spread = runsIn(glue) ? glue.kind : `${fixed(least, 1)} to ${fixed(most, 1)} g of ${glue.kind}`
  const isCoated = finish.kind !== 'none'
  return [
    ...bought,
    ...(most > 0 ? [spread] : []),
    ...holding(rounds, box),
    ...(family === 'acrylic' ? [] : ['sandpaper 120, 180 and 240']),
    ...(isCoated && staysDry(box).length > 0 ? ['masking tape'] : []),
    ...(isCoated ? [words.gSpread(fixed(after.grams, 0), finish.kind)] : []),
  ]
}
