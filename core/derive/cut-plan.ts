import { moreAt } from '../belief'
import { bounds, type Point } from '../geometry'
import { kerfOf } from '../kerf'
import { ASSUMED_MACHINE, eachOperation, OPERATION_NAMES, OPERATIONS, OUR_COLOURS } from '../machine'
import {
  byName,
  type Load,
  loadAt,
  placedShape,
  type Placement,
  type Surface,
  type SurfaceAt,
  type Violation,
  violations,
} from '../nest'
import {
  cutOnce,
  doubleLines,
  holeAt,
  orderPaths,
  pathsTurned,
  reachOf,
  timeSheet,
  turnOver,
  type CutPath,
  type SheetTime,
} from '../plan'
import type { Job } from '../job'
import { burntAstray, type BurntAstray } from './burnt-astray'
import { materialsOf, jobForStock } from './materials'
import { markOf } from './mark'
import { middleOnBed } from './measurable'
import { isUntouched, type FaceUp, type Lying } from './lying'
import { ownWays } from './own-ways'
import { layoutRules, layoutSignature, partsByMaterial, shapesOf, type Part } from './parts'
import { labelsUnder, pathsOf, pathsUnder, type Making } from './paths'
import type { CutPlan, LoadPlan, PlanTotal, StockCut } from './plan-types'
import { registrationFor } from './registration'
import { restNames } from './rest'
import { markSettings, settingFor, within } from './setting'
import { surfaceFor, surfacesOf } from './supply'
import { waitingAt } from './waiting-at'
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
    programs: Math.max(1, loads.length),
  }
}

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
function onFaces({ up, under }: Lying): unknown {
  const { grooves, engraved, scored } = up
  const plain = engraved.length + scored.length > 0 ? [grooves, engraved, scored] : grooves
  const more = up.pockets.length + up.pictures.length + up.own.length > 0
  return more || !isUntouched(under) ? [plain, [up, under].map(told)] : plain
}

/** A face without the points of its pictures, which are known by name. */
const told = ({ pictures, ...face }: FaceUp): unknown => [
  face,
  pictures.map(({ greys: { columns, rows }, ...picture }) => [picture, columns, rows]),
]

/** What one stock's parts come to. */
interface StockPlan extends StockCut {
  loads: LoadPlan[]
  violations: Violation[]
  astray: BurntAstray[]
  sheets: number
  /** Everything of it that goes into the files. */
  written: unknown[]
}

/** Where a load lies on its sheet once that is turned over. */
const turnedLoad = (how: Job['cut']['turn'], { width, height }: Surface, load: Load): Load =>
  how === 'left to right'
    ? { ...load, x: width - load.x - load.width }
    : { ...load, y: height - load.y - load.height }

/**
 * What is cut in one load, and what of it is done to the other face before. Labels that do not show are on
 * that face only where the sheet is turned for something else.
 */
function linesOf(own: Placed[], making: Making, window: Load): { up: CutPath[]; under: CutPath[] } {
  const from = (paths: typeof pathsOf): CutPath[] =>
    own.flatMap(({ part, placement }) => paths(part, placement, making, window))
  const under = making.cut.turn === 'leave out' ? [] : from(pathsUnder)
  return { up: from(pathsOf), under: under.length === 0 ? [] : [...under, ...from(labelsUnder)] }
}

/** How much more kerf a part's place takes, where paths follow the bed; edges that are shared cannot. */
function leanIn({ measure: { bed, machine }, cut, layout }: Job, window: Load): Making['moreAt'] {
  if (!bed || !machine || cut.compensation !== 'paths' || layout.settings.shareEdges) return () => 0
  return (part, placement) => moreAt(bed, middleOnBed(part, placement, window, machine), machine)
}

interface StockInput {
  material: string
  thickness: number
  depths: number[]
  /** Scored beside each label; empty for none. */
  mark: string
}

