import { onPart, partsById, prismOf, type Feature, type Joint, type Panel, type PartsById } from '../assembly'
import type { Side } from '../art'
import { engravingsOn } from '../box'
import {
  bounds,
  difference,
  linesWithin,
  placesOutside,
  rectangle,
  sharedArea,
  type Bounds,
  type Point,
  type Region,
  type Ring,
} from '../geometry'
import type { DerivedBox } from './box'

/**
 * What goes wrong with what is on a panel: too near to its edge or a joint; burnt where it is cut away, or
 * where another panel will cover it; or cut out all round, so that it falls out.
 */
export const REACHES = ['a joint', 'the edge', 'what is cut away', 'another panel', 'nothing'] as const
export type Reaches = (typeof REACHES)[number]

/** Where an opening leaves its panel, or comes too near to a joint. */
export interface Astray {
  panel: string
  at: Point
  reaches: Reaches
}

const LEAST = 1e-3

const grown = ({ minX, minY, maxX, maxY }: Bounds, by: number): Region => ({
  outline: rectangle(minX - by, minY - by, maxX + by, maxY + by),
  holes: [],
})

function middleOfRing(ring: Ring): Point {
  const { minX, minY, maxX, maxY } = bounds(ring)
  return { x: (minX + maxX) / 2, y: (minY + maxY) / 2 }
}
const middleOf = ({ shape }: Feature): Point => middleOfRing(shape)

/** Where another panel will stand on a face: on the inside at every joint, in a lap on both faces. */
function coveredOn(panel: Panel, joints: Joint[], parts: PartsById): { sides: Side[]; region: Region }[] {
  return joints
    .filter((joint) => joint.parts.includes(panel.id))
    .map(({ claims, ...joint }) => {
      const block = prismOf({ ...joint, claims }, parts, claims[0].from, claims[claims.length - 1].to)
      const sides: Side[] = joint.kind === 'lap' ? ['inside', 'outside'] : ['inside']
      return { sides, region: grown(onPart(panel.frame, block), 0) }
    })
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
    const covered = coveredOn(panel, made.assembly.joints, parts)
    const hidden = engraved.flatMap(({ of, areas, lines }): Astray[] => {
      const strip = covered.find(
        ({ sides, region }) =>
          sides.includes(of.side) &&
          (areas.some((area) => sharedArea(area, region) > LEAST) ||
            linesWithin(lines, region.outline).length > 0),
      )
      return strip
        ? [{ panel: panel.id, at: middleOfRing(strip.region.outline), reaches: 'another panel' }]
        : []
    })
    const fallen = engraved.flatMap(({ cuts }) =>
      cuts.flatMap(({ holes }) =>
        holes.map((hole): Astray => ({ panel: panel.id, at: middleOfRing(hole), reaches: 'nothing' })),
      ),
    )
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
    return [...lost, ...hidden, ...fallen, ...near]
  })
}
