import { INTO_KINDS, PLAIN_BOX, sameTabs, withInto, type BoxSpec, type IntoKind } from '../box'
import { choice, count, equalCells, length, numberOf, TAB, THICKNESS, type Kind } from './kind'

/** A tray of equal cells: so many columns and rows, each as large as is said. */
export const dividedTray: Kind = {
  kind: 'divided-tray',
  title: 'Tray with lapped dividers',
  words: 'organiser sorting compartments specimens screws beads cells',
  numbers: [
    count('columns', 'cells across', [1, 20], 3),
    count('rows', 'cells along', [1, 20], 3),
    length('cell-width', 'inner width of a cell', [5, 1000], 50),
    length('cell-depth', 'inner depth of a cell', [5, 1000], 50),
    length('height', 'outer height of the walls', [10, 500], 67),
    length('divider-height', 'height of the dividers', [5, 500], 63),
    length('scoop', 'depth of the scoops for fingers', [0, 200], 0),
    choice('into', 'how dividers stand in the walls', INTO_KINDS),
    TAB,
    THICKNESS,
  ],
  make(values): BoxSpec {
    const [columns, rows] = [numberOf(values, 'columns'), numberOf(values, 'rows')]
    const thickness = numberOf(values, 'thickness')
    const inner = (cells: number, width: number): number => cells * width + (cells - 1) * thickness
    const height = numberOf(values, 'divider-height')
    const box: BoxSpec = {
      ...PLAIN_BOX,
      sizesAre: 'inner',
      width: inner(columns, numberOf(values, 'cell-width')),
      depth: inner(rows, numberOf(values, 'cell-depth')),
      height: numberOf(values, 'height') - thickness,
      tabs: sameTabs({ rule: 'even', width: numberOf(values, 'tab') }),
      proud: 0,
      dividers: {
        ...PLAIN_BOX.dividers,
        columns: { cells: equalCells(columns), height, lift: 0 },
        rows: { cells: equalCells(rows), height, lift: 0 },
        scoop: numberOf(values, 'scoop'),
      },
    }
    return withInto(box, values.into as IntoKind, thickness)
  },
}
