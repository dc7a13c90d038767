import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { Faces } from '@core/art'
import {
  betterWay,
  canBeMade,
  boxOf,
  depthsOf,
  deriveBox,
  deriveFit,
  layoutRules,
  deriveThings,
  partsOfThings,
  wordsOf,
  partsByMaterial,
  sceneOf,
  jobForStock,
  standsOf,
  settingFor,
  surfaceFor,
  surfacesOf,
  turnedOf,
  warningsOf,
  withLayout,
  type Derived,
  type Turned,
} from '@core/derive'
import { runsOf, type Job } from '@core/job'
import { isSameRecord } from '@core/limits'
import { clockOf } from '@core/plan'
import { buildSteps } from '@core/build'
import { checksOf, readyToCut, stationStatuses, stripFigures, type StripFigure } from '@core/say'
import { afterPaint } from './after-paint'
import { useBench } from './bench'
import { useJob } from './job'
import { newerFigures } from './newer-figures'
import { usePlanner } from './planner'
import { useUnits } from './units'

const NO_ARRANGEMENT = { signature: '', byHand: false, placements: [], unplaced: [] }

/** What is said on parts, and which face of them lies up. */
type Marking = Pick<Job['cut'], 'letters' | 'face'> & { words?: ReturnType<typeof wordsOf> }

const isEngraved = ({ outside, inside }: Faces): boolean =>
  [outside, inside].some(({ engraved, pictures }) => engraved.length + pictures.length > 0)

