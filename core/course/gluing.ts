import { Motions, type Assembly, type Panel, type Way } from '../assembly'
import type { Lesson } from './lesson'
import { dividedTray, panelsOf } from './tray'

/** The parts of the tray on the bench, dry, and those that stand already. */
export interface GluingState {
  assembly: Assembly
  panels: Panel[]
  /** In the order in which they came in. */
  standing: string[]
  /** The part that was brought last, and why it would not go in. */
  tried: string | null
  refused: 'holds nothing' | 'in the way' | null
  /** Parts that stand in the way of it. */
  blockers: string[]
}

export type GluingAct = { do: 'bring'; part: string } | { do: 'take'; part: string } | { do: 'again' }

/** Straight ways in which a part comes in past those that stand; against the way that it would leave. */
function waysIn({ assembly, panels, standing }: GluingState, part: string): Way[] {
  return new Motions(assembly, panels).waysOut(part, standing)
}

const touches = ({ assembly: { joints } }: GluingState, a: string, b: string): boolean =>
  joints.some(({ parts }) => parts.includes(a) && parts.includes(b))

export const labelOf = ({ panels }: Pick<GluingState, 'panels'>, id: string): string =>
  id.startsWith('column') ? 'divider' : panels.find((panel) => panel.id === id)!.label

/** Parts that still wait and can no longer come in. */
const shutOut = (state: GluingState): string[] =>
  state.panels
    .map(({ id }) => id)
    .filter((id) => !state.standing.includes(id) && waysIn(state, id).length === 0)

function brought(state: GluingState, part: string): GluingState {
  const { standing, panels } = state
  if (standing.includes(part) || !panels.some(({ id }) => id === part)) return state
  const fresh = { ...state, tried: part, blockers: [], refused: null }
  if (standing.length > 0 && !standing.some((other) => touches(state, part, other)))
    return { ...fresh, refused: 'holds nothing' }
  if (waysIn(state, part).length > 0) return { ...fresh, standing: [...standing, part] }
  // Whatever lets it in when it is away stands in the way.
  const blockers = standing.filter(
    (other) => waysIn({ ...state, standing: standing.filter((id) => id !== other) }, part).length > 0,
  )
  return { ...fresh, refused: 'in the way', blockers }
}

export const GLUING_LESSON: Lesson<GluingState, GluingAct> = {
  id: 'gluing',
  begin: ({ thickness }) => ({
    ...panelsOf(dividedTray(thickness), thickness),
    standing: [],
    tried: null,
    refused: null,
    blockers: [],
  }),
  act: (state, act) => {
    switch (act.do) {
      case 'bring':
        return brought(state, act.part)
      case 'take': {
        if (!state.standing.includes(act.part)) return state
        const standing = state.standing.filter((id) => id !== act.part)
        const isFree = waysIn({ ...state, standing }, act.part).length > 0
        const fresh = { ...state, tried: act.part, blockers: [] }
        return isFree ? { ...fresh, standing, refused: null } : { ...fresh, refused: 'in the way' }
      }
      case 'again':
        return { ...state, standing: [], tried: null, refused: null, blockers: [] }
    }
  },
  goals: (state) => {
    const { standing, panels } = state
    const divider = panels.find(({ id }) => id.startsWith('column'))!.id
    return [
      { text: 'Begin with any part, and bring in one that joins it.', done: standing.length > 1 },
      {
        text: 'Bring in the divider before the walls shut it out.',
        done: standing.includes(divider),
      },
      { text: 'Bring in all six parts, each straight.', done: standing.length === panels.length },
    ]
  },
  feedback: (state) => {
    const { tried, refused, blockers, standing, panels } = state
    if (!tried) return ''
    const label = labelOf(state, tried)
    if (refused === 'holds nothing')
      return `The ${label} joins nothing that stands. Bring in what it joins first.`
    if (refused) {
      const names = blockers.map((id) => labelOf(state, id)).join(' or the ')
      if (standing.includes(tried)) return `The ${label} does not come out: others hold it.`
      return names
        ? `The ${label} does not go in, from any side. Take out the ${names} first.`
        : `The ${label} does not go in, from any side. Take out a wall that it enters first.`
    }
    if (!standing.includes(tried)) return `The ${label} is out again.`
    if (standing.length === panels.length)
      return 'All are in, dry. Check both diagonals, take it apart, and glue it in this order.'
    const out = shutOut(state)
    return out.length > 0
      ? `The ${label} is in. Look again at the ${labelOf(state, out[0])}: is there still a way in for it?`
      : `The ${label} is in.`
  },
  hint: (state) =>
    shutOut(state).length > 0
      ? 'The divider’s tenons enter front and back. One of these has to come after it.'
      : 'Floor, one long wall, then what stands between the walls, then the rest.',
}
