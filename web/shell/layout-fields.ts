import { helpList, layoutForm } from '@web/stations/layout/words'
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
  { id: 'sheet-width', label: layoutForm.sheetWidth, station: 'layout', words: 'board size' },
  { id: 'sheet-height', label: layoutForm.sheetHeight, station: 'layout', words: 'board size' },
  {
    id: 'margin',
    label: layoutForm.margin,
    station: 'layout',
    words: 'border edge keep free',
    term: 'margin',
  },
  {
    id: 'part-gap',
    label: layoutForm.gapBetweenParts,
    station: 'layout',
    words: 'spacing distance nesting',
    term: 'spacing',
  },
  { id: 'sheets', label: layoutForm.sheetsMayUsed, station: 'layout', words: 'how many boards' },
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
    label: helpList.saveSheet,
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
  { id: 'turning', label: layoutForm.partsMayTurned, station: 'layout', words: 'rotate rotation nesting' },
  {
    id: 'any-angle',
    label: 'Parts at any angle',
    station: 'layout',
    words: 'free rotate rotation degrees nesting offcut',
  },
  {
    id: 'share-edges',
    label: 'Straight edges cut once',
    station: 'layout',
    words: 'common line shared cut save time nesting',
  },
  {
    id: 'part-angle',
    behind: 'part',
    label: 'Angle of a part',
    station: 'layout',
    words: 'turn rotate degrees',
  },
  { id: 'part', label: 'Parts on the sheets', station: 'layout', words: 'panel drag turn pin move' },
  {
    id: 'part-place',
    behind: 'part',
    label: 'Where a part lies',
    station: 'layout',
    words: 'position move place x y',
  },
]
