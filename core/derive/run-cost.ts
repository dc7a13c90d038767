import { buildSteps, glueGrams, scheduleOf } from '../build'
import { thingsOf, withThings, type Job, type Revision } from '../job'
import { expectedTime, plannedOf, type Clock } from '../plan'
import { spoilingSeen, together, type BoxWork, type RunCost, type SpoilChances } from '../price'
import { arrangeSteps } from './arrange'
import { keepLayout } from './kept-layout'
import { deriveFit } from './fit'
import { depthsOf } from './own-ways'
import { partsByMaterial } from './parts'
import { jobForStock } from './materials'
import { canBeMade, deriveParts, type DerivedThing } from './things'
import { withLayout } from './kept-layout'
import { planCut } from './cut-plan'
import { sheetFacts } from './sheet-facts'
import { takesOf } from './takes'

/** More parts than these are not laid out at once: the same run is cut again and again. */
const MOST_AT_ONCE = 160

/** Layouts that are tried of each stock for a run: the first steps of the search find most. */
const TRIES = 200

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b))

/** How many sets alike a job makes: its things all come in multiples of this. */
export const setsOf = (job: Job): number =>
  thingsOf(job)
    .map(({ copies }) => copies)
    .reduce(divisor)

/** A job that makes so many sets of its things. */
export function withBoxes(job: Job, sets: number): Job {
  const own = setsOf(job)
  return withThings(
    job,
    thingsOf(job).map((thing) => ({ ...thing, copies: (thing.copies / own) * sets })),
  )
}

/** The job as it would be for so many sets, laid out anew. */
function forSets(job: Job, sets: number, isFirst: boolean): Job {
  const { settings } = job.layout
  // Offcuts that lie there are there once.
  const first = isFirst ? settings.first : 'whole sheets'
  return {
    ...withBoxes(job, sets),
    layout: { settings: { ...settings, sheets: null, first }, arrangement: null },
  }
}

/** What a run of sets comes to, by its own layout and plan; null where it cannot be made or laid out. */
function* runOf(job: Job, sets: number, clock: Clock | null): Generator<void, RunCost | null> {
  const { things, parts } = deriveParts(job)
  if (!canBeMade(things)) return null
  const steps = arrangeSteps(parts, job, 0, TRIES)
  let step = steps.next()
  for (; !step.done; step = steps.next()) yield
  const layout = step.value
  if (layout.unplaced.length > 0) return null
  const laid = withLayout(job, keepLayout(layout, parts, job))
  const { total, loads } = planCut(laid, parts, depthsOf(things))
  yield
  const materials = partsByMaterial(parts, laid)
  const facts = materials.flatMap(({ material, parts: own }) => {
    const seen = jobForStock(laid, material)
    const { sheetWidth = 1, sheetHeight = 1, pricePerSheet = 0 } = seen.measure.stock ?? {}
    return sheetFacts(seen, material, own, loads).map(({ price, rest }) => ({
      price: price ?? 0,
      left: ((rest?.area ?? 0) / (sheetWidth * sheetHeight)) * pricePerSheet,
    }))
  })
  const time = clock && clock.runs > 0 ? expectedTime(clock, plannedOf(total)) : null
  const { seconds } = time ?? total
  return {
    boxes: sets,
    sheets: facts.length,
    material: facts.reduce((sum, { price }) => sum + price, 0),
    left: facts.reduce((sum, { price, left }) => sum + Math.min(price, left), 0),
    seconds,
    low: time?.low ?? seconds,
    high: time?.high ?? seconds,
    parts: parts.length,
    takes: materials.map(({ material, parts: own }) => takesOf(layout, material, own)),
  }
}

/**
 * What cutting so many sets comes to. More than can well be laid out at once are cut as one run after the
 * other, each the same: a plan that can be followed, and no dearer than it says.
 * @param clock of the machine; null where it was never clocked
 */
export function* runCostSteps(job: Job, boxes: number, clock: Clock | null): Generator<void, RunCost | null> {
  const own = deriveParts(forSets(job, 1, true)).parts.length
  const atOnce = Math.max(1, Math.min(boxes, Math.floor(MOST_AT_ONCE / Math.max(1, own))))
  const runs: RunCost[] = []
  let again: RunCost | null = null
  for (let left = boxes; left > 0;) {
    const sets = Math.min(left, atOnce)
    const isFirst = left === boxes
    const run: RunCost | null =
      again && again.boxes === sets ? again : yield* runOf(forSets(job, sets, isFirst), sets, clock)
    if (!run) return null
    if (!isFirst) again = run
    runs.push(run)
    left -= sets
  }
  return together(runs)
}

/** What one set takes beside the cut: hands at gluing, and glue. */
export function workOf(job: Job, things: DerivedThing[]): BoxWork {
  const own = setsOf(job)
  const works = things.map(({ thing, box: { made, panels } }): BoxWork => {
    const steps = made && panels ? buildSteps(made, panels, job.build.school) : []
    if ('locked' in steps) return { building: 0, glue: 0 }
    const { rounds, working } = scheduleOf(steps, job.build.glue)
    const { least, most } = glueGrams(rounds.reduce((sum, { area }) => sum + area, 0))
    const each = thing.copies / own
    return { building: working * each, glue: ((least + most) / 2) * each }
  })
  return {
    building: works.reduce((sum, { building }) => sum + building, 0),
    glue: works.reduce((sum, { glue }) => sum + glue, 0),
  }
}

/** Parts of a revision that stayed in the sheet and came free by no further pass. */
const lostIn = ({ through, stuck, passed }: Revision): number =>
  through === 'not all' && passed === null ? stuck.length : 0

/** Chances that a part is spoilt, by this job's log, and that the first box cannot be used, by its odds. */
export function spoilChances(job: Job, things: DerivedThing[], parts: number): SpoilChances {
  const seen = job.log.filter(({ through }) => through !== null)
  const lost = seen.reduce((sum, revision) => sum + lostIn(revision), 0)
  const fits = things.map(({ thing, box }) => {
    const { odds, wanted } = deriveFit({ ...job, thing, copies: 1, box: thing.box }, box, {})
    return (wanted === 'forced' ? 0 : odds.forced) + (wanted === 'loose' ? 0 : odds.loose)
  })
  return {
    part: spoilingSeen(lost, Math.max(0, seen.length * parts - lost)),
    fit: Math.max(0, ...fits), // one kerf is behind all of them
  }
}
