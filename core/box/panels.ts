import { rectangle, sizeOf, union, type Matrix4, type Region } from '../geometry'
import { edgeBetween, endCell, SIDES, slab, type Block, type Edge, type Shell } from './edges'
import { AXES, type Axis, type PanelName } from './spec'

/**
 * A flat part of a box. Lengths in mm. Its own x runs to the right and y up when one looks at its outside
 * face.
 */
export interface Panel {
  name: PanelName
  thickness: number
  /** The exact shape: its share of the shell. Proud tab ends reach below 0 or beyond the outer size. */
  region: Region
  /** The shape that is drawn: `region` with the wanted interference at the glue lines. */
  drawn: Region
  size: { width: number; height: number }
  /**
   * Takes (x, y, z) of the panel to the assembled box; z runs from the inside face (0) to the outside face
   * (thickness).
   */
  placement: Matrix4
}

/** Which way a panel's own x and y run in the box, seen from outside: axis and direction. */
const VIEWS: Record<PanelName, { x: [Axis, 1 | -1]; y: [Axis, 1 | -1] }> = {
  front: { x: ['x', 1], y: ['z', 1] },
  back: { x: ['x', -1], y: ['z', 1] },
  left: { x: ['y', -1], y: ['z', 1] },
  right: { x: ['y', 1], y: ['z', 1] },
  floor: { x: ['x', 1], y: ['y', -1] },
  top: { x: ['x', 1], y: ['y', 1] },
}

const copy = ({ min, max }: Block): Block => ({ min: { ...min }, max: { ...max } })

/** Moves one end of a block by `amount` mm outward (inward when negative). */
function stretch(block: Block, axis: Axis, end: 'low' | 'high', amount: number): void {
  if (end === 'low') block.min[axis] -= amount
  else block.max[axis] += amount
}

/** The cells of one edge that belong to a panel, as blocks, with proud ends and interference. */
function cellBlocks(shell: Shell, edge: Edge, name: PanelName, proud: number, interference: number): Block[] {
  const other = edge.panels.find((panel) => panel !== name)!
  const cornerAt = (end: 'low' | 'high') =>
    shell.corners.find(
      ({ panels }) =>
        panels.includes(name) &&
        panels.includes(other) &&
        panels.some((panel) => SIDES[panel].axis === edge.along && SIDES[panel].end === end),
    )
  const isGlueLine = (owner: PanelName | undefined): boolean => owner === other
  return edge.cells.flatMap((cell, i) => {
    if (cell.owner !== name) return []
    const block: Block = { min: { x: 0, y: 0, z: 0 }, max: { x: 0, y: 0, z: 0 } }
    for (const panel of [name, other])
      [block.min[SIDES[panel].axis], block.max[SIDES[panel].axis]] = slab(shell, panel)
    block.min[edge.along] = cell.from
    block.max[edge.along] = cell.to
    if (isGlueLine(i > 0 ? edge.cells[i - 1].owner : cornerAt('low')?.owner))
      stretch(block, edge.along, 'low', interference / 2)
    if (isGlueLine(i < edge.cells.length - 1 ? edge.cells[i + 1].owner : cornerAt('high')?.owner))
      stretch(block, edge.along, 'high', interference / 2)
    stretch(block, SIDES[other].axis, SIDES[other].end, proud)
    return [block]
  })
}

/** The corners that belong to a panel, as blocks, with proud ends and interference. */
function cornerBlocks(shell: Shell, name: PanelName, proud: number, interference: number): Block[] {
  return shell.corners
    .filter(({ owner }) => owner === name)
    .map((corner) => {
      const block = copy(corner.block)
      for (const mate of corner.panels.filter((panel) => panel !== name)) {
        const third = corner.panels.find((panel) => panel !== name && panel !== mate)!
        stretch(block, SIDES[mate].axis, SIDES[mate].end, proud)
        const inward = SIDES[third].end === 'low' ? 'high' : 'low'
        if (endCell(edgeBetween(shell.edges, name, mate), third).owner === mate)
          stretch(block, SIDES[third].axis, inward, interference / 2)
      }
      return block
    })
}

