/** Why a sum could not be worked out, with the place in the text. */
class NotASum extends Error {}

/**
 * Works out typed arithmetic: `+ − * / ( )`, decimal point or comma, and mixed numbers such as `3 1/8`. Nothing is run: the text is
 * read sign by sign.
 * @returns the value, or null when the text is no sum or divides by zero
 * @example calculate('2*2.95+0.1') // 6
 */
export function calculate(text: string): number | null {
  const signs = text.replace(/[×·]/g, '*').replace(/[÷]/g, '/').replace(/−/g, '-')
  let at = 0
  const skip = (): void => {
    while (signs[at] === ' ') at++
  }
  const takes = (sign: string): boolean => {
    skip()
    if (signs[at] !== sign) return false
    at++
    return true
  }

  function number(): number {
    skip()
    const match = /^(\d+([.,]\d*)?|[.,]\d+)/.exec(signs.slice(at))
    if (!match) throw new NotASum()
    at += match[0].length
    const value = Number(match[0].replace(',', '.'))
    const fraction = /^ +(\d+) *\/ *(\d+)/.exec(signs.slice(at)) // 3 1/8 is three and an eighth
    if (!fraction || !/^\d+$/.test(match[0]) || Number(fraction[2]) === 0) return value
    at += fraction[0].length
    return value + Number(fraction[1]) / Number(fraction[2])
  }
  function factor(): number {
    if (takes('-')) return -factor()
    if (!takes('(')) return number()
    const value = sum()
    if (!takes(')')) throw new NotASum()
    return value
  }
  function product(): number {
    let value = factor()
    for (;;) {
      if (takes('*')) value *= factor()
      else if (takes('/')) value /= factor()
      else return value
    }
  }
  function sum(): number {
    let value = product()
    for (;;) {
      if (takes('+')) value += product()
      else if (takes('-')) value -= product()
      else return value
    }
  }
  try {
    const value = sum()
    skip()
    return at === signs.length && Number.isFinite(value) ? value : null
  } catch (error) {
    if (error instanceof NotASum || error instanceof RangeError) return null
    throw error
  }
}
