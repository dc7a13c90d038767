import type { Block, Part, Size } from '../assembly'
import {
  frontTop,
  kindOfLid,
  LIES,
  lidOf,
  partOf,
  SIDES,
  type Lid,
  type LidKind,
  type Materials,
  type PanelName,
  type Shell as FittingShell,
  type Thicknesses,
} from '../fittings'
import { roundLength } from '../joints'
import { bendReach, chainOf, isBent } from './bends'
import { shareCells } from './cells'
import { labelOf } from './in-use'
import {
  boxSizes,
  edgeId,
  isFlush,
  loweredBy,
  panelNames,
  raisedBy,
  setInOf,
  takenBelow,
  type BoxSpec,
} from './spec'

/** A box's sizes, and where its panels stand. Lengths in mm. */
export type Shell = FittingShell<BoxSpec>

/** The slab of space between a panel's two faces, on its own axis. */
function slabFor(spec: BoxSpec, outer: Size, t: Thicknesses, name: PanelName): [number, number] {
  const { axis, end } = SIDES[name]
  const back =
    axis === 'z' ? (end === 'low' ? raisedBy(spec) : loweredBy(spec, t)) : setInOf(spec.corners, axis)
  if (end === 'low') return [back, back === 0 ? t[name] : roundLength(back + t[name])]
  const to = back === 0 ? outer[axis] : roundLength(outer[axis] - back)
  return [roundLength(to - t[name]), to]
}
export const slab = ({ slabs }: Pick<Shell, 'slabs'>, name: PanelName): [number, number] => slabs[name]!

/** From where to where each column between dividers reaches; none where they do not fit. */
function columnsIn({ dividers }: BoxSpec, { min, max }: Block, thickness: number): [number, number][] {
  const { cells } = dividers.columns
  const shared = shareCells(cells.length > 0 ? cells : [null], max.x - min.x, thickness)
  if (!shared.ok) return []
  let left = min.x
  return shared.widths.map((width) => {
    const column: [number, number] = [left, left + width]
    left += width + thickness
    return column
  })
}

export function makeShell(spec: BoxSpec, materials: Materials): Shell {
  const sizes = boxSizes(spec, materials.mean)
  const outer: Size = {
    x: roundLength(sizes.outer.x),
    y: roundLength(sizes.outer.y),
    z: roundLength(sizes.outer.z),
  }
  const names = panelNames(spec)
  const slabs: Shell['slabs'] = {}
  const room: Block = { min: { x: 0, y: 0, z: 0 }, max: { ...outer } }
  for (const name of names) {
    const { axis, end } = SIDES[name]
    const [from, to] = (slabs[name] = slabFor(spec, outer, materials.mean, name))
    if (end === 'low') room.min[axis] = to
    else room.max[axis] = from
  }
  room.max.z -= takenBelow(spec, materials.mean)
  const columns = columnsIn(spec, room, materials.mean.dividers)
  return { spec, outer, inner: sizes.inner, names, materials, slabs, room, bent: chainOf(spec), columns }
}

/** Whether walls end below the top, which lies on them. */
export const isOnWalls = (spec: BoxSpec, t: Thicknesses): boolean =>
  sits(spec) === 'on the walls' && !isFlush(spec, 'top', t)

/** Whether the top reaches over the front wall, between the others. */
export const isOverFront = (spec: BoxSpec): boolean => sits(spec) === 'over the front'

function sits(spec: BoxSpec): LidKind<Lid>['sits'] | null {
  const lid = lidOf(spec)
  return lid && kindOfLid(lid).sits
}

/** Where a bend begins at one end of an axis, if it goes round the panel there; mm in the box. */
export function bendLimit(shell: Shell, name: PanelName, mate: PanelName): number | null {
  if (!isBent(shell.spec, name, mate)) return null
  const { axis, end } = SIDES[mate]
  const reach = bendReach(shell.spec, shell.materials.mean[mate])
  return roundLength(end === 'low' ? reach : shell.outer[axis] - reach)
}

/** The space a panel's blank fills, before its joints: as far as it is flat. */
function blankBlock(shell: Shell, name: PanelName): Block {
  const block = straightBlock(shell, name)
  for (const mate of shell.names) {
    const limit = bendLimit(shell, name, mate)
    if (limit !== null) block[SIDES[mate].end === 'low' ? 'min' : 'max'][SIDES[mate].axis] = limit
  }
  return block
}

function straightBlock(shell: Shell, name: PanelName): Block {
  const { axis } = SIDES[name]
  const block: Block = { min: { x: 0, y: 0, z: 0 }, max: { ...shell.outer } }
  ;[block.min[axis], block.max[axis]] = slab(shell, name)
  return name === 'floor' || name === 'top' ? lyingBlock(shell, name, block) : wallBlock(shell, name, block)
}

/** The space of the floor or of the top. @param block between its faces, over the whole outer size */
function lyingBlock(shell: Shell, name: 'floor' | 'top', block: Block): Block {
  const { spec, room } = shell
  const lid = name === 'top' ? lidOf(spec) : null
  const own = lid && kindOfLid(lid).block?.(lid, shell, block)
  if (own) return own
  const isOutside = name === 'floor' ? spec.floor.kind === 'outside' : sits(spec) === 'on the walls'
  if (isFlush(spec, name, shell.materials.mean) || isOutside) return block
  const loose = name === 'floor' && spec.floor.kind === 'ledge' ? spec.play.loose / 2 : 0
  for (const across of ['x', 'y'] as const) {
    block.min[across] = room.min[across] + loose
    block.max[across] = room.max[across] - loose
  }
  return block
}

/** How high a wall reaches, mm in the box. */
export const wallTop = (shell: Shell, name: PanelName): number => straightBlock(shell, name).max.z

/** The space of a wall. @param block between its faces, over the whole outer size */
function wallBlock(shell: Shell, name: PanelName, block: Block): Block {
  const { spec, room } = shell
  const { axis } = SIDES[name]
  const t = shell.materials.mean
  if (spec.floor.kind === 'outside' && !isFlush(spec, 'floor', t)) block.min.z = room.min.z
  if (isOnWalls(spec, t)) block.max.z = slab(shell, 'top')[0]
  if (name === 'front' && isOverFront(spec)) block.max.z = room.max.z
  if (name === 'front') block.max.z = Math.min(block.max.z, frontTop(shell))
  const across = axis === 'x' ? 'y' : 'x'
  const { kind, leads, setIn } = spec.corners
  const isLapped = leads !== (axis === 'x' ? 'left and right' : 'front and back')
  if (isLapped && (kind === 'tenon' || (kind === 'butt' && setIn > 0)))
    [block.min[across], block.max[across]] = [room.min[across], room.max[across]]
  if (kind === 'lap' && isLapped) {
    // An edge that is no lap ends at the inside of the wall that it stands against.
    const [low, high]: PanelName[] = across === 'x' ? ['left', 'right'] : ['front', 'back']
    if (spec.edges[edgeId(name, low)]) block.min[across] = room.min[across]
    if (spec.edges[edgeId(name, high)]) block.max[across] = room.max[across]
  }
  return block
}

/** The walls, floor and top of a box, not jointed yet. */
export const shellParts = (shell: Shell): Part[] =>
  shell.names.map((name) =>
    partOf(
      {
        id: name,
        label: labelOf(shell.spec.lies, name),
        thickness: shell.materials.mean[name],
        thickest: shell.materials.thickest[name],
      },
      LIES[name],
      blankBlock(shell, name),
      shell.outer,
    ),
  )
