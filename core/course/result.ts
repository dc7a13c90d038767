import { wordFor } from '../fit'
import { compensationFor } from '../kerf'
import { randomFrom } from '../statistics'
import { boundaryGap } from './gap'
import type { Lesson } from './lesson'
import { comesAt, ratioAt, SPEEDS } from './setting'
import type { World } from './world'

/** What a cut was made with: compensation per side and slot width in mm, speed in mm/s. */
export interface Setup {
  compensation: number
  slots: number
  speed: number
}

export interface ResultState {
  world: World
  thickness: number
  setup: Setup
  /** What the box on the bench was cut with. */
  cut: Setup
  looked: Look[]
  last: Look | null
  boxes: number
}

/** What can be looked at on a box that was cut: a tab, a slot with the sheet in it, an edge at the back. */
const LOOKS = ['tab', 'slot', 'edge'] as const
export type Look = (typeof LOOKS)[number]

export type ResultAct =
  { do: 'look'; at: Look } | { do: 'set'; name: keyof Setup; to: number } | { do: 'cut' }

/** Drawn width of a tab, mm. */
export const TAB = 10
/** Play that a slot is to have round the sheet, mm: it goes in, and does not rattle. [FM] */
const PLAY = { least: -0.005, most: 0.08 }
const NEED = { least: 1.1, most: 1.7 }

export const SET_LIMITS: Record<keyof Setup, { least: number; most: number; step: number }> = {
  compensation: { least: 0, most: 0.4, step: 0.005 },
  slots: { least: 2.5, most: 3.5, step: 0.01 },
  speed: { least: SPEEDS.least, most: SPEEDS.most, step: 0.5 },
}

type Cut = Pick<ResultState, 'world' | 'thickness' | 'cut'>

/** A tab of the box, and what its slot has left round the sheet, mm; energy over what just cuts. [DEF] */
export function found({ world, thickness, cut }: Cut): {
  tab: number
  gap: number
  play: number
  ratio: number
} {
  const kerf = world.machine.kerf.x
  return {
    tab: TAB - kerf + 2 * cut.compensation,
    gap: boundaryGap(kerf, cut.compensation),
    play: cut.slots - thickness,
    ratio: ratioAt({ world, thickness }, cut.speed),
  }
}

/** What is right of a cut. */
export function rightOf(state: Cut): Record<Look, boolean> {
  const { gap, play, ratio } = found(state)
  return {
    tab: wordFor(gap) === 'snug',
    slot: play >= PLAY.least && play <= PLAY.most,
    edge: ratio >= NEED.least && ratio <= NEED.most,
  }
}

/** A setup with two slips of the three that are made most. */
function slippedSetup(world: World): Setup {
  const { thickness } = world
  const random = randomFrom(world.seed * 53 + 21)
  const kerf = world.machine.kerf.x
  const just = ratioAt({ world, thickness }, 1)
  const right: Setup = {
    compensation: compensationFor(kerf),
    slots: thickness + 0.03,
    speed: just / 1.3,
  }
  const slips: Setup = {
    compensation: random() < 0.5 ? kerf : 0,
    slots: world.label,
    speed: just * 1.12,
  }
  const spared = (['compensation', 'slots', 'speed'] as const)[Math.floor(3 * random())]
  const setup = { ...slips, [spared]: right[spared] }
  return {
    compensation: Number(setup.compensation.toFixed(3)),
    slots: Number(setup.slots.toFixed(2)),
    speed: Number(setup.speed.toFixed(1)),
  }
}

export const RESULT_LESSON: Lesson<ResultState, ResultAct> = {
  id: 'result',
  begin: (world) => {
    const setup = slippedSetup(world)
    return { world, thickness: world.thickness, setup, cut: setup, looked: [], last: null, boxes: 1 }
  },
  act: (state, act) => {
    switch (act.do) {
      case 'look': {
        const looked = state.looked.includes(act.at) ? state.looked : [...state.looked, act.at]
        return { ...state, looked, last: act.at }
      }
      case 'set': {
        const { least, most } = SET_LIMITS[act.name]
        return { ...state, setup: { ...state.setup, [act.name]: Math.min(most, Math.max(least, act.to)) } }
      }
      case 'cut':
        return { ...state, cut: state.setup, looked: [], last: null, boxes: state.boxes + 1 }
    }
  },
  goals: (state) => {
    const right = rightOf(state)
    const isFirst = state.boxes === 1
    const all = LOOKS.every((look) => state.looked.includes(look))
    return [
      { text: 'Look at a tab, a slot and the back of an edge.', done: all || !isFirst },
      { text: 'Change what was wrong, and cut the box again.', done: !isFirst },
      {
        text: 'Look at all three again: snug tabs, slots that take the sheet, edges that came free.',
        done: !isFirst && all && LOOKS.every((look) => right[look]),
      },
    ]
  },
  said: (state, say) => {
    const { last, thickness, world, boxes, looked } = state
    if (!last) return boxes > 1 && looked.length === 0 ? `Box ${boxes} lies on the bench.` : ''
    const { tab, gap, play, ratio } = found(state)
    switch (last) {
      case 'tab':
        return `A tab drawn ${say.length(TAB)} measures ${say.length(tab)}. Its fit is ${wordFor(gap)}.`
      case 'slot':
        return play < PLAY.least
          ? `The sheet, ${say.reading(thickness)}, does not go into the slot: ${say.length(-play)} too thick.`
          : `The sheet, ${say.reading(thickness)}, goes into the slot with ${say.length(play)} of play.`
      case 'edge': {
        const comes = comesAt({ world, thickness }, state.cut.speed)
        if (comes === 'holds') return 'The back holds at two knots: it was broken out, and splintered.'
        if (comes === 'just free') return 'The back came free, just: fibres hang on at a knot.'
        return ratio > NEED.most
          ? 'The back came free, and is brown from heat.'
          : 'The back is clean, all round.'
      }
    }
  },
  hint: (state, say) => {
    const right = rightOf(state)
    if (state.looked.length < LOOKS.length) return 'Look at all three before you change anything.'
    if (!right.tab)
      return `The beam takes ${say.fine(state.world.machine.kerf.x)}. Half of it makes up for one side.`
    if (!right.slot) return `The label says ${say.short(state.world.label)}; the sheet is another thing.`
    return right.edge ? 'Nothing is wrong any more.' : 'Slower gives the cut more energy; too slow chars it.'
  },
}
