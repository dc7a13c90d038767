import { beamSteps, type Beam } from './beam'
import { perfectBins } from './perfect'
import { areaOf, areaOfAll, isEqual, ROUNDING, transposed, type Piece, type Put, type Size } from './piece'
import { roomIn } from './skyline'

/** Beams that are tried: how much waste counts, and how early large pieces are wanted. */
const GUIDES: Omit<Beam, 'width'>[] = [
  { given: 0.03, large: 0.5 },
  { given: 0.1, large: 1 },
  { given: 0, large: 0.5 },
  { given: 0.1, large: 0.5 },
  { given: 0, large: 0 },
  { given: 0.03, large: 1 },
]

/** Where bins are fuller than this, what leaves nothing over is looked for first. */
const NEARLY_FULL = 0.985

/** More pieces than these are not joined in all ways. */
const MOST_JOINED = 250

/** How much sides may differ to count as equal, mm: one after the other, as more effort is spent. */
const EQUALS = [0.12, 0.2, 0.03]

/** States that a beam keeps at first, twice as many with each more effort; fewer of many pieces. */
const NARROW = 30
const STATES = 6000
/** Of many pieces fewer guides are tried, so that each effort takes about as long. */
const GUIDED = 600
/** After so many efforts beams are narrow again, but guided another way. */
const EFFORTS = 6

/** How much effort is spent on a search. */
interface Spent {
  /** 0, and 1 more each time that more time is to be spent. */
  effort: number
  /** How many of the guides are tried. */
  guides: number
}

function beamsFor(pieces: number, { effort, guides }: Spent): Beam[] {
  const width = Math.ceil(Math.min(NARROW, STATES / pieces) * 2 ** (effort % EFFORTS))
  const times = 1 + (Math.floor(effort / EFFORTS) % 4) / 3
  const most = Math.max(1, Math.min(guides, Math.floor(GUIDED / pieces)))
  return GUIDES.slice(0, most).map(({ given, large }) => ({
    width,
    given: given * times,
    large: large * times,
  }))
}

/**
 * A way to pack all pieces into the bins; null where none is found. Yields now and then.
 * @param effort 0, and 1 more each time that more time is to be spent
 */
export function* packedInto(pieces: Piece[], bins: Size[], effort: number): Generator<void, Put[] | null> {
  return yield* packedBy(pieces, bins, { effort, guides: GUIDES.length })
}

function* packedBy(pieces: Piece[], bins: Size[], spent: Spent): Generator<void, Put[] | null> {
  const all = areaOfAll(pieces)
  const room = roomIn(bins)
  if (all > room + ROUNDING || bins.length === 0) return null
  const isJoined = all > NEARLY_FULL * room && pieces.length <= MOST_JOINED
  if (isJoined && bins.every((bin) => isEqual(bin, bins[0]))) {
    const found = yield* perfectly(pieces, bins, spent)
    if (found) return found
  }
  return yield* byBeams(pieces, bins, spent)
}

/** Bins without waste first, and what is left over by beams. */
function* perfectly(pieces: Piece[], bins: Size[], spent: Spent): Generator<void, Put[] | null> {
  const filled = yield* perfectBins(pieces, bins[0], bins.length, EQUALS[spent.effort % EQUALS.length])
  if (filled.length === 0) return null
  const within = new Set(filled.flat().map(({ piece }) => piece))
  const left = pieces.flatMap((_, i) => (within.has(i) ? [] : [i]))
  if (left.length === 0) return filled.flat()
  const others = bins.slice(filled.length)
  if (others.length === 0) return null
  const rest = yield* byBeams(
    left.map((i) => pieces[i]),
    others,
    spent,
  )
  if (!rest) return null
  return [
    ...filled.flat(),
    ...rest.map((put) => ({ ...put, piece: left[put.piece], bin: put.bin + filled.length })),
  ]
}

function* byBeams(pieces: Piece[], bins: Size[], spent: Spent): Generator<void, Put[] | null> {
  const order = pieces.map((_, i) => i).sort((a, b) => pieces[b].area - pieces[a].area)
  const sorted = order.map((i) => pieces[i])
  const across = sorted.map((piece): Piece => ({ ...piece, ways: piece.ways.map(transposed) }))
  for (const beam of beamsFor(pieces.length, spent))
    for (const isAcross of [false, true]) {
      const found = yield* isAcross
        ? beamSteps(across, bins.map(transposed), beam)
        : beamSteps(sorted, bins, beam)
      if (found)
        return found.map((put) => ({
          ...put,
          piece: order[put.piece],
          ...(isAcross ? { x: put.y, y: put.x } : {}),
        }))
    }
  return null
}

/** How far the last bin is halved between what it has to hold and what it takes up. */
const HALVINGS = 4
/** What it is worth: no more than some of the guides. */
const GUIDES_FOR_REST = 2
const MOST_FOR_REST = 150

/**
 * The same, and then with the last bin cut off, from above or from the right, for as long as all still goes
 * in: what is cut off is left in one piece. Yields null now and then.
 */
export function* packedTightly(
  pieces: Piece[],
  bins: Size[],
  effort: number,
  taken: Size,
): Generator<Put[] | null, void> {
  if (pieces.length > MOST_FOR_REST) return
  const last = bins[bins.length - 1]
  const all = areaOfAll(pieces)
  let least = Math.max(0, all - roomIn(bins.slice(0, -1))) / areaOf(last)
  let most = Math.min(1, areaOf(taken) / areaOf(last))
  for (let halving = 0; halving < HALVINGS; halving++) {
    const share = (least + most) / 2
    let found: Put[] | null = null
    for (const side of ['height', 'width'] as const) {
      const cut = { ...last, [side]: last[side] * share }
      const steps = packedBy(pieces, [...bins.slice(0, -1), cut], { effort, guides: GUIDES_FOR_REST })
      let step = steps.next()
      for (; !step.done; step = steps.next()) yield null
      found = step.value
      if (found) break
    }
    yield found
    if (found) most = share
    else least = share
  }
}
