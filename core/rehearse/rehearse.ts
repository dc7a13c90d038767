import { randomFrom } from '../statistics'
import { alongOn, partsById } from '../assembly'
import {
  deriveAll,
  jobForStock,
  type DerivedBox,
  type DerivedThing,
  type LoadPlan,
  type Part,
  type StockCut,
} from '../derive'
import { writeFiles } from '../files'
import { wordFor, type FitWord } from '../fit'
import { readCode } from '../gcode'
import { sizeOf, turnRegion, type Region, type Ring, type Turn, type Point } from '../geometry'
import type { Job } from '../job'
import { IN_METRIC } from '../length'
import { originOn, ORDINARY_CODE } from '../machine'
import { problemSentence } from '../box'
import type { Thickness } from '../stock'
import type { Placement } from '../nest'
import { hiddenSheet, laserLike, readPart, worldOf, type Hidden, type Known, type LaserLike } from './hidden'
import { piecesByPart, type Matched } from './match'
import { piecesOf, type Piece } from './pieces'
import { burn, overBridges, waysOf } from './runs'
import { WORLD_WORDS } from './world-words'
import type { WorldName } from './worlds'
import { rehearse as words } from './words'

/** A part as it was cut, mm; its outline lies on the sheet. */
export interface CutPart {
  id: string
  label: string
  panel: string
  thing: string
  /** The stock it is cut from, by id. */
  stock: string
  sheet: number
  load: number
  outline: [number, number][]
  holes: [number, number][][]
  thickness: number
  placement: { x: number; y: number; turn: number }
  /** As simulated calipers read them, to 0.01 with their error: along both sides, and how thick. */
  readings: { width: number; height: number; thickness: number }
}

interface Faulty {
  id: string
  label: string
  why: string[]
}

/** What a cut on the simulated laser came to. */
export interface Rehearsal {
  simulation: string
  seed: number
  /** Whether it is a laser like the owner's, or any; then its world, and what was wrong there. */
  laser: 'mine' | 'any'
  world: WorldName | null
  wrong: string | null
  job: string
  /** What came free: nothing else can be measured. */
  parts: CutPart[]
  notFree: Faulty[]
  faults: Faulty[]
  /** True full width across and along the sheet, on the mean of the parts, mm. */
  kerf: { x: number; y: number }
  /** True gap per glue line at each joint, mm, and how that fits. */
  joints: { thing: string; copy: number; between: [string, string]; gap: number; fit: FitWord }[]
  seconds: number
}
export type Rehearsed = { ok: true; rehearsal: Rehearsal } | { ok: false; error: string }

const MACHINE = {
  watts: 40,
  travelSpeed: 300,
  acceleration: 1500,
  origin: 'front left' as const,
  code: ORDINARY_CODE,
}

/** What one load came to, and which part each piece is. */
interface CutLoad {
  load: LoadPlan
  hidden: Hidden
  found: Matched<Piece>[]
  missing: Part[]
  seconds: number
}

/** Cuts one load's program on the machine of a seed. */
function cutLoad(
  job: Job,
  { load, text, thickness }: { load: LoadPlan; text: string; thickness: Thickness },
  parts: Part[],
  hidden: Hidden,
): CutLoad | { error: string } {
  const { measure } = jobForStock(job, load.material)
  const machine = measure.machine ?? MACHINE
  const read = readCode(text, machine.code)
  if (!read.ok) return { error: read.error }
  const zero = originOn(load, machine.origin)
  const onLoad = ({ x, y }: Point): Point => ({ x: x + zero.x, y: y + zero.y })
  const moves = read.moves.map((move) => ({ ...move, from: onLoad(move.from), to: onLoad(move.to) }))
  const family = measure.stock?.family ?? 'other'
  const sheet = hiddenSheet(
    hidden.seed,
    load.sheet,
    load,
    { mean: thickness.mean, doubt: thickness.sd },
    family,
    hidden.knots,
  )
  const { ways, seconds } = waysOf(moves, machine, hidden)
  const pieces = piecesOf(burn(overBridges(ways), machine.watts, sheet, hidden), sheet, hidden)
  return { load, hidden, ...piecesByPart(job, load, parts, pieces, (piece) => piece), seconds }
}

const rounded = (value: number): number => Math.round(value * 1e4) / 1e4
const asPairs = (ring: Ring): [number, number][] => ring.map(({ x, y }) => [rounded(x), rounded(y)])

/** The size of a piece on its part's own axes, mm. */
const ownSize = (shape: Region, turn: Turn): { width: number; height: number } =>
  sizeOf(turnRegion(shape, (360 - turn) % 360))

/** How far a part's cut edges lie inside of where they are drawn, on its own axes, mm. */
function insets(part: Part, { turn }: Placement, { shape }: Piece): { x: number; y: number } {
  const [drawn, own] = [sizeOf(part.lies[0].drawn), ownSize(shape, turn)]
  return { x: (drawn.width - own.width) / 2, y: (drawn.height - own.height) / 2 }
}

