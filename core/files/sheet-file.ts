import { OPERATION_NAMES, OPERATIONS, OUR_COLOURS, type Machine } from '../machine'
import type { CutPath, OwnWay } from '../plan'

/**
 * What a cut file of one load is written from. Lengths in mm, y up, from the lower left corner of what lies
 * on the bed.
 */
export interface SheetFile {
  title: string
  /** What is true of the file, one sentence each: compensation, unit, stock, where the sheet goes. */
  statement: string
  width: number
  height: number
  paths: CutPath[]
  colours?: Machine['colours']
  /** Parts whose paths go by themselves, in a colour and with a name of their own. */
  own?: OwnWay[]
}

/** Lines that go together in a file: an operation, or what goes by itself. */
export interface PathGroup {
  name: string
  colour: string
  paths: CutPath[]
}

/** The groups of a file in cutting order; none is empty. */
export function groupsOf({ paths, colours = OUR_COLOURS, own = [] }: SheetFile): PathGroup[] {
  const alone = new Set(own.map(({ part }) => part))
  const groups = [
    ...OPERATIONS.map((operation) => ({
      name: OPERATION_NAMES[operation],
      colour: colours[operation],
      paths: paths.filter((path) => path.operation === operation && !alone.has(path.part)),
    })),
    ...own.map(({ part, name, colour }) => ({
      name,
      colour,
      paths: paths.filter((path) => path.part === part),
    })),
  ]
  return groups.filter((group) => group.paths.length > 0)
}