/** Everything that follows from the job on the screen. Only what changed is worked out again. */
export const useDerived = defineStore('derived', () => {
  const jobs = useJob()
  const bench = useBench()
  const planner = usePlanner()
  const units = useUnits()

  /** The job as it was when the page was last painted: all that is not drawn at once follows this one. */
  const calm = afterPaint(
    () => jobs.job,
    (now, before) => now?.id === before?.id,
  )
  const isCalm = computed(() => calm.value === jobs.job)
  /** Asked for only while a job is open. */
  const job = computed((): Job => calm.value!)
  const measure = computed(() => calm.value?.measure)
  const spec = computed(() => calm.value?.box)
  const interference = computed(() => calm.value?.interference)
  const compensation = computed(() => calm.value?.cut.compensation)
  const cut = computed(() => calm.value?.cut)
  const copies = computed(() => calm.value?.copies)
  const thing = computed(() => calm.value?.thing)
  const also = computed(() => calm.value?.also)
  const tune = computed(() => calm.value?.tune)
  /** The job with what lies where, worked out or as the maker has it. */
  const laid = computed((): Job =>
    planner.arrangement ? withLayout(job.value, planner.arrangement) : job.value,
  )

  const input = computed(() => ({
    measure: measure.value!,
    box: spec.value!,
    interference: interference.value!,
    copies: copies.value!,
    thing: thing.value!,
    also: also.value!,
    cut: { compensation: compensation.value! },
  }))
  /** Of the thing in hand, as it is being typed: what is drawn. */
  const box = computed(() => boxOf(jobs.job!))
  /** The same once the page has been painted with it. */
  const settledBox = computed(() => boxOf(input.value))
  const things = computed(() => deriveThings(input.value))
  const whole = computed(() => calm.value?.whole ?? null)
  /** The boxes where they stand in each other; null where they stand by themselves. */
  const scene = computed(() =>
    whole.value ? sceneOf({ ...input.value, whole: whole.value }, things.value) : null,
  )
  const stands = computed(() => (scene.value ? standsOf(scene.value) : []))
  /** Which parts lie turned: a part that is only moved changes nothing. */
  const turned = computed((before?: Turned): Turned => {
    const now = settledBox.value.kerf.round ? {} : turnedOf(planner.arrangement?.placements ?? [])
    return before && isSameRecord(before, now) ? before : now
  })
  const fit = computed(() => deriveFit(input.value, settledBox.value, turned.value))
  /** What the box and its fit would be with other figures measured. */
  function withMeasure(other: Job['measure']): Pick<Derived, 'box' | 'fit'> {
    const changed = { ...input.value, measure: other }
    const otherBox = deriveBox(changed)
    return { box: otherBox, fit: deriveFit(changed, otherBox, turned.value) }
  }
  const school = computed(() => calm.value?.build.school)
  const build = computed(() => {
    const { made, panels } = settledBox.value
    return made && panels ? buildSteps(made, panels, school.value) : []
  })
  const warnings = computed(() =>
    warningsOf(
      settledBox.value,
      measure.value!.machine,
      settings.value!.margin,
      'locked' in build.value ? build.value.locked : [],
    ),
  )
  const depths = computed(() => depthsOf(things.value))
  const pocketDepth = computed(() => depths.value[0] ?? 0)
  const hasPockets = computed(() => pocketDepth.value > 0)
  const hasEngraving = computed(() =>
    things.value.some(({ box: { panels } }) => panels?.some(({ faces }) => faces && isEngraved(faces))),
  )
  const better = computed(() => betterWay(input.value, settledBox.value, turned.value))
  /** Asked for by Lay out and by the checks: they cost as much as the box itself. */
  const marking = computed((before?: Marking): Marking => {
    const { letters, face } = job.value.cut
    const isEngraved = things.value.some(({ box: { panels } }) => panels?.some(({ faces }) => faces))
    const now = { letters, face, words: isEngraved ? wordsOf(job.value) : undefined }
    return before && isSameRecord(before, now) ? before : now
  })
  const parts = computed(() => partsOfThings(things.value, marking.value, marking.value.words))
  const choice = computed(() =>
    settingFor({ measure: measure.value!, tune: tune.value! }, settledBox.value.thickness.mean),
  )
  const settings = computed(() => calm.value?.layout.settings)
  /** The stock whose sheets are on the board, by id. */
  const onBoard = ref('')
  const boards = computed(() => partsByMaterial(parts.value, { measure: measure.value! }))
  const board = computed(
    () => boards.value.find(({ material }) => material === onBoard.value) ?? boards.value[0],
  )
  const seen = computed(() => jobForStock({ measure: measure.value! }, board.value.material).measure)
  const rules = computed(() =>
    layoutRules({
      measure: seen.value,
      layout: { settings: settings.value!, arrangement: null },
      cut: cut.value!,
    }),
  )
  const surface = computed(() => surfaceFor({ measure: seen.value }))
  const arrangedOn = computed(() => planner.arrangement?.offcuts)
  /** What each sheet of the board is. */
  const surfaceAt = computed(() => {
    const arrangement = { ...NO_ARRANGEMENT, offcuts: arrangedOn.value ?? [] }
    return surfacesOf({ measure: seen.value, layout: { settings: settings.value!, arrangement } })
  })

  const all = computed((): Derived => ({
    box: settledBox.value,
    things: things.value,
    fit: fit.value,
    plan: planner.plan,
    use: planner.use,
  }))
  /** Cuts that were clocked on this machine, and what they say of its times. */
  const runs = computed(() => {
    const { machine } = measure.value!
    return machine ? runsOf(machine.id, bench.runs, job.value) : []
  })
  const clock = computed(() => (runs.value.length > 0 ? clockOf(runs.value) : null))
  const newer = newerFigures(measure, tune)
  /** What the machine took from other stocks, and when it was last worked on. */
  const known = computed(() => bench.knownOf(measure.value!))
  const more = computed(() => ({ known: known.value }))
  const checks = computed(() => checksOf(laid.value, all.value, parts.value, units.say, more.value))
  const ready = computed(
    () =>
      isCalm.value && readyToCut(all.value, checks.value) && !planner.busy && !planner.plan?.layoutIsStale,
  )
  const statuses = computed(() =>
    stationStatuses({
      job: laid.value,
      derived: all.value,
      checks: checks.value,
      newer: newer.value,
      known: known.value,
      clock: clock.value,
      say: units.say,
    }),
  )

  /** The figures of the strip, and those from before the last edit. */
  const strip = computed((): StripFigure[] => stripFigures(all.value, clock.value, units.say))
  const before = shallowRef<StripFigure[]>([])
  /**
   * Layout, time and cost come later than the edit: while they are being worked out, what they were still
   * counts.
   */
  const PLANNED = ['sheets', 'time', 'cost']
  let settled: StripFigure[] = []
  watch(
    () => jobs.step,
    () => {
      before.value = settled
    },
    { flush: 'sync' },
  )
  watch(
    () => jobs.job?.id,
    () => {
      settled = []
      before.value = []
    },
    { flush: 'sync' },
  )
  watch([() => jobs.job && calm.value && strip.value, () => planner.busy] as const, ([figures]) => {
    if (!figures) return
    settled = figures.map((figure) =>
      planner.busy && PLANNED.includes(figure.id)
        ? (settled.find(({ id }) => id === figure.id) ?? figure)
        : figure,
    )
  })

  planner.planFrom(() => ({
    job: job.value,
    parts: parts.value,
    depths: depths.value,
    canBeMade: canBeMade(things.value),
  }))

  return {
    box,
    laid,
    settledBox,
    things,
    scene,
    stands,
    fit,
    build,
    warnings,
    pocketDepth,
    hasPockets,
    hasEngraving,
    better,
    withMeasure,
    parts,
    choice,
    onBoard,
    boards,
    board,
    seen,
    rules,
    surface,
    surfaceAt,
    all,
    runs,
    clock,
    newer,
    checks,
    known,
    ready,
    statuses,
    strip,
    before,
  }
})
