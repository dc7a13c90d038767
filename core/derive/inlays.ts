import type { Panel } from '../assembly'
import type { Words } from '../art'
import { engravingsOn } from '../box'
import { sizeOf, type Region } from '../geometry'
import type { DerivedBox } from './box'
import { cutShapes, type CutShapes } from './cut-shapes'
import type { Material } from './materials'

/** A piece that is cut to be laid into a pocket. */
export interface Inlay {
  piece: Panel
  cuts: CutShapes
  material: Material
}

type Inlaid = Pick<DerivedBox, 'panels' | 'made' | 'materials'>

/**
 * All that is laid into a box, each area of a motif by itself: cut along the very line that its pocket is
 * sunk along, less the play that is left round it, and each with the kerf of its own stock.
 */
export function inlaysOf({ panels, made, materials }: Inlaid, words?: Words): Inlay[] {
  if (!made || !panels) return []
  return panels.flatMap((panel) =>
    engravingsOn(made.spec, panel.id, panel.blank, words).flatMap(
      ({ of: { how }, index, areas }): Inlay[] => {
        if (how.kind !== 'inlay') return []
        const material = materials.find(({ id }) => id !== '' && id === how.stock) ?? materials[0]
        return areas.flatMap((region, i) => {
          const piece = asPiece(panel, region, { number: index + 1, part: areas.length > 1 ? i + 1 : null })
          const { shapes } = cutShapes(
            { ...piece, thickness: material.thickness.mean },
            material.compensation,
          )
          return shapes ? [{ piece, cuts: shapes, material }] : []
        })
      },
    ),
  )
}

function asPiece(
  panel: Panel,
  region: Region,
  { number, part }: { number: number; part: number | null },
): Panel {
  const of = part === null ? '' : ` ${part}`
  return {
    ...panel,
    id: `${panel.id}-inlay-${number}${part === null ? '' : `-${part}`}`,
    label: `${panel.label} inlay ${number}${of}`,
    region,
    drawn: region,
    size: sizeOf(region),
    painted: null,
    features: [],
    faces: undefined,
  }
}
