import { wordFor } from '../fit'
import { compensationFor } from '../kerf'
import { randomFrom } from '../statistics'
import { boundaryGap } from './gap'
import type { Lesson } from './lesson'
import { energyRatio, isSlow, isSure, resultAt, SPEEDS } from './setting'
import type { World } from './world'

/** What a cut was made with: compensation per side and slot width in mm, speed in mm/s. */
export interface Setup {
  compensation: number
  slots: number
  speed: number
}

export interface ResultState {
  world: World
  setup: Setup
  /** What the box on the bench was cut with. */
  cut: Setup
  inspected: Place[]
  last: Place | null
  boxes: number
}

/** What can be looked at on a box that was cut: a tab, a slot with the sheet in it, an edge at the back. */
export const PLACES = ['tab', 'slot', 'edge'] as const
export type Place = (typeof PLACES)[number]

export type ResultAct =
  | { do: 'look'; at: Place }
  | { do: 'set'; name: keyof Setup; to: number }
  | { do: 'cut' }

/** Drawn width of a tab, mm. */
export const TAB_WIDTH = 10
/** Play that a slot is to have round the sheet, mm: it goes in, and does not rattle. [FM] */
const PLAY = { least: -0.005, most: 0.08 }

export const SET_LIMITS: Record<keyof Setup, { least: number; most: number; step: number }> = {
  compensation: { least: 0, most: 0.4, step: 0.005 },
  slots: { least: 2.5, most: 3.5, step: 0.01 },
  speed: { least: SPEEDS.least, most: SPEEDS.most, step: 0.5 },
}

type Cut = Pick<ResultState, 'world' | 'cut'>

/** How the back of an edge looks. */
export type EdgeLook = 'splintered' | 'fibres' | 'brown' | 'clean'

function edgeOf({ world, cut }: Cut): EdgeLook {
  const result = resultAt(world, cut.speed)
  if (result === 'holds') return 'splintered'
  if (result === 'just free') return 'fibres'
  return isSlow(energyRatio(world, cut.speed)) ? 'brown' : 'clean'
}

/** A tab of the box, its gap, and what its slot has left round the sheet, mm; and its edge. [DEF] */
export function measuresOf(box: Cut): { tab: number; gap: number; play: number; edge: EdgeLook } {
  const { world, cut } = box
  const kerf = world.machine.kerf.x
  return {
    tab: TAB_WIDTH - kerf + 2 * cut.compensation,
    gap: boundaryGap(kerf, cut.compensation),
    play: cut.slots - world.thickness,
    edge: edgeOf(box),
  }
}

/** What is right of a cut. */
export function rightOf(box: Cut): Record<Place, boolean> {
  const { gap, play } = measuresOf(box)
  return {
    tab: wordFor(gap) === 'snug',
    slot: play >= PLAY.least && play <= PLAY.most,
    edge: isSure(energyRatio(box.world, box.cut.speed)),
  }
}

/** A setup with two slips of the three that are made most. */
function slippedSetup(world: World): Setup {
  const { thickness } = world
  const random = randomFrom(world.seed * 53 + 21)
  const kerf = world.machine.kerf.x
  const just = energyRatio(world, 1)
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

const EDGES: Record<EdgeLook, string> = {
  splintered: 'The back holds at two knots: it was broken out, and splintered.',
  fibres: 'The back came free, just: fibres hang on at a knot.',
  brown: 'The back came free, and is brown from heat.',
  clean: 'The back is clean, all round.',
}

export const RESULT_LESSON: Lesson<ResultState, ResultAct> = {
  id: 'result',
  begin: (world) => {
    const setup = slippedSetup(world)
    return { world, setup, cut: setup, inspected: [], last: null, boxes: 1 }
  },
  act: (state, act) => {
    switch (act.do) {
      case 'look': {
        const others = state.inspected.filter((place) => place !== act.at)
        return { ...state, inspected: [...others, act.at], last: act.at }
      }
      case 'set': {
        const { least, most } = SET_LIMITS[act.name]
        return { ...state, setup: { ...state.setup, [act.name]: Math.min(most, Math.max(least, act.to)) } }
      }
      case 'cut':
        return { ...state, cut: state.setup, inspected: [], last: null, boxes: state.boxes + 1 }
    }
  },
  goals: (state) => {
    const right = rightOf(state)
    const isFirst = state.boxes === 1
    const all = PLACES.every((place) => state.inspected.includes(place))
    return [
      { text: 'Look at a tab, a slot and the back of an edge.', done: all || !isFirst },
      { text: 'Change what was wrong, and cut the box again.', done: !isFirst },
      {
        text: 'Look at all three again: snug tabs, slots that take the sheet, edges that came free.',
        done: !isFirst && all && PLACES.every((place) => right[place]),
      },
    ]
  },
  feedback: (state, say) => {
    const { last, world, boxes } = state
    if (!last) return boxes > 1 ? `Box ${boxes} lies on the bench.` : ''
    const { tab, gap, play, edge } = measuresOf(state)
    const sheet = `The sheet, ${say.length(world.thickness)},`
    switch (last) {
      case 'tab':
        return `A tab drawn ${say.length(TAB_WIDTH)} measures ${say.length(tab)}. Its fit is ${wordFor(gap)}.`
      case 'slot':
        return play < PLAY.least
          ? `${sheet} does not go into the slot: it is ${say.length(-play)} too thick.`
          : `${sheet} goes into the slot with ${say.length(play)} of play.`
      case 'edge':
        return EDGES[edge]
    }
  },
  hint: (state, say) => {
    const right = rightOf(state)
    if (state.inspected.length < PLACES.length) return 'Look at all three before you change anything.'
    if (!right.tab)
      return `The beam takes ${say.fine(state.world.machine.kerf.x)}. Half of it makes up for one side.`
    if (!right.slot) return `The label says ${say.short(state.world.label)}; the sheet differs.`
    return right.edge ? 'Nothing is wrong any more.' : 'Slower gives the cut more energy; too slow chars it.'
  },
}
