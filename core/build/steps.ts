import { kindOfLid, lidOf } from '../fittings'
import {
  buildOrder,
  partsById,
  prismOf,
  touchingArea,
  type Arrival,
  type Joint,
  type Panel,
  type Way,
} from '../assembly'
import { capitalised } from '../length'
import { labelOf, loosePanels, seamedPanel, type Box } from '../box'
import type { Say } from '../length'
import type { Working } from '../working'
import { angledSteps } from './angled-steps'
import { laidIn } from './laid-in'
import { looseText } from './loose-text'
import type { BuildStep } from './step'
import { unitsFor, wantedOrder, type School } from './schools'
import { steps as words } from './words'

/** The floor, two opposite walls onto it, the third, the last one closes; a top at the end. [CP] */
const ORDER = ['floor', 'front', 'back', 'left', 'right', 'top']

const WALLS = ['front', 'back', 'left', 'right']

const TEXTS: Record<string, string> = {
  floor: words.layFloorOutside,
  front: words.pushFrontOnto,
  back: words.pushBackOther,
  left: words.pushLeftWall,
  right: words.rightWallCloses,
  top: words.pressTopAbove,
}

const FROM: Record<string, string> = {
  x1: 'from the left',
  'x-1': 'from the right',
  y1: 'from the front',
  'y-1': 'from the back',
  z1: 'from below',
  'z-1': 'from above',
}
const OUTWARD: Record<string, string> = {
  front: 'y1',
  back: 'y-1',
  left: 'x1',
  right: 'x-1',
  floor: 'z1',
  top: 'z-1',
}

/** Against the way that a panel moves to get in. */
const awayOf = ({ axis, sign }: Way): [number, number, number] => [
  axis === 'x' ? -sign : 0,
  axis === 'y' ? -sign : 0,
  axis === 'z' ? -sign : 0,
]

/** Which side a panel comes in from; a box that stands otherwise in use has its sides by their names. */
function fromText({ spec }: Box, { axis, sign }: Way): string {
  const key = `${axis}${sign}`
  if (spec.lies === 'upright' || axis === 'z') return FROM[key]
  const side = (['left', 'right', 'front', 'back'] as const).find((name) => OUTWARD[name] === key)!
  return words.fromTheSide(labelOf(spec.lies, side))
}

/** What is said of a sheet that bends round several edges. */
function sheetText({ spec, assembly }: Box, { together, way }: Arrival, label: string, from: string): string {
  if (!assembly.sheets.includes(together)) {
    const half = words.joinLSquare(label)
    return way ? words.bringStraightUntil(half, from) : words.begin(half.toLowerCase())
  }
  const lid = lidOf(spec)
  const own = lid && kindOfLid(lid).build?.(lid, from, together)
  if (own) return own
  const loose = loosePanels(spec)
  const bend = words.bendSlowlyOver
  const seam = seamedPanel(spec)
  const closed = seam ? words.endsMeetGlue(labelOf(spec.lies, seam)) : ''
  const open = loose.length > 0 ? words.noGlueOpens(loose.join(' and ')) : ''
  const how = way ? words.bringSheet(label, from) : words.beginSheet(label)
  const tape = together.length > 2 ? words.tapeHoldsRound : ''
  return [how, bend, open, closed, tape].filter((sentence) => sentence !== '').join(' ')
}

function textOf(arrival: Arrival, label: string, made: Box): string {
  const { id, way, standing, together } = arrival
  const { assembly: box, spec } = made
  const isUpright = spec.lies === 'upright'
  if (together.length > 1) return sheetText(made, arrival, label, way ? fromText(made, way) : '')
  if (!way) {
    const usual = isUpright && id === 'floor' ? TEXTS[id] : undefined
    return usual ?? words.beginOutsideFace(label, !isUpright)
  }
  const key = `${way.axis}${way.sign}`
  const from = fromText(made, way)
  const loose = looseText(box, id, from)
  if (loose) return loose
  if (id === 'plate' || id === 'knob') return words.glueFrontSquare(label)
  if (['runner', 'tray-ledge', 'rail'].some((name) => id.startsWith(name))) return words.glueStripCard(label)
  if (id.startsWith('lining')) return words.standInsideLoose(label)
  const isUsual = isUpright && OUTWARD[id] === key && standing.every((other) => ORDER.includes(other))
  const before = ORDER.slice(0, ORDER.indexOf(id)).filter((name) => name !== 'top')
  if (isUsual && before.every((name) => standing.includes(name))) return TEXTS[id]
  if (id.startsWith('ledge')) return words.glueLevelOthers(label)
  const name = WALLS.includes(id) ? `${label} wall` : label
  return words.bringStraightUntilHome(name, from)
}

