import { share, type Shares } from './share'
import {
  AXES,
  boxSizes,
  panelNames,
  type Axis,
  type BoxSpec,
  type EdgeGroup,
  type PanelName,
  type Size,
  type Thicknesses,
} from './spec'

/** Which side of which axis each panel closes. */
export const SIDES: Record<PanelName, { axis: Axis; end: 'low' | 'high' }> = {
  left: { axis: 'x', end: 'low' },
  right: { axis: 'x', end: 'high' },
  front: { axis: 'y', end: 'low' },
  back: { axis: 'y', end: 'high' },
  floor: { axis: 'z', end: 'low' },
  top: { axis: 'z', end: 'high' },
}

/** Who leads an edge and owns its ends: front and back before left and right, walls before floor and top. */
const RANK: Record<PanelName, number> = { front: 2, back: 2, left: 1, right: 1, floor: 0, top: 0 }

/** A box in space, axis by axis, in mm. */
export interface Block {
  min: Size
  max: Size
}

/**
 * A stretch of an edge, which belongs to one of the two panels that meet there. `from` and `to` in mm along
 * the edge.
 */
export interface Cell {
  owner: PanelName
  from: number
  to: number
}

/** Where two panels meet. It says which cell is whose, and both panels are cut from that one statement. */
export interface Edge {
  id: string
  /** The panel that owns the first cell, and the other one. */
  panels: [PanelName, PanelName]
  group: EdgeGroup
  along: Axis
  from: number
  to: number
  /** Whether it is shared out over the corners as well. */
  full: boolean
  shares: Shares
  cells: Cell[]
}

/** Where three panels meet. The block belongs to one of them. */
export interface Corner {
  panels: [PanelName, PanelName, PanelName]
  owner: PanelName
  block: Block
}

export interface Shell {
  outer: Size
  inner: Size
  edges: Edge[]
  corners: Corner[]
  thicknesses: Thicknesses
  names: PanelName[]
}

/**
 * A tenth of a micrometre: boundaries are put on this grid, so that mirrored panels read the very same
 * figures.
 */
const onGrid = (value: number): number => Math.round(value * 10000) / 10000

/** The slab of space between a panel's two faces, on its own axis. */
export function slab(shell: Pick<Shell, 'outer' | 'thicknesses'>, name: PanelName): [number, number] {
  const { axis, end } = SIDES[name]
  const thickness = shell.thicknesses[name]
  return end === 'low' ? [0, thickness] : [onGrid(shell.outer[axis] - thickness), shell.outer[axis]]
}

const sideAt = (names: PanelName[], axis: Axis, end: 'low' | 'high'): PanelName | undefined =>
  names.find((name) => SIDES[name].axis === axis && SIDES[name].end === end)

const thirdAxis = (a: Axis, b: Axis): Axis => AXES.find((axis) => axis !== a && axis !== b)!

/** Puts shares along an edge, from its lower end; what reaches into the corners is cut off there. */
function cellsOf(
  { widths, first }: Shares,
  panels: [PanelName, PanelName],
  start: number,
  from: number,
  to: number,
): Cell[] {
  let reached = start
  const ends = widths.map((width) => (reached += width))
  const cells: Cell[] = []
  for (const [i, end] of ends.entries()) {
    const low = Math.max(from, i === 0 ? start : onGrid(ends[i - 1]))
    const high = Math.min(to, i === ends.length - 1 ? to : onGrid(end))
    if (high > low) cells.push({ owner: panels[(i + first) % 2], from: low, to: high })
  }
  return cells
}

function makeEdge(spec: BoxSpec, shell: Omit<Shell, 'edges' | 'corners'>, a: PanelName, b: PanelName): Edge {
  const panels: [PanelName, PanelName] = RANK[a] >= RANK[b] ? [a, b] : [b, a]
  const along = thirdAxis(SIDES[a].axis, SIDES[b].axis)
  const low = sideAt(shell.names, along, 'low')
  const high = sideAt(shell.names, along, 'high')
  const from = low ? slab(shell, low)[1] : 0
  const to = high ? slab(shell, high)[0] : shell.outer[along]
  const group = along === 'z' ? 'uprights' : panels[1] === 'top' ? 'top' : 'floor'
  const full = group === 'uprights' && spec.tabs.over === 'full'
  const [start, end] = full ? [0, shell.outer[along]] : [from, to]
  const shares = share(spec.tabs[group], end - start)
  const cells = cellsOf(shares, panels, start, from, to)
  return { id: `${panels[0]}-${panels[1]}`, panels, group, along, from, to, full, shares, cells }
}

/** The cell of an edge that touches the corner where the edge runs into `third`. */
export const endCell = (edge: Edge, third: PanelName): Cell =>
  edge.cells[SIDES[third].end === 'low' ? 0 : edge.cells.length - 1]

export const edgeBetween = (edges: Edge[], a: PanelName, b: PanelName): Edge =>
  edges.find(({ panels }) => panels.includes(a) && panels.includes(b))!

/**
 * A corner goes to the panel that owns most of the cells beside it, the leading one on a tie: it would be a
 * loose crumb otherwise. Where an upright is shared out over the full height, its own end cell reaches
 * through the corner.
 */
function makeCorner(
  shell: Omit<Shell, 'edges' | 'corners'>,
  edges: Edge[],
  panels: Corner['panels'],
): Corner {
  const [a, b, c] = panels
  const beside = [
    endCell(edgeBetween(edges, a, b), c),
    endCell(edgeBetween(edges, b, c), a),
    endCell(edgeBetween(edges, c, a), b),
  ]
  const votes = (name: PanelName): number => beside.filter(({ owner }) => owner === name).length
  const upright = edgeBetween(edges, a, b)
  const owner = upright.full
    ? endCell(upright, c).owner
    : [...panels].sort((p, q) => votes(q) - votes(p) || RANK[q] - RANK[p])[0]
  const block: Block = { min: { x: 0, y: 0, z: 0 }, max: { x: 0, y: 0, z: 0 } }
  for (const name of panels) [block.min[SIDES[name].axis], block.max[SIDES[name].axis]] = slab(shell, name)
  return { panels, owner, block }
}

/**
 * Shares out the whole shell of a box: every cell along every edge, and every corner, to exactly one panel.
 * Sizes and boundaries are on a grid of 0.0001 mm. The spec must have no problems (`specProblems`).
 */
export function makeShell(spec: BoxSpec, thicknesses: Thicknesses): Shell {
  const sizes = boxSizes(spec, thicknesses)
  const outer: Size = { x: onGrid(sizes.outer.x), y: onGrid(sizes.outer.y), z: onGrid(sizes.outer.z) }
  const base = { outer, inner: sizes.inner, thicknesses, names: panelNames(spec) }
  const edges: Edge[] = []
  const corners: Corner[] = []
  for (const [i, a] of base.names.entries()) {
    for (const b of base.names.slice(i + 1))
      if (SIDES[a].axis !== SIDES[b].axis) edges.push(makeEdge(spec, base, a, b))
  }
  for (const x of ['left', 'right'] as const) {
    for (const y of ['front', 'back'] as const) {
      for (const z of ['floor', 'top'] as const)
        if (base.names.includes(z)) corners.push(makeCorner(base, edges, [x, y, z]))
    }
  }
  return { ...base, edges, corners }
}
