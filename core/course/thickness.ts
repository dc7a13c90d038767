import type { Point } from '../geometry'
import { advisedNumbers, newStock, thicknessOf } from '../stock'
import { CALIPERS, randomFrom, shownBy } from '../statistics'
import type { Lesson } from './lesson'
import { readingsOf } from './my-tray'
import type { World } from './world'

/** A reading: where, and what the calipers showed, mm. */
interface SpotReading extends Point {
  value: number
}

export interface ThicknessState {
  world: World
  /** Where the calipers would close. */
  at: Point
  /** Whether the film is on; readings that were taken with it go when it is peeled off. */
  film: boolean
  readings: SpotReading[]
  /** What was chosen for tab lengths, and for slots; null until something was. */
  flags: { tabs: number | null; slots: number | null }
  event: '' | 'too far in' | 'same place' | 'film' | 'peeled' | 'read'
}

export type ThicknessAct =
  | { do: 'move'; to: Point }
  | { do: 'read' }
  | { do: 'peel' }
  | { do: 'flag'; for: 'tabs' | 'slots'; at: number }

/** How far in from the edge jaws reach, mm. [FM] */
const REACH = 40
/** Masking film on both faces, mm. [FM] */
const FILM = 0.11
/** Readings of one place tell one thing twice, mm. */
const APART = 30
const LEAST = 6
/** How near a flag has to be set, mm. */
const NEAR = 0.011

const SIDES = ['left', 'right', 'front', 'back'] as const

/** How far a place is from each edge of the sheet, mm. */
const fromEdges = ({ x, y }: Point, { sheet }: World): Record<(typeof SIDES)[number], number> => ({
  left: x,
  right: sheet.width - x,
  front: y,
  back: sheet.height - y,
})

/** Readings of the sheet itself. */
const bare = ({ film, readings }: ThicknessState): SpotReading[] => (film ? [] : readings)

/** Edges of the sheet that no reading without film was taken at. */
const edgesLeft = (state: ThicknessState): string[] =>
  SIDES.filter((side) => !bare(state).some((spot) => fromEdges(spot, state.world)[side] <= REACH))

/** What the readings come to; null with none. */
export function numbersOf(state: ThicknessState): { tabs: number; slots: number } | null {
  const readings = readingsOf(
    bare(state).map(({ value }) => value),
    '',
  )
  if (readings.length === 0) return null
  const known = thicknessOf({ ...newStock('course', 'Sheet'), readings })
  const advised = advisedNumbers(known)
  return { tabs: advised.tabLength, slots: advised.slotWidth }
}

function readAt(state: ThicknessState): ThicknessState {
  const { world, at, film, readings } = state
  if (Math.min(...Object.values(fromEdges(at, world))) > REACH) return { ...state, event: 'too far in' }
  if (bare(state).some((spot) => Math.hypot(spot.x - at.x, spot.y - at.y) < APART))
    return { ...state, event: 'same place' }
  const random = randomFrom(world.seed * 101 + readings.length * 7 + 1)
  const thickness = world.sheet.thickness(at.x, at.y) + (film ? FILM : 0)
  const value = shownBy(CALIPERS, thickness, random)
  const flags = { tabs: null, slots: null }
  return { ...state, readings: [...readings, { ...at, value }], flags, event: film ? 'film' : 'read' }
}

export const THICKNESS_LESSON: Lesson<ThicknessState, ThicknessAct> = {
  id: 'thickness',
  begin: (world) => ({
    world,
    at: { x: world.sheet.width / 2, y: 20 },
    film: true,
    readings: [],
    flags: { tabs: null, slots: null },
    event: '',
  }),
  act: (state, act) => {
    switch (act.do) {
      case 'move': {
        const { width, height } = state.world.sheet
        const into = (value: number, most: number): number => Math.min(most - 5, Math.max(5, value))
        return { ...state, at: { x: into(act.to.x, width), y: into(act.to.y, height) }, event: '' }
      }
      case 'read':
        return readAt(state)
      case 'peel':
        return { ...state, film: false, readings: [], event: 'peeled' }
      case 'flag':
        return { ...state, flags: { ...state.flags, [act.for]: act.at }, event: '' }
    }
  },
  goals: (state) => {
    const numbers = numbersOf(state)
    const isSet = (flag: number | null, to: number | undefined): boolean =>
      flag !== null && to !== undefined && Math.abs(flag - to) <= NEAR
    const isRead = bare(state).length >= LEAST && edgesLeft(state).length === 0
    return [
      { text: 'Peel the film off.', done: !state.film },
      { text: `Take ${LEAST} readings or more, some at every edge.`, done: isRead },
      {
        text: 'Set the flag for tab lengths to the mean of your readings.',
        done: isRead && isSet(state.flags.tabs, numbers?.tabs),
      },
      {
        text: 'Set the flag for slots to the thickest place.',
        done: isRead && isSet(state.flags.slots, numbers?.slots),
      },
    ]
  },
  feedback: (state, say) => {
    const { event, readings, world } = state
    const last = readings[readings.length - 1]
    switch (event) {
      case 'too far in':
        return `Jaws reach ${say.short(REACH)} in from an edge. Move nearer to one.`
      case 'same place':
        return 'You have read this place. Take another one: a sheet is not even.'
      case 'film':
        return `${say.length(last.value)}, with the film on: that is film and sheet together.`
      case 'peeled':
        return 'The film is off. Readings that were taken with it are gone.'
      case 'read': {
        const off = last.value - world.label
        return `${say.length(last.value)}: ${say.signed(off)} against the label.`
      }
      default:
        return ''
    }
  },
  hint: (state) => {
    const left = edgesLeft(state)
    if (state.film) return 'Film is not part of the box: peel it off before you read.'
    if (left.length > 0) return `No reading yet at the ${left.join(', the ')} edge.`
    return 'Tabs are as long as the sheet is thick on the whole. A slot has to take its thickest place.'
  },
  notes: (state) => ({ thickness: bare(state).map(({ value }) => value) }),
}
