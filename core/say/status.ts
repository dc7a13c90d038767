import { problemSentence } from '../box'
import { type Derived, type Part } from '../derive'
import { fitCautions } from '../fit'
import type { Job } from '../job'
import { capitalised, counted, percent, short, type Say } from '../length'
import { isForbidden, sheetsAllowed, unplacedSentence, violationSentence, type SheetUse } from '../nest'
import { mayExport, type Check, type Clock, type Format } from '../plan'
import { thicknessLine, unevenLine } from '../stock'
import { choiceReason } from '../belief'
import { NO_FACTS, type MachineFacts } from './check-input'
import { kerfOfOtherSetting } from './measure-checks'
import { preflight } from './preflight'
import { openQuestions } from './questions'
import { unsaidOf } from './unsaid'
import { timeWords } from './time'
import { proofLine } from './warnings'

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

/**
 * One line of live truth for a station of the traveller. `stale` means that something before it changed
 * since.
 */
export interface StationStatus {
  state: 'ready' | 'todo' | 'look' | 'stop' | 'stale'
  line: string
  why: string
}

/** What the lines are made from: a job, what was derived from it, and what was checked. */
export interface StatusInput {
  job: Job
  derived: Derived
  checks: Check[]
  /** What the bench knows better than the job's copies, by name. */
  newer: string[]
  known: MachineFacts
  /** What the machine's clock says of its times; null while nobody clocked it. */
  clock: Clock | null
  say: Say
}

/**
 * The checks of a job as it was derived; none without a plan.
 * @param more what is about to be written, where it is not what the job says, and what the bench knows
 */
export const checksOf = (
  job: Job,
  { box, things, plan, fit }: Omit<Derived, 'use'>,
  parts: Part[],
  say: Say,
  { formats = job.cut.formats, known = NO_FACTS }: { formats?: readonly Format[]; known?: MachineFacts } = {},
): Check[] => (plan ? preflight({ job, box, things, parts, plan, fit, formats, known }, say) : [])

function measureStatus({ job, derived: { box, plan }, newer, known, say }: StatusInput): StationStatus {
  const { measure } = job
  const { thickness, kerf } = box
  const line = thicknessLine(thickness, say)
  const [question] = openQuestions(job, known, say)
  if (question) return { state: 'stop', line: 'a figure is in doubt', why: question.says }
  if (newer.length > 0) {
    return { state: 'stale', line, why: `The bench has newer figures for ${newer.join(' and ')}.` }
  }
  if (!measure.machine || !measure.stock) {
    return { state: 'todo', line: 'no machine or stock yet', why: 'Choose what you cut, and on what.' }
  }
  const [unsaid] = unsaidOf(job)
  if (unsaid) return { state: 'todo', line: 'figures not given', why: `Still open: ${unsaid.says}.` }
  if (!thickness.measured || !kerf.measured) {
    const both = thickness.measured ? `${line}; kerf assumed` : line
    return { state: 'look', line: both, why: 'Thickness and kerf decide the fit: measure both.' }
  }
  const otherKerf = plan ? kerfOfOtherSetting({ measure }, plan.choice, say) : ''
  if (otherKerf) return { state: 'look', line, why: otherKerf }
  if (thickness.readings === 1) {
    const why = 'One reading says nothing about the rest of the sheet: measure in a few more places.'
    return { state: 'look', line, why }
  }
  return thickness.uneven
    ? { state: 'look', line, why: `The sheet is uneven: ${unevenLine(thickness, say)}.` }
    : { state: 'ready', line, why: 'Thickness and kerf are measured.' }
}

/** Below these odds of the wanted fit a cut is a gamble. [FM] */
const UNSURE = 0.5

function shapeStatus({ job, derived: { box, things, fit }, say }: StatusInput): StationStatus {
  const other = things.find(({ thing, box }) => thing.id !== job.thing.id && box.panels === null)
  if (other) {
    const why = `${other.thing.name}: ${problemSentence(other.box.problems[0], say)}`
    return { state: 'stop', line: `${other.thing.name} cannot be made`, why }
  }
  if (!box.panels) {
    return { state: 'stop', line: 'cannot be made', why: problemSentence(box.problems[0], say) }
  }
  if (box.proof && box.proof.faults.length > 0) {
    return { state: 'stop', line: 'does not hold together', why: proofLine(box) }
  }
  const { word, wanted, odds, joints, weakest } = fit
  const line = `${word}, ${percent(odds[word])}`
  const family = job.measure.stock?.family ?? 'other'
  const [caution] = fitCautions(fit, box.thickness, family, job.box.proud, say)
  if (caution) return { state: 'look', line, why: caution }
  if (odds[wanted] < UNSURE) {
    const most = joints[0].dominant?.name
    const doubt = most ? ` Most of the doubt comes from the ${most}.` : ''
    return {
      state: 'look',
      line,
      why: `Only ${percent(odds[wanted])} likely to be ${wanted}, the fit you asked for.${doubt}`,
    }
  }
  if (weakest && weakest.odds < UNSURE) {
    const { label, odds: serves, likeliest } = weakest
    const why = `${capitalised(label)}: only ${percent(serves)} go in by hand. Likeliest is ${likeliest}.`
    return { state: 'look', line, why }
  }
  const copies = job.copies > 1 ? `, ${job.copies} copies` : ''
  return { state: 'ready', line, why: `${box.panels.length} panels${copies}.` }
}

