import { facetsOf, openedBy, posed, turnedBy, type Group, type Panel, type Size } from '../assembly'
import { chainOf, LIES_IN_USE, loosePanels, type Box, type BoxSpec } from '../box'
import { multiply, type Matrix4 } from '../geometry'

const taken = (map: Matrix4, panel: Panel): Panel => ({ ...panel, frame: multiply(map, panel.frame) })

/** A bent sheet with its bends, opened as far as is wanted. */
function bent(spec: BoxSpec, panels: Panel[], share: number): Panel[] {
  const names = chainOf(spec)
  const chain = names.map((name) => panels.find(({ id }) => id === name))
  if (chain.length === 0 || chain.some((panel) => !panel)) return panels
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

/** So much of the way of a lid is that of what holds it shut. */
const UNLOCKED = 0.15

/** A bent sheet opened, once what holds it shut is drawn out. */
function opened(groups: Group[], spec: BoxSpec, panels: Panel[], share: number): Panel[] {
  const [first] = groups
  const lock = groups.find(({ id }) => first?.motion === 'bend' && id === first.after)
  if (lock?.motion !== 'slide') return bent(spec, panels, share)
  const out = Math.min(1, share / UNLOCKED) * lock.range * lock.way.sign
  const by: Size = { x: 0, y: 0, z: 0, [lock.way.axis]: out }
  const map: Matrix4 = [1, 0, 0, by.x, 0, 1, 0, by.y, 0, 0, 1, by.z, 0, 0, 0, 1]
  const drawnOut = panels.map((panel) => (lock.parts.includes(panel.id) ? taken(map, panel) : panel))
  return bent(spec, drawnOut, Math.max(0, (share - UNLOCKED) / (1 - UNLOCKED)))
}

/** A box as it is built, its bent sheet closed: with its open side up, however it stands in use. */
export const bentAsBuilt = ({ spec }: Box, panels: Panel[]): Panel[] => bent(spec, panels, 0)

/**
 * The panels of a box as they are drawn in space: bends bent, and as it stands in use where nothing of it is
 * drawn out straight.
 * @param share of its way that a lid on pins or on a bend is opened
 */
export function drawnPanels({ spec, assembly }: Box, panels: Panel[], share = 0): Panel[] {
  const [group] = assembly.groups
  if (group?.motion === 'hinge') {
    const map = turnedBy(group, share)
    return panels.map((panel) => (group.parts.includes(panel.id) ? taken(map, panel) : panel))
  }
  const shown = opened(assembly.groups, spec, panels, share)
  if (spec.lies === 'upright' || group) return shown
  const pose = { lie: LIES_IN_USE[spec.lies], at: { x: 0, y: 0, z: 0 } }
  return shown.map((panel) => ({ ...panel, frame: posed(pose, panel.frame) }))
}
