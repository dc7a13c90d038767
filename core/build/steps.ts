import { glueArea, type PanelName, type Shell } from '../box'
import type { Say } from '../length'
import type { Working } from '../working'

/** A joint that is closed in a step: with which panel, and how much of it takes glue, mm². */
export interface GlueFace {
  with: PanelName
  area: number
}

export interface BuildStep {
  id: string
  /** The panel that comes in, and what stands already. */
  panel: PanelName
  standing: PanelName[]
  title: string
  text: string
  glue: GlueFace[]
}

/** The floor, two opposite walls onto it, the third, the last one closes; a top at the end. [CP] */
const ORDER: PanelName[] = ['floor', 'front', 'back', 'left', 'right', 'top']

const TEXTS: Record<PanelName, string> = {
  floor: 'Lay the floor with its outside face down.',
  front: 'Push the front onto the floor, straight from outside, label outward.',
  back: 'Push the back on from the other side. Front and back now stand opposite each other.',
  left: 'Push the left wall in from its side: all its tabs enter floor, front and back together.',
  right: 'The right wall closes the box. Start all its tabs by hand before pushing any one home.',
  top: 'Press the top on from above, evenly all round.',
}

/**
 * The order in which panels go together. Every wall comes in straight from its own outside: that is the one
 * way in which tabs on all its edges can enter at once.
 */
export function buildSteps(shell: Shell): BuildStep[] {
  const order = ORDER.filter((name) => shell.names.includes(name))
  return order.map((panel, i) => {
    const standing = order.slice(0, i)
    const glue = shell.edges
      .filter(({ panels }) => panels.includes(panel) && standing.some((name) => panels.includes(name)))
      .map((edge) => ({ with: edge.panels.find((name) => name !== panel)!, area: glueArea(shell, edge) }))
    return {
      id: panel,
      panel,
      standing,
      glue,
      title: `${i + 1}. ${panel[0].toUpperCase()}${panel.slice(1)}`,
      text: TEXTS[panel],
    }
  })
}

/**
 * Both diagonals of the floor plan, mm: the box is square when they agree. Between outside corners; where tab
 * ends stand proud there is no outside corner to hold a tape to, and the inside ones are measured.
 */
export const diagonal = ({ outer, inner }: Shell, proud: number): number =>
  proud > 0 ? Math.hypot(inner.x, inner.y) : Math.hypot(outer.x, outer.y)

export function diagonalWorking(shell: Shell, proud: number, say: Say): Working {
  const { x, y } = proud > 0 ? shell.inner : shell.outer
  const side = proud > 0 ? 'inside' : 'outside'
  const length = diagonal(shell, proud)
  return {
    title: 'Diagonal to check for square',
    result: say.length(length, 1),
    formula: `√(width² + depth²), ${side}`,
    substituted: `√(${say.plain(x)}² + ${say.plain(y)}²) = ${say.length(length)}`,
    terms: [
      { symbol: 'width', meaning: side, value: say.length(x), source: 'derived' },
      { symbol: 'depth', meaning: side, value: say.length(y), source: 'derived' },
    ],
    note:
      proud > 0
        ? 'Measured inside: tab ends stand out of the corners until they are sanded. The box is ' +
          'square when both agree.'
        : 'The box is square when both diagonals agree; nudge the longer one.',
  }
}

/** Wood glue that a joint of this area takes, grams: 150 to 200 g/m². [FM] */
export const glueGrams = (area: number): { least: number; most: number } => ({
  least: (area / 1e6) * 150,
  most: (area / 1e6) * 200,
})
