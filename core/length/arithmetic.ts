/** Why a sum could not be worked out. */
class NotASum extends Error {}

/** What a sum came to: a plain number, or a length because units stand in it. */
export interface Worked {
  value: number
  isLength: boolean
}

/** Fractions that have a sign of their own. */
const VULGAR: Record<string, string> = {
  '½': '1/2', '¼': '1/4', '¾': '3/4', '⅓': '1/3', '⅔': '2/3', '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8',
} // oxfmt-ignore

const plainSigns = (text: string): string =>
  text
    .replace(/[×·]/g, '*')
    .replace(/÷/g, '/')
    .replace(/[−–]/g, '-')
    .replace(/⁄/g, '/')
    .replace(
      /(\d?) ?([½¼¾⅓⅔⅛⅜⅝⅞])/g,
      (_, whole: string, sign: string) => (whole ? `${whole} ` : '') + VULGAR[sign],
    )

/**
 * Reads a sum sign by sign; nothing is run. `unit` is what a bare number counts where others have a unit.
 */
class SumReader {
  private at = 0

  constructor(
    private readonly text: string,
    private readonly units: Record<string, number>,
    private readonly bare: number,
  ) {}

  whole(): Worked {
    const worked = this.sum()
    this.skip()
    if (this.at !== this.text.length || !Number.isFinite(worked.value)) throw new NotASum()
    return worked
  }

  private skip(): void {
    while (this.text[this.at] === ' ') this.at++
  }

  private takes(sign: string): boolean {
    this.skip()
    if (this.text[this.at] !== sign) return false
    this.at++
    return true
  }

  private match(pattern: RegExp): RegExpExecArray | null {
    const found = pattern.exec(this.text.slice(this.at))
    if (found) this.at += found[0].length
    return found
  }

  /** The unit that stands here, if any: the longest name that fits, and no letter after it. */
  private unit(): number | null {
    const found = /^ *([a-z"”″'’′]+)/.exec(this.text.slice(this.at))
    if (!found) return null
    const factor = this.units[found[1]]
    if (factor === undefined) throw new NotASum()
    this.at += found[0].length
    return factor
  }

  /** `3`, `3.05`, `3 1/8`, `3-1/8 in`, each with a unit or without. */
  private number(): Worked {
    this.skip()
    const digits = this.match(/^(\d+([.,]\d*)?|[.,]\d+)/)
    if (!digits) throw new NotASum()
    let value = Number(digits[0].replace(',', '.'))
    if (/^\d+$/.test(digits[0])) value = this.withFraction(value)
    const factor = this.unit()
    if (factor === null) return { value, isLength: false }
    return this.followed({ value: value * factor, isLength: true })
  }

  private withFraction(value: number): number {
    const spaced = this.match(/^ +(\d+) *\/ *(\d+)/)
    if (spaced) return value + this.ratio(spaced)
    // "1-1/2 in" is one and a half inch; without an inch after it, it is a subtraction.
    const hyphen = this.match(/^-(1|3|5|7|9|\d\d)\/(2|4|8|16|32|64)(?= *(?:in|inch|inches|["”″']))/)
    if (hyphen) return value + this.ratio(hyphen)
    const fraction = this.match(/^ *\/ *(\d+)(?= *[a-z"”″'’′])/)
    return fraction ? value / this.whatDivides(fraction[1]) : value
  }

  private ratio([, over, under]: RegExpExecArray): number {
    return Number(over) / this.whatDivides(under)
  }

  private whatDivides(text: string): number {
    if (Number(text) === 0) throw new NotASum()
    return Number(text)
  }

  /** `2' 3"`: inches right after feet are added. */
  private followed(feet: Worked): Worked {
    this.skip()
    return /\d/.test(this.text[this.at] ?? '') ? this.added(feet, this.number(), 1) : feet
  }

  private factor(): Worked {
    if (this.takes('-')) {
      const { value, isLength } = this.factor()
      return { value: -value, isLength }
    }
    if (!this.takes('(')) return this.number()
    const inner = this.sum()
    if (!this.takes(')')) throw new NotASum()
    const factor = this.unit()
    if (factor !== null && inner.isLength) throw new NotASum()
    return factor === null ? inner : { value: inner.value * factor, isLength: true }
  }

  private product(): Worked {
    let worked = this.factor()
    for (;;) {
      const times = this.takes('*')
      if (!times && !this.takes('/')) return worked
      const other = this.factor()
      if (times && worked.isLength && other.isLength) throw new NotASum()
      if (!times && other.isLength && !worked.isLength) throw new NotASum()
      worked = {
        value: times ? worked.value * other.value : worked.value / other.value,
        isLength: worked.isLength !== other.isLength,
      }
    }
  }

  private added(a: Worked, b: Worked, sign: 1 | -1): Worked {
    const isLength = a.isLength || b.isLength
    const size = ({ value, isLength: has }: Worked): number => (isLength && !has ? value * this.bare : value)
    return { value: size(a) + sign * size(b), isLength }
  }

  private sum(): Worked {
    let worked = this.product()
    for (;;) {
      if (this.takes('+')) worked = this.added(worked, this.product(), 1)
      else if (this.takes('-')) worked = this.added(worked, this.product(), -1)
      else return worked
    }
  }
}

/**
 * Works out typed arithmetic: `+ − * / ( )`, decimal point or comma, mixed numbers such as `3 1/8`, `1-1/2"`
 * and `1 ½`, and units behind any of them. Nothing is run: the text is read sign by sign.
 * @param units what one of each unit counts; none are read by default
 * @param bare what a number without a unit counts beside others that have one
 * @returns what it comes to, or null when the text is no sum or divides by zero
 * @example calculate('2*2.95+0.1') // { value: 6, isLength: false }
 */
export function calculate(text: string, units: Record<string, number> = {}, bare = 1): Worked | null {
  try {
    return new SumReader(plainSigns(text).trim(), units, bare).whole()
  } catch (error) {
    if (error instanceof NotASum || error instanceof RangeError) return null
    throw error
  }
}
