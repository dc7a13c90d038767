import type { Point, Region, Ring } from '../geometry'
import type { DerivedBox } from '../derive'
import type { Job } from '../job'
import { IN_METRIC } from '../length'
import { compensationStatement } from '../say'

const pairs = (ring: Ring): [number, number][] => ring.map(({ x, y }: Point) => [x, y])

const shape = ({ outline, holes }: Region) => ({ outline: pairs(outline), holes: holes.map(pairs) })

/**
 * The panels of one box as JSON, for checks by others. `outline` and `holes` are the exact shape in mm;
 * `drawn` has the wanted interference at the glue lines; `placement` is a 4×4 matrix, row after row, that
 * takes (x, y, z) of the panel (z from its inside face, 0, to its outside face, `thickness`) to the assembled
 * box.
 */
export function writePanels(job: Job, box: DerivedBox): string {
  const { outer, inner } = box.sizes
  return (
    JSON.stringify(
      {
        format: 'uplands-panels',
        version: 1,
        units: 'mm',
        job: job.name,
        copies: job.copies,
        outer: [outer.x, outer.y, outer.z],
        inner: [inner.x, inner.y, inner.z],
        open: !job.box.top,
        proud: job.box.proud,
        interference: job.interference,
        compensation: compensationStatement(job.cut.compensation, box, IN_METRIC),
        panels: (box.panels ?? []).map(({ name, thickness, region, drawn, placement }) => ({
          name,
          thickness,
          ...shape(region),
          drawn: shape(drawn),
          placement: [0, 4, 8, 12].map((row) => placement.slice(row, row + 4)),
        })),
      },
      null,
      2,
    ) + '\n'
  )
}
