import type { Clearance, Stand } from '../assembly'
import { capitalised, counted, type Say } from '../length'

const SIDES: Record<string, string> = {
  x1: 'on the right',
  'x-1': 'on the left',
  y1: 'behind',
  'y-1': 'in front',
  z1: 'above',
  'z-1': 'below',
}

const sideOf = ({ side: { axis, sign } }: Clearance): string => SIDES[`${axis}${sign}`]

/** Nearer than this a thing lies on the other one, mm. */
const LIES_ON = 1e-3

interface Tight extends Clearance {
  label: string
}

/** The least room that anything has on its way; what it stands on does not count. */
function tightest(stands: Stand[]): Tight | null {
  const all = stands.flatMap(({ label, clearances }) =>
    clearances
      .filter(({ side, distance }) => !(side.axis === 'z' && side.sign === -1 && distance < LIES_ON))
      .map((clearance): Tight => ({ ...clearance, label })),
  )
  return all.sort((a, b) => a.distance - b.distance)[0] ?? null
}

/** What a thing strikes, as one sentence that says what would mend it. */
export function strikeSentence({ label, strikes }: Stand, say: Say): string | null {
  if (!strikes) return null
  const { against, before } = strikes
  const name = capitalised(label)
  return before === null
    ? `${name} does not come out: it strikes ${against}. Leave it more room there.`
    : `${name} strikes ${against} ${say.short(before, 2)} before it is in place. Leave it more room there.`
}

/** What was found of boxes that stand in each other, in one line. */
export function standingLine(stands: Stand[], say: Say): string {
  const boxes = counted(stands.length, 'box', 'boxes')
  const wrong = stands.filter(({ strikes }) => strikes)
  if (wrong.length > 0) return `${boxes}: ${wrong.map(({ label }) => label).join(', ')} strikes`
  const least = tightest(stands)
  const room = least ? `; closest ${say.short(least.distance, 2)}, ${least.label} ${sideOf(least)}` : ''
  return `${boxes}, nothing strikes on its way${room}`
}