/** The true gap at every glued joint whose parts both came free. */
function jointsOf(things: DerivedThing[], loads: CutLoad[], interference: number): Rehearsal['joints'] {
  const all = loads.flatMap(({ found }) => found).filter(({ piece }) => piece.free)
  return things.flatMap(({ thing, box }) => {
    const assembly = box.made?.assembly
    if (!assembly) return []
    const parts = partsById(assembly.parts)
    const copies = Array.from({ length: thing.copies }, (_, copy) => copy)
    return assembly.joints
      .filter(({ claims }) => claims.length > 1)
      .flatMap((joint) =>
        copies.flatMap((copy) => {
          const sides = joint.parts.map((id) => {
            const cut = all.find(
              ({ part }) => part.thing === thing.id && part.copy === copy && part.panel === id,
            )
            if (!cut) return null
            const along = alongOn(parts.get(id)!, joint)
            const by = insets(cut.part, cut.placement, cut.piece)
            return along === 'x' ? by.x : by.y
          })
          if (sides.some((side) => side === null)) return []
          const gap = rounded(sides[0]! + sides[1]! - interference)
          return [
            {
              thing: thing.name,
              copy: copy + 1,
              between: joint.parts as [string, string],
              gap,
              fit: wordFor(gap),
            },
          ]
        }),
      )
  })
}

/** What the owner of a laser knows of it, on one of the job's stocks. */
export function knownOf(job: Job, box: DerivedBox, { material, choice }: StockCut): Known {
  const { kerf } = box.materials.find(({ id }) => id === material) ?? box
  const isTested =
    choice.standing === 'tested' && choice.test !== null && choice.test.result !== 'not through'
  return {
    family: jobForStock(job, material).measure.stock?.family ?? 'other',
    kerf: { x: kerf.by.x.width, y: kerf.by.y.width },
    doubt: kerf.sd,
    through: isTested ? choice.energy : null,
  }
}

/**
 * Cuts a job's own programs on the simulated laser of a seed. The same job and seed come to the same parts.
 * @param like or a machine of which all is known, for proofs
 * @returns the parts as they were cut, or one sentence why nothing can be
 */
export function rehearse(given: Job, seed: number, like: LaserLike | Hidden = 'any'): Rehearsed {
  const { job, parts, derived } = deriveAll(given)
  const { plan, things, box } = derived
  if (!plan) {
    const [problem] = things.flatMap((each) => each.box.problems)
    return { ok: false, error: problemSentence(problem, IN_METRIC) }
  }
  const machines = new Map(
    plan.stocks.map((stock) => {
      const known = knownOf(job, box, stock)
      return [stock.material, typeof like === 'object' ? like : laserLike(like, seed, known)]
    }),
  )
  const whole = { ...job, cut: { ...job.cut, files: 'sheet' as const } }
  const programs = writeFiles(whole, derived, plan, ['gcode'])
  const pages = plan.loads.filter(({ paths }) => paths.length > 0)
  const loads: CutLoad[] = []
  for (const [i, load] of pages.entries()) {
    const { thickness } = box.materials.find(({ id }) => id === load.material) ?? box
    const hidden = machines.get(load.material)!
    const cut = cutLoad(job, { load, text: programs[i].content, thickness }, parts, hidden)
    if ('error' in cut) return { ok: false, error: cut.error }
    loads.push(cut)
  }
  return { ok: true, rehearsal: resultOf(job, seed, like, things, loads) }
}

function resultOf(
  job: Job,
  seed: number,
  like: LaserLike | Hidden,
  things: DerivedThing[],
  loads: CutLoad[],
): Rehearsal {
  const random = randomFrom(seed * 17 + 3)
  const isMine = like === 'mine' || typeof like === 'object'
  const world = isMine ? null : like === 'any' ? worldOf(seed) : like
  const parts = loads.flatMap(({ load, hidden, found }) =>
    found.flatMap(({ part, placement, piece }): CutPart[] => {
      if (!piece.free) return []
      const size = ownSize(piece.shape, placement.turn)
      return [
        {
          id: part.id,
          label: part.label,
          panel: part.panel,
          thing: part.thing,
          stock: part.material,
          sheet: load.sheet + 1,
          load: load.load + 1,
          outline: asPairs(piece.shape.outline),
          holes: piece.shape.holes.map(asPairs),
          thickness: rounded(piece.thickness),
          placement: { x: placement.x, y: placement.y, turn: placement.turn },
          readings: readPart(size, piece.thickness, hidden, random),
        },
      ]
    }),
  )
  const pieces = loads.flatMap(({ found }) => found)
  const mean = (axis: 'x' | 'y'): number =>
    rounded(pieces.reduce((sum, { piece }) => sum + piece.kerf[axis], 0) / Math.max(1, pieces.length))
  const faulty = pieces.filter(({ piece }) => piece.faults.length > 0)
  return {
    simulation: words.simulationNothingCut,
    seed,
    laser: isMine ? 'mine' : 'any',
    world,
    wrong: world && WORLD_WORDS[world],
    job: job.name,
    parts,
    notFree: [
      ...faulty
        .filter(({ piece }) => !piece.free)
        .map(({ part: { id, label }, piece }) => ({ id, label, why: piece.faults })),
      ...loads.flatMap(({ missing }) =>
        missing.map(({ id, label }) => ({ id, label, why: [words.outlineNotCut] })),
      ),
    ],
    faults: faulty
      .filter(({ piece }) => piece.free)
      .map(({ part: { id, label }, piece }) => ({ id, label, why: piece.faults })),
    kerf: { x: mean('x'), y: mean('y') },
    joints: jointsOf(things, loads, job.interference),
    seconds: Math.round(loads.reduce((sum, { seconds }) => sum + seconds, 0) * 10) / 10,
  }
}
