import { edgeBetween, endCell, type Edge, type Shell } from './edges'

/** Cross-section of the stretch where two panels meet, mm². */
const section = (shell: Shell, { panels: [a, b] }: Edge): number =>
  shell.thicknesses[a] * shell.thicknesses[b]

/**
 * Area that a corner adds to the joint of an edge's two panels, mm²: its faces towards cells of the other
 * one.
 */
function cornerArea(shell: Shell, edge: Edge): number {
  let area = 0
  for (const { panels, owner } of shell.corners) {
    for (const third of panels) {
      const [p, q] = panels.filter((name) => name !== third)
      const beside = edgeBetween(shell.edges, p, q)
      const cell = endCell(beside, third)
      if (cell.owner !== owner && edge.panels.includes(cell.owner) && edge.panels.includes(owner))
        area += section(shell, beside)
    }
  }
  return area
}

/**
 * Area in mm² where the two panels of an edge touch: sides of the tabs, tabs against the bottoms of their
 * notches, corners.
 */
export function glueArea(shell: Shell, edge: Edge): number {
  const [a, b] = edge.panels
  const sides = (edge.cells.length - 1) * section(shell, edge)
  const bottoms = edge.cells.reduce(
    (sum, { owner, from, to }) => sum + (to - from) * shell.thicknesses[owner === a ? b : a],
    0,
  )
  return sides + bottoms + cornerArea(shell, edge)
}
