import { alongOn, type Joint, type Panel } from '../assembly'
import { BOLTS } from '../joints'
import { boltsOf } from '../box'
import {
  kerfFigure,
  predictFit,
  sdOf,
  type Boundary,
  type Cutting,
  type FitPrediction,
  type SlotJoint,
} from '../fit'
import type { Direction } from '../kerf'
import { partPrefix, type Job } from '../job'
import type { Placement } from '../nest'
import type { DerivedBox } from './box'
import type { Material } from './materials'
import { fitWords as words } from './words'

/**
 * Whether each part lies turned by a quarter, by its id; parts that lie nowhere are taken to lie as they
 * are.
 */
export type Turned = Record<string, boolean>

export const turnedOf = (placements: Placement[]): Turned =>
  Object.fromEntries(placements.filter(({ turn }) => turn % 180 !== 0).map(({ part }) => [part, true]))

const other: Record<Direction, Direction> = { x: 'y', y: 'x' }

/** Joints whose claims meet in glue lines: tabs in notches, and the ends of tenons in their slots. */
const isTabbed = ({ between, claims }: Joint): boolean => between === 'glue' && claims.length > 1

const cuttingOf = ({ name, kerf, compensation, belief }: Material): Cutting => ({
  name,
  kerf,
  compensation,
  belief,
})

type Fitted = Pick<
  DerivedBox,
  'kerf' | 'thickness' | 'made' | 'panels' | 'divided' | 'joined' | 'material' | 'materials'
>

/** Fingers of seams: both sides of a boundary lie across the line that the panel was divided along. */
function seamBoundaries(
  { divided, material, materials }: Fitted,
  copies: number,
  turned: Turned,
  prefix: string,
): [string, Boundary][] {
  return divided.flatMap(({ panel, axis, pieces }) =>
    pieces.slice(1).flatMap((piece, i) => {
      const where = `${pieces[i].label} and ${piece.label}`
      const stock = material.get(panel.id)!
      const cut = stock === materials[0] ? {} : { cut: [stock, stock].map(cuttingOf) as [Cutting, Cutting] }
      return Array.from({ length: copies }, (_, copy): [string, Boundary] => {
        const [a, b] = [pieces[i], piece].map(({ id }): Direction => {
          const isTurned = turned[`${prefix}${id}-${copy + 1}`] ?? false
          return isTurned ? axis : other[axis]
        })
        return [`${where} ${a}${b}`, { edges: [a, b], where, ...cut }]
      })
    }),
  )
}

/** The glue lines of every copy of a box, each with the directions in which its two edges were cut. */
export function boundariesOf(box: Fitted, copies: number, turned: Turned, prefix = ''): Boundary[] {
  const { made, panels, divided, joined, material, materials } = box
  const byId = new Map((panels ?? []).map((panel) => [panel.id, panel]))
  const found = new Map(seamBoundaries(box, copies, turned, prefix))
  const piecesOf = (id: string): string[] =>
    divided.find(({ panel }) => panel.id === id)?.pieces.map((piece) => piece.id) ?? [id]
  for (const joint of made?.assembly.joints.filter(isTabbed) ?? []) {
    const where = joint.parts.map((id) => byId.get(id)!.label).join(' and ')
    const stocks = joint.parts.map((id) => material.get(id)!)
    const isMixed = stocks.some((each) => each !== materials[0])
    const cut = isMixed ? { cut: stocks.map(cuttingOf) as [Cutting, Cutting] } : {}
    for (let copy = 1; copy <= copies; copy++) {
      // A panel that is cut in pieces may have them lie both ways.
      const [first, second] = joint.parts.map((id) => {
        const own = alongOn(byId.get(id)!, joint)
        const face = joined?.faces.find(({ panel }) => panel === id)
        const pieces = face ? [joined!.piece.id] : piecesOf(id)
        const lying = pieces.map(
          (piece) => (turned[`${prefix}${piece}-${copy}`] ?? false) !== (face?.isTurned ?? false),
        )
        return [...new Set(lying)].map((isTurned): Direction => (isTurned ? other[own] : own))
      })
      for (const a of first)
        for (const b of second) found.set(`${where} ${a}${b}`, { edges: [a, b], where, ...cut })
    }
  }
  return [...found.values()]
}

const KIND_WORDS: Record<Joint['kind'], string> = {
  fingers: 'panels in slots',
  butt: 'panels in slots',
  lap: 'laps',
  tenon: 'tenons in slots',
  groove: 'panels in grooves',
}