/** The part of a panel that no other panel shares. */
function coreBlock(shell: Shell, name: PanelName): Block {
  const block: Block = { min: { x: 0, y: 0, z: 0 }, max: { ...shell.outer } }
  for (const panel of shell.names) {
    const { axis, end } = SIDES[panel]
    const [from, to] = slab(shell, panel)
    if (panel === name) [block.min[axis], block.max[axis]] = [from, to]
    else if (axis !== SIDES[name].axis) block[end === 'low' ? 'min' : 'max'][axis] = end === 'low' ? to : from
  }
  return block
}

/** The blocks of a panel as flat pieces; a panel that can be cut is one. */
function flatten(shell: Shell, name: PanelName, blocks: Block[]): Region[] {
  const {
    x: [u, du],
    y: [v, dv],
  } = VIEWS[name]
  const local = (axis: Axis, direction: 1 | -1, value: number): number =>
    direction === 1 ? value : shell.outer[axis] - value
  const rings = blocks.map(({ min, max }) => {
    const [x1, x2] = [local(u, du, min[u]), local(u, du, max[u])]
    const [y1, y2] = [local(v, dv, min[v]), local(v, dv, max[v])]
    return rectangle(Math.min(x1, x2), Math.min(y1, y2), Math.max(x1, x2), Math.max(y1, y2))
  })
  return union(rings)
}

function placementOf(shell: Shell, name: PanelName): Matrix4 {
  const {
    x: [u, du],
    y: [v, dv],
  } = VIEWS[name]
  const { axis, end } = SIDES[name]
  const [from, to] = slab(shell, name)
  const rows = AXES.map((row) => {
    if (row === u) return [du, 0, 0, du === 1 ? 0 : shell.outer[u]]
    if (row === v) return [0, dv, 0, dv === 1 ? 0 : shell.outer[v]]
    return end === 'high' && row === axis ? [0, 0, 1, from] : [0, 0, -1, to]
  })
  return [...rows.flat(), 0, 0, 0, 1]
}

/** A panel that would not come out in one piece. */
export interface BrokenPanel {
  name: PanelName
  pieces: number
}

/**
 * The panels of a shell.
 * @param proud how far tab ends stand out, mm
 * @param interference overlap per glue line in the drawn shape, mm; both panels take half of it
 * @returns the panels, and those that would fall apart: where there are any, the box cannot be made
 */
export function makePanels(
  shell: Shell,
  proud: number,
  interference: number,
): { panels: Panel[]; broken: BrokenPanel[] } {
  const broken: BrokenPanel[] = []
  const panels = shell.names.flatMap((name): Panel[] => {
    const blocksWith = (overlap: number): Block[] => [
      coreBlock(shell, name),
      ...shell.edges
        .filter(({ panels }) => panels.includes(name))
        .flatMap((edge) => cellBlocks(shell, edge, name, proud, overlap)),
      ...cornerBlocks(shell, name, proud, overlap),
    ]
    const exact = flatten(shell, name, blocksWith(0))
    const drawn = interference === 0 ? exact : flatten(shell, name, blocksWith(interference))
    const pieces = Math.max(exact.length, drawn.length)
    if (pieces !== 1 || exact.length !== drawn.length) {
      broken.push({ name, pieces })
      return []
    }
    const [region] = exact
    return [
      {
        name,
        thickness: shell.thicknesses[name],
        region,
        drawn: drawn[0],
        size: sizeOf(region),
        placement: placementOf(shell, name),
      },
    ]
  })
  return { panels, broken }
}

/** Which direction of the flat panel, its own x or y, runs along an axis of the box. */
export const localAxis = (name: PanelName, axis: Axis): 'x' | 'y' => (VIEWS[name].x[0] === axis ? 'x' : 'y')
