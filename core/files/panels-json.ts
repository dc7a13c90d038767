import { wallIndex } from '../angled'
import { lidOf } from '../fittings'
import { sidesOf, type Feature, type Joint, type Panel, type PanelSide } from '../assembly'
import type { Point, Region, Ring } from '../geometry'
import type { DerivedBox } from '../derive'
import type { Job } from '../job'
import { IN_METRIC } from '../length'
import { compensationStatement } from '../say'

const pairs = (ring: Ring): [number, number][] => ring.map(({ x, y }: Point) => [x, y])

const shape = ({ outline, holes }: Region) => ({ outline: pairs(outline), holes: holes.map(pairs) })

const featureOf = ({ what, depth, shape: ring, joint }: Feature) => ({
  what,
  depth: depth ?? 'through',
  outline: pairs(ring),
  joint,
})

const sideOf = ({ from, to, kind, joint }: PanelSide) => ({
  from: [from.x, from.y],
  to: [to.x, to.y],
  kind,
  joint,
})

function groupOf({ id }: Panel): string {
  if (['front', 'back', 'left', 'right'].includes(id) || wallIndex(id) >= 0) return 'walls'
  if (id === 'floor' || id === 'top') return id
  if (id === 'lip') return 'top'
  return id.startsWith('ledge') ? 'ledges' : 'dividers'
}

const jointOf = ({ id, kind, parts, along, line, depth, claims, play }: Joint) => ({
  id,
  kind,
  panels: parts,
  along,
  /** Where walls stand at an angle: claims are told from `at` along `way`, in the box. */
  ...(line ? { line: { at: line.at, way: line.way } } : {}),
  depth: depth ?? 'through',
  play,
  claims: claims.map(({ owner, from, to }) => ({ owner: owner === null ? null : parts[owner], from, to })),
})

/**
 * The panels of one box as JSON, for checks by others. `outline` and `holes` are the exact shape in mm;
 * `drawn` has the wanted interference at the glue lines and the play of slots; `placement` is a 4×4 matrix,
 * row after row, that takes (x, y, z) of the panel (z from its inside face, 0, to its outside face,
 * `thickness`) to the assembled box. Depths are from the inside face.
 * `border` tells what each piece of the exact outline is before openings are taken out: a glue line, a face
 * that slides, the wall of a slot, or free.
 */
export function writePanels(job: Job, box: DerivedBox): string {
  const { outer, inner } = box.sizes
  const joints = box.made?.assembly.joints ?? []
  const wanted = { proud: job.box.proud, interference: job.interference }
  const border = (id: string) => (box.made ? sidesOf(box.made.assembly, id, wanted).map(sideOf) : [])
  return (
    JSON.stringify(
      {
        format: 'uplands-panels',
        version: 2,
        units: 'mm',
        job: job.name,
        copies: job.copies,
        outer: [outer.x, outer.y, outer.z],
        inner: [inner.x, inner.y, inner.z],
        open: lidOf(job.box) === null,
        proud: job.box.proud,
        interference: job.interference,
        compensation: compensationStatement(job.cut.compensation, box, IN_METRIC),
        joints: joints.map(jointOf),
        groups: box.made?.assembly.groups ?? [],
        panels: (box.panels ?? []).map((panel) => ({
          name: panel.id,
          label: panel.label,
          group: groupOf(panel),
          stock: box.material.get(panel.id)?.name ?? null,
          thickness: panel.thickness,
          ...shape(panel.region),
          drawn: shape(panel.drawn),
          joints: joints.filter(({ parts }) => parts.includes(panel.id)).map(({ id }) => id),
          border: border(panel.id),
          features: panel.features.map(featureOf),
          placement: [0, 4, 8, 12].map((row) => panel.frame.slice(row, row + 4)),
        })),
      },
      null,
      2,
    ) + '\n'
  )
}
