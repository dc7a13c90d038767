import { partsById, type Assembly, type Contact, type Group, type Joint, type Part } from '../assembly'
import { asOutline } from '../geometry'
import { chainOf, loosePanels } from './bends'
import { dividerJoints, makeDividers, type Divider } from './dividers'
import { makeCorners, makeEdges, type Edge } from './edges'
import { boltsIn, boltsOf, grooveIn } from './features'
import { cheeksOf, hingeOf, turns } from './hinge'
import { latchFeatures, wedgeGroup, wedgeOf, withTongue } from './latch'
import { lipOf } from './lip'
import { openingsOf, scoopsOf } from './openings'
import { plateOf } from './plate'
import { makeShell, shellParts, type Materials, type Shell } from './shell'
import { softenedFeatures } from './soften'
import { isCaptive, lifts, slides, type BoxSpec } from './spec'
import { captiveRange, stopOf } from './stop'
import { floorLedges, liningOf, railsOf, runnersOf, trayLedges } from './strips'

/** A box as an assembly, with what its own pages ask of it. */
export interface Box extends Shell {
  edges: Edge[]
  dividers: Divider[]
  assembly: Assembly
}

/** Adds what joints and the maker take out of the parts. */
function withFeatures(
  box: Shell,
  parts: Part[],
  edges: Edge[],
  joints: Joint[],
  dividers: Divider[],
): Part[] {
  const byId = partsById(parts)
  const found = new Map<string, Part['features']>(parts.map((part) => [part.id, openingsOf(box, part)]))
  for (const divider of dividers) {
    const crossing = dividers.filter(({ direction }) => direction !== divider.direction)
    found.get(divider.part.id)!.push(...scoopsOf(box, divider, crossing))
  }
  for (const joint of joints) {
    const isDividers = joint.along === 'z' && dividers.some(({ part }) => part.id === joint.parts[1])
    // Open at the rim, so that the divider can be slid in from above; a top closes it.
    const rim = box.spec.top ? box.room.max.z : box.outer.z
    const groove = grooveIn(joint, byId, isDividers ? rim : null)
    if (groove) found.get(joint.parts[0])!.push(groove)
  }
  for (const part of parts)
    found.get(part.id)!.push(...latchFeatures(box, part), ...softenedFeatures(box.spec, part, joints, byId))
  for (const edge of edges) {
    const bolts = boltsOf(box.spec, edge)
    for (const { part, feature } of bolts ? boltsIn(edge, bolts, byId) : []) found.get(part)!.push(feature)
  }
  return parts.map((part) => ({
    ...part,
    features: found.get(part.id)!.map((feature) => ({ ...feature, shape: asOutline(feature.shape) })),
  }))
}

/** Panels that come in together: a bent sheet, or a lid with its cheeks. */
function sheetsOf(spec: BoxSpec): string[][] {
  if (turns(spec)) return [HINGED]
  if (isCaptive(spec)) return [CAPTIVE]
  return chainOf(spec).length > 0 ? [[...new Set(chainOf(spec))]] : []
}
const CAPTIVE = ['top', 'stop']
const HINGED = ['top', 'cheek-left', 'cheek-right']

/** What of a box moves: a lid that is drawn out over the front wall, or lifted off with its lip. */
function groupsOf(shell: Shell): Group[] {
  const { spec, outer } = shell
  if (turns(spec)) {
    const { at, stop } = hingeOf(shell)
    const pin = { x: 0, ...at }
    return [{ id: 'lid', motion: 'hinge', parts: HINGED, axis: 'x', at: pin, range: stop }]
  }
  const loose = loosePanels(spec)
  if (loose.length > 0) {
    const chain = chainOf(spec)
    const from = chain[chain.length - loose.length - 1]
    const bend = { parts: loose, from, to: loose[0], radius: spec.bends.radius }
    const wedge = wedgeGroup(shell)
    return [{ id: 'lid', motion: 'bend', ...bend, ...(wedge.length > 0 ? { after: 'wedge' } : {}) }, ...wedge]
  }
  const lid = { id: 'lid', motion: 'slide' as const }
  if (isCaptive(spec)) {
    const range = captiveRange(shell)
    return [{ ...lid, parts: CAPTIVE, way: { axis: 'y', sign: -1 }, range, strikes: ['stop', 'front'] }]
  }
  if (slides(spec)) return [{ ...lid, parts: ['top'], way: { axis: 'y', sign: -1 }, range: outer.y }]
  if (lifts(spec)) return [{ ...lid, parts: ['top', 'lip'], way: { axis: 'z', sign: 1 }, range: outer.z }]
  return []
}

/**
 * A box from what its maker says: parts, joints, corners. Sizes and boundaries are on a grid of 0.0001 mm.
 * The spec must have no problems (`specProblems`).
 */
export function makeBox(spec: BoxSpec, materials: Materials): Box {
  const shell = makeShell(spec, materials)
  const edges = makeEdges(shell)
  const dividers = makeDividers(shell)
  const cheeks = cheeksOf(shell)
  const joints: Joint[] = [...edges, ...dividerJoints(shell, dividers), ...cheeks.map(({ joint }) => joint)]
  const [lip, stop] = [lipOf(shell), stopOf(shell)]
  const added = [
    ...floorLedges(shell),
    ...trayLedges(shell),
    ...runnersOf(shell),
    ...railsOf(shell),
    ...liningOf(shell),
    ...plateOf(shell),
    ...wedgeOf(shell),
    ...(lip ? [lip] : []),
    ...(stop ? [stop] : []),
  ]
  const parts = [
    ...shellParts(shell).map((part) => withTongue(shell, part)),
    ...dividers.map(({ part }) => part),
    ...cheeks.map(({ part }) => part),
    ...added.map(({ part }) => part),
  ]
  const contacts = added.flatMap(({ contact }): Contact[] => (contact ? [contact] : []))
  return {
    ...shell,
    edges,
    dividers,
    assembly: {
      parts: withFeatures(shell, parts, edges, joints, dividers),
      joints,
      corners: makeCorners(shell, edges),
      contacts,
      groups: groupsOf(shell),
      sheets: sheetsOf(spec),
    },
  }
}
