import { claimedRing, onPlane, partsById, type Panel } from '../assembly'
import { fallsOpen } from '../box'
import { crowdedRows, fittingOf } from '../fittings'
import { area, bounds, difference, offset, ringsOf, type Point, type Region } from '../geometry'
import type { Machine } from '../machine'
import type { DerivedBox } from './box'
import { openingsAstray, REACHES, type Reaches } from './opening-warnings'
import { proveUse, type Useless } from './use'
import { bedRoom, fitsBed, type SeamFault } from './seams'

/** A place on a panel, on its own plane, mm. */
export interface Spot {
  panel: string
  at: Point
}

/** What may go wrong with a box that can be drawn, the panels to look at, and where. Lengths in mm. */
export type Warning = { panels: string[]; spots: Spot[] } & (
  | { kind: 'overlap' | 'missing' | 'stuck' }
  | { kind: 'locked' }
  | { kind: 'falls'; group: string; out: boolean }
  | { kind: 'thin web'; thickness: number }
  | { kind: 'narrow tab'; width: number; thickness: number }
  | { kind: 'larger than the bed'; bed: [number, number] }
  | { kind: 'seam'; fault: SeamFault; isDivided: boolean }
  | { kind: 'crowded'; rows: number[] }
  | { kind: Useless['kind'] }
  | { kind: 'opening'; reaches: Reaches; thickness: number; engravings: number[] }
)

const middleOf = ({ outline }: Region): Point => {
  const { minX, maxX, minY, maxY } = bounds(outline)
  return { x: (minX + maxX) / 2, y: (minY + maxY) / 2 }
}

/** Shrunk and grown again, what is wide comes back; this much more, so that rounding is nothing lost. */
const BACK = 1.02

/**
 * Where a web is left that is thinner than the sheet: shrunk by half of that, the panel would fall apart or
 * lose a hole to its edge.
 */
function thinWeb({ id, region, thickness }: Panel): Spot | null {
  const shrunk = offset(region, -thickness / 2)
  const isThin = shrunk.length > 1 || (shrunk[0]?.holes.length ?? 0) < region.holes.length
  if (!isThin) return null
  const wide = shrunk.flatMap((each) => offset(each, (thickness / 2) * BACK)).flatMap(ringsOf)
  const lost = difference(region, wide).sort((a, b) => area(b) - area(a))
  return { panel: id, at: middleOf(lost[0] ?? region) }
}

/** Edges whose narrowest tab is under a thickness. */
function narrowTabs({ made }: DerivedBox): Warning[] {
  if (!made) return []
  const parts = partsById(made.assembly.parts)
  return made.edges.flatMap((edge): Warning[] => {
    if (edge.kind !== 'fingers' && edge.kind !== 'tenon') return []
    const narrowest = [...edge.claims].sort((a, b) => a.to - a.from - (b.to - b.from))[0]
    const width = narrowest.to - narrowest.from
    const least = Math.min(...edge.parts.map((id) => parts.get(id)!.thickness))
    if (width >= least - 1e-9) return []
    const spots = edge.parts.map((id): Spot => {
      const { minX, maxX, minY, maxY } = bounds(
        claimedRing(parts.get(id)!, edge, parts, [narrowest.from, narrowest.to]),
      )
      return { panel: id, at: { x: (minX + maxX) / 2, y: (minY + maxY) / 2 } }
    })
    return [{ kind: 'narrow tab', panels: [...edge.parts], spots, width, thickness: least }]
  })
}

const faultsOf = ({ proof, panels }: DerivedBox): Warning[] =>
  (proof?.faults ?? []).map(({ kind, panels: found, at }) => ({
    kind,
    panels: found,
    spots: found.flatMap((id): Spot[] => {
      const panel = panels?.find((each) => each.id === id)
      return panel ? [{ panel: id, at: onPlane(panel, [at.x, at.y, at.z]) }] : []
    }),
  }))

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
  const { panels, pieces } = box
  if (!panels) return []
  const thin = panels.flatMap((panel) => thinWeb(panel) ?? [])
  const thicknessOf = new Map(panels.map(({ id, thickness }) => [id, thickness]))
  const bed = machine && bedRoom(machine, margin)
  const large = bed ? pieces.filter(({ size }) => !fitsBed(size, bed)) : []
  const found: Warning[] = faultsOf(box)
  for (const group of box.made?.assembly.groups ?? []) {
    if (!fallsOpen(box.made!.spec.lies, group)) continue
    const out = group.motion === 'slide' && !group.strikes
    found.push({ kind: 'falls', panels: group.parts, spots: [], group: group.id, out })
  }
  if (locked.length > 0) found.push({ kind: 'locked', panels: locked, spots: [] })
  if (bed && large.length > 0)
    found.push({ kind: 'larger than the bed', panels: large.map(({ id }) => id), spots: [], bed })
  for (const { panel, pieces: own, fault } of box.oversize)
    if (fault) found.push({ kind: 'seam', panels: [panel.id], spots: [], fault, isDivided: own.length > 1 })
  if (thin.length > 0) {
    const names = thin.map(({ panel }) => panel)
    const thickness = Math.min(...names.map((id) => thicknessOf.get(id)!))
    found.push({ kind: 'thin web', panels: names, spots: thin, thickness })
  }
  const astray = openingsAstray(box)
  for (const reaches of REACHES) {
    const own = astray.filter((each) => each.reaches === reaches)
    const spots = own.map(({ panel, at }): Spot => ({ panel, at }))
    const engravings = [...new Set(own.flatMap(({ engraving }) => engraving ?? []))]
    const names = [...new Set(spots.map(({ panel }) => panel))]
    if (names.length > 0)
      found.push({
        kind: 'opening',
        panels: names,
        spots,
        reaches,
        thickness: thicknessOf.get(names[0])!,
        engravings,
      })
  }
  const holes = box.made && fittingOf(box.made.spec, 'holes')
  const rows = holes ? crowdedRows(holes, box.made!.inner) : []
  if (rows.length > 0) found.push({ kind: 'crowded', panels: ['floor'], spots: [], rows })
  for (const each of box.made ? proveUse(box.made, panels) : []) {
    const spots = each.at ? [{ panel: each.panel, at: each.at }] : []
    const same = found.find(
      ({ kind, panels: [first, by] }) =>
        kind === each.kind && first === each.panel && by === (each.by ?? undefined),
    )
    if (same) same.spots.push(...spots)
    else found.push({ kind: each.kind, panels: [each.panel, ...(each.by ? [each.by] : [])], spots })
  }
  return [...found, ...narrowTabs(box).slice(0, 1)]
}
