import type { Ground, OutlinePose } from '../outline'
import type { Ring } from '../../geometry'
import { Floor, Level } from './level'
import type { Rounding } from './mask'
import { Separation, type LoosePart, type Spot } from './separation'

/** A sheet that parts are to lie on together. */
export interface FreeSheet {
  ground: Ground
  /** Outlines of what is pinned on it, where it lies. */
  pinned: Ring[]
}

/** Where a part lies, lower left corner of the turned shape, mm. */
export interface Place {
  sheet: number
  pose: OutlinePose
  x: number
  y: number
}

export interface PartToPlace {
  /** Its poses by sheet. */
  poses: OutlinePose[][]
  /** Where it lies to begin with; null is anywhere. */
  from: Place | null
}

/** Squares a part has at first, about, on how many a sheet then has at least and at most. */
const ROUGH = { perPart: 400, least: 5000, most: 30_000, stride: 3 }
/** How many times as many in the end. */
const FINER = 36
const MOST_FINE = 400_000
const FINE_STRIDE = 9
const FINE_ROUNDS = 60

/** Rounds without a shallower state until parts change places, and after so many of those all begins anew. */
const STALE = 25
const MOST_CHANGES = 40

/** Looks at a search after so many squares. */
const CHUNK = 250_000

/** Sheets in squares, kept for the next search: what is worked out for poses on one stays. */
export class Levels {
  private readonly known = new Map<string, Level>()
  private readonly grounds: Ground[] = []

  constructor(readonly gap: number) {}

  private levelOf(ground: Ground, squares: number, rounding: Rounding): Level {
    if (!this.grounds.includes(ground)) this.grounds.push(ground)
    const key = `${this.grounds.indexOf(ground)} ${squares} ${rounding}`
    const level = this.known.get(key) ?? new Level(ground.raster, this.gap, squares, rounding)
    this.known.set(key, level)
    return level
  }

  floorsOf(sheets: FreeSheet[], squares: number, rounding: Rounding): Floor[] {
    return sheets.map(({ ground, pinned }) => {
      const level = this.levelOf(ground, squares, rounding)
      return new Floor(level, [...ground.around, ...pinned])
    })
  }

  /** Squares that were looked at so far. */
  get work(): number {
    return [...this.known.values()].reduce((sum, level) => sum + level.work, 0)
  }
}

/** How many squares a sheet is divided into at first, for so many parts on it. */
function roughSquares(parts: number): number {
  const { perPart, least, most } = ROUGH
  return Math.min(most, least * 2 ** Math.max(0, Math.round(Math.log2((perPart * parts) / least))))
}

const clamped = (value: number, least: number, most: number): number => Math.max(least, Math.min(most, value))

/** A place as squares of a level, the nearest ones. */
function spotAt({ sheet, pose, x, y }: Place, floors: Floor[]): Spot {
  const floor = floors[sheet]
  const { raster, gap } = floor.level
  const [across, along] = floor.placesOf(floor.level.of(pose))
  const column = clamped(Math.round((x - gap - raster.x) / raster.stepX), 0, Math.max(0, across - 1))
  const row = clamped(Math.round((y - gap - raster.y) / raster.stepY), 0, Math.max(0, along - 1))
  return { sheet, pose, column, row }
}

function placeAt({ sheet, pose, column, row }: Spot, floors: Floor[]): Place {
  const { raster, gap } = floors[sheet].level
  return {
    sheet,
    pose,
    x: raster.x + column * raster.stepX + gap,
    y: raster.y + row * raster.stepY + gap,
  }
}

/**
 * Looks for a way in which parts lie apart from each other on given sheets: roughly first, then in squares
 * that are so fine that those a part touches may be its own. Yields null while it looks, then the places;
 * endless where there are none.
 */
export function* driveApart(
  parts: PartToPlace[],
  sheets: FreeSheet[],
  levels: Levels,
  random: () => number,
): Generator<Place[] | null, void> {
  const squares = roughSquares(parts.length / sheets.length)
  const rough = levels.floorsOf(sheets, squares, 'middle')
  let fine: Floor[] | null = null
  const anywhere = ({ poses }: PartToPlace): Spot => {
    const open = poses.flatMap((some, sheet) => some.map((pose) => ({ sheet, pose })))
    const { sheet, pose } = open[Math.floor(random() * open.length)]
    const { ground } = sheets[sheet]
    const { x, y, stepX, stepY, columns, rows } = ground.raster
    const place = { sheet, pose, x: x + random() * columns * stepX, y: y + random() * rows * stepY }
    return spotAt(place, rough)
  }
  const loose = parts.map((part): LoosePart => ({
    poses: part.poses,
    at: part.from ? spotAt(part.from, rough) : anywhere(part),
  }))
  const search = new Separation(loose, rough, ROUGH.stride, random)
  let [best, least, stale, changes] = [loose.map(({ at }) => at), Infinity, 0, 0]
  const anew = (): void => {
    for (const [i, part] of parts.entries()) loose[i].at = anywhere(part)
    search.forgetWeights()
    least = Infinity
    stale = 0
    changes = 0
  }
  for (let done = levels.work; ;) {
    const total = search.round()
    if (total === 0) {
      fine ??= levels.floorsOf(sheets, Math.min(MOST_FINE, squares * FINER), 'touched')
      const found = yield* refined(loose, rough, fine, random)
      if (found) return yield found
      anew()
      continue
    }
    if (total < least) {
      least = total
      stale = 0
      best = loose.map(({ at }) => at)
    } else if (++stale > STALE) {
      stale = 0
      if (++changes > MOST_CHANGES) anew()
      else {
        for (const [i, at] of best.entries()) loose[i].at = at
        search.forgetWeights()
        changePlaces(loose, rough, random)
      }
    }
    const work = search.work + levels.work
    if (work < done + CHUNK) continue
    done = work
    yield null
  }
}

/** Some of the larger parts change places, two by two. */
function changePlaces(loose: LoosePart[], floors: Floor[], random: () => number): void {
  const size = ({ at: { pose } }: LoosePart): number => pose.width * pose.height
  const order = loose
    .map((part) => ({ part, key: size(part) * (0.5 + random()) }))
    .sort((a, b) => b.key - a.key)
    .slice(0, 2 + Math.floor(random() * 4))
  for (let k = 0; k + 1 < order.length; k += 2) {
    const [{ part: a }, { part: b }] = [order[k], order[k + 1]]
    const [from, to] = [a.at, b.at]
    const isOpen = (part: LoosePart, sheet: number): boolean => part.poses[sheet].includes(part.at.pose)
    if (!isOpen(a, to.sheet) || !isOpen(b, from.sheet)) continue
    a.at = spotAt({ ...placeAt(to, floors), pose: from.pose }, floors)
    b.at = spotAt({ ...placeAt(from, floors), pose: to.pose }, floors)
  }
}

/** The same in fine squares, each part turned as it was found. */
function* refined(
  loose: LoosePart[],
  rough: Floor[],
  fine: Floor[],
  random: () => number,
): Generator<null, Place[] | null> {
  const parts = loose.map(({ at }): LoosePart => ({
    poses: fine.map((_, sheet) => (sheet === at.sheet ? [at.pose] : [])),
    at: spotAt(placeAt(at, rough), fine),
  }))
  const search = new Separation(parts, fine, FINE_STRIDE, random)
  for (let round = 0, done = 0; round < FINE_ROUNDS; round++) {
    if (search.round() === 0) {
      search.settle()
      return parts.map(({ at }) => placeAt(at, fine))
    }
    if (search.work < done + CHUNK) continue
    done = search.work
    yield null
  }
  return null
}
