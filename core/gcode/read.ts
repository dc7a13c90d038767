import type { Point } from '../geometry'
import type { Machine } from '../machine'
import { ownLines } from './own-lines'

/** A straight move of the head, mm from the origin corner. */
export interface CodeMove {
  from: Point
  to: Point
  /** mm/s; null for a move as quick as the machine goes. */
  speed: number | null
  /** Share of the whole power that the beam has, 0 to 1. */
  power: number
  air: boolean
  /** Whether the beam was switched on anew for it. */
  begins: boolean
  /** Whether it is made only once somebody says so. */
  waits?: true
}
export type CodeRead = { ok: true; moves: CodeMove[] } | { ok: false; error: string }

/** Characters and moves that a program may have. */
const LARGEST = 40_000_000
const MOST_MOVES = 2_000_000
/** Farther than any bed, mm. */
const FARTHEST = 20_000

const WORD = /([A-Z])\s*([-+]?(?:\d+\.?\d*|\.\d+))/g

/** A line without its comments. */
const bare = (line: string): string =>
  line
    .replace(/\([^)]*\)|;.*$/g, '')
    .trim()
    .toUpperCase()

/**
 * Reads a program as our own machines get it: straight moves with feed and power. A word that would do
 * something else is refused, not passed over.
 * @param words the machine's own: its scale, what turns the air on and off, what it says before and after
 */
export function readCode(
  text: string,
  { scale, airOn, airOff, header, footer }: Omit<Machine['code'], 'dynamic'>,
): CodeRead {
  const refused = (line: number, why: string): CodeRead => ({ ok: false, error: `Line ${line}: ${why}` })
  if (text.length > LARGEST)
    return { ok: false, error: `This program is larger than ${LARGEST / 1e6} MB. Cut it in parts.` }
  const moves: CodeMove[] = []
  const lines = text.split(/\r\n|\r|\n/)
  const own = new Set([...ownLines(header), ...ownLines(footer)].map(bare))
  let at: Point = { x: 0, y: 0 }
  let [unit, feed, power, isOn, isNew, air, motion, waits] = [1, 0, 0, false, false, false, 0, false]
  for (const [i, raw] of lines.entries()) {
    const line = bare(raw)
    if (line === '') continue
    if (line === bare(airOn)) air = true
    else if (line === bare(airOff)) air = false
    else if (!own.has(line)) {
      const left = line.replace(WORD, '').trim()
      if (left !== '') return refused(i + 1, `“${left.slice(0, 20)}” cannot be read. Only plain words are.`)
      const to = { ...at }
      let moved = false
      for (const [, letter, digits] of line.matchAll(WORD)) {
        const value = Number(digits)
        if (letter === 'G' && (value === 0 || value === 1)) motion = value
        else if (letter === 'G' && value === 21) unit = 1
        else if (letter === 'G' && value === 20) unit = 25.4
        else if (letter === 'G' && value === 90) continue
        else if (letter === 'M' && value === 0) waits = true
        else if (letter === 'M' && (value === 3 || value === 4)) isOn = isNew = true
        else if (letter === 'M' && value === 5) isOn = false
        else if (letter === 'M' && (value === 2 || value === 30)) return { ok: true, moves }
        else if (letter === 'S') power = Math.min(1, Math.max(0, value / scale))
        else if (letter === 'F') feed = (value * unit) / 60
        else if (letter === 'X' || letter === 'Y') {
          to[letter === 'X' ? 'x' : 'y'] = value * unit
          moved = true
        } else return refused(i + 1, `${letter}${digits} is not known here. Take it out.`)
      }
      if (!moved) continue
      if (Math.max(Math.abs(to.x), Math.abs(to.y)) > FARTHEST)
        return refused(i + 1, 'this is 20 m off. Look whether the unit is right.')
      if (motion === 1 && !(feed > 0)) return refused(i + 1, 'a cutting move has no feed. Give it an F word.')
      if (moves.length >= MOST_MOVES) return refused(i + 1, 'there are too many moves. Cut it in parts.')
      moves.push({
        from: at,
        to,
        speed: motion === 1 ? feed : null,
        power: motion === 1 && isOn ? power : 0,
        air,
        begins: isNew,
        ...(waits ? { waits: true as const } : {}),
      })
      waits = false
      if (motion === 1) isNew = false
      at = to
    }
  }
  return { ok: true, moves }
}
