import { bounds } from '../geometry'
import { kerfOf } from '../kerf'
import { ASSUMED_MACHINE, type Origin } from '../machine'
import { loadAt, placedShape, violations, type Placement, type SurfaceAt, type Violation } from '../nest'
import { doubleLines, orderPaths, timeSheet, type SheetTime } from '../plan'
import type { Job } from '../job'
import type { DerivedBox } from './box'
import { seenBy } from './materials'
import {
  layoutRules,
  layoutSignature,
  partsByMaterial,
  pathsOf,
  shapesOf,
  type Lying,
  type Part,
} from './parts'
import type { CutPlan, LoadPlan, PlanTotal, StockCut } from './plan-types'
import { restNames } from './rest'
import { settingFor } from './setting'
import { surfaceFor, surfacesOf } from './supply'
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
    starts: sum((time) => time.starts),
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
function sortIntoLoads(parts: Part[], placements: Placement[], surfaceAt: SurfaceAt): Placed[] {
  const byId = new Map(parts.map((part) => [part.id, part]))
  return placements.flatMap((placement) => {
    const part = byId.get(placement.part)
    if (!part) return []
    const { minX, minY, maxX, maxY } = bounds(placedShape(part, placement).outline)
    return [
      { placement, part, load: loadAt(surfaceAt(placement.sheet), (minX + maxX) / 2, (minY + maxY) / 2) },
    ]
  })
}

/** What is on a part beside its cuts, for a signature. */
const onFace = ({ pockets, engraved, scored }: Lying): unknown =>
  engraved.length + scored.length > 0 ? [pockets, engraved, scored] : pockets

/** What one stock's parts come to. */
interface StockPlan extends StockCut {
  loads: LoadPlan[]
  violations: Violation[]
  sheets: number
  /** Everything of it that goes into the files. */
  written: unknown[]
}

function planStock(job: Job, material: string, thickness: number, parts: Part[]): StockPlan {
  const { measure, tune, cut, layout } = job
  const choice = settingFor(job, thickness)
  const { engrave, pocket, score } = tune
  const settings = { engrave, pocket, score, inside: choice.setting, outline: choice.setting }
  const machine = measure.machine ?? ASSUMED_MACHINE
  const surfaceAt = surfacesOf(job)
  const beam = kerfOf(measure.kerf).width
  const placed = sortIntoLoads(parts, layout.arrangement?.placements ?? [], surfaceAt)
  const sheets = placed.reduce((most, { placement }) => Math.max(most, placement.sheet + 1), 0)
  const surfaces = Array.from({ length: sheets }, (_, sheet) => surfaceAt(sheet))
  const names = restNames(job, material, parts)
  const loads = surfaces.flatMap((surface, sheet) =>
    surface.loads.flatMap((window, load): LoadPlan[] => {
      const own = placed.filter((each) => each.placement.sheet === sheet && each.load === load)
      if (own.length === 0) return []
      const start = waitingAt(window, measure.machine?.origin)
      const lines = own.flatMap(({ part, placement }) =>
        pathsOf(part, placement, { ...cut, interval: tune.interval, beam }, window),
      )
      const paths = orderPaths([...lines, ...names(sheet, window)], start, cut.start)
      const time = timeSheet(paths, settings, machine, start)
      const { loads, offcut, outline } = surface
      return [{ material, sheet, offcut, outline, load, of: loads.length, ...window, paths, time }]
    }),
  )
  // Without offcuts as it was before there were any, so that files written then still count as current.
  const { width, height, loads: windows } = surfaceFor(job)
  const onto = surfaces.some(({ offcut }) => offcut !== null) ? surfaces : { width, height, loads: windows }
  const known = placed.map(({ placement }) => placement)
  const lying = known.map(({ part, sheet, x, y, turn }) => [part, sheet, x, y, turn])
  return {
    material,
    choice,
    settings,
    loads,
    sheets,
    violations: violations(parts, known, layoutRules(job), surfaceAt),
    written: [
      shapesOf(parts),
      parts.map(({ label, lies: [lie] }) => [label, onFace(lie)]),
      lying,
      onto,
      ...(layout.settings.nameRest ? [job.name] : []),
    ],
  }
}

/**
 * Plans the cut of a laid-out job.
 * @param box of the same job; its panels must exist
 */
export function planCut(job: Job, box: DerivedBox, parts: Part[]): CutPlan {
  const stocks = partsByMaterial(parts, job).map(({ material, parts: own }, i) => {
    const { thickness } = i === 0 ? box : box.materials.find(({ id }) => id === material)!
    // What was picked by hand was picked for the job's own stock.
    const tune = i === 0 ? job.tune : { ...job.tune, picked: null }
    return planStock({ ...seenBy(job, material), tune }, material, thickness.mean, own)
  })
  const [{ choice, settings }] = stocks
  const loads = stocks.flatMap((stock) => stock.loads)
  const { compensation, labels, letters, face, off, start, bridges, files, frame, look } = job.cut
  const { machine } = job.measure
  // The same of cuts that begin at corners, without bridges.
  const ways = start === 'corner' && bridges.count === 0 ? [] : [start, bridges]
  const asked = files === 'sheet' && !frame && !look ? [] : [files, frame, look]
  const written = [
    ...asked,
    ...ways,
    compensation,
    labels,
    letters,
    face,
    off,
    box.materials.map((each) => each.compensation),
  ]
  return {
    choice,
    settings,
    stocks: stocks.map(({ material, choice, settings }) => ({ material, choice, settings })),
    loads,
    sheets: stocks.reduce((sum, { sheets }) => sum + sheets, 0),
    total: totalOf(loads),
    violations: stocks.flatMap((stock) => stock.violations),
    doubled: loads.flatMap(({ paths }) => doubleLines(paths)),
    signature: signatureOf([
      stocks.map((stock) => stock.written),
      written,
      machine?.origin ?? null,
      machine?.colours ?? null,
    ]),
    layoutIsStale: job.layout.arrangement?.signature !== layoutSignature(parts, job),
  }
}
