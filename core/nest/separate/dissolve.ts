import { withGap } from '../cost'
import type { Lying, OutlinePart, OutlineSheets } from '../outline'
import { shiftPoints } from '../../geometry'
import { sumOf } from '../../statistics'
import { driveApart, Levels, type PartToPlace, type Place } from './apart'

export interface Laid {
  lying: Lying[]
  unplaced: OutlinePart[]
}

interface About {
  parts: OutlinePart[]
  stock: OutlineSheets[]
  /** What is pinned. */
  held: Lying[]
  gap: number
  random: () => number
}

interface OneSheet {
  kind: number
  number: number
  loose: OutlinePart[]
  /** What is free of it once the gap round each part is counted, mm². */
  free: number
}

/** Parts that are to lie on these sheets as well. */
interface Goal {
  sheets: OneSheet[]
  added: OutlinePart[]
  /** How long it is looked for, in chunks of work. */
  most: number
}

/** No denser than this is tried, and how dense at least where not all can be had. */
const [DENSEST, LEAST_DENSE] = [0.97, 0.8]
/** Parts that are looked at together. */
const MOST_TOGETHER = 60
/** How often all of a sheet's parts are tried where they might fit, and how long at first. */
const CHANCE_OF_ALL = 0.6
const [MOST_FOR_ALL, MOST_FOR_SOME] = [800, 120]

function takenBy(part: OutlinePart, gap: number): number {
  const [pose] = part.poses.flat()
  return pose ? withGap(part.area, pose, gap) : part.area
}

function usedSheets({ lying }: Laid, { parts, stock, gap }: About): OneSheet[] {
  const byId = new Map(parts.map((part) => [part.id, part]))
  const sheets = new Map<string, OneSheet>()
  for (const { part, kind, number } of lying) {
    const key = `${kind} ${number}`
    const sheet = sheets.get(key) ?? { kind, number, loose: [], free: stock[kind].ground.area }
    sheets.set(key, sheet)
    const own = byId.get(part)
    if (own) sheet.loose.push(own)
  }
  for (const sheet of sheets.values()) sheet.free -= sumOf(sheet.loose.map((part) => takenBy(part, gap)))
  return [...sheets.values()]
}

function shuffled<T>(list: T[], random: () => number): T[] {
  const keyed = list.map((value) => ({ value, key: random() })).sort((a, b) => a.key - b.key)
  return keyed.map(({ value }) => value)
}

/** The parts of one sheet, all or some, that others might take; null where there is nothing to be won. */
function goalOf(now: Laid, about: About, patience: number): Goal | null {
  const { stock, held, gap, random } = about
  const used = usedSheets(now, about)
  const isHeld = ({ kind, number }: OneSheet): boolean =>
    held.some((each) => each.kind === kind && each.number === number)
  const emptiest = used
    .filter((sheet) => !isHeld(sheet))
    .sort((a, b) => b.free / stock[b.kind].ground.area - a.free / stock[a.kind].ground.area)
  const from =
    now.unplaced.length > 0 ? null : emptiest[random() < 0.8 ? 0 : Math.floor(random() * emptiest.length)]
  if (now.unplaced.length === 0 && (!from || used.length < 2)) return null
  const wanted = from?.loose ?? shuffled(now.unplaced, random).slice(0, MOST_TOGETHER)
  if (wanted.length > MOST_TOGETHER) return null
  const sheets: OneSheet[] = []
  for (const sheet of shuffled(used, random)) {
    if (sheet === from) continue
    const together = sumOf(sheets.map(({ loose }) => loose.length)) + sheet.loose.length
    if (together <= MOST_TOGETHER) sheets.push(sheet)
  }
  if (sheets.length === 0) return null
  const whole = sumOf(sheets.map(({ kind }) => stock[kind].ground.area))
  const free = sumOf(sheets.map((sheet) => sheet.free))
  const takes = (some: OutlinePart[]): number => sumOf(some.map((part) => takenBy(part, gap)))
  const isOpen = (part: OutlinePart): boolean => sheets.some(({ kind }) => part.poses[kind].length > 0)
  if (takes(wanted) <= free - (1 - DENSEST) * whole && wanted.every(isOpen) && random() < CHANCE_OF_ALL)
    return { sheets, added: wanted, most: MOST_FOR_ALL * patience }
  const dense = LEAST_DENSE + (DENSEST - LEAST_DENSE) * random()
  const added: OutlinePart[] = []
  for (const part of shuffled(wanted.filter(isOpen), random))
    if (takes([...added, part]) <= free - (1 - dense) * whole) added.push(part)
  return added.length > 0 ? { sheets, added, most: MOST_FOR_SOME } : null
}

