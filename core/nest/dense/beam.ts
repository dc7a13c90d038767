import quickselect from 'quickselect'
import { areAlike, areaOfAll, ROUNDING, TINY, type Piece, type Put, type Size } from './piece'
import { roomIn, Skyline } from './skyline'

/** How states are chosen that are gone on from. */
export interface Beam {
  /** So many after each piece. */
  width: number
  /** Share of waste that is taken as given: the less, the more the waste so far decides. */
  given: number
  /** How much large pieces are wanted early: 0 not at all. */
  large: number
}

/** So many children are looked at between two breaths: about as long as one order of parts takes. */
const A_BREATH = 20_000

/** A step that something could still lie on is given up for so many others at most. */
const MOST_GIVEN_UP = 2

/** Of the best ones so many times as many are looked at as are kept: some are the same in another order. */
const AT_CHOICE = 3

/** All states after so many pieces. */
class States {
  count = 0
  readonly used: Int32Array
  readonly left: Float64Array
  readonly height: Float64Array
  readonly steps: Int32Array
  readonly bin: Int32Array
  readonly waste: Float64Array
  readonly area: Float64Array

  constructor(
    width: number,
    readonly words: number,
    readonly most: number,
  ) {
    this.used = new Int32Array(width * words)
    this.left = new Float64Array(width * most)
    this.height = new Float64Array(width * most)
    this.steps = new Int32Array(width).fill(1)
    this.bin = new Int32Array(width)
    this.waste = new Float64Array(width)
    this.area = new Float64Array(width)
  }

  isUsed(state: number, piece: number): boolean {
    return ((this.used[state * this.words + (piece >> 5)] >> (piece & 31)) & 1) === 1
  }

  load(state: number, into: Skyline): void {
    const from = state * this.most
    into.steps = this.steps[state]
    for (let i = 0; i < into.steps; i++) {
      into.left[i] = this.left[from + i]
      into.height[i] = this.height[from + i]
    }
    into.bin = this.bin[state]
    into.waste = this.waste[state]
  }

  /** Adds what a state of the level before has become by a piece. */
  add(skyline: Skyline, before: States, state: number, piece: number, area: number): void {
    const to = this.count++
    for (let i = 0; i < this.words; i++) this.used[to * this.words + i] = before.used[state * this.words + i]
    this.used[to * this.words + (piece >> 5)] |= 1 << (piece & 31)
    for (let i = 0; i < skyline.steps; i++) {
      this.left[to * this.most + i] = skyline.left[i]
      this.height[to * this.most + i] = skyline.height[i]
    }
    this.steps[to] = skyline.steps
    this.bin[to] = skyline.bin
    this.waste[to] = skyline.waste
    this.area[to] = before.area[state] + area
  }
}

/** What a state can become: which one, by which piece in which way, after how many steps were given up. */
interface Child {
  state: number
  piece: number
  way: number
  raised: number
  value: number
}

/** How a kept state came about. */
type Origin = Omit<Child, 'value'>

class BeamSearch {
  private states: States
  private next: States
  private readonly skyline: Skyline
  private readonly levels: Origin[][] = []
  /** Children that were looked at. */
  looked = 0
  /** The last one before each piece that is alike: it is taken first. */
  private readonly alike: number[]
  private readonly open: Int32Array
  private readonly allowed: number
  private readonly mean: number

  constructor(
    private readonly pieces: Piece[],
    private readonly bins: Size[],
    private readonly how: Beam,
  ) {
    const words = (pieces.length + 31) >> 5
    const most = pieces.length + 2
    this.states = new States(how.width, words, most)
    this.next = new States(how.width, words, most)
    this.states.count = 1
    this.skyline = new Skyline(bins, most)
    this.open = new Int32Array(pieces.length)
    this.alike = pieces.map((piece, i) => {
      for (let j = i - 1; j >= 0; j--) if (areAlike(pieces[j], piece)) return j
      return -1
    })
    const all = areaOfAll(pieces)
    this.allowed = roomIn(bins) - all + ROUNDING
    this.mean = all / pieces.length
  }

  get isDone(): boolean {
    return this.levels.length === this.pieces.length
  }

  /** Puts one more piece into each state. @returns false where none goes in any more */
  advance(): boolean {
    const children = this.children()
    const keep = Math.min(children.length, AT_CHOICE * this.how.width)
    if (keep < children.length) quickselect(children, keep, 0, children.length - 1, byValue)
    const best = children.slice(0, keep).sort(byValue)
    const seen = new Set<number>()
    const level: Origin[] = []
    this.next.count = 0
    for (const { state, piece, way, raised } of best) {
      if (this.next.count === this.how.width) break
      this.states.load(state, this.skyline)
      for (let i = 0; i < raised; i++) this.skyline.raise()
      this.skyline.put(this.pieces[piece].ways[way])
      const mark = this.markOf(state, piece)
      if (seen.has(mark)) continue
      seen.add(mark)
      this.next.add(this.skyline, this.states, state, piece, this.pieces[piece].area)
      level.push({ state, piece, way, raised })
    }
    this.levels.push(level)
    ;[this.states, this.next] = [this.next, this.states]
    return level.length > 0
  }

