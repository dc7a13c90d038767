/** Where a figure came from, in words that stand beside it. */
type Source =
  | 'reading'
  | 'test'
  | 'log'
  | 'your choice'
  | 'derived'
  | 'default'
  | 'common practice'
  | 'from memory'
  | 'by definition'

/** One quantity that goes into a formula, with its value as it is shown. */
interface Term {
  symbol: string
  meaning: string
  value: string
  source: Source
}

/**
 * What stands behind a derived figure: the formula, the same formula with the real figures in it, and their
 * sources.
 */
export interface Working {
  title: string
  result: string
  formula: string
  substituted: string
  terms: Term[]
  note?: string
}
