import { ASSUMED_MACHINE } from '../machine'
import { violations } from '../nest'
import { doubleLines, orderPaths, timeSheet, type SheetTime } from '../plan'
import { chooseSetting, settingSchema, startingPoint, type Choice, type Setting } from '../tune'
import type { DerivedBox } from './box'
import { layoutRules, layoutSignature, pathsOf, roomFor, shapesOf, type Part } from './parts'
import type { CutPlan, SheetPlan } from './plan-types'
import { preflight } from './preflight'
import type { Job } from './schema'
import { signatureOf } from './signature'

const sameSetting = (a: Setting, b: Setting): boolean =>
  (Object.keys(settingSchema.shape) as (keyof Setting)[]).every((key) => a[key] === b[key])

/** The setting for cutting: what the maker picked, or the nearest tested one. @param thickness mm */
export function settingFor(
  { measure: { machine, stock }, tune }: Pick<Job, 'measure' | 'tune'>,
  thickness: number,
): Choice {
  if (tune.picked) {
    const { picked } = tune
    const test =
      tune.tests.find(
        (each) =>
          each.machineId === machine?.id && each.stockId === stock?.id && sameSetting(each.setting, picked),
      ) ?? null
    if (!test)
      return {
        setting: picked,
        standing: 'untested',
        test,
        reason: 'You typed this setting. It has no test on this stock yet: make a test cut first.',
      }
    const good = test.result === 'clean' || test.result === 'just through'
    return {
      setting: picked,
      standing: 'tested',
      test,
      reason: `You picked this one. Its test on this stock came out ${test.result}${good ? '.' : ': another one would be better.'}`,
    }
  }
  if (machine && stock) return chooseSetting(tune.tests, machine, stock, thickness)
  const setting = startingPoint(machine ?? ASSUMED_MACHINE, stock?.family ?? 'other', thickness)
  return {
    setting,
    standing: 'untested',
    test: null,
    reason: 'Choose a machine and a stock in Measure: until then this is only a guess from the energy rule.',
  }
}

const sumOf = (sheets: SheetPlan[], figure: (time: SheetTime) => number): number =>
  sheets.reduce((sum, { time }) => sum + figure(time), 0)

/**
 * Plans the cut of a laid-out job.
 * @param box of the same job; its panels must exist
 */
export function planCut(job: Job, box: DerivedBox, parts: Part[]): CutPlan {
  const choice = settingFor(job, box.thickness.mean)
  const settings = { score: job.tune.score, inside: choice.setting, outline: choice.setting }
  const placements = job.layout.arrangement?.placements ?? []
  const layoutIsStale = job.layout.arrangement?.signature !== layoutSignature(parts, job)
  const byId = new Map(parts.map((part) => [part.id, part]))
  const known = placements.filter(({ part }) => byId.has(part))
  const count = known.reduce((most, { sheet }) => Math.max(most, sheet + 1), 0)
  const sheets = Array.from({ length: count }, (_, sheet): SheetPlan => {
    const paths = orderPaths(
      known
        .filter((placement) => placement.sheet === sheet)
        .flatMap((placement) => pathsOf(byId.get(placement.part)!, placement, job.cut)),
    )
    return { sheet, paths, time: timeSheet(paths, settings, job.measure.machine ?? ASSUMED_MACHINE) }
  })
  const total = {
    seconds: sumOf(sheets, (time) => time.total),
    cutting: sumOf(sheets, (time) => time.cutting),
    corners: sumOf(sheets, (time) => time.corners),
    travel: sumOf(sheets, (time) => time.travel),
    cutLength: sumOf(sheets, (time) => time.cutLength),
  }
  const found = violations(parts, known, layoutRules(job), roomFor(job))
  const doubled = sheets.flatMap(({ paths }) => doubleLines(paths))
  const { compensation, labels, off } = job.cut
  const lying = known.map(({ part, sheet, x, y, turn }) => [part, sheet, x, y, turn])
  const signature = signatureOf([
    shapesOf(parts),
    lying,
    compensation,
    labels,
    off,
    box.kerf.perSide,
    job.measure.machine?.colours ?? null,
  ])
  const plan = { choice, settings, sheets, total, violations: found, signature, layoutIsStale }
  return { ...plan, checks: preflight(job, box, parts, plan, doubled) }
}
