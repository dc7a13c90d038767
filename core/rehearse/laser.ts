import { z } from 'zod'
import { codeSteps, type CodeMove } from '../gcode'
import { sizeOf, type Point, type Ring } from '../geometry'
import { originOn, machineSchema } from '../machine'
import { randomFrom } from '../statistics'
import { stretchTime } from '../plan'
import { familySchema } from '../stock'
import { hiddenSheet, laserLike, readPart, type Hidden, type HiddenSheet } from './hidden'
import { piecesOf } from './pieces'
import { burn, overBridges, waysOf } from './runs'
import { laser as words } from './words'

const length = z.number().min(1).max(10_000)

/** What lies in a simulated laser, and what its owner knows of both. Lengths in mm. */
export const laserSetupSchema = z.strictObject({
  seed: z.number().int().min(0).max(1_000_000_000),
  /** Whether it is like the owner's, or any laser. */
  like: z.enum(['mine', 'any']),
  machine: machineSchema.pick({
    watts: true,
    maxSpeed: true,
    travelSpeed: true,
    acceleration: true,
    origin: true,
    code: true,
  }),
  family: familySchema,
  sheet: z.strictObject({ number: z.number().int().min(0).max(999), width: length, height: length }),
  thickness: z.strictObject({ mean: z.number().min(0.05).max(50), doubt: z.number().min(0).max(5) }),
  kerf: z.strictObject({
    x: z.number().min(0.001).max(5),
    y: z.number().min(0.001).max(5),
    doubt: z.number().min(0).max(5),
  }),
  /** Energy of a setting that went through in a test, J/mm². */
  through: z.number().min(0.001).max(1000).nullable(),
})
export type LaserSetup = z.infer<typeof laserSetupSchema>

/** What one can do at a laser while it runs. */
export const LASER_ACTS = [
  'start',
  'pause',
  'go on',
  'stop',
  'open the door',
  'close the door',
  'bump',
] as const
export type LaserAct = (typeof LASER_ACTS)[number]

export type LaserPhase = 'empty' | 'ready' | 'running' | 'paused' | 'waiting' | 'done' | 'stopped'

/** What a simulated laser says of itself. Seconds, and mm on the load. */
export interface LaserState {
  simulation: string
  phase: LaserPhase
  at: Point
  beam: boolean
  air: boolean
  door: 'open' | 'closed'
  /** A flame stands over the cut: much energy, and no air. */
  flame: boolean
  bumped: boolean
  seconds: number
  of: number
}

/** A piece that one takes out of it, as it was cut. */
export interface LaserPiece {
  /** The way round it, as the program has it, on the load. */
  way: [number, number][]
  outline: [number, number][]
  holes: [number, number][][]
  thickness: number
  free: boolean
  faults: string[]
  /** As simulated calipers read it; what did not come free cannot be measured. */
  readings: { width: number; height: number; thickness: number } | null
}

type Done = { ok: true } | { ok: false; error: string }
const refused = (error: string): Done => ({ ok: false, error })

/** A move with when it is made. */
interface Timed extends CodeMove {
  start: number
  end: number
}

/** More energy than this many times what is needed flares up without air. [FM] */
const FLARES = 2.2
/** How far a sheet goes when somebody knocks against it, mm. [FM] */
const BUMP = { x: 1.6, y: -0.9 }

const pairs = (ring: Ring): [number, number][] =>
  ring.map(({ x, y }): [number, number] => [Math.round(x * 1e4) / 1e4, Math.round(y * 1e4) / 1e4])

/**
 * A laser that is none: it runs a program in its own time, can be paused, opened and bumped, and gives out
 * the pieces as they were cut. Its true kerf, power and sheet are hidden.
 */
export class SimulatedLaser {
  private readonly hidden: Hidden
  private readonly sheet: HiddenSheet
  private moves: Timed[] = []
  private phase: LaserPhase = 'empty'
  private clock = 0
  private door: LaserState['door'] = 'closed'
  private bumps: number[] = []

  constructor(private readonly setup: LaserSetup) {
    const { seed, like, family, kerf, through, sheet, thickness } = setup
    this.hidden = laserLike(like, seed, { family, kerf, doubt: kerf.doubt, through })
    const { number, width, height } = sheet
    this.sheet = hiddenSheet(seed, number, { width, height }, thickness, family, this.hidden.knots)
  }

  private isAtWork(): boolean {
    return this.phase === 'running' || this.phase === 'paused' || this.phase === 'waiting'
  }

  /** Takes a program, whole or not at all. */
  load(text: string): Done {
    const steps = this.loading(text)
    for (;;) {
      const step = steps.next()
      if (step.done) return step.value
    }
  }

