import { compensationFor } from '../kerf'
import type { Lesson } from './lesson'

/** A tab and a notch, drawn as wide, and where the path runs beside their drawn lines. Lengths in mm. */
export interface CompensationState {
  kerf: number
  drawn: number
  /** How far the path runs outside of the tab's line, or inside of the notch's: the compensation. */
  path: number
  /** Whether the laser's software moves every line by half of the kerf as well. */
  software: boolean
  piece: 'tab' | 'notch'
  /** What calipers show of the piece that was cut last; null before. */
  measured: number | null
  /** Which of the three tasks is on the bench, and how many are done. */
  task: number
  done: number
}

export type CompensationAct =
  | { do: 'path'; to: number }
  | { do: 'cut' }
  | { do: 'software'; on: boolean }
  | { do: 'next' }

/** A piece this near to its drawn size is right, mm. */
const NEAR = 0.021
const MOST = 0.5

/** What is cut, one after the other: in the end the laser's software moves lines as well. */
const TASKS = [
  { piece: 'tab', software: false },
  { piece: 'notch', software: false },
  { piece: 'tab', software: true },
] as const

/** What a line moved by `c` leaves: a tab `w − k + 2c`, a notch `w + k − 2c`. [DEF] */
function comesOut({ kerf, drawn, path, software, piece }: CompensationState): number {
  const moved = path + (software ? compensationFor(kerf) : 0)
  return piece === 'tab' ? drawn - kerf + 2 * moved : drawn + kerf - 2 * moved
}

const isRight = ({ measured, drawn }: CompensationState): boolean =>
  measured !== null && Math.abs(measured - drawn) <= NEAR

/** A piece that came out right is done, and no other one with it. */
function cut(state: CompensationState): CompensationState {
  const after = { ...state, measured: comesOut(state) }
  return isRight(after) ? { ...after, done: Math.max(state.done, state.task + 1) } : after
}

/** What is next on the bench, where this piece came out right; null where nothing is. */
export const nextPiece = ({ done, task }: CompensationState): 'tab' | 'notch' | null =>
  done > task ? (TASKS[done]?.piece ?? null) : null

/** The notch begins on its line; the second tab on a right path, which software then moves once more. */
function next(state: CompensationState): CompensationState {
  if (!nextPiece(state)) return state
  const task = TASKS[state.done]
  const path = task.software ? compensationFor(state.kerf) : 0
  return { ...state, ...task, task: state.done, path, measured: null }
}

export const COMPENSATION_LESSON: Lesson<CompensationState, CompensationAct> = {
  id: 'compensation',
  begin: ({ machine }, unit) => ({
    kerf: machine.kerf.x,
    drawn: unit === 'in' ? 12.7 : 12,
    path: 0,
    ...TASKS[0],
    measured: null,
    task: 0,
    done: 0,
  }),
  act: (state, act) => {
    switch (act.do) {
      case 'path':
        return { ...state, path: Math.min(MOST, Math.max(0, act.to)), measured: null }
      case 'software':
        return { ...state, software: act.on, measured: null }
      case 'cut':
        return cut(state)
      case 'next':
        return next(state)
    }
  },
  goals: ({ drawn, done }, say) => [
    { text: `Move the path until the tab comes out at ${say.length(drawn)}. Cut it.`, done: done > 0 },
    { text: 'Do the same for the notch that it enters.', done: done > 1 },
    {
      text: 'Now the laser’s software moves every line as well. Make the tab come out right again.',
      done: done > 2,
    },
  ],
  feedback: (state, say) => {
    const { measured, drawn, kerf, path, software, piece } = state
    if (measured === null) return ''
    const size = `The ${piece} measures ${say.length(measured)}`
    if (isRight(state))
      return software || path > 0.001
        ? `${size}, as drawn. ${software ? 'Only the software' : 'Only the path'} makes up for the beam.`
        : `${size}, as drawn.`
    const isTwice = software && path > 0.01
    if (isTwice) return `${size}: the beam is made up for twice. Leave it to one of the two.`
    if (Math.abs(path - kerf) < NEAR)
      return `${size}. You moved the path by the full kerf. Half of the beam lies on each side of the path.`
    const isLarge = measured > drawn
    return `${size}, ${say.length(Math.abs(measured - drawn))} too ${isLarge ? 'wide' : 'narrow'}.`
  },
  hint: ({ kerf, done }, say) =>
    done < 2
      ? `The beam takes ${say.fine(kerf)}, half of it on each side of the path: ` +
        `the path runs ${say.fine(compensationFor(kerf))} outside of what is to stay.`
      : 'One of the two must move the lines, never both. That is why every cut file says which.',
  notes: ({ kerf }) => ({ compensation: compensationFor(kerf) }),
}
