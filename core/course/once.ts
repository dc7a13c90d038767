import { compensationFor } from '../kerf'
import type { Lesson } from './lesson'

/** A tab and a notch, drawn as wide, and where the path runs beside their drawn lines. Lengths in mm. */
export interface OnceState {
  kerf: number
  drawn: number
  /** How far the path runs outside of the tab's line, or inside of the notch's: the compensation. */
  path: number
  /** Whether the laser's software moves every line by half of the kerf as well. */
  software: boolean
  piece: 'tab' | 'notch'
  /** What the piece cut last measures; null before. */
  made: number | null
  done: number
}

export type OnceAct =
  { do: 'path'; to: number } | { do: 'cut' } | { do: 'software'; on: boolean } | { do: 'next' }

/** A piece this near to its drawn size is right, mm. */
const NEAR = 0.021
const MOST = 0.5

/** What a line moved by `c` leaves: a tab `w − k + 2c`, a notch `w + k − 2c`. [DEF] */
function comesOut({ kerf, drawn, path, software, piece }: Omit<OnceState, 'made' | 'done'>): number {
  const moved = path + (software ? compensationFor(kerf) : 0)
  return piece === 'tab' ? drawn - kerf + 2 * moved : drawn + kerf - 2 * moved
}

const isRight = ({ made, drawn }: OnceState): boolean => made !== null && Math.abs(made - drawn) <= NEAR

/** The task after one that came out right: the notch, then the laser's software that moves lines as well. */
function cut(state: OnceState): OnceState {
  const made = comesOut(state)
  const after = { ...state, made }
  if (!isRight(after)) return after
  const done = Math.min(3, state.done + 1)
  return { ...after, done }
}

/** What is next on the bench, where the piece before it came out right; null where nothing is. */
export function nextPiece({ done, piece, software }: OnceState): 'notch' | 'tab' | null {
  if (done === 1 && piece === 'tab') return 'notch'
  return done === 2 && !software && piece === 'notch' ? 'tab' : null
}

/** The notch begins on its line; the second tab with a right path, and software that moves it once more. */
function next(state: OnceState): OnceState {
  const piece = nextPiece(state)
  if (!piece) return state
  const isTab = piece === 'tab'
  return { ...state, piece, path: isTab ? compensationFor(state.kerf) : 0, software: isTab, made: null }
}

export const ONCE_LESSON: Lesson<OnceState, OnceAct> = {
  id: 'once',
  begin: ({ machine }, unit) => ({
    kerf: machine.kerf.x,
    drawn: unit === 'in' ? 12.7 : 12,
    path: 0,
    software: false,
    piece: 'tab',
    made: null,
    done: 0,
  }),
  act: (state, act) => {
    switch (act.do) {
      case 'path':
        return { ...state, path: Math.min(MOST, Math.max(0, act.to)), made: null }
      case 'software':
        return { ...state, software: act.on, made: null }
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
  said: (state, say) => {
    const { made, drawn, kerf, path, software, piece } = state
    if (made === null) return ''
    const size = `The ${piece} measures ${say.length(made)}`
    if (isRight(state))
      return software || path > 0.001
        ? `${size}, as drawn. ${software ? 'Only the software' : 'Only the path'} makes up for the beam.`
        : `${size}, as drawn.`
    const isTwice = software && path > 0.01
    if (isTwice) return `${size}: the beam is made up for twice. Leave it to one of the two.`
    if (Math.abs(path - kerf) < NEAR)
      return `${size}. You moved the path by the full kerf. Half of the beam lies on each side of the path.`
    const isLarge = made > drawn
    return `${size}, ${say.length(Math.abs(made - drawn))} too ${isLarge ? 'wide' : 'narrow'}.`
  },
  hint: ({ kerf, done }, say) =>
    done < 2
      ? `The beam takes ${say.fine(kerf)}, half of it on each side of the path: ` +
        `the path runs ${say.fine(compensationFor(kerf))} outside of what is to stay.`
      : 'One of the two must move the lines, never both. That is why every cut file says which.',
  notes: ({ kerf }) => ({ compensation: compensationFor(kerf) }),
}
