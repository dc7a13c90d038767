import { shareEvenly } from '../joints'
import { counted } from '../length'
import { randomFrom } from '../statistics'
import type { Lesson } from './lesson'
import type { World } from './world'

/** The three panels that meet in a corner. */
export const CORNER_PANELS = ['front', 'side', 'floor'] as const
export type CornerPanel = (typeof CORNER_PANELS)[number]

/** An edge that is shared out in tabs, and the corner blocks at the end of edges. Lengths in mm. */
export interface TabsState {
  length: number
  thickness: number
  /** How wide a tab was asked for. */
  asked: number
  /** Who owns the blocks beside each corner, along front–side, front–floor and side–floor. */
  corners: Corner[]
  /** Which corner is looked at. */
  at: number
  event: '' | 'width' | 'crumb' | 'holds'
}

interface Corner {
  beside: [CornerPanel, CornerPanel, CornerPanel]
  owner: CornerPanel | null
}

export type TabsAct = { do: 'width'; to: number } | { do: 'give'; to: CornerPanel } | { do: 'next' }

/** Tabs between so many thicknesses wide hold, and look well. [FM] */
const NARROW = 1.5
const WIDE = 3

/** Tabs and notches of an edge: as the core shares out any edge by a width. */
export function sharedOut({ length, asked }: Pick<TabsState, 'length' | 'asked'>): {
  count: number
  width: number
} {
  const { length: count } = shareEvenly(length, asked)
  return { count, width: length / count }
}

const isGood = (state: TabsState): boolean => {
  const share = sharedOut(state).width / state.thickness
  return share >= NARROW && share <= WIDE
}

/** A corner block hangs on a panel only where that panel owns a block beside it. [DEF] */
export const hangsOn = ({ beside }: Corner, panel: CornerPanel): boolean => beside.includes(panel)

/** Two corners: at the second one of the panels owns none of the blocks beside. */
function cornersOf({ seed }: World): Corner[] {
  const random = randomFrom(seed * 43 + 8)
  const either = (a: CornerPanel, b: CornerPanel): CornerPanel => (random() < 0.5 ? a : b)
  const first: Corner['beside'] = [either('front', 'side'), either('front', 'floor'), either('side', 'floor')]
  const out = CORNER_PANELS[Math.floor(random() * 3)]
  const without = ([a, b]: [CornerPanel, CornerPanel]): CornerPanel =>
    a === out ? b : b === out ? a : either(a, b)
  const second: Corner['beside'] = [
    without(['front', 'side']),
    without(['front', 'floor']),
    without(['side', 'floor']),
  ]
  return [first, second].map((beside) => ({ beside, owner: null }))
}

export const TABS_LESSON: Lesson<TabsState, TabsAct> = {
  id: 'tabs',
  begin: (world, unit) => ({
    length: unit === 'in' ? 101.6 : 90 + 5 * Math.floor(4 * randomFrom(world.seed * 13 + 2)()),
    thickness: world.thickness,
    asked: 24,
    corners: cornersOf(world),
    at: 0,
    event: '',
  }),
  act: (state, act) => {
    switch (act.do) {
      case 'width':
        return { ...state, asked: Math.min(state.length, Math.max(1, act.to)), event: 'width' }
      case 'give': {
        const corners = state.corners.map((corner, i) =>
          i === state.at ? { ...corner, owner: act.to } : corner,
        )
        return { ...state, corners, event: hangsOn(state.corners[state.at], act.to) ? 'holds' : 'crumb' }
      }
      case 'next':
        return { ...state, at: (state.at + 1) % state.corners.length, event: '' }
    }
  },
  goals: (state, say) => [
    {
      text:
        `Drag a tab’s edge until tabs are ${say.short(NARROW * state.thickness)} to ` +
        `${say.short(WIDE * state.thickness)} wide: ${NARROW} to ${WIDE} times the sheet.`,
      done: isGood(state),
    },
    ...state.corners.map((corner, i) => ({
      text: `Give corner ${i + 1} to a panel that holds it.`,
      done: corner.owner !== null && hangsOn(corner, corner.owner),
    })),
  ],
  feedback: (state, say) => {
    const { event, thickness, corners, at } = state
    const { owner } = corners[at]
    if (event === 'crumb')
      return `The ${owner} owns no block beside this corner. The corner is a loose crumb, and falls out.`
    if (event === 'holds') return `The ${owner} owns a block beside it: the corner hangs on.`
    if (event !== 'width') return ''
    const { count, width } = sharedOut(state)
    const sentence =
      `${counted((count + 1) / 2, 'tab')} and ${counted((count - 1) / 2, 'notch', 'notches')}, ` +
      `each ${say.length(width)} wide.`
    if (width < thickness * NARROW) return `${sentence} Tabs that narrow break while you sand or press them.`
    return width > thickness * WIDE ? `${sentence} That leaves little surface for glue.` : `${sentence} Good.`
  },
  hint: (state) =>
    isGood(state)
      ? 'Look at the three blocks beside the corner. Whose are they?'
      : 'The count is always odd, so that both ends look alike. The real width is length ÷ count.',
  notes: (state) => ({ tabWidth: sharedOut(state).width }),
}