/** Every kind of slot that a box has, by what enters what. */
function slotsOf({ made, panels, material, materials }: Fitted): SlotJoint[] {
  if (!made || !panels) return []
  const byId = new Map(panels.map((panel): [string, Panel] => [panel.id, panel]))
  const found = new Map<string, SlotJoint>()
  for (const joint of made.assembly.joints) {
    for (const own of [0, 1] as const) {
      if (!joint.slots[own]) continue
      const [holder, guest] = [joint.parts[own], joint.parts[1 - own]].map((id) => material.get(id)!)
      const moving = made.assembly.groups.find(({ parts }) => parts.includes(joint.parts[1 - own]))
      const kind = moving ? `${moving.id} in its grooves` : KIND_WORDS[joint.kind]
      const label = materials.length > 1 ? words.slotOf(kind, guest.name, holder.name) : kind
      const where = joint.parts.map((id) => byId.get(id)!.label).join(' and ')
      const known = found.get(label)
      if (known && !known.where.includes(where)) known.where.push(where)
      if (known) continue
      found.set(label, {
        group: 'slots',
        label,
        where: [where],
        drawn: guest.thickness.thickest + joint.play.walls,
        kerf: { width: holder.kerf.width, sd: sdOf(kerfFigure(holder.belief)) },
        compensation: holder.kerf.perSide,
        thickness: { mean: guest.thickness.mean, sd: guest.thickness.anywhere },
        guest: guest.id || null,
      })
    }
  }
  return [...found.values()]
}

/** Bolts in their holes: a bolt is as thick as its name says, within what its thread leaves. [FM] */
const BOLT_SD = 0.05

function boltHolesOf({ made, material }: Fitted): SlotJoint[] {
  if (!made) return []
  const found = new Map<string, SlotJoint>()
  for (const edge of made.edges) {
    const bolts = boltsOf(made.spec, edge)
    if (!bolts) continue
    const { kerf: cut, belief } = material.get(edge.parts[0])!
    const { hole, diameter } = BOLTS[bolts.size]
    const label = words.boltsHoles(bolts.size)
    const where = [...(found.get(label)?.where ?? []), edge.parts.join(' and ')]
    const thickness = { mean: diameter, sd: BOLT_SD }
    found.set(label, {
      group: 'bolts',
      label,
      where,
      drawn: hole,
      kerf: { width: cut.width, sd: sdOf(kerfFigure(belief)) },
      compensation: cut.perSide,
      thickness,
      guest: null,
    })
  }
  return [...found.values()]
}

type FitJob = Pick<Job, 'measure' | 'interference' | 'copies' | 'thing'> & {
  box: Pick<Job['box'], 'proud'>
  cut: Pick<Job['cut'], 'compensation'>
}

const hasTabs = ({ made, divided }: Fitted): boolean =>
  !made || divided.length > 0 || made.assembly.joints.some(isTabbed)

/** The fit of a job's joints as its parts lie on the sheets. */
export function deriveFit(
  { interference, copies, thing, box: { proud }, cut }: FitJob,
  box: Fitted,
  turned: Turned,
): FitPrediction {
  const { kerf, thickness, made, materials } = box
  const isPlain = kerf.round && materials.length === 1
  return predictFit({
    kerf,
    thickness,
    compensate: cut.compensation,
    interference,
    proud,
    belief: box.materials[0].belief,
    boundaries: made && !isPlain ? boundariesOf(box, copies, turned, partPrefix(thing.id)) : [],
    tabbed: hasTabs(box),
    slots: [...slotsOf(box), ...boltHolesOf(box)],
  })
}

/** Which panels lie better turned by a quarter, with the odds of the wanted fit then; null when none do. */
export interface BetterWay {
  turn: string[]
  odds: number
}

/** Only a gain that can be felt is worth turning panels for, as a share. */
const WORTH = 0.02
/** Boxes of more panels than this are not searched: each one doubles the ways there are. */
const MOST_PANELS = 8

/**
 * The way round in which the panels of one box fit best, when the laser's software compensates a beam that
 * is not round. With compensation in the paths each direction has its own, and all ways round are alike.
 */
export function betterWay(job: FitJob, box: DerivedBox, turned: Turned): BetterWay | null {
  if (!box.panels || box.kerf.round || job.cut.compensation === 'paths') return null
  const names = box.pieces.map(({ id }) => id)
  if (names.length > MOST_PANELS) return null
  const prefix = partPrefix(job.thing.id)
  const now = deriveFit(job, box, turned)
  let best: BetterWay | null = null
  for (let ways = 0; ways < 2 ** names.length; ways++) {
    const lying: Turned = {}
    for (const [i, name] of names.entries()) {
      const isTurned = (ways & (1 << i)) !== 0
      for (let copy = 1; copy <= job.copies; copy++) lying[`${prefix}${name}-${copy}`] = isTurned
    }
    const odds = deriveFit(job, box, lying).odds[now.wanted]
    if (odds <= (best?.odds ?? now.odds[now.wanted] + WORTH)) continue
    const turn = names.filter(
      (name) => lying[`${prefix}${name}-1`] !== (turned[`${prefix}${name}-1`] ?? false),
    )
    best = { turn, odds }
  }
  return best
}