  /** The same step by step: a server does other things between. */
  *loading(text: string): Generator<undefined, Done> {
    if (this.isAtWork()) return refused(words.stillWorkStop)
    const { machine, sheet } = this.setup
    const read = yield* codeSteps(text, machine.code)
    if (!read.ok) return read
    if (this.isAtWork()) return refused(words.stillWorkStop)
    const fast = read.moves.find(({ speed }) => speed !== null && speed > machine.maxSpeed * 1.001)
    if (fast) return refused(words.programAsksMm(fast.speed!.toFixed(0), machine.maxSpeed))
    const zero = originOn(sheet, machine.origin)
    const onLoad = ({ x, y }: Point): Point => ({ x: x + zero.x, y: y + zero.y })
    let clock = 0
    this.moves = read.moves.map((move) => {
      const way = Math.hypot(move.to.x - move.from.x, move.to.y - move.from.y)
      const pace = move.speed ?? machine.travelSpeed
      const start = clock
      clock += stretchTime(way, pace, machine.acceleration) * (1 + this.hidden.sluggish)
      return { ...move, from: onLoad(move.from), to: onLoad(move.to), start, end: clock }
    })
    this.clock = 0
    this.bumps = []
    this.phase = 'ready'
    return { ok: true }
  }

  private get total(): number {
    return this.moves[this.moves.length - 1]?.end ?? 0
  }

  /** Does something at the machine; what cannot be done is said. */
  act(act: LaserAct): Done {
    switch (act) {
      case 'start':
        if (this.phase !== 'ready') return refused(words.noProgramCould)
        return this.run()
      case 'go on':
        if (this.phase !== 'paused' && this.phase !== 'waiting') return refused(words.notWaitAnything)
        return this.run()
      case 'pause':
        if (this.phase !== 'running') return refused(words.notWork)
        this.phase = 'paused'
        return { ok: true }
      case 'stop':
        if (this.phase === 'empty') return refused(words.nothingRunningCould)
        this.phase = this.phase === 'done' ? 'done' : 'stopped'
        return { ok: true }
      case 'open the door':
        // Its interlock stops the beam at once.
        this.door = 'open'
        if (this.phase === 'running') this.phase = 'paused'
        return { ok: true }
      case 'close the door':
        this.door = 'closed'
        return { ok: true }
      case 'bump':
        this.bumps.push(this.clock)
        return { ok: true }
    }
  }

  private run(): Done {
    if (this.door === 'open') return refused(words.doorOpenClose)
    this.phase = 'running'
    return { ok: true }
  }

  /** Lets time go by, s of its own. */
  tick(seconds: number): void {
    if (this.phase !== 'running') return
    const to = Math.min(this.clock + Math.max(0, seconds), this.total)
    const stop = this.moves.find(({ waits, start }) => waits && start > this.clock && start <= to)
    this.clock = stop ? stop.start : to
    if (stop) this.phase = 'waiting'
    else if (to >= this.total) this.phase = 'done'
  }

  private moveAt(clock: number): Timed | undefined {
    let [low, high] = [0, this.moves.length - 1]
    while (low < high) {
      const middle = (low + high) >> 1
      if (this.moves[middle].end <= clock) low = middle + 1
      else high = middle
    }
    return this.moves[low]
  }

  state(): LaserState {
    const move = this.moveAt(this.clock)
    const share = move ? Math.min(1, (this.clock - move.start) / Math.max(1e-9, move.end - move.start)) : 0
    const at = move
      ? {
          x: move.from.x + (move.to.x - move.from.x) * share,
          y: move.from.y + (move.to.y - move.from.y) * share,
        }
      : { x: 0, y: 0 }
    const beam = this.phase === 'running' && (move?.power ?? 0) > 0
    const { watts } = this.setup.machine
    const energy = beam ? (watts * move!.power) / (move!.speed! * this.sheet.thickness(at.x, at.y)) : 0
    return {
      simulation: words.simulationNothingCut,
      phase: this.phase,
      at,
      beam,
      air: move?.air ?? false,
      door: this.door,
      flame: beam && !move!.air && energy > FLARES * this.hidden.need,
      bumped: this.bumps.length > 0,
      seconds: this.clock,
      of: this.total,
    }
  }

  /** The pieces as they were cut, once it is done or was stopped. */
  pieces(): { ok: true; pieces: LaserPiece[] } | { ok: false; error: string } {
    if (this.phase !== 'done' && this.phase !== 'stopped') return { ok: false, error: words.notDoneTake }
    // What was burnt after a knock lies elsewhere on the sheet.
    const burnt = this.moves
      .filter(({ end }) => end <= this.clock)
      .map((move) => {
        const knocks = this.bumps.filter((at) => at <= move.start).length
        const onSheet = ({ x, y }: Point): Point => ({ x: x - knocks * BUMP.x, y: y - knocks * BUMP.y })
        return knocks > 0 ? { ...move, from: onSheet(move.from), to: onSheet(move.to) } : move
      })
    const { machine, seed } = this.setup
    const { ways } = waysOf(burnt, machine, this.hidden)
    const pieces = piecesOf(
      burn(overBridges(ways), machine.watts, this.sheet, this.hidden),
      this.sheet,
      this.hidden,
    )
    const random = randomFrom(seed * 17 + 3)
    return {
      ok: true,
      pieces: pieces.map(({ way, shape, thickness, free, faults }) => ({
        way: pairs(way),
        outline: pairs(shape.outline),
        holes: shape.holes.map(pairs),
        thickness,
        free,
        faults,
        readings: free ? readPart(sizeOf(shape), thickness, this.hidden, random) : null,
      })),
    }
  }
}
