import { AXES, frameOf, type Block, type Lie, type Part, type Size } from '../assembly'
import { onGrid } from '../joints'
import { bendReach, isBent } from './bends'
import { labelOf } from './fittings'
import { hingedLid, turns } from './hinge'
import { frontTop } from './rim'
import { SIDES, WALLS } from './sides'
import {
  boxSizes,
  edgeId,
  isFlush,
  loweredBy,
  panelNames,
  raisedBy,
  setInOf,
  lifts,
  slides,
  type BoxSpec,
  type PanelName,
  type Thicknesses,
} from './spec'

export { SIDES, WALLS }

/** How each panel lies, seen from outside. */
export const LIES: Record<PanelName, Lie> = {
  front: { x: { axis: 'x', sign: 1 }, y: { axis: 'z', sign: 1 }, z: { axis: 'y', sign: -1 } },
  back: { x: { axis: 'x', sign: -1 }, y: { axis: 'z', sign: 1 }, z: { axis: 'y', sign: 1 } },
  left: { x: { axis: 'y', sign: -1 }, y: { axis: 'z', sign: 1 }, z: { axis: 'x', sign: -1 } },
  right: { x: { axis: 'y', sign: 1 }, y: { axis: 'z', sign: 1 }, z: { axis: 'x', sign: 1 } },
  floor: { x: { axis: 'x', sign: 1 }, y: { axis: 'y', sign: -1 }, z: { axis: 'z', sign: -1 } },
  top: { x: { axis: 'x', sign: 1 }, y: { axis: 'y', sign: 1 }, z: { axis: 'z', sign: 1 } },
}

/** Thickness of every panel, and of the thickest reading of what it is made of, mm. */
export interface Materials {
  mean: Thicknesses
  thickest: Thicknesses
}

/** A box's sizes, and where its panels stand. Lengths in mm. */
export interface Shell {
  spec: BoxSpec
  outer: Size
  inner: Size
  names: PanelName[]
  materials: Materials
  /** The space inside the walls, between floor and top. */
  room: Block
}

/** The slab of space between a panel's two faces, on its own axis. */
export function slab({ spec, outer, materials }: Omit<Shell, 'room'>, name: PanelName): [number, number] {
  const { axis, end } = SIDES[name]
  const thickness = materials.mean[name]
  const back = axis === 'z' ? (end === 'low' ? raisedBy(spec) : loweredBy(spec)) : setInOf(spec.corners, axis)
  if (end === 'low') return [back, back === 0 ? thickness : onGrid(back + thickness)]
  const to = back === 0 ? outer[axis] : onGrid(outer[axis] - back)
  return [onGrid(to - thickness), to]
}

export function makeShell(spec: BoxSpec, materials: Materials): Shell {
  const sizes = boxSizes(spec, materials.mean)
  const outer: Size = { x: onGrid(sizes.outer.x), y: onGrid(sizes.outer.y), z: onGrid(sizes.outer.z) }
  const base = { spec, outer, inner: sizes.inner, names: panelNames(spec), materials }
  const room: Block = { min: { x: 0, y: 0, z: 0 }, max: { ...outer } }
  for (const name of base.names) {
    const { axis, end } = SIDES[name]
    const [from, to] = slab(base, name)
    if (end === 'low') room.min[axis] = to
    else room.max[axis] = from
  }
  if (lifts(spec)) room.max.z -= materials.mean.top // its lip reaches down so far
  return { ...base, room }
}

/** Whether walls end below the top, which lies on them. */
export const isOnWalls = (spec: BoxSpec): boolean =>
  spec.top && !isFlush(spec, 'top') && (spec.lid.kind === 'outside' || spec.lid.kind === 'lift')

/** Whether the top reaches over the front wall, between the others. */
export const isOverFront = (spec: BoxSpec): boolean => slides(spec) || turns(spec)

/** Where a bend begins at one end of an axis, if it goes round the panel there; mm in the box. */
export function bendLimit(shell: Omit<Shell, 'room'>, name: PanelName, mate: PanelName): number | null {
  if (!isBent(shell.spec, name, mate)) return null
  const { axis, end } = SIDES[mate]
  const reach = bendReach(shell.spec, shell.materials.mean[mate])
  return onGrid(end === 'low' ? reach : shell.outer[axis] - reach)
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
  const kind = name === 'floor' ? spec.floor.kind : spec.lid.kind
  if (name === 'top' && turns(spec)) return hingedLid(shell)
  const isSliding = name === 'top' && slides(spec)
  if (isFlush(spec, name) || kind === 'outside' || kind === 'lift') return block
  const loose = name === 'floor' && kind === 'ledge' ? spec.play.loose / 2 : 0
  for (const across of ['x', 'y'] as const) {
    block.min[across] = room.min[across] + loose
    block.max[across] = room.max[across] - loose
  }
  if (isSliding && spec.lid.rails) {
    block.min.x = onGrid(block.min.x + spec.lid.play)
    block.max.x = onGrid(block.max.x - spec.lid.play)
    block.max.y = onGrid(block.max.y - spec.lid.play)
  }
  if (isSliding) block.min.y = 0 // over the front wall, level with its outside
  return block
}

/** The space of a wall. @param block between its faces, over the whole outer size */
function wallBlock(shell: Shell, name: PanelName, block: Block): Block {
  const { spec, room } = shell
  const { axis } = SIDES[name]
  if (spec.floor.kind === 'outside' && !isFlush(spec, 'floor')) block.min.z = room.min.z
  if (isOnWalls(spec)) block.max.z = slab(shell, 'top')[0]
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

/**
 * A part of the assembly from the space it fills. Its own coordinates begin at the outer faces of the box.
 */
export function partOf(
  about: Pick<Part, 'id' | 'label' | 'thickness' | 'thickest'>,
  lie: Lie,
  block: Block,
  outer: Size,
): Part {
  const origin = Object.fromEntries(
    AXES.map((axis) => {
      const own = AXES.find((each) => lie[each].axis === axis)!
      const { sign } = lie[own]
      if (own === 'z') return [axis, sign === 1 ? block.min[axis] : block.max[axis]]
      return [axis, sign === 1 ? 0 : outer[axis]]
    }),
  ) as Size
  const onOwn = (own: 'x' | 'y'): [number, number] => {
    const { axis, sign } = lie[own]
    const [low, high] = [block.min[axis], block.max[axis]]
    return sign === 1 ? [low, high] : [outer[axis] - high, outer[axis] - low]
  }
  const [minX, maxX] = onOwn('x')
  const [minY, maxY] = onOwn('y')
  return { ...about, frame: frameOf(lie, origin), blank: { minX, minY, maxX, maxY }, features: [] }
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
