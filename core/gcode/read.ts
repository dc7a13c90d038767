import type { Point } from '../geometry'
import type { Machine } from '../machine'
import { ownLines } from './own-lines'
import { read as words } from './words'

/** A straight move of the head, mm from the origin corner. */
export interface CodeMove {
  from: Point
  to: Point
  /** mm/s; null for a move as quick as the machine goes. */
  speed: number | null
  /** Share of the whole power that the beam has, 0 to 1. */
  power: number
  air: boolean
  /** Whether it is made only once somebody says so. */
  waits?: true
}
export type CodeRead = { ok: true; moves: CodeMove[] } | { ok: false; error: string }

/** Characters and moves that a program may have. */
const LARGEST = 20_000_000
const MOST_MOVES = 600_000
/** Farther than any bed, mm. */
const FARTHEST = 20_000

const WORD = /([A-Z])\s*([-+]?(?:\d+\.?\d*|\.\d+))/g

/** No controller takes a line as long as that, characters. */
const LONGEST = 2000

/** A line without its comments, read once from left to right. */
function bare(line: string): string {
  let said = ''
  for (let at = 0; at < line.length; at++) {
    if (line[at] === ';') break
    if (line[at] !== '(') said += line[at]
    else {
      const end = line.indexOf(')', at)
      if (end < 0) break
      at = end
    }
  }
  return said.trim().toUpperCase()
}

/** What a machine knows while it follows a program: lengths in mm, feed in mm/s, power from 0 to 1. */
interface Machining {
  at: Point
  unit: number
  feed: number
  power: number
  motion: number
  isOn: boolean
  air: boolean
  waits: boolean
  isEnded: boolean
}

/** What the words of G and M do that change nothing but that. */
const CODES: Record<string, (machining: Machining) => void> = {
  G0: (m) => (m.motion = 0),
  G1: (m) => (m.motion = 1),
  G20: (m) => (m.unit = 25.4),
  G21: (m) => (m.unit = 1),
  G90: () => undefined,
  M0: (m) => (m.waits = true),
  M2: (m) => (m.isEnded = true),
  M3: (m) => (m.isOn = true),
  M4: (m) => (m.isOn = true),
  M5: (m) => (m.isOn = false),
  M30: (m) => (m.isEnded = true),
}

/** The words of a line, one after another; where the head is to go, or why that cannot be read. */
function obey(line: string, machining: Machining, scale: number): { to: Point | null } | { why: string } {
  const left = line.replace(WORD, '').trim()
  if (left !== '') return { why: words.cannotReadOnly(left.slice(0, 20)) }
  let to: Point | null = null
  for (const [, letter, digits] of line.matchAll(WORD)) {
    const value = Number(digits)
    const code = CODES[`${letter}${value}`]
    if (code) code(machining)
    else if (letter === 'S') machining.power = Math.min(1, Math.max(0, value / scale))
    else if (letter === 'F') machining.feed = (value * machining.unit) / 60
    else if (letter === 'X') to = { ...(to ?? machining.at), x: value * machining.unit }
    else if (letter === 'Y') to = { ...(to ?? machining.at), y: value * machining.unit }
    else return { why: words.notKnownHere(letter, digits) }
    if (machining.isEnded) return { to: null }
  }
  return { to }
}

/** Why a move cannot be made; empty when it can. */
function against(to: Point, { motion, feed }: Machining, made: number): string {
  if (Math.max(Math.abs(to.x), Math.abs(to.y)) > FARTHEST) return words.mOffCheck
  if (motion === 1 && !(feed > 0)) return words.cuttingMoveNo
  return made >= MOST_MOVES ? words.tooManyMoves : ''
}

/** The move to a place, made. */
function moveTo(to: Point, machining: Machining): CodeMove {
  const { at, motion, feed, isOn, power, air, waits } = machining
  const isCut = motion === 1
  machining.waits = false
  machining.at = to
  return {
    from: at,
    to,
    speed: isCut ? feed : null,
    power: isCut && isOn ? power : 0,
    air,
    ...(waits ? { waits: true as const } : {}),
  }
}

/** Lines that are read in one go. */
const IN_ONE_GO = 20_000

/**
 * Reads a program as our own machines get it: straight moves with feed and power. A word that would do
 * something else is refused, not passed over. Step by step: who reads it may do other things between.
 * @param words the machine's own: its scale, what turns the air on and off, what it says before and after
 */
export function* codeSteps(
  text: string,
  { scale, airOn, airOff, header, footer }: Omit<Machine['code'], 'dynamic'>,
): Generator<undefined, CodeRead> {
  if (text.length > LARGEST) return { ok: false, error: words.programLargerMb(LARGEST / 1e6) }
  const moves: CodeMove[] = []
  const own = new Set([...ownLines(header), ...ownLines(footer)].map(bare))
  const [on, off] = [bare(airOn), bare(airOff)]
  const begun = { at: { x: 0, y: 0 }, unit: 1, feed: 0, power: 0, motion: 0 }
  const machining: Machining = { ...begun, isOn: false, air: false, waits: false, isEnded: false }
  const ends = /\r\n|\r|\n/g
  for (let from = 0, number = 1; from <= text.length && !machining.isEnded; number++) {
    const end = ends.exec(text)
    const raw = text.slice(from, end?.index ?? text.length)
    from = end ? ends.lastIndex : text.length + 1
    if (number % IN_ONE_GO === 0) yield
    const refused = (why: string): CodeRead => ({ ok: false, error: words.line(number, why) })
    if (raw.length > LONGEST) return refused(words.charactersNoLine(raw.length, LONGEST))
    const line = bare(raw)
    if (line === '') continue
    if (line === on || line === off) machining.air = line === on
    else if (!own.has(line)) {
      const done = obey(line, machining, scale)
      const why = 'why' in done ? done.why : done.to ? against(done.to, machining, moves.length) : ''
      if (why !== '') return refused(why)
      if ('to' in done && done.to) moves.push(moveTo(done.to, machining))
    }
  }
  return { ok: true, moves }
}

/** The same at one go. */
export function readCode(text: string, words: Omit<Machine['code'], 'dynamic'>): CodeRead {
  const steps = codeSteps(text, words)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}
