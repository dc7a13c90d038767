import { PLAIN_BOX, sameTabs, type BoxSpec, type Cells } from '../box'
import type { Whole } from '../whole'

/** A number that a kind is made from. */
export interface KindNumber {
  name: string
  unit: 'mm' | 'count' | 'degrees'
  least: number
  most: number
  default: number
  meaning: string
}

/** A choice that a kind is made from. */
export interface KindChoice {
  name: string
  unit: 'choice'
  choices: readonly string[]
  default: string
  meaning: string
}

/** Words that a kind is made from. */
export interface KindText {
  name: string
  unit: 'text'
  /** Letters at most. */
  most: number
  default: string
  meaning: string
}

export type KindInput = KindNumber | KindChoice | KindText
export type KindValues = Record<string, number | string>

/** A function from a few numbers to a box, or to boxes that stand in each other. Lengths in mm. */
export interface Kind {
  kind: string
  title: string
  /** What it is used for, in the words of those who look for it. */
  words: string
  numbers: KindInput[]
  /** One sentence where nothing can be made of these values; checked before it is made. */
  refuses?: (values: KindValues) => string | null
  make: (values: KindValues) => BoxSpec
  /** What the other boxes are like, where there are any. */
  other?: (values: KindValues) => BoxSpec
  whole?: (values: KindValues) => Whole
}

/** A length with its limits and its default. */
export const length = (
  name: string,
  meaning: string,
  [least, most]: [number, number],
  byDefault: number,
): KindNumber => ({ name, unit: 'mm', least, most, default: byDefault, meaning })

export const count = (
  name: string,
  meaning: string,
  [least, most]: [number, number],
  byDefault: number,
): KindNumber => ({ name, unit: 'count', least, most, default: byDefault, meaning })

export const degrees = (
  name: string,
  meaning: string,
  [least, most]: [number, number],
  byDefault: number,
): KindNumber => ({ name, unit: 'degrees', least, most, default: byDefault, meaning })

export const choice = (name: string, meaning: string, choices: readonly string[]): KindChoice => ({
  name,
  unit: 'choice',
  choices,
  default: choices[0],
  meaning,
})

export const text = (name: string, meaning: string, most: number, lines: string[]): KindText => ({
  name,
  unit: 'text',
  most,
  default: lines.join('; '),
  meaning,
})

/** What every kind is cut from, and how its edges are shared out. */
export const THICKNESS = length('thickness', 'thickness of the sheet', [0.5, 30], 3)
export const TAB = length('tab', 'wanted width of tabs', [1, 200], 9)

export const numberOf = (values: KindValues, name: string): number => Number(values[name])

/** A box of fingers of the size that was said, its tabs near the wanted width: what kinds begin with. */
export const sizedBox = (values: KindValues, sizesAre: BoxSpec['sizesAre']): BoxSpec => ({
  ...PLAIN_BOX,
  sizesAre,
  width: numberOf(values, 'width'),
  depth: numberOf(values, 'depth'),
  height: numberOf(values, 'height'),
  tabs: sameTabs({ rule: 'even', width: numberOf(values, 'tab') }),
  proud: 0,
})

/** Cells of equal widths. */
export const equalCells = (cells: number): Cells =>
  cells > 1 ? Array.from({ length: cells }, () => null) : []

/** Whether a kind is made from a list of things, which is typed on a page of its own. */
export const asksForList = ({ numbers }: Pick<Kind, 'numbers'>): boolean =>
  numbers.some(({ name }) => name === 'things')
