import type { Station } from '@core/say'

/** A field that can be found by the words people use, and where it is. */
export interface FieldEntry {
  /** The `data-field` that it carries. */
  id: string
  label: string
  station: Station
  /** What must be set first for it to be there; Find leads to that while it is not. */
  behind?: string
  view?: 'kerf' | 'price' | 'count' | 'cut'
  /** Other words for it, and what it is often confused with. */
  words: string
  /** What its word means, in the glossary. */
  term?: string
}

/** Writes entries of one station. */
export const at =
  (station: Station) =>
  (id: string, label: string, words: string, more: Partial<FieldEntry> = {}): FieldEntry => ({
    id,
    label,
    station,
    words,
    ...more,
  })
