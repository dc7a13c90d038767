import { INTO_KINDS, PLAIN_BOX, sameTabs, withInto, type BoxSpec, type Cells, type IntoKind } from '../box'
import { choice, length, numberOf, TAB, text, THICKNESS, type Kind, type KindValues } from './kind'
import { divisionsFor, KEPT, MOST_CELLS, MOST_TEXT, readThings, type Division, type Kept } from './things'

/** Proposals, the smallest tray first. */
const PROPOSALS = ['1', '2', '3'] as const

const round = (value: number): number => Number(value.toFixed(4))

/** All but the last as wide as they must be; the last takes what rounding leaves. */
const cellsOf = (widths: number[]): Cells =>
  widths.length < 2 ? [] : widths.map((width, i) => (i < widths.length - 1 ? round(width) : null))

/**
 * Trays for what was typed, the smallest first; a sentence where the list cannot be read. Bare figures are
 * millimetres unless `unit` says `in`.
 */
export function traysFor(values: KindValues): { divisions: Division[] } | { error: string } {
  const read = readThings(String(values.things), values.unit === 'in' ? 'in' : 'mm')
  if (!read.ok) return { error: read.error }
  const { things } = read
  const wall = numberOf(values, 'thickness')
  const divisions = divisionsFor(things, values.kept as Kept, numberOf(values, 'finger-room'), wall)
  return divisions.length > 0
    ? { divisions }
    : {
        error:
          `These are more than ${MOST_CELLS} cells. ` +
          'Keep those that are alike together, or make two trays.',
      }
}

const inner = (widths: number[], wall: number): number =>
  widths.reduce((total, width) => total + width, 0) + (widths.length - 1) * wall

/** A tray whose cells are made for a list of things. */
export const thingsTray: Kind = {
  kind: 'things-tray',
  title: 'Tray for given things',
  words: 'organiser insert what goes in contents tools parts sorting fitted sizes list',
  numbers: [
    text('things', 'what goes in: width × depth × height as it lies, or d diameter × height', MOST_TEXT, [
      '6 of 40 × 25 × 20 mm',
      '2 of 120 × 30 × 25 mm',
      '4 of d 30 × 40 mm',
    ]),
    choice('kept', 'how things alike are kept', KEPT),
    length('finger-room', 'room for fingers, in each cell both ways', [0, 200], 6),
    length('room-above', 'room above the highest thing', [0, 500], 5),
    choice('proposal', 'which of the trays that were found, the smallest first', PROPOSALS),
    length('scoop', 'depth of the scoops for fingers', [0, 200], 0),
    choice('into', 'how dividers stand in the walls', INTO_KINDS),
    TAB,
    THICKNESS,
  ],
  refuses(values) {
    const found = traysFor(values)
    return 'error' in found ? found.error : null
  },
  make(values): BoxSpec {
    const found = traysFor(values)
    if ('error' in found) throw new Error(found.error)
    const { divisions } = found
    const { columns, rows, cells } = divisions[Math.min(Number(values.proposal), divisions.length) - 1]
    const thickness = numberOf(values, 'thickness')
    const highest = Math.max(...cells.map((cell) => cell?.things.height ?? 0))
    const height = Math.max(10, highest + numberOf(values, 'room-above'))
    const box: BoxSpec = {
      ...PLAIN_BOX,
      sizesAre: 'inner',
      width: round(inner(columns, thickness)),
      depth: round(inner(rows, thickness)),
      height: round(height),
      tabs: sameTabs({ rule: 'even', width: numberOf(values, 'tab') }),
      proud: 0,
      dividers: {
        ...PLAIN_BOX.dividers,
        columns: { cells: cellsOf(columns), height: round(height), lift: 0 },
        rows: { cells: cellsOf(rows), height: round(height), lift: 0 },
        scoop: numberOf(values, 'scoop'),
      },
    }
    return withInto(box, values.into as IntoKind, thickness)
  },
}
