import type { FieldEntry } from './field-entry'

/** Fields of Lay out. */
export const LAYOUT_FIELDS: FieldEntry[] = [
  {
    id: 'board-stock',
    label: 'Stock whose sheets are shown',
    station: 'layout',
    words: 'material second other sheets',
    behind: 'sheets',
  },
  { id: 'sheet-width', label: 'Sheet width', station: 'layout', words: 'board size' },
  { id: 'sheet-height', label: 'Sheet height', station: 'layout', words: 'board size' },
  { id: 'margin', label: 'Margin', station: 'layout', words: 'border edge keep free', term: 'margin' },
  {
    id: 'part-gap',
    label: 'Gap between parts',
    station: 'layout',
    words: 'spacing distance nesting',
    term: 'spacing',
  },
  { id: 'sheets', label: 'Sheets that may be used', station: 'layout', words: 'how many boards' },
  {
    id: 'pieces-first',
    label: 'Offcuts or whole sheets first',
    station: 'layout',
    words: 'scrap remnant left over cheapest oldest',
    term: 'offcut',
  },
  {
    id: 'search-on',
    label: 'Search on for a better layout',
    station: 'layout',
    words: 'nesting optimise improve longer',
  },
  {
    id: 'what-helps',
    label: 'What would save a sheet',
    station: 'layout',
    words: 'fewer sheets gap margin smaller hint advice',
    behind: 'search-on',
  },
  {
    id: 'in-openings',
    label: 'Parts in the openings of others',
    station: 'layout',
    words: 'window hole inside nesting',
  },
  {
    id: 'name-rest',
    label: 'Name on what is left over',
    station: 'layout',
    words: 'label remnant offcut score',
    term: 'offcut',
  },
  {
    id: 'grain',
    label: 'How panels lie to the grain',
    station: 'layout',
    words: 'fibre direction',
    term: 'grain',
  },
  { id: 'turning', label: 'Parts may be turned', station: 'layout', words: 'rotate rotation nesting' },
  { id: 'part', label: 'Parts on the sheets', station: 'layout', words: 'panel drag turn pin move' },
  {
    id: 'part-place',
    behind: 'part',
    label: 'Where a part lies',
    station: 'layout',
    words: 'position move place x y',
  },
]
