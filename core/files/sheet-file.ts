import type { Point } from '../geometry'
import { OPERATION_NAMES, OUR_COLOURS, type Machine } from '../machine'
import { holeAt, ownWayOf, stagesOf, type CutPath, type OwnWay } from '../plan'

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
  /** The name as a layer or an id, its own in its file. */
  id: string
  colour: string
  paths: CutPath[]
}

/** The group of what is only there to lay the sheet by. */
const AIMED = 'registration: do not cut'
const AIM_COLOUR = '#8c8c8c'

/** What stands before the figures of a name, as layers and ids may be written. */
const plainName = (name: string): string =>
  name
    .split(':')[0]
    .match(/[\p{L}\p{N}]+/gu)
    ?.join('-') ?? 'own'

/** The groups of a file, in cutting order; none is empty, and no two have one name. */
export function groupsOf({ paths, colours = OUR_COLOURS, own = [], aim = [] }: SheetFile): PathGroup[] {
  const wayFor = ownWayOf(own)
  const groups = stagesOf(paths).map(({ operation, paths: ofStage }) => {
    const way = wayFor(ofStage[0])
    const name = way?.name ?? OPERATION_NAMES[operation]
    return { name, colour: way?.colour ?? colours[operation], paths: ofStage }
  })
  const shown = aim.length > 0 ? [{ name: AIMED, colour: AIM_COLOUR, paths: aim.map(holeAt) }] : []
  const taken = new Map<string, number>()
  return [...groups, ...shown].map((group) => {
    const plain = plainName(group.name)
    const count = (taken.get(plain) ?? 0) + 1
    taken.set(plain, count)
    return count > 1
      ? { ...group, name: `${group.name} ${count}`, id: `${plain}-${count}` }
      : { ...group, id: plain }
  })
}
