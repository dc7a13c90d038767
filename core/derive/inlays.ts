import type { Panel } from '../assembly'
import type { Side, Words } from '../art'
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
  /** The face that it is laid into: what is scored on the piece comes to lie below, out of sight. */
  side: Side
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
      ({ of: { how, side }, index, areas }): Inlay[] => {
        if (how.kind !== 'inlay') return []
        const material = materials.find(({ id }) => id !== '' && id === how.stock) ?? materials[0]
        return areas.flatMap((region, i) => {
          const name = `inlay ${index + 1}${areas.length > 1 ? ` ${i + 1}` : ''}`
          const piece = asPiece(panel, region, name, material.thickness.mean)
          const { shapes } = cutShapes(piece, material.compensation)
          return shapes ? [{ piece, cuts: shapes, material, side }] : []
        })
      },
    ),
  )
}

const asPiece = (panel: Panel, region: Region, name: string, thickness: number): Panel => ({
  ...panel,
  id: `${panel.id}-${name.replaceAll(' ', '-')}`,
  label: `${panel.label} ${name}`,
  thickness,
  region,
  drawn: region,
  size: sizeOf(region),
  painted: null,
  features: [],
  faces: undefined,
})