function planStock(job: Job, { material, thickness, depths, mark }: StockInput, parts: Part[]): StockPlan {
  const { measure, tune, cut, layout } = job
  const machine = measure.machine ?? ASSUMED_MACHINE
  const choice = settingFor(job, thickness)
  const wanted = { ...markSettings(job), inside: choice.setting, outline: choice.setting }
  const settings = eachOperation((operation) => within(wanted[operation], machine.maxSpeed))
  const surfaceAt = surfacesOf(job)
  const beam = kerfOf(measure.kerf).width
  const placed = sortIntoLoads(parts, layout.arrangement?.placements ?? [], surfaceAt)
  const sheets = placed.reduce((most, { placement }) => Math.max(most, placement.sheet + 1), 0)
  const surfaces = Array.from({ length: sheets }, (_, sheet) => surfaceAt(sheet))
  const names = restNames(job, material, parts)
  const colours = measure.machine?.colours ?? OUR_COLOURS
  const wantedWays = ownWays(job, depths, { pocket: wanted.pocket, colours })
  const ways = wantedWays.map((way) => ({ ...way, setting: within(way.setting, machine.maxSpeed) }))
  const plain = { cut, interval: tune.interval, beam, own: tune.own, deepest: depths[0] ?? 0, mark }
  const order = ways.map(({ name }) => name)
  const astray: BurntAstray[] = []
  const loads = surfaces.flatMap((surface, sheet) => {
    const both = surface.loads.flatMap((window, load): LoadPlan[] => {
      const own = placed.filter((each) => each.placement.sheet === sheet && each.load === load)
      if (own.length === 0) return []
      astray.push(...burntAstray(own, surface, window, cut, tune.own))
      const start = waitingAt(window, measure.machine?.origin)
      const { up, under } = linesOf(own, { ...plain, moreAt: leanIn(job, window) }, window)
      const { loads, offcut, outline } = surface
      const made = (face: LoadPlan['face'], at: Load, aim: Point[], lines: CutPath[]): LoadPlan => {
        const paths = orderPaths(lines, start, cut.start, order)
        const reach = reachOf(at.width, measure.machine)
        const time = timeSheet(paths, { settings, own: ways, reach }, machine, start)
        return { material, sheet, offcut, outline, load, of: loads.length, ...at, face, aim, paths, time }
      }
      const here = own.map(({ part, placement }) => placedShape(part, placement))
      const aim =
        under.length > 0 && !cut.off.includes('inside') ? registrationFor(surface, window, here) : []
      const once = layoutRules(job).shareEdges ? cutOnce(up) : up
      const lines = [...once, ...names(sheet, window)]
      if (under.length === 0) return [made('only', window, [], lines)]
      const turned = turnOver(cut.turn, window)
      const first = [...pathsTurned(under, cut.turn, window), ...aim.map(turned).map(holeAt)]
      return [
        made('first', turnedLoad(cut.turn, surface, window), aim.map(turned), first),
        made('then', window, aim, lines),
      ]
    })
    // The other face of all of a sheet before it is turned.
    return [...both.filter(({ face }) => face === 'first'), ...both.filter(({ face }) => face !== 'first')]
  })
  // Without offcuts as it was before there were any, so that files written then still count as current.
  const { width, height, loads: windows } = surfaceFor(job)
  const onto = surfaces.some(({ offcut }) => offcut !== null) ? surfaces : { width, height, loads: windows }
  const known = placed.map(({ placement }) => placement)
  const lying = known.map(({ part, sheet, x, y, turn }) => [part, sheet, x, y, turn])
  return {
    material,
    choice,
    settings,
    own: ways,
    asked: [
      ...OPERATIONS.map((operation) => ({ name: OPERATION_NAMES[operation], setting: wanted[operation] })),
      ...wantedWays,
    ],
    loads,
    sheets,
    violations: violations(parts, known, layoutRules(job), surfaceAt),
    astray,
    written: [
      shapesOf(parts),
      parts.map(({ label, lies: [lie] }) => [label, onFaces(lie)]),
      lying,
      onto,
      ...(layout.settings.nameRest ? [job.name] : []),
      ...(measure.bed ? [measure.bed] : []),
    ],
  }
}

/**
 * Plans the cut of a laid-out job.
 * @param depths of all its pockets, mm, the deepest first
 * @param mark of an earlier cut that this one makes good; else it follows from what is cut
 */
export function planCut(job: Job, parts: Part[], depths: number[], mark?: string): CutPlan {
  const plan = planWith(job, parts, depths, '')
  if (!job.cut.mark || job.cut.labels === 'none') return plan
  // The same whether it is scored or not.
  return planWith(job, parts, depths, mark ?? markOf(job, plan))
}

function planWith(job: Job, parts: Part[], depths: number[], mark: string): CutPlan {
  const materials = materialsOf(job.measure, job.cut.compensation)
  const stocks = partsByMaterial(parts, job).map(({ material, parts: own }, i) => {
    const { thickness } = i === 0 ? materials[0] : materials.find(({ id }) => id === material)!
    // What was picked by hand was picked for the job's own stock.
    const tune = i === 0 ? job.tune : { ...job.tune, picked: null }
    return planStock(
      { ...jobForStock(job, material), tune },
      { material, thickness: thickness.mean, depths, mark },
      own,
    )
  })
  const [{ choice, settings, own }] = stocks
  const loads = stocks.flatMap((stock) => stock.loads)
  const { compensation, labels, letters, face, off, start, bridges, files, frame, look } = job.cut
  const { machine } = job.measure
  const names = new Map(parts.map(({ id, label }) => [id, label]))
  // The same of cuts that begin at corners, without bridges.
  const ways = start === 'corner' && bridges.count === 0 ? [] : [start, bridges]
  const turned = loads.some((load) => load.face === 'first')
  const asked = files === 'sheet' && !frame && !look ? [] : [files, frame, look]
  const written = [
    ...(turned ? [job.cut.turn] : []),
    ...(own.length > 0 ? [own] : []),
    ...asked,
    ...ways,
    compensation,
    labels,
    ...(job.cut.mark ? ['mark'] : []),
    letters,
    face,
    off,
    materials.map((each) => each.compensation),
  ]
  return {
    choice,
    settings,
    own,
    stocks: stocks.map(({ material, choice, settings, own, asked }) => ({
      material,
      choice,
      settings,
      own,
      asked,
    })),
    loads,
    sheets: stocks.reduce((sum, { sheets }) => sum + sheets, 0),
    total: totalOf(loads),
    violations: byName(
      stocks.flatMap((stock) => stock.violations),
      names,
    ),
    astray: stocks.flatMap((stock) => stock.astray),
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
