import { hiddenMachine, hiddenSheet, type Hidden, type HiddenSheet } from '../rehearse'
import { randomFrom } from '../statistics'

/** The laser and the sheet that a course is held on: one code, one bench. Lengths in mm. */
export interface World {
  seed: number
  machine: Hidden
  sheet: HiddenSheet
  /** What the sheet is sold as, and how thick it is where one reads it first. */
  label: number
  thickness: number
}

const SIZE = { width: 400, height: 300 }
const LABEL = 3

/** Letters and digits that nobody takes for another one. */
const LETTERS = 'ACDEFHJKMNPRTUVWXY3479'
const LONG = 4
const CODES = LETTERS.length ** LONG

/** A bench of its own for each seed: invented, within what makers report. */
export function worldOf(seed: number): World {
  const random = randomFrom(seed * 31 + 5)
  const width = 0.1 + 0.2 * random()
  const known = { family: 'plywood' as const, kerf: { x: width, y: width }, doubt: 0, through: null }
  const sheet = unlikeItsLabel(seed, (random() < 0.5 ? -1 : 1) * (OFF + 0.12 * random()))
  const thickness = Number(sheet.thickness(SIZE.width / 2, 20).toFixed(2))
  return { seed, machine: hiddenMachine(seed, known), sheet, label: LABEL, thickness }
}

/** Every place of the front edge is so far from the label, mm: a sheet that is measured tells something. */
const OFF = 0.1
function unlikeItsLabel(seed: number, off: number): HiddenSheet {
  for (let nth = 0; ; nth++) {
    const sheet = hiddenSheet(seed, nth, SIZE, { mean: LABEL + off, doubt: 0.05 }, 'plywood')
    const places = [0, 0.5, 1].map((share) => sheet.thickness(share * SIZE.width, 20))
    if (places.every((thickness) => Math.abs(thickness - LABEL) > OFF)) return sheet
  }
}

/** Four letters that stand for a seed, so that a class works on the same bench. @param seed 0 to 234,255 */
export function codeOf(seed: number): string {
  let [rest, code] = [seed % CODES, '']
  for (let i = 0; i < LONG; i++) {
    code = LETTERS[rest % LETTERS.length] + code
    rest = Math.floor(rest / LETTERS.length)
  }
  return code
}

/** The seed of a code, in capitals or not; null where it is no code. */
export function seedOf(code: string): number | null {
  const letters = [...code.trim().toUpperCase()].map((letter) => LETTERS.indexOf(letter))
  if (letters.length !== LONG || letters.includes(-1)) return null
  return letters.reduce((seed, letter) => seed * LETTERS.length + letter, 0)
}

/** Any seed that a code can say. @param random in [0, 1) */
export const anySeed = (random: number): number => Math.floor(random * CODES)
