import { outsideOf, TOP_IDS, wallId, wallIndex, type Angled } from '../angled'
import type { Line } from '../assembly'
import type { Box } from '../box'
import { type Say } from '../length'
import type { Round } from './schedule'
import { clamps as words } from './words'

/** What holds a box while its glue sets, and where. */
export interface Clamp {
  what: 'band' | 'clamp' | 'weight'
  count: number
  /** Which way it presses; bands press from all sides. */
  along: 'x' | 'y' | 'z' | 'round' | 'over'
  /** Where, from the foot up, from the left, or from the beginning of the ridge, mm: as many as there are. */
  at: number[]
  /** The ridge that bands go over. */
  ridge?: Pick<Line, 'at' | 'way'>
}

/** A box whose walls are no longer round about is held by rubber bands, mm. [FM] */
const BANDED = 900
/** A band holds so much of a wall's height, a clamp so much of its length, mm. [FM] */
const BAND = 60
const CLAMP = 150

/** What comes in flatter than that comes in from the side, not from above. */
const LEANS = 0.8

const WALLS = ['front', 'back', 'left', 'right']

/** Places in the middle of equal shares. */
const spreadOver = (length: number, each: number, least: number): number[] => {
  const count = Math.max(least, Math.ceil(length / each))
  return Array.from({ length: count }, (_, i) => ((i + 0.5) * length) / count)
}

/** The ridge that two tops meet at, once both stand. */
const ridgeOf = (angled: Angled | null | undefined, stands: string[]): Line | undefined =>
  TOP_IDS.every((id) => stands.includes(id))
    ? angled?.joints.find(({ parts }) => parts.every((id) => TOP_IDS.includes(id)))?.line
    : undefined

/** How high walls stand all round, mm: bands above that would slip off. */
function bandedHeight({ outer, angled }: Pick<Box, 'outer' | 'angled'>): number {
  if (!angled) return outer.z
  const { faces } = angled
  return Math.min(
    ...outsideOf(faces)
      .slice(faces.walls.length)
      .map(([, , z]) => z),
  )
}

/**
 * Bands round the walls where all four stand and the box is small; else clamps along each way in which a
 * glued panel came in, and a weight on what came from above.
 */
export function clampsFor({ steps, isHeld }: Round, box: Pick<Box, 'outer' | 'angled'>): Clamp[] {
  const { outer, angled } = box
  if (!isHeld || steps.some(({ isFlat }) => isFlat)) return []
  const glued = steps.filter(({ glue }) => glue.length > 0)
  const stands = [...steps.at(-1)!.standing, ...steps.at(-1)!.panels]
  const isRound = (angled ? angled.faces.walls.map((_, i) => wallId(i)) : WALLS).every((wall) =>
    stands.includes(wall),
  )
  const moved = (axis: number): boolean =>
    glued.some(({ from }) => from !== undefined && Math.abs(from[axis]) > LEANS)
  const found: Clamp[] = []
  const put = (what: Clamp['what'], along: Clamp['along'], at: number[]): void =>
    void found.push({ what, count: at.length, along, at })
  const walls = glued.some(({ panels }) => panels.some((id) => WALLS.includes(id) || wallIndex(id) >= 0))
  if (isRound && walls && (angled || 2 * (outer.x + outer.y) <= BANDED))
    put('band', 'round', spreadOver(bandedHeight(box), BAND, 2))
  else {
    if (moved(0)) put('clamp', 'x', spreadOver(outer.z, CLAMP, 2))
    if (moved(1)) put('clamp', 'y', spreadOver(outer.z, CLAMP, 2))
  }
  const ridge = ridgeOf(angled, stands)
  if (ridge) {
    // A weight would slide off.
    const at = spreadOver(ridge.clear[1], CLAMP, 2)
    found.push({ what: 'band', count: at.length, along: 'over', at, ridge })
  } else if (moved(2)) put('weight', 'z', spreadOver(outer.x, CLAMP * 2, 1))
  return found
}

const WAYS = { x: words.leftRight, y: words.frontBack }

/** What to put where, in words. */
export function clampText({ what, count, along, at }: Clamp, say: Say): string {
  const places = at.map((each) => say.length(each, 0)).join(', ')
  if (what === 'weight') return words.weightCameAbove(count)
  if (along === 'over') return words.rubberBandOver(count, places)
  if (along === 'x' || along === 'y') return words.clampAboveFoot(count, WAYS[along], places)
  return words.rubberBandRound(count, places)
}
