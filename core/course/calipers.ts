import { randomFrom } from '../statistics'
import type { Lesson } from './lesson'
import { dialStep, meetingLine, offMark, scaleIn, stepOf, type Scale } from './scale'

/** What happened last. */
type CalipersEvent =
  | ''
  | 'right'
  | 'a whole mark'
  | 'a whole turn'
  | 'too wide'
  | 'too narrow'
  | 'still open'
  | 'not at zero'
  | 'zero'
  | 'touches'
  | 'not closed'
  | 'met'
  | 'off a mark'

/** Calipers on the bench. Lengths in mm. */
export interface CalipersState {
  scale: Scale
  /** How far the jaws are open. */
  jaws: number
  /** How thick the strip is that is to be read, and whether it lies between the jaws. */
  strip: number
  /** What the jaws are to be set to: by the vernier, and by the dial. */
  target: { vernier: number; dial: number }
  /** How far the dial's ring is turned from where its pointer would stand at nothing when closed. */
  ring: number
  /** Which of the four things are done. */
  done: number
  /** The line that was pointed at last. */
  line: number
  event: CalipersEvent
}

export type CalipersAct =
  | { do: 'open'; to: number }
  | { do: 'tighten' }
  | { do: 'point'; line: number }
  | { do: 'turn'; ring: number }

/** The jaws of these calipers open no further, mm: longer scales are read the same way. */
export const WIDEST = 16
const SET = 0
const READ = 1
const ZERO = 2

/** The instrument of what is to be done now: the vernier for two things, then the dial. */
export const isDial = ({ done }: Pick<CalipersState, 'done'>): boolean => done >= ZERO
export const hasStrip = ({ done }: Pick<CalipersState, 'done'>): boolean => done === READ

/** What the dial shows, mm: of the jaws, where its ring was never set to nothing. */
export const dialShows = ({ jaws, ring }: Pick<CalipersState, 'jaws' | 'ring'>): number => jaws + ring

const near = (a: number, b: number, by: number): boolean => Math.abs(a - b) < by / 2 + 1e-9

function tightened(state: CalipersState): CalipersState {
  const { scale, jaws, target, done } = state
  if (done === SET) {
    const by = jaws - target.vernier
    if (near(by, 0, stepOf(scale))) return { ...state, done: READ, event: 'right' }
    const isWhole = near(Math.abs(by), scale.division, stepOf(scale))
    return { ...state, event: isWhole ? 'a whole mark' : by > 0 ? 'too wide' : 'too narrow' }
  }
  if (done === ZERO) {
    if (jaws > dialStep(scale) / 2) return { ...state, event: 'still open' }
    return near(dialShows(state), 0, dialStep(scale))
      ? { ...state, done: done + 1, event: 'zero' }
      : { ...state, event: 'not at zero' }
  }
  if (done !== ZERO + 1) return state
  const by = dialShows(state) - target.dial
  if (near(by, 0, dialStep(scale))) return { ...state, done: done + 1, event: 'right' }
  const turns = Math.round(by / scale.turn)
  const isTurn = turns !== 0 && near(by, turns * scale.turn, dialStep(scale))
  return { ...state, event: isTurn ? 'a whole turn' : by > 0 ? 'too wide' : 'too narrow' }
}

function pointed(state: CalipersState, line: number): CalipersState {
  const { scale, jaws, strip, done } = state
  if (done !== READ) return state
  if (jaws > strip + 1e-6) return { ...state, event: 'not closed' }
  if (line !== meetingLine(scale, jaws)) return { ...state, line, event: 'off a mark' }
  return { ...state, line, done: ZERO, jaws: scale.turn * 2.3, event: 'met' }
}

const FEEDBACK: Partial<Record<CalipersEvent, string>> = {
  right: 'Right: tight, and that is what it shows.',
  'a whole mark': 'A whole mark off. Read the last mark before the vernier’s zero first, then its line.',
  'a whole turn': 'The pointer is right. The bar beside it counts the turns: it is whole turns off.',
  'too wide': 'The jaws are too wide. Loosen the screw and close them a little.',
  'too narrow': 'The jaws are too narrow. Loosen the screw and open them a little.',
  'still open': 'The jaws are not closed yet. Only closed jaws tell where zero is.',
  'not at zero': 'The jaws are closed, and the pointer is not at 0. Turn the ring until it is.',
  zero: 'Closed, and at 0. Wipe the jaws and check this each time you begin.',
  met: 'Right: that line runs straight on into a mark.',
  'not closed': 'The jaws do not touch the strip yet. Close them until they stop.',
}

export const CALIPERS_LESSON: Lesson<CalipersState, CalipersAct> = {
  id: 'calipers',
  begin: ({ seed }, unit) => {
    const scale = scaleIn(unit)
    const random = randomFrom(seed * 17 + 11)
    /** Steps that are no whole marks. */
    const steps = (from: number): number =>
      Math.round(from / scale.division) * scale.lines + 3 + Math.floor(random() * (scale.lines - 5))
    const turns = 1 + Math.floor(2 * random())
    return {
      scale,
      jaws: 14,
      strip: steps(2.5) * stepOf(scale),
      target: {
        vernier: steps(5) * stepOf(scale),
        dial: (turns * 100 + 12 + Math.floor(random() * 76)) * dialStep(scale),
      },
      ring: (8 + Math.floor(random() * 20)) * dialStep(scale),
      done: 0,
      line: 0,
      event: '',
    }
  },
  act: (state, act) => {
    switch (act.do) {
      case 'open': {
        const least = hasStrip(state) ? state.strip : 0
        const jaws = Math.min(WIDEST, Math.max(least, act.to))
        return { ...state, jaws, event: least > 0 && jaws === least ? 'touches' : '' }
      }
      case 'turn':
        return isDial(state) ? { ...state, ring: act.ring, event: '' } : state
      case 'point':
        return pointed(state, act.line)
      case 'tighten':
        return tightened(state)
    }
  },
  goals: ({ target, done }, say) => [
    { text: `Set the jaws to ${say.length(target.vernier)} by the vernier, and tighten.`, done: done > SET },
    { text: 'Close the jaws on the strip, and point at the line that meets a mark.', done: done > READ },
    { text: 'Close the jaws of the dial calipers, turn the ring to 0, and tighten.', done: done > ZERO },
    {
      text: `Set the jaws to ${say.length(target.dial)} by the dial, and tighten.`,
      done: done > ZERO + 1,
    },
  ],
  feedback: ({ event, scale, strip, jaws, line }, say) => {
    if (event === 'touches') return 'The jaws touch the strip.'
    if (event === 'met') return `${FEEDBACK.met} The strip is ${say.length(strip)} thick.`
    if (event === 'off a mark')
      return `Line ${line} is ${say.length(offMark(scale, jaws, line))} off a mark. Find one that runs on.`
    return FEEDBACK[event] ?? ''
  },
  hint: ({ done, scale }, say) =>
    done < ZERO
      ? `From mark to mark it is ${say.length(scale.division)}; each line of the vernier counts ` +
        `${say.length(stepOf(scale))} more.`
      : `One turn of the pointer is ${say.length(scale.turn)}, and each of its marks ` +
        `${say.length(dialStep(scale))}.`,
}
