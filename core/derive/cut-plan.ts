import { bounds } from '../geometry'
import { ASSUMED_MACHINE, type Origin } from '../machine'
import { loadAt, placedShape, violations, type Placement, type Surface } from '../nest'
import { doubleLines, orderPaths, timeSheet, type SheetTime } from '../plan'
import type { Job } from '../job'
import type { DerivedBox } from './box'
import { layoutRules, layoutSignature, pathsOf, shapesOf, surfaceFor, type Part } from './parts'
import type { CutPlan, LoadPlan, PlanTotal } from './plan-types'
import { settingFor } from './setting'
import { signatureOf } from './signature'

function totalOf(loads: LoadPlan[]): PlanTotal {
  const sum = (figure: (time: SheetTime) => number): number =>
    loads.reduce((total, { time }) => total + figure(time), 0)
  return {
    seconds: sum((time) => time.total),
    cutting: sum((time) => time.cutting),
    corners: sum((time) => time.corners),
    travel: sum((time) => time.travel),
    cutLength: sum((time) => time.cutLength),
  }
}

/** Where the beam waits: at the machine's origin. */
export const waitingAt = (
  { width, height }: { width: number; height: number },
  origin: Origin = 'front left',
): { x: number; y: number } => ({
  x: origin.endsWith('right') ? width : 0,
  y: origin.startsWith('back') ? height : 0,
})

interface Placed {
  placement: Placement
  part: Part
  load: number
}

/** Each part with the load that it lies in. */
function sortIntoLoads(parts: Part[], placements: Placement[], surface: Surface): Placed[] {
  const byId = new Map(parts.map((part) => [part.id, part]))
  return placements.flatMap((placement) => {
    const part = byId.get(placement.part)
    if (!part) return []
    const { minX, minY, maxX, maxY } = bounds(placedShape(part, placement).outline)
    return [{ placement, part, load: loadAt(surface, (minX + maxX) / 2, (minY + maxY) / 2) }]
  })
}

/**
 * Plans the cut of a laid-out job.
 * @param box of the same job; its panels must exist
 */
export function planCut(job: Job, box: DerivedBox, parts: Part[]): CutPlan {
  const { measure, tune, cut, layout } = job
  const choice = settingFor(job, box.thickness.mean)
  const settings = { score: tune.score, inside: choice.setting, outline: choice.setting }
  const machine = measure.machine ?? ASSUMED_MACHINE
  const surface = surfaceFor(job)
  const placed = sortIntoLoads(parts, layout.arrangement?.placements ?? [], surface)
  const sheets = placed.reduce((most, { placement }) => Math.max(most, placement.sheet + 1), 0)
  const loads = Array.from({ length: sheets }, (_, sheet) =>
    surface.loads.flatMap((window, load): LoadPlan[] => {
      const own = placed.filter((each) => each.placement.sheet === sheet && each.load === load)
      if (own.length === 0) return []
      const start = waitingAt(window, measure.machine?.origin)
      const lines = own.flatMap(({ part, placement }) => pathsOf(part, placement, cut, window))
      const paths = orderPaths(lines, start)
      const time = timeSheet(paths, settings, machine, start)
      return [{ sheet, load, of: surface.loads.length, ...window, paths, time }]
    }),
  ).flat()
  const known = placed.map(({ placement }) => placement)
  const lying = known.map(({ part, sheet, x, y, turn }) => [part, sheet, x, y, turn])
  const { compensation, labels, off } = cut
  const written = [compensation, labels, off, box.compensation]
  return {
    choice,
    settings,
    loads,
    sheets,
    total: totalOf(loads),
    violations: violations(parts, known, layoutRules(job), surface),
    doubled: loads.flatMap(({ paths }) => doubleLines(paths)),
    signature: signatureOf([
      shapesOf(parts),
      lying,
      written,
      surface,
      measure.machine?.origin ?? null,
      measure.machine?.colours ?? null,
    ]),
    layoutIsStale: layout.arrangement?.signature !== layoutSignature(parts, job),
  }
}
