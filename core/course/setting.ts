import { CHARS } from '../rehearse'
import { cutEnergy } from '../tune'
import type { Lesson } from './lesson'
import type { World } from './world'

/** The laser of the course: its watts, and the power that it cuts at, per cent. */
export const LASER = { watts: 40, power: 65 }
const AT = { power: LASER.power, passes: 1, air: true }

/** So much more energy than just cuts is sure; beyond the second it is slow for nothing. [FM] */
const SURE = 1.1
const SLOW = 1.7

/** Whether a cut with so much energy over what just cuts is worth setting a job to. */
export const isSure = (ratio: number): boolean => ratio >= SURE && ratio <= SLOW
export const isSlow = (ratio: number): boolean => ratio > SLOW

const SQUARES = 6
export const SPEEDS = { least: 2, most: 40 }

/** A test square: how fast its outline was cut, and whether somebody lifted it, mm/s. */
interface TestSquare {
  speed: number
  lifted: boolean
}

export interface SettingState {
  world: World
  /** The slowest and the fastest speed of the sheet, mm/s. */
  from: number
  to: number
  squares: TestSquare[]
  last: number | null
  sheets: number
  /** What the job is to be cut at; null until a speed was chosen. */
  chosen: number | null
}

export type SettingAct =
  | { do: 'from' | 'to' | 'choose'; speed: number }
  | { do: 'cut' }
  | { do: 'lift'; square: number }

/** What becomes of a square that is lifted. */
export type SquareResult = 'holds' | 'just free' | 'free' | 'charred'

/** Energy over what just cuts. */
export const energyRatio = ({ machine, thickness }: World, speed: number): number =>
  cutEnergy({ ...AT, speed }, LASER.watts, thickness) / machine.need

export function resultAt(world: World, speed: number): SquareResult {
  const ratio = energyRatio(world, speed)
  return ratio < 1 ? 'holds' : ratio < SURE ? 'just free' : ratio > CHARS ? 'charred' : 'free'
}

/** Speeds for a job that are sure and not slow for nothing, mm/s. */
export function sureSpeeds(world: World): { from: number; to: number } {
  const just = energyRatio(world, 1)
  return { from: Math.ceil((just / SLOW) * 2) / 2, to: Math.floor((just / SURE) * 2) / 2 }
}

const toSetting = (speed: number): number =>
  Math.min(SPEEDS.most, Math.max(SPEEDS.least, Math.round(speed * 2) / 2))

const WORDS: Record<SquareResult, string> = {
  holds: 'It holds on. Leave it: a square that has to be broken out is not cut.',
  'just free': 'It comes free, just. The next knot would hold it.',
  free: 'It falls out by itself, with a clean edge.',
  charred: 'It is free, and its edge is charred. Slower than it needs.',
}

function cutSheet(state: SettingState): SettingState {
  const { from, to } = state
  const speeds = Array.from({ length: SQUARES }, (_, i) => from + ((to - from) * i) / (SQUARES - 1))
  const squares = speeds.map((speed) => ({ speed: Number(speed.toFixed(1)), lifted: false }))
  return { ...state, squares, last: null, sheets: state.sheets + 1 }
}

export const SETTING_LESSON: Lesson<SettingState, SettingAct> = {
  id: 'setting',
  begin: (world) => ({
    world,
    from: 20,
    to: 40,
    squares: [],
    last: null,
    sheets: 0,
    chosen: null,
  }),
  act: (state, act) => {
    switch (act.do) {
      case 'from':
        return { ...state, from: Math.min(toSetting(act.speed), state.to - 1) }
      case 'to':
        return { ...state, to: Math.max(toSetting(act.speed), state.from + 1) }
      case 'choose':
        return { ...state, chosen: toSetting(act.speed), last: null }
      case 'cut':
        return cutSheet(state)
      case 'lift': {
        if (!state.squares[act.square]) return state
        const squares = state.squares.map((each, i) => (i === act.square ? { ...each, lifted: true } : each))
        return { ...state, squares, last: act.square }
      }
    }
  },
  goals: (state) => {
    const lifted = state.squares
      .filter(({ lifted }) => lifted)
      .map(({ speed }) => resultAt(state.world, speed))
    const isTold = lifted.includes('holds') && lifted.some((comes) => comes !== 'holds')
    const ratio = state.chosen === null ? 0 : energyRatio(state.world, state.chosen)
    return [
      { text: 'Cut a test sheet. Its six squares go from slow to fast.', done: state.sheets > 0 },
      {
        text: 'Lift the squares. One sheet should have some that come free, and some that hold.',
        done: isTold,
      },
      {
        text: 'Choose the speed for the job: as fast as comes free for sure.',
        done: isTold && isSure(ratio),
      },
    ]
  },
  feedback: (state, say) => {
    const { last, squares, chosen } = state
    if (last !== null)
      return `${say.speed(squares[last].speed)}: ${WORDS[resultAt(state.world, squares[last].speed)]}`
    if (chosen === null) return ''
    const ratio = energyRatio(state.world, chosen)
    const share = `${say.speed(chosen)} gives ${Math.round(ratio * 100)} % of the energy that just cuts.`
    if (ratio < SURE) return `${share} Knots and glue lines would hold. Go slower.`
    return isSlow(ratio) ? `${share} That is slower than it needs. Go faster.` : `${share} Clean, and sure.`
  },
  hint: (state, say) => {
    if (state.squares.length === 0) return 'Guess. The sheet tells you whether you are near.'
    const comes = state.squares.map(({ speed }) => resultAt(state.world, speed))
    if (comes.every((each) => each === 'holds')) return 'All hold: cut another sheet with slower squares.'
    if (!comes.includes('holds')) return 'All come free: cut another sheet with faster squares.'
    const fastest = Math.max(
      ...state.squares.filter((_, i) => comes[i] !== 'holds').map(({ speed }) => speed),
    )
    return `The fastest that comes free is ${say.speed(fastest)}. Leave a tenth or two of energy to spare.`
  },
  notes: ({ chosen }) => (chosen === null ? {} : { speed: chosen }),
}
