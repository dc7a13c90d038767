import { compensationFor, kerfFromSquares } from '../kerf'
import { standardNormal, CALIPERS, randomFrom, shownBy } from '../statistics'
import type { Lesson } from './lesson'
import type { World } from './world'

/** A square as it came out, mm, and what calipers showed of it; null where nobody looked yet. */
interface Square {
  x: number
  y: number
  readX: number | null
  readY: number | null
}

export interface KerfState {
  world: World
  /** Drawn side, mm. */
  side: number
  squares: Square[]
  /** How often squares were cut: others each time. */
  cuts: number
  /** The square between the jaws, and which way it lies there. */
  held: { square: number; way: 'x' | 'y' } | null
  /** How wide the beam was drawn by hand, mm. */
  beam: number
  event: '' | 'cut' | 'read' | 'drawn'
}

export type KerfAct =
  | { do: 'cut' }
  | { do: 'take'; square: number }
  | { do: 'turn' }
  | { do: 'beam'; to: number }

const SQUARES = 5
/** How near the drawn beam has to come to what the squares say, mm. */
const NEAR = 0.011

/** Five squares of this laser: each a little its own, as focus and sheet are. */
function cutSquares({ seed, machine }: World, side: number, nth: number): Square[] {
  const random = randomFrom(seed * 211 + 7 * nth + 3)
  return Array.from({ length: SQUARES }, () => ({
    x: side - machine.kerf.x - machine.wander * standardNormal(random),
    y: side - machine.kerf.y - machine.wander * standardNormal(random),
    readX: null,
    readY: null,
  }))
}

const isRead = ({ readX, readY }: Square): boolean => readX !== null && readY !== null

/** The kerf that the squares come to, mm; null until each is read both ways. */
export function kerfRead({ side, squares }: Pick<KerfState, 'side' | 'squares'>): number | null {
  if (squares.length === 0 || !squares.every(isRead)) return null
  const ways = { xs: squares.map(({ readX }) => readX!), ys: squares.map(({ readY }) => readY!) }
  return kerfFromSquares(side, ways).width
}

function read(state: KerfState, square: number, way: 'x' | 'y'): KerfState {
  const random = randomFrom(state.world.seed * 307 + state.cuts * 11 + square * 2 + (way === 'x' ? 0 : 1))
  const squares = state.squares.map((each, i): Square => {
    if (i !== square) return each
    const shown = shownBy(CALIPERS, each[way], random)
    return way === 'x' ? { ...each, readX: shown } : { ...each, readY: shown }
  })
  return { ...state, squares, held: { square, way }, event: 'read' }
}

export const KERF_LESSON: Lesson<KerfState, KerfAct> = {
  id: 'kerf',
  begin: (world, unit) => ({
    world,
    side: unit === 'in' ? 25.4 : 25,
    squares: [],
    cuts: 0,
    held: null,
    beam: 0.4,
    event: '',
  }),
  act: (state, act) => {
    switch (act.do) {
      case 'cut': {
        const { world, side, cuts } = state
        return { ...state, squares: cutSquares(world, side, cuts), cuts: cuts + 1, held: null, event: 'cut' }
      }
      case 'take': {
        if (act.square >= state.squares.length) return state
        const isAcross = state.squares[act.square].readX === null
        return read(state, act.square, isAcross ? 'x' : 'y')
      }
      case 'turn':
        return state.held ? read(state, state.held.square, state.held.way === 'x' ? 'y' : 'x') : state
      case 'beam':
        return { ...state, beam: Math.min(0.6, Math.max(0, act.to)), event: 'drawn' }
    }
  },
  goals: (state, say) => {
    const kerf = kerfRead(state)
    return [
      {
        text: `Cut ${SQUARES} squares, drawn ${say.length(state.side)} wide and high.`,
        done: state.squares.length > 0,
      },
      { text: 'Read each of them across and up.', done: kerf !== null },
      {
        text: 'Draw the beam as wide as what it took from a square.',
        done: kerf !== null && Math.abs(state.beam - kerf) <= NEAR,
      },
    ]
  },
  feedback: (state, say) => {
    const { event, held, squares, side, beam } = state
    if (event === 'cut') return 'Five squares lie in the tray. Film off, soot wiped away, calipers at zero.'
    if (event === 'read' && held) {
      const { readX, readY } = squares[held.square]
      const value = held.way === 'x' ? readX! : readY!
      return (
        `Square ${held.square + 1}, ${held.way === 'x' ? 'across' : 'up'}: ` +
        `${say.reading(value)} ${say.lengthUnit}, ${say.fine(side - value)} less than drawn.`
      )
    }
    const kerf = kerfRead(state)
    if (event !== 'drawn' || kerf === null) return ''
    const by = beam - kerf
    if (Math.abs(by) <= NEAR)
      return `Right: the kerf is ${say.fine(kerf)}, full width. Each side of the line loses half of it.`
    if (Math.abs(beam - compensationFor(kerf)) <= NEAR)
      return 'That is one side’s half. A square loses it on each of two sides: a whole beam in all.'
    return by > 0
      ? 'A beam that wide would leave smaller squares.'
      : 'A beam that narrow would leave larger squares.'
  },
  hint: (state, say) => {
    if (state.squares.length === 0) return 'Send the squares to the laser first.'
    const left = state.squares.findIndex((square) => !isRead(square))
    if (left >= 0)
      return `Square ${left + 1} is not read both ways yet. A beam may be wider one way than the other.`
    const all = state.squares.flatMap(({ readX, readY }) => [readX!, readY!])
    const mean = all.reduce((sum, each) => sum + each, 0) / all.length
    return `Drawn ${say.length(state.side)}, measured ${say.fine(mean)} on average. The beam took the rest.`
  },
  notes: (state) => ({ kerf: kerfRead(state) ?? undefined }),
}
