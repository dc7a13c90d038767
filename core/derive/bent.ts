import { facetsOf, openedBy, type Panel } from '../assembly'
import { chainOf, loosePanels, type BoxSpec } from '../box'
import { multiply, type Matrix4 } from '../geometry'

const taken = (map: Matrix4, panel: Panel): Panel => ({ ...panel, frame: multiply(map, panel.frame) })

/**
 * The panels of a box as they are drawn in space: a bent sheet with its bends, opened as far as is wanted.
 * @param share of its way that the flap is opened
 */
export function bentPanels(spec: BoxSpec, panels: Panel[], share = 0): Panel[] {
  const names = chainOf(spec)
  if (names.length === 0) return panels
  const chain = names.map((name) => panels.find(({ id }) => id === name))
  if (chain.some((panel) => !panel)) return panels
  const loose: string[] = loosePanels(spec)
  const { radius } = spec.bends
  const opens = chain.length - loose.length - 1
  const open = loose.length > 0 ? openedBy(chain[opens]!, chain[opens + 1]!, radius, share) : null
  const facets = chain.slice(1).flatMap((to, i) => {
    const own = facetsOf(chain[i]!, to!, radius, loose.length > 0 && i === opens ? share : 0, `bend-${i + 1}`)
    return open && i > opens ? own.map((facet) => taken(open, facet)) : own
  })
  return [
    ...panels.map((panel) => (open && loose.includes(panel.id) ? taken(open, panel) : panel)),
    ...facets,
  ]
}