  private children(): Child[] {
    const children: Child[] = []
    for (let state = 0; state < this.states.count; state++) this.spread(state, children)
    this.looked += children.length
    return children
  }

  /** Every piece on the lowest step, and on those that come when it is given up. */
  private spread(state: number, children: Child[]): void {
    const { skyline, states, open, pieces } = this
    states.load(state, skyline)
    let [count, least] = [0, Infinity]
    for (let i = 0; i < pieces.length; i++) {
      if (states.isUsed(state, i)) continue
      const [{ width, height }] = pieces[i].ways
      least = Math.min(least, width, height)
      if (this.alike[i] < 0 || states.isUsed(state, this.alike[i])) open[count++] = i
    }
    for (let raised = 0, givenUp = 0; ; raised++) {
      const found = this.onLowest(state, raised, open.subarray(0, count), least, children)
      if (found && ++givenUp > MOST_GIVEN_UP) return
      if (!skyline.raise() || skyline.waste > this.allowed) return
    }
  }

  /** @returns whether a piece goes onto the lowest step */
  private onLowest(
    state: number,
    raised: number,
    open: Int32Array,
    least: number,
    children: Child[],
  ): boolean {
    const { skyline, how } = this
    const step = skyline.lowest()
    const y = skyline.height[step]
    const [wide, high] = [skyline.endOf(step) - skyline.left[step], skyline.top - y]
    if (Math.min(wide, high) < least - TINY) return false
    const rise = skyline.rightWall(step) - y
    const before = this.states.area[state]
    const put = this.levels.length + 1
    let isAny = false
    for (const piece of open) {
      const { ways, area } = this.pieces[piece]
      for (let way = 0; way < ways.length; way++) {
        const { width, height } = ways[way]
        if (width > wide + TINY || height > high + TINY) continue
        isAny = true
        // Beside and above it nothing goes any more where less is left than the smallest side.
        const [beside, above] = [wide - width, high - height]
        const lost =
          (beside < least ? beside * Math.min(rise, height) : 0) + (above < least ? width * above : 0)
        const waste = skyline.waste + lost
        if (waste > this.allowed) continue
        const size = (before + area) / put / this.mean
        const value = (how.given + waste / (before + area)) / size ** how.large
        children.push({ state, piece, way, raised, value })
      }
    }
    return isAny
  }

  /** The same for states with the same pieces below the same steps. */
  private markOf(state: number, piece: number): number {
    const { skyline, states } = this
    let mark = skyline.bin + 1
    const mix = (value: number): void => {
      mark = Math.imul(mark ^ value, 0x9e3779b1)
      mark ^= mark >>> 15
    }
    for (let i = 0; i < skyline.steps; i++) {
      mix(Math.round(skyline.left[i] * 1000))
      mix(Math.round(skyline.height[i] * 1000))
    }
    for (let i = 0; i < states.words; i++)
      mix(states.used[state * states.words + i] | (piece >> 5 === i ? 1 << (piece & 31) : 0))
    return mark
  }

  /** How the best state came about. */
  puts(): Put[] {
    const chain: Origin[] = []
    for (let level = this.levels.length - 1, at = 0; level >= 0; level--) {
      const origin = this.levels[level][at]
      chain.unshift(origin)
      at = origin.state
    }
    const skyline = new Skyline(this.bins, this.pieces.length + 2)
    return chain.map(({ piece, way, raised }): Put => {
      for (let i = 0; i < raised; i++) skyline.raise()
      const { bin } = skyline
      return { piece, way, bin, ...skyline.put(this.pieces[piece].ways[way]) }
    })
  }
}

const byValue = (a: Child, b: Child): number => a.value - b.value

/**
 * Looks for a way to pack all pieces into bins, one bin after the other: of all that the states so far can
 * become by one more piece those go on that waste least for how much lies, large pieces first. Yields now and
 * then. [PUB: Libralesso & Fontan, An anytime tree search algorithm for the 2018 ROADEF/EURO challenge
 * glass cutting problem, European Journal of Operational Research 291 (2021), their guides]
 * @returns null where this beam finds none
 */
export function* beamSteps(pieces: Piece[], bins: Size[], how: Beam): Generator<void, Put[] | null> {
  const search = new BeamSearch(pieces, bins, how)
  let before = 0
  while (!search.isDone) {
    if (!search.advance()) return null
    if (search.looked - before < A_BREATH) continue
    before = search.looked
    yield
  }
  return search.puts()
}
