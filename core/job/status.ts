import { formatDuration, short } from '../length'
import { thicknessLine } from '../stock'
import { isForbidden, sheetUse, type SheetUse } from '../nest'
import { mayExport } from '../plan'
import type { DerivedBox } from './box'
import type { CutPlan } from './plan-types'
import { roomFor, type Part } from './parts'
import { kerfOfOtherSetting } from './preflight'
import type { Job } from './schema'

export const STATIONS = ['measure', 'shape', 'layout', 'tune', 'cut', 'build', 'log'] as const
export type Station = (typeof STATIONS)[number]

export const STATION_NAMES: Record<Station, string> = {
  measure: 'Measure',
  shape: 'Shape',
  layout: 'Lay out',
  tune: 'Tune',
  cut: 'Cut',
  build: 'Build',
  log: 'Log',
}

/** One line of live truth for a station of the traveller. `stale` means that something before it changed since. */
export interface StationStatus {
  state: 'ready' | 'todo' | 'look' | 'stop' | 'stale'
  line: string
  why: string
}

/** All that is known of a job at one moment. */
export interface Derived {
  box: DerivedBox
  plan: CutPlan | null
  use: SheetUse | null
}

export const useOf = (job: Job, parts: Part[]): SheetUse =>
  sheetUse(parts, job.layout.arrangement?.placements ?? [], job.layout.settings, roomFor(job))

const percent = (share: number): string => `${Math.round(share * 100)} %`

function measureStatus({ measure }: Job, { box, plan }: Derived, newer: string[]): StationStatus {
  const { thickness, kerf } = box
  const line = thicknessLine(thickness)
  if (newer.length > 0)
    return { state: 'stale', line, why: `The bench has newer figures for ${newer.join(' and ')}.` }
  if (!measure.machine || !measure.stock)
    return { state: 'todo', line: 'no machine or stock yet', why: 'Choose what you cut, and on what.' }
  if (!thickness.measured || !kerf.measured)
    return {
      state: 'look',
      line: thickness.measured ? `${line}; kerf assumed` : line,
      why: 'Thickness and kerf decide the fit: measure both.',
    }
  const otherKerf = plan ? kerfOfOtherSetting({ measure }, plan.choice) : ''
  if (otherKerf) return { state: 'look', line, why: otherKerf }
  if (thickness.readings === 1)
    return {
      state: 'look',
      line,
      why: 'One reading tells nothing of the rest of the sheet: measure in a few more places.',
    }
  return {
    state: thickness.uneven ? 'look' : 'ready',
    line,
    why: thickness.uneven ? `The sheet is uneven: ${thickness.uneven}.` : 'Thickness and kerf are measured.',
  }
}

/** Below these odds of the wanted fit a cut is a gamble. [FM] */
const UNSURE = 0.5

function shapeStatus(job: Job, { box }: Derived): StationStatus {
  if (!box.panels) return { state: 'stop', line: 'cannot be made', why: box.problems[0].message }
  const { word, wanted, odds, joints } = box.fit
  const line = `${word}, ${percent(odds[word])}`
  if (box.fit.cautions.length === 0 && odds[wanted] < UNSURE) {
    const most = joints[0].dominant?.name
    return {
      state: 'look',
      line,
      why: `Only ${percent(odds[wanted])} ${wanted}, as it was asked for.${most ? ` Most of the doubt is the ${most}.` : ''}`,
    }
  }
  return {
    state: box.fit.cautions.length > 0 ? 'look' : 'ready',
    line,
    why:
      box.fit.cautions[0] ?? `${box.panels.length} panels${job.copies > 1 ? `, ${job.copies} copies` : ''}.`,
  }
}

function layoutStatus(job: Job, { box, use, plan }: Derived): StationStatus {
  const { arrangement } = job.layout
  if (!box.panels) return { state: 'todo', line: 'waits for Shape', why: 'The box cannot be made yet.' }
  if (!arrangement || !use || !plan) return { state: 'todo', line: 'not laid out', why: 'No layout yet.' }
  const line = `${use.sheets} ${use.sheets === 1 ? 'sheet' : 'sheets'}, ${percent(use.use)}`
  if (plan.layoutIsStale) return { state: 'stale', line, why: 'Parts or sheets changed since this layout.' }
  const hard = plan.violations.find(isForbidden)
  if (hard) return { state: 'stop', line, why: hard.message }
  if (arrangement.unplaced.length > 0)
    return {
      state: 'look',
      line: `${arrangement.placements.length} of ${arrangement.placements.length + arrangement.unplaced.length} parts fit`,
      why: arrangement.unplaced[0].reason,
    }
  return {
    state: plan.violations.length > 0 ? 'look' : 'ready',
    line,
    why: plan.violations[0]?.message ?? `The bound is ${use.fewest}.`,
  }
}

function tuneStatus(_: Job, { plan }: Derived): StationStatus {
  if (!plan) return { state: 'todo', line: 'waits for a layout', why: 'Nothing to cut yet.' }
  const {
    setting: { speed, power },
    standing,
    reason,
    test,
  } = plan.choice
  const tested = standing === 'tested' && test?.result !== 'not through' && test?.result !== 'charred'
  return {
    state: tested ? 'ready' : 'look',
    line: `${short(speed)} mm/s, ${short(power)} %${standing === 'untested' ? ', untested' : ''}`,
    why: reason,
  }
}

function cutStatus(job: Job, { plan }: Derived): StationStatus {
  if (!plan || plan.sheets.length === 0)
    return { state: 'todo', line: 'nothing to cut', why: 'No part lies on a sheet.' }
  const line = formatDuration(plan.total.seconds)
  const stop = plan.checks.find(({ state }) => state === 'stop')
  if (stop) return { state: 'stop', line, why: stop.title }
  if (job.cut.written && job.cut.written.signature !== plan.signature)
    return { state: 'stale', line, why: 'The file was written before the last change. Write it again.' }
  const look = plan.checks.find(({ state }) => state === 'look')
  return {
    state: look ? 'look' : 'ready',
    line,
    why: look?.title ?? (job.cut.written ? 'The file is written.' : 'All checks passed.'),
  }
}

function buildStatus(job: Job, { box }: Derived): StationStatus {
  const steps = box.panels?.length ?? 0
  const done = job.build.done.length
  return {
    state: steps > 0 && done >= steps ? 'ready' : 'todo',
    line: `${Math.min(done, steps)} of ${steps} panels`,
    why: 'Dry-fit first, then glue.',
  }
}

function logStatus({ log }: Job): StationStatus {
  const last = log[log.length - 1]
  if (!last) return { state: 'todo', line: 'nothing cut yet', why: 'Write down what came out.' }
  return {
    state: last.verdict ? 'ready' : 'look',
    line: `revision ${last.number}${last.verdict ? `, ${last.verdict}` : ''}`,
    why: last.verdict ? last.reason : 'How did it fit?',
  }
}

/** The traveller's lines. @param newer what the bench knows better than the job's copies, by name */
export const stationStatuses = (
  job: Job,
  derived: Derived,
  newer: string[] = [],
): Record<Station, StationStatus> => ({
  measure: measureStatus(job, derived, newer),
  shape: shapeStatus(job, derived),
  layout: layoutStatus(job, derived),
  tune: tuneStatus(job, derived),
  cut: cutStatus(job, derived),
  build: buildStatus(job, derived),
  log: logStatus(job),
})

export const readyToCut = (plan: CutPlan | null): boolean =>
  plan !== null && plan.sheets.length > 0 && mayExport(plan.checks)
