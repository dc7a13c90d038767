import { OPERATION_NAMES, OPERATIONS, OUR_COLOURS, type Machine } from '../machine'
import type { Point } from '../geometry'
import { holeAt, ownWayOf, type CutPath, type OwnWay } from '../plan'

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
  /** What goes by itself, in a colour and with a name of its own. */
  own?: OwnWay[]
  /** Holes that are in the sheet already, to lay it by: never cut. */
  aim?: Point[]
}

/** Lines that go together in a file: an operation, or what goes by itself. */
export interface PathGroup {
  name: string
  colour: string
  paths: CutPath[]
}

/** The group of what is only there to lay the sheet by. */
const AIMED = 'registration: do not cut'
const AIM_COLOUR = '#8c8c8c'

/** The groups of a file in cutting order; none is empty. */
export function groupsOf({ paths, colours = OUR_COLOURS, own = [], aim = [] }: SheetFile): PathGroup[] {
  const wayFor = ownWayOf(own)
  const groups = [
    ...OPERATIONS.map((operation) => ({
      name: OPERATION_NAMES[operation],
      colour: colours[operation],
      paths: paths.filter((path) => path.operation === operation && !wayFor(path)),
    })),
    ...own.map((way) => ({
      name: way.name,
      colour: way.colour,
      paths: paths.filter((path) => wayFor(path) === way),
    })),
    { name: AIMED, colour: AIM_COLOUR, paths: aim.map(holeAt) },
  ]
  return groups.filter((group) => group.paths.length > 0)
}