/** What is known of layouts on fewer whole sheets. */
function boundSentence({ sheets, offcuts, fewest }: SheetUse): string {
  if (sheets === 0) return 'No whole sheet is taken.'
  const fewer = offcuts > 0 ? 'fewer whole sheets' : 'fewer sheets'
  if (sheets <= fewest) return `No layout can do with ${fewer}: that is proven.`
  const bound = fewest > 0 ? `the bound is ${fewest}` : 'offcuts alone are not ruled out'
  return `None with ${fewer} has been found yet; ${bound}.`
}

function layoutStatus({ job, derived: { box, use, plan }, say }: StatusInput): StationStatus {
  const { arrangement, settings } = job.layout
  if (!box.panels) return { state: 'todo', line: 'waits for Shape', why: 'The box cannot be made yet.' }
  if (!arrangement || !use || !plan) return { state: 'todo', line: 'not laid out', why: 'No layout yet.' }
  const count = use.offcuts > 0 ? counted(use.sheets + use.offcuts, 'piece') : counted(use.sheets, 'sheet')
  const line = `${count}, ${percent(use.use)}`
  if (plan.layoutIsStale) {
    return { state: 'stale', line, why: 'Parts or sheets changed since this layout.' }
  }
  const hard = plan.violations.find(isForbidden)
  if (hard) return { state: 'stop', line, why: violationSentence(hard, settings, say) }
  const { placements, unplaced } = arrangement
  if (unplaced.length > 0) {
    const fit = `${placements.length} of ${placements.length + unplaced.length} parts fit`
    return { state: 'look', line: fit, why: unplacedSentence(unplaced[0], sheetsAllowed(settings), say) }
  }
  const [soft] = plan.violations
  if (soft) return { state: 'look', line, why: violationSentence(soft, settings, say) }
  const loads = use.loads > use.sheets + use.offcuts ? ` It is cut in ${use.loads} loads of the bed.` : ''
  return { state: 'ready', line, why: `${boundSentence(use)}${loads}` }
}

function tuneStatus({ derived: { plan }, say }: StatusInput): StationStatus {
  if (!plan) return { state: 'todo', line: 'waits for a layout', why: 'Nothing to cut yet.' }
  const { setting, standing, test } = plan.choice
  const doubtful = test?.result === 'not through' || test?.result === 'charred'
  const untested = standing === 'untested' ? ', untested' : ''
  return {
    state: standing === 'tested' && !doubtful ? 'ready' : 'look',
    line: `${say.speed(setting.speed)}, ${short(setting.power)} %${untested}`,
    why: choiceReason(plan.choice, say),
  }
}

function cutStatus({ job: { cut }, derived: { plan }, checks, clock }: StatusInput): StationStatus {
  if (!plan || plan.loads.length === 0) {
    return { state: 'todo', line: 'nothing to cut', why: 'No part lies on a sheet.' }
  }
  const line = timeWords(plan.total, clock)
  const stop = checks.find(({ state }) => state === 'stop')
  if (stop) return { state: 'stop', line, why: stop.title }
  if (cut.written && cut.written.signature !== plan.signature) {
    return { state: 'stale', line, why: 'The file was written before the last change. Write it again.' }
  }
  const look = checks.find(({ state }) => state === 'look')
  const done = cut.written ? 'The file is written.' : 'All checks passed.'
  return { state: look ? 'look' : 'ready', line, why: look?.title ?? done }
}

function buildStatus({ job, derived: { things } }: StatusInput): StationStatus {
  const steps = things.reduce((sum, { box }) => sum + (box.panels?.length ?? 0), 0)
  const done = Math.min(job.build.done.length, steps)
  const state = steps > 0 && done === steps ? 'ready' : 'todo'
  return { state, line: `${done} of ${steps} panels`, why: 'Dry-fit first, then glue.' }
}

function logStatus({ job: { log } }: StatusInput): StationStatus {
  const last = log[log.length - 1]
  if (!last) return { state: 'todo', line: 'nothing cut yet', why: 'Write down what came out.' }
  const line = `revision ${last.number}`
  return last.verdict
    ? { state: 'ready', line: `${line}, ${last.verdict}`, why: last.reason }
    : { state: 'look', line, why: 'How did it fit?' }
}

/** The traveller's lines. */
export const stationStatuses = (told: StatusInput): Record<Station, StationStatus> => ({
  measure: measureStatus(told),
  shape: shapeStatus(told),
  layout: layoutStatus(told),
  tune: tuneStatus(told),
  cut: cutStatus(told),
  build: buildStatus(told),
  log: logStatus(told),
})

/** Whether files may be written. */
export const readyToCut = ({ plan }: Pick<Derived, 'plan'>, checks: Check[]): boolean =>
  plan !== null && plan.loads.length > 0 && mayExport(checks)