/** One goal's search: yields null while it looks, returns the layout in which it is reached. */
function* reach(goal: Goal, now: Laid, about: About, levels: Levels): Generator<null, Laid | null> {
  const { stock, held, random } = about
  const indexOf = ({ kind, number }: Lying): number =>
    goal.sheets.findIndex((sheet) => sheet.kind === kind && sheet.number === number)
  const before = new Map(now.lying.map((each) => [each.part, each]))
  const added = new Set(goal.added.map(({ id }) => id))
  const kept = goal.sheets.flatMap(({ loose }) => loose)
  const together = [...kept, ...goal.added]
  const toPlace = together.map((part): PartToPlace => {
    const each = added.has(part.id) ? undefined : before.get(part.id)
    const from: Place | null = each ? { sheet: indexOf(each), pose: each.pose, x: each.x, y: each.y } : null
    return { poses: goal.sheets.map(({ kind }) => part.poses[kind]), from }
  })
  const sheets = goal.sheets.map(({ kind, number }) => ({
    ground: stock[kind].ground,
    pinned: held
      .filter((each) => each.kind === kind && each.number === number)
      .flatMap(({ pose, x, y }) => pose.rings.map((ring) => shiftPoints(ring, x, y))),
  }))
  const search = driveApart(toPlace, sheets, levels, random)
  for (let chunk = 0; chunk < goal.most; chunk++) {
    const step = search.next()
    if (step.done) return null
    if (!step.value) {
      yield null
      continue
    }
    const moved = new Set(together.map(({ id }) => id))
    const placed = step.value.map(({ sheet, pose, x, y }, i): Lying => {
      const { kind, number } = goal.sheets[sheet]
      return { part: together[i].id, kind, number, pose, x, y }
    })
    const others = now.lying.filter(({ part }) => !moved.has(part))
    return {
      lying: renumbered([...others, ...placed], held, about.parts),
      unplaced: now.unplaced.filter(({ id }) => !moved.has(id)),
    }
  }
  return null
}

/** Counts the sheets of a kind from the fullest to the emptiest; not where something is pinned. */
function renumbered(lying: Lying[], held: Lying[], parts: OutlinePart[]): Lying[] {
  const pinned = new Set(held.map(({ kind }) => kind))
  const areas = new Map(parts.map(({ id, area }) => [id, area]))
  const filled = new Map<string, number>()
  const keyOf = ({ kind, number }: Lying): string => `${kind} ${number}`
  for (const each of lying)
    filled.set(keyOf(each), (filled.get(keyOf(each)) ?? 0) + (areas.get(each.part) ?? 0))
  const order = [...filled.keys()].sort((a, b) => filled.get(b)! - filled.get(a)!)
  return lying.map((each) => {
    if (pinned.has(each.kind)) return each
    const number = order.filter((key) => key.startsWith(`${each.kind} `)).indexOf(keyOf(each))
    return { ...each, number }
  })
}

/**
 * Takes the parts of the emptiest sheet onto the others, all of them or some, again and again: overlaps are
 * allowed, and driven out. Yields after each chunk of work; what it yields is a better layout, or null.
 * @param now the best layout so far
 */
export function* dissolve(now: () => Laid, about: About): Generator<Laid | null, never> {
  const levels = new Levels(about.gap)
  // a goal that was missed is looked for longer the next time
  let patience = 1
  for (let last = now(); ;) {
    const from = now()
    if (from !== last) patience = 1
    last = from
    const goal = goalOf(from, about, patience)
    if (!goal) {
      yield null
      continue
    }
    const search = reach(goal, from, about, levels)
    for (let step = search.next(); ; step = search.next()) {
      yield step.value
      if (step.done || now() !== from) break
    }
    if (goal.most > MOST_FOR_SOME) patience *= 2
  }
}
