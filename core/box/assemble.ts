import type { Angled } from '../angled'
import { partsById, type Assembly, type Contact, type Group, type Joint, type Part } from '../assembly'
import { kindOfFitting, lidOf, NOTHING, type FittingParts, type Materials } from '../fittings'
import { asOutline } from '../geometry'
import { chainOf, loosePanels } from './bends'
import { dividerJoints, makeDividers, type Divider } from './dividers'
import { makeCorners, makeEdges, type Edge } from './edges'
import { boltsIn, boltsOf, grooveIn } from './features'
import { floorLedges } from './floor-ledges'
import { latchFeatures, wedgeGroup, wedgeOf, withTongue } from './latch'
import { openingsOf, scoopsOf } from './openings'
import { makePlanBox } from './plan-box'
import { makeShell, shellParts, type Shell } from './shell'
import { opens, type BoxSpec } from './spec'

/** A box as an assembly, with what its own pages ask of it. */
export interface Box extends Shell {
  edges: Edge[]
  dividers: Divider[]
  /** Its plates, where its walls stand at any angle. */
  angled?: Angled
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
    // Open at the rim, so that the divider can be drawn out; a top that is glued on closes it.
    const isClosed = lidOf(box.spec) !== null && !opens(box.spec)
    const rim = isClosed ? box.room.max.z : box.outer.z
    const groove = grooveIn(joint, byId, isDividers ? rim : null)
    if (groove) found.get(joint.parts[0])!.push(groove)
  }
  const shaped = [WEDGE, ...box.spec.fittings.flatMap(({ type }) => kindOfFitting(type).shaped ?? [])]
  const standing = { joints, parts: byId, shaped }
  for (const part of parts) {
    const own = box.spec.fittings.flatMap(
      (each) => kindOfFitting(each.type).features?.(each, box, part, standing) ?? [],
    )
    found.get(part.id)!.push(...own, ...latchFeatures(box, part))
  }
  for (const edge of edges) {
    const bolts = boltsOf(box.spec, edge)
    for (const { part, feature } of bolts ? boltsIn(edge, bolts, byId) : []) found.get(part)!.push(feature)
  }
  return parts.map((part) => ({
    ...part,
    features: found.get(part.id)!.map((feature) => ({ ...feature, shape: asOutline(feature.shape) })),
  }))
}

const WEDGE = 'wedge'

/** What the fittings of a box add to it, all together. */
function madeOf(shell: Shell): FittingParts {
  const all = shell.spec.fittings.map((own) => kindOfFitting(own.type).make?.(own, shell) ?? {})
  const every = <K extends keyof FittingParts>(key: K): FittingParts[K] =>
    all.flatMap((made): unknown[] => made[key] ?? NOTHING[key]) as FittingParts[K]
  return {
    added: every('added'),
    joints: every('joints'),
    groups: every('groups'),
    sheets: every('sheets'),
    strips: every('strips'),
  }
}

/** A bent sheet comes in as one. */
const bentSheets = (spec: BoxSpec): string[][] =>
  chainOf(spec).length > 0 ? [[...new Set(chainOf(spec))]] : []

/** What of a bent sheet opens, and the wedge that holds it shut. */
function bentGroups(shell: Shell): Group[] {
  const { spec } = shell
  const loose = loosePanels(spec)
  if (loose.length === 0) return []
  const chain = chainOf(spec)
  const from = chain[chain.length - loose.length - 1]
  const bend = { parts: loose, from, to: loose[0], radius: spec.bends.radius }
  const wedge = wedgeGroup(shell)
  return [{ id: 'lid', motion: 'bend', ...bend, ...(wedge.length > 0 ? { after: WEDGE } : {}) }, ...wedge]
}

/**
 * A box from what its maker says: parts, joints, corners. Sizes and boundaries are on a grid of 0.0001 mm.
 * The spec must have no problems (`specProblems`).
 */
export function makeBox(spec: BoxSpec, materials: Materials): Box {
  if (spec.plan) return makePlanBox(spec, materials)
  const shell = makeShell(spec, materials)
  const edges = makeEdges(shell)
  const dividers = makeDividers(shell)
  const made = madeOf(shell)
  const joints: Joint[] = [...edges, ...dividerJoints(shell, dividers), ...made.joints]
  const added = [...floorLedges(shell), ...made.added, ...wedgeOf(shell)]
  const parts = [
    ...shellParts(shell).map((part) => withTongue(shell, part)),
    ...dividers.map(({ part }) => part),
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
      groups: [...made.groups, ...bentGroups(shell)],
      sheets: [...bentSheets(spec), ...made.sheets],
      strips: made.strips,
    },
  }
}
