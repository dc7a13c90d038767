import { offset } from '../geometry'
import type { Panel } from '../assembly'
import type { Machine } from '../machine'
import type { DerivedBox } from './box'
import { bedRoom, fitsBed } from './seams'

/** What may go wrong with a box that can be drawn, and the panels to look at. Lengths in mm. */
export type Warning =
  | { kind: 'overlap' | 'missing'; panels: string[] }
  | { kind: 'locked'; panels: string[] }
  | { kind: 'thin web'; panels: string[]; thickness: number }
  | { kind: 'narrow tab'; panels: string[]; width: number; thickness: number }
  | { kind: 'larger than the bed'; panels: string[]; bed: [number, number] }

/**
 * Whether a web is left that is thinner than the sheet: shrunk by half of that, the panel would fall apart
 * or lose a hole to its edge.
 */
function hasThinWeb({ region, thickness }: Panel): boolean {
  const shrunk = offset(region, -thickness / 2)
  return shrunk.length > 1 || (shrunk[0]?.holes.length ?? 0) < region.holes.length
}

/** Edges whose narrowest tab is under a thickness. */
function narrowTabs({ made }: DerivedBox): Warning[] {
  if (!made) return []
  const thickness = (id: string): number => made.assembly.parts.find((part) => part.id === id)!.thickness
  return made.edges.flatMap((edge): Warning[] => {
    if (edge.kind !== 'fingers' && edge.kind !== 'tenon') return []
    const widths = edge.claims.map(({ from, to }) => to - from)
    const width = Math.min(...widths)
    const least = Math.min(...edge.parts.map(thickness))
    return width < least - 1e-9
      ? [{ kind: 'narrow tab', panels: [...edge.parts], width, thickness: least }]
      : []
  })
}

/**
 * Everything that one should look at before a box is cut. @param locked panels none of which can come in
 * last
 */
export function warningsOf(
  box: DerivedBox,
  machine: Machine | null,
  margin: number,
  locked: string[],
): Warning[] {
  const { panels, pieces, proof } = box
  if (!panels) return []
  const faults = (proof?.faults ?? []).map(({ kind, panels: found }): Warning => ({ kind, panels: found }))
  const thin = panels.filter(hasThinWeb)
  const bed = machine && bedRoom(machine, margin)
  const large = bed ? pieces.filter(({ size }) => !fitsBed(size, bed)) : []
  return [
    ...faults,
    ...(locked.length > 0 ? [{ kind: 'locked' as const, panels: locked }] : []),
    ...(large.length > 0
      ? [{ kind: 'larger than the bed' as const, panels: large.map(({ id }) => id), bed: bed! }]
      : []),
    ...(thin.length > 0
      ? [
          {
            kind: 'thin web' as const,
            panels: thin.map(({ id }) => id),
            thickness: Math.min(...thin.map(({ thickness }) => thickness)),
          },
        ]
      : []),
    ...narrowTabs(box).slice(0, 1),
  ]
}
