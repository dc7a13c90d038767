import { onPart, partsById, prismOf, type Feature, type Panel } from '../assembly'
import { engravingsOn } from '../box'
import {
  bounds,
  difference,
  placesOutside,
  rectangle,
  sharedArea,
  type Bounds,
  type Point,
  type Region,
} from '../geometry'
import type { DerivedBox } from './box'

/** Where an opening leaves its panel, or comes too near to a joint. */
export interface Astray {
  panel: string
  at: Point
  reaches: 'the edge' | 'a joint' | 'what is cut away'
}

const LEAST = 1e-3

const grown = ({ minX, minY, maxX, maxY }: Bounds, by: number): Region => ({
  outline: rectangle(minX - by, minY - by, maxX + by, maxY + by),
  holes: [],
})

const middleOf = ({ shape }: Feature): Point => {
  const { minX, minY, maxX, maxY } = bounds(shape)
  return { x: (minX + maxX) / 2, y: (minY + maxY) / 2 }
}

/** The maker's openings that leave less than a thickness to the edge of their panel, or to a joint. */
export function openingsAstray({ made, panels }: Pick<DerivedBox, 'made' | 'panels'>): Astray[] {
  if (!made || !panels) return []
  const parts = partsById(made.assembly.parts)
  return panels.flatMap((panel: Panel): Astray[] => {
    const own = panel.features.filter(({ what }) => what === 'opening')
    const engraved = engravingsOn(made.spec, panel.id, panel.blank)
    if (own.length + engraved.length === 0) return []
    const inside = grown(panel.blank, -panel.thickness)
    // A joint may take half of that: it is held there.
    const strips = made.assembly.joints
      .filter((joint) => joint.parts.includes(panel.id))
      .map((joint) => {
        const { claims } = joint
        const block = prismOf(joint, parts, claims[0].from, claims[claims.length - 1].to)
        return grown(onPart(panel.frame, block), panel.thickness / 2)
      })
    const lost = engraved.flatMap(({ areas, lines }): Astray[] => {
      const [at] = placesOutside(panel.region, areas, lines)
      return at ? [{ panel: panel.id, at, reaches: 'what is cut away' }] : []
    })
    const near = own.flatMap((feature): Astray[] => {
      const region: Region = { outline: feature.shape, holes: [] }
      const at = middleOf(feature)
      const isOutside = difference(region, [inside.outline]).length > 0
      if (strips.some((strip) => sharedArea(region, strip) > LEAST))
        return [{ panel: panel.id, at, reaches: 'a joint' }]
      return isOutside ? [{ panel: panel.id, at, reaches: 'the edge' }] : []
    })
    return [...lost, ...near]
  })
}
