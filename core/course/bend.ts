import { flatLength, shearOf } from '../bend'
import { randomFrom } from '../statistics'
import type { Lesson } from './lesson'

/** A strip that is to bend round a quarter turn. Lengths in mm, angles in degrees. */
export interface BendState {
  thickness: number
  kerf: number
  /** Inside radius that is asked for. */
  radius: number
  /** Length of the slit zone along the strip, and links between its rows of slits. */
  flat: number
  rows: number
  /** Whether the links lie along the face grain. */
  along: boolean
  /** Shear at which links of this sheet break: along the grain, and across it. */
  breaks: { along: number; across: number }
  angle: number
  broke: boolean
}

export type BendAct =
  | { do: 'flat'; to: number }
  | { do: 'rows'; to: number }
  | { do: 'turn' }
  | { do: 'bend'; to: number }
  | { do: 'fresh' }

export const QUARTER = 90
/** Length of a link that twists, mm. */
const LINK = 11
const NEAR = 0.8
/** Links narrower than this burn away, mm. */
const NARROWEST = 0.5

/** Width of wood between two rows of slits: their pitch less the kerf, mm. [DEF] */
export const linkWidth = ({ flat, rows, kerf }: Pick<BendState, 'flat' | 'rows' | 'kerf'>): number =>
  flat / rows - kerf

/** Inside radius of a whole quarter turn, from the length of its zone, mm. [DEF: arc at mid-thickness] */
export const radiusOf = ({ flat, thickness }: Pick<BendState, 'flat' | 'thickness'>): number =>
  flat / (Math.PI / 2) - thickness / 2

/** How far this strip bends until it breaks, degrees. */
export function breaksAt(state: Omit<BendState, 'angle'>): number {
  const { rows, thickness, along, breaks } = state
  const shear = shearOf({ width: linkWidth(state), link: LINK, thickness, rows, angle: 1 })
  return (along ? breaks.along : breaks.across) / shear
}

const isLong = (state: BendState): boolean => Math.abs(radiusOf(state) - state.radius) <= NEAR

const changed = (state: BendState, part: Partial<BendState>): BendState => ({
  ...state,
  ...part,
  angle: 0,
  broke: false,
})

export const BEND_LESSON: Lesson<BendState, BendAct> = {
  id: 'bend',
  begin: ({ seed, thickness, machine }, unit) => {
    const random = randomFrom(seed * 23 + 4)
    const step = unit === 'in' ? 25.4 / 8 : 2
    const kerf = machine.kerf.x
    const radius = step * Math.round((16 + 10 * random()) / step)
    // A strip with links of 1.6 mm breaks half way along the grain, one with links of 0.9 mm does not.
    const at = (width: number, angle: number): number => {
      const flat = flatLength(Math.PI / 2, radius, thickness)
      return shearOf({ width, link: LINK, thickness, rows: Math.floor(flat / (width + kerf)), angle })
    }
    const along = (at(1.5, QUARTER) + at(0.9, QUARTER)) / 2
    return {
      thickness,
      kerf,
      radius,
      flat: 20,
      rows: 8,
      along: false,
      breaks: { along, across: 0.6 * along },
      angle: 0,
      broke: false,
    }
  },
  act: (state, act) => {
    switch (act.do) {
      case 'flat': {
        const flat = Math.min(60, Math.max(10, act.to))
        const most = Math.floor(flat / (state.kerf + NARROWEST))
        return changed(state, { flat, rows: Math.min(state.rows, most) })
      }
      case 'rows': {
        const most = Math.floor(state.flat / (state.kerf + NARROWEST))
        return changed(state, { rows: Math.min(most, Math.max(3, Math.round(act.to))) })
      }
      case 'turn':
        return changed(state, { along: !state.along })
      case 'bend': {
        if (state.broke) return state
        const most = breaksAt(state)
        if (act.to > most) return { ...state, angle: most, broke: true }
        return { ...state, angle: Math.min(QUARTER, Math.max(0, act.to)) }
      }
      case 'fresh':
        return changed(state, {})
    }
  },
  goals: (state, say) => [
    {
      text: `Make the slit zone long enough for an inside radius of ${say.short(state.radius)}.`,
      done: isLong(state),
    },
    { text: 'Turn the strip until its links lie along the face grain.', done: state.along },
    {
      text: 'Choose the rows, and bend the strip to a right angle without a crack.',
      done: isLong(state) && state.along && !state.broke && state.angle >= QUARTER,
    },
  ],
  feedback: (state, say) => {
    const { broke, angle, along } = state
    if (broke)
      return along
        ? `It snapped at ${Math.round(angle)}°. Closer rows share the bend among more links.`
        : `It snapped at ${Math.round(angle)}°: its links lie across the grain. Turn a fresh one.`
    if (angle >= QUARTER)
      return isLong(state)
        ? 'It bends round, and its radius is right. Try a strip of it before the real cover.'
        : `It bends round, at a radius of ${say.length(radiusOf(state), 1)}.`
    return angle > 0 ? `${Math.round(angle)}°, and no crack yet.` : ''
  },
  hint: (state, say) => {
    const flat = flatLength(Math.PI / 2, state.radius, state.thickness)
    if (!isLong(state))
      return (
        'The middle of the sheet keeps its length: a quarter of a circle at the radius and half the sheet. ' +
        `That is ${say.length(flat, 1)} here.`
      )
    return state.along
      ? 'Every link twists by the angle ÷ rows. More rows: less twist, and thinner links.'
      : 'Wood breaks across its grain, and twists along it.'
  },
}
