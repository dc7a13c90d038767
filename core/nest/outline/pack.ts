import { slideBottomLeft } from '../bottom-left'
import type { Placed } from '../load-space'
import { Taken } from './raster'
import type { Ground } from './ground'
import type { OutlinePose } from './shape'

/** A part to be placed, in every way that it may lie, by kind of sheet. */
export interface OutlinePart {
  id: string
  area: number
  /** Copies of one shape share their poses. */
  poses: OutlinePose[][]
}

/** So many sheets of one kind, in the order in which they are used. */
export interface OutlineSheets {
  ground: Ground
  count: number
}

export interface Lying {
  part: string
  /** Which kind of sheet, and which of them from 0. */
  kind: number
  number: number
  x: number
  y: number
  pose: OutlinePose
}

/** How one try goes about it: whether a part goes low first or left first, and whether by its far side. */
export interface OutlineStrategy {
  order: OutlinePart[]
  byColumn: boolean
  byFarSide: boolean
  /** Which sheets are used first. */
  sheets: { kind: number; number: number }[]
}

/** So many parts that a sheet did not take, one after another, and it is asked only for much smaller ones. */
const REFUSED = 10
const SMALLER = 0.7

/** One sheet with what lies on it. */
class Sheet {
  private readonly taken: Taken
  private readonly placed: Placed[]
  /** How far each pose was looked for; -1 where there is no place any more. */
  private readonly searched = new Map<OutlinePose, number>()
  private refused = 0
  private smallest = Infinity

  constructor(
    private readonly ground: Ground,
    private readonly byColumn: boolean,
    private readonly margin: number,
    private readonly gap: number,
  ) {
    this.taken = new Taken(ground.raster).copyOf(ground.taken)
    const around = { width: Infinity, height: Infinity, fixed: ground.outside }
    this.placed = [{ pose: around, x: 0, y: 0 }]
  }

  get isEmpty(): boolean {
    return this.placed.length === 1
  }

  /** Whether there is hardly any hope for a part. */
  isFullFor({ area }: OutlinePart): boolean {
    return this.refused >= REFUSED && area > SMALLER * this.smallest
  }

  refuse({ area }: OutlinePart): void {
    this.refused++
    this.smallest = Math.min(this.smallest, area)
  }

  /** Where a pose's lower left corner would come to lie first. */
  find(pose: OutlinePose): { x: number; y: number } | null {
    const { blocks, columns, rows } = pose
    const from = this.searched.get(pose) ?? 0
    const place = from < 0 ? -1 : this.taken.find(blocks, columns, rows, this.byColumn, from)
    this.searched.set(pose, place)
    if (place < 0) return null
    const { column, row } = this.taken.at(place, columns, rows, this.byColumn)
    const { x, y, stepX, stepY } = this.ground.raster
    return { x: x + column * stepX + this.gap, y: y + row * stepY + this.gap }
  }

  put(pose: OutlinePose, from: { x: number; y: number }): { x: number; y: number } {
    const at = slideBottomLeft(
      pose,
      from,
      { placed: this.placed, load: { x: 0, y: 0 } },
      this.margin,
      this.gap,
    )
    this.hold(pose, at)
    return at
  }

  /** Has a pose lie just there. */
  hold(pose: OutlinePose, at: { x: number; y: number }): void {
    this.refused = 0
    this.smallest = Infinity
    this.placed.push({ pose, ...at })
    this.taken.take(pose.rings, at.x, at.y)
  }
}

/**
 * Lays the parts one after another on the first sheet that takes them, by their outlines. Yields after each.
 * @param held what lies there already, and stays: its sheets are the first
 */
export function* packOutlines(
  { order, byColumn, byFarSide, sheets: inOrder }: OutlineStrategy,
  kinds: OutlineSheets[],
  margin: number,
  gap: number,
  held: Lying[] = [],
): Generator<void, { lying: Lying[]; unplaced: OutlinePart[] }> {
  const sheets: { kind: number; number: number; sheet: Sheet }[] = []
  const waiting = [...inOrder]
  const lying = [...held]

  /** The next sheet to be begun. @param at in what waits */
  function begin(at: number): Sheet {
    const [{ kind, number }] = waiting.splice(at, 1)
    const sheet = new Sheet(kinds[kind].ground, byColumn, margin, gap)
    sheets.push({ kind, number, sheet })
    return sheet
  }
  for (const { kind, number, pose, x, y } of held) {
    const isIts = (each: { kind: number; number: number }): boolean =>
      each.kind === kind && each.number === number
    const sheet = sheets.find(isIts)?.sheet ?? begin(waiting.findIndex(isIts))
    sheet.hold(pose, { x, y })
  }

  /** The best of a part's poses on one sheet. */
  function best({ poses }: OutlinePart, { kind, sheet }: (typeof sheets)[number]) {
    let found: { pose: OutlinePose; at: { x: number; y: number }; score: number } | null = null
    for (const pose of poses[kind]) {
      const at = sheet.find(pose)
      if (!at) continue
      const [far, size] = byColumn ? [at.x, pose.width] : [at.y, pose.height]
      const score = far + (byFarSide ? size : 0) + 1e-3 * (byColumn ? at.y : at.x)
      if (!found || score < found.score) found = { pose, at, score }
    }
    return found
  }

  function isPut(part: OutlinePart): boolean {
    for (let i = 0; i < sheets.length || waiting.length > 0; i++) {
      if (i === sheets.length) {
        const next = waiting.findIndex(({ kind }) => part.poses[kind].length > 0)
        if (next < 0) return false
        begin(next)
      }
      if (sheets[i].sheet.isFullFor(part)) continue
      const found = best(part, sheets[i])
      if (found) {
        const { kind, number, sheet } = sheets[i]
        lying.push({ part: part.id, kind, number, pose: found.pose, ...sheet.put(found.pose, found.at) })
        return true
      }
      sheets[i].sheet.refuse(part)
      if (sheets[i].sheet.isEmpty) {
        // Not even an empty one takes it: the next kind might.
        const { kind } = sheets[i]
        const other = waiting.findIndex((each) => each.kind !== kind)
        if (other < 0) return false
        waiting.unshift(...waiting.splice(other, 1))
      }
    }
    return false
  }

  const unplaced: OutlinePart[] = []
  for (const part of order) {
    if (!isPut(part)) unplaced.push(part)
    yield
  }
  return { lying, unplaced }
}
