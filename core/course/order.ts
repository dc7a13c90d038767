import { rectangle, type Region, type Ring } from '../geometry'
import { piecesOf, type Run } from '../rehearse'
import { randomFrom } from '../statistics'
import type { Lesson } from './lesson'
import type { World } from './world'

/** What is done to a lid, and how it is said. */
export const LID_WAYS = [
  { id: 'outline', name: 'cut the outline' },
  { id: 'window', name: 'cut the window' },
  { id: 'words', name: 'engrave the words' },
  { id: 'holes', name: 'cut the screw holes' },
] as const
export type LidWay = (typeof LID_WAYS)[number]['id']

/** The sheet that the lid is cut from, and its ways, mm. */
export const LID_SHEET = { width: 160, height: 120 }
export const LID_RINGS: Record<Exclude<LidWay, 'words'>, Ring[]> = {
  outline: [rectangle(20, 20, 140, 100)],
  window: [rectangle(50, 45, 110, 75)],
  holes: [
    rectangle(26, 26, 30, 30),
    rectangle(130, 26, 134, 30),
    rectangle(26, 90, 30, 94),
    rectangle(130, 90, 134, 94),
  ],
}

export interface OrderState {
  world: World
  order: LidWay[]
  /** What came out of the laser; null until it ran in this order. */
  lid: { shape: Region; faults: string[] } | null
}

export type OrderAct = { do: 'move'; way: LidWay; to: number } | { do: 'run' }

/** A way that went through, finished at that moment. */
const run = (points: Ring, end: number): Run => ({
  points,
  closed: true,
  end,
  least: 1.3,
  mean: 1.3,
  held: 0,
  heldAt: null,
  bridges: 0,
})

/** The lid as the simulated laser cuts it in this order. */
function cutLid({ order, world }: OrderState): OrderState['lid'] {
  const runs = order.flatMap((way, i) =>
    way === 'words' ? [] : LID_RINGS[way].map((ring, n) => run(ring, i + 1 + n / 10)),
  )
  const [lid] = piecesOf(runs, world.sheet, world.machine)
  return { shape: lid.shape, faults: lid.faults }
}

/** What is wrong with an order, though the lid may have come out whole; null where nothing is. */
function wrongWith({ order, lid }: OrderState): string | null {
  if (!lid) return null
  if (lid.faults.length > 0) return lid.faults[0]
  const late = order.slice(order.indexOf('outline') + 1)
  if (late.length > 0) {
    const { name } = LID_WAYS.find(({ id }) => id === late[0])!
    return `The lid is loose when you ${name}: it may have dropped or turned by then.`
  }
  if (order.indexOf('words') > Math.min(order.indexOf('window'), order.indexOf('holes')))
    return 'The lid is whole, but smoke blew over the words through what was open. Engrave first.'
  return null
}

const isLast = ({ order }: OrderState): boolean => order[order.length - 1] === 'outline'

export const ORDER_LESSON: Lesson<OrderState, OrderAct> = {
  id: 'order',
  begin: (world) => {
    const random = randomFrom(world.seed * 41 + 9)
    // Never right to begin with.
    const rest = LID_WAYS.map(({ id }) => ({ id, at: id === 'outline' ? -1 : random() }))
    return { world, order: rest.sort((a, b) => a.at - b.at).map(({ id }) => id), lid: null }
  },
  act: (state, act) => {
    if (act.do === 'run') return { ...state, lid: cutLid(state) }
    const order = state.order.filter((way) => way !== act.way)
    order.splice(Math.min(order.length, Math.max(0, act.to)), 0, act.way)
    return order.every((way, i) => way === state.order[i]) ? state : { ...state, order, lid: null }
  },
  goals: (state) => [
    { text: 'Put what is done to the lid in order, and send it to the laser.', done: state.lid !== null },
    {
      text: 'Get a lid with everything where it belongs, and clean words.',
      done: state.lid !== null && wrongWith(state) === null,
    },
  ],
  feedback: (state) =>
    state.lid ? (wrongWith(state) ?? 'Right: the lid comes free last, with everything in its place.') : '',
  hint: (state) =>
    isLast(state)
      ? 'Engrave, score, inside cuts, outlines. Smoke goes where the sheet is open.'
      : 'As long as a part hangs in its sheet, it lies still. What sets it free comes last.',
}