/** Joints whose claims end on the outside of the mate. */
const TABBED: readonly Joint['kind'][] = ['fingers', 'tenon']

function endsOf(glued: Joint[]): BuildStep['ends'] {
  const tabbed = glued.filter(({ kind }) => TABBED.includes(kind))
  if (tabbed.length === 0) return 'none'
  return tabbed.some(({ proud }) => proud) ? 'proud' : 'flush'
}

/** From the first to the last claim of a joint. */
const reach = ({ claims }: Joint): [from: number, to: number] => [
  Math.min(...claims.map(({ from }) => from)),
  Math.max(...claims.map(({ to }) => to)),
]

/**
 * The order in which panels go together, each straight in one way, found by taking the box apart. None where
 * panels lock each other.
 */
export function buildSteps(
  box: Box,
  panels: Panel[],
  school: School = 'floor first',
): BuildStep[] | { locked: string[] } {
  const { angled } = box
  if (angled) return angledSteps({ ...box, angled }, panels)
  const units = unitsFor(box, panels, school)
  const found = buildOrder({ ...box.assembly, sheets: units }, panels, wantedOrder(panels, school))
  if ('locked' in found) return found
  const labels = new Map(panels.map(({ id, label }) => [id, label]))
  const { joints, contacts } = box.assembly
  const parts = partsById(box.assembly.parts)
  const flat = laidIn(box, panels).map((step, i): BuildStep => {
    const label = labels.get(step.panel) ?? step.panel
    return { ...step, title: words.intoThe(i + 1, label) }
  })
  const arrived = found.arrivals.map((arrival, i): BuildStep => {
    const { id, together, standing } = arrival
    const isClosed = ({ parts }: { parts: [string, string] }): boolean =>
      parts.some((own) => together.includes(own)) &&
      parts.every((each) => together.includes(each) || standing.includes(each))
    const mate = (parts: [string, string]): string =>
      labels.get(parts.find((other) => !together.includes(other)) ?? parts[1])!
    const glued = joints.filter((joint) => joint.between === 'glue' && isClosed(joint))
    const glue = [
      ...glued.map((joint) => ({
        with: mate(joint.parts),
        area: touchingArea(joint, box.assembly, panels),
      })),
      ...contacts.filter(isClosed).map(({ parts, area }) => ({ with: mate(parts), area })),
    ]
    const label = together.map((own) => labels.get(own)!).join(', ')
    return {
      id,
      panel: id,
      panels: together,
      standing,
      glue,
      ends: endsOf(glued),
      dry: joints
        .filter((joint) => joint.between !== 'glue' && isClosed(joint))
        .map((joint) => ({ with: mate(joint.parts), zone: prismOf(joint, parts, ...reach(joint)) })),
      title: `${flat.length + i + 1}. ${capitalised(label)}`,
      text: textOf(arrival, label, box),
      ...(arrival.way ? { from: awayOf(arrival.way) } : {}),
    }
  })
  return [...flat, ...arrived]
}

type Sized = Pick<Box, 'outer' | 'inner'>

/**
 * Both diagonals of the floor plan, mm: the box is square when they agree. Between outside corners; where
 * tab ends stand proud there is no outside corner to hold a tape to, and the inside ones are measured.
 */
export const diagonal = ({ outer, inner }: Sized, proud: number): number =>
  proud > 0 ? Math.hypot(inner.x, inner.y) : Math.hypot(outer.x, outer.y)

export function diagonalWorking(box: Sized, proud: number, say: Say): Working {
  const { x, y } = proud > 0 ? box.inner : box.outer
  const side = proud > 0 ? 'inside' : 'outside'
  const length = diagonal(box, proud)
  return {
    title: words.diagonalCheckSquare,
    result: say.length(length, 1),
    formula: `√(width² + depth²), ${side}`,
    substituted: `√(${say.plain(x)}² + ${say.plain(y)}²) = ${say.length(length)}`,
    terms: [
      { symbol: 'width', meaning: side, value: say.length(x), source: 'derived' },
      { symbol: 'depth', meaning: side, value: say.length(y), source: 'derived' },
    ],
    note: proud > 0 ? words.measuredInsideTab : words.boxSquareBoth,
  }
}

/** Wood glue that a joint of this area takes, grams: 150 to 200 g/m². [FM] */
export const glueGrams = (area: number): { least: number; most: number } => ({
  least: (area / 1e6) * 150,
  most: (area / 1e6) * 200,
})
