import { computed, type ComputedRef } from 'vue'
import { believeCut, believeFit, cuttingOf, oddsOf, oddsOfWord, type FitEvidence } from '@core/belief'
import { kerfShift, tasteOf, type FitBelief } from '@core/fit'
import { checksOf, promiseOf, tasteOfVerdict, testOfRevision, type Revision } from '@core/job'
import { isSameRecord } from '@core/limits'
import { thicknessOf } from '@core/stock'
import { useBench, type BenchChange } from '@web/stores/bench'
import { useOpenJob } from '@web/stores/job'

/** Rarer than that, a word is asked about before anything is learnt from it. [FM] */
const UNLIKELY = 0.05

type Pair = [from: number, to: number]
/** What a revision moves: kerf, snug and sheet, mm; odds that its setting goes through. */
interface Moved {
  kerf: Pair | null
  snug: Pair | null
  sheet: Pair | null
  through: Pair | null
}

/** A record that a revision makes, or null where it makes none of the kind. */
type Found =
  | { shelf: 'tastes'; id: string; record: ReturnType<typeof tasteOfVerdict> }
  | { shelf: 'checks'; id: string; record: ReturnType<typeof checksOf>[number] | null }
  | { shelf: 'promises'; id: string; record: ReturnType<typeof promiseOf> }
  | { shelf: 'tests'; id: string; record: ReturnType<typeof testOfRevision> }

/** All that a revision says something by: words and plays of the fit, what fell free of its setting. */
function foundIn(revision: Revision, name: string): Found[] {
  const checks = checksOf(revision, name)
  const { id } = revision
  return [
    { shelf: 'tastes', id: `verdict-${id}`, record: tasteOfVerdict(revision, name) },
    ...['play', 'part'].map((what): Found => {
      const own = `${what}-${id}`
      return { shelf: 'checks', id: own, record: checks.find((check) => check.id === own) ?? null }
    }),
    { shelf: 'promises', id: `promise-${id}`, record: promiseOf(revision, name) },
    { shelf: 'tests', id: `cut-${id}`, record: testOfRevision(revision) },
  ]
}

export interface Learning {
  /** What it moves, or would; null where it says nothing. */
  moved: ComputedRef<Moved | null>
  /** Whether the bench has all of it, as it stands now. */
  isKept: ComputedRef<boolean>
  /** Odds of its word by all else that is known; null without one. */
  odds: ComputedRef<number | null>
  isUnlikely: ComputedRef<boolean>
  keep: () => boolean
  takeBack: () => boolean
  /** What goes off the bench along with a revision. */
  forgetting: () => BenchChange[]
}

/** What the bench learns from a cut: shown first, kept when the maker says so, and taken back as easily. */
export function useLearning(revision: () => Revision): Learning {
  const jobs = useOpenJob()
  const bench = useBench()
  const found = computed(() => foundIn(revision(), jobs.job.name))
  const onBench = ({ shelf, id }: Found) => bench[shelf].find((each) => each.id === id)
  /** A job that was given another name says the same. */
  const unnamed = (record: object): object => ({ ...record, note: '' })
  const isKept = computed(() =>
    found.value.every((each) => {
      const kept = onBench(each)
      return each.record && kept ? isSameRecord(unnamed(each.record), unnamed(kept)) : !each.record && !kept
    }),
  )

  /** All that bears on the fit but the revision itself, and with it. */
  const evidence = computed((): [without: FitEvidence, all: FitEvidence] => {
    const all = bench.evidenceFor(jobs.job.measure)
    const isOwn = ({ id }: { id: string }): boolean => found.value.some((each) => each.id === id)
    const without = {
      ...all,
      tastes: all.tastes.filter((each) => !isOwn(each)),
      checks: all.checks.filter((each) => !isOwn(each)),
    }
    const { tastes, checks } = { tastes: [...without.tastes], checks: [...without.checks] }
    for (const { shelf, record } of found.value) {
      if (shelf === 'tastes' && record) tastes.push(record)
      if (shelf === 'checks' && record) checks.push(record)
    }
    return [without, { ...without, tastes, checks }]
  })
  function throughMoved(): Pair | null {
    const { machine, stock } = jobs.job.measure
    const test = testOfRevision(revision())
    if (!test || !machine || !stock) return null
    const tried = bench.triedOn(machine.id)
    const before = tried.tests.filter(({ id }) => id !== test.id)
    const cutting = cuttingOf(test.setting, machine.watts, test.thickness)
    const odds = (tests: typeof before): number =>
      oddsOf(believeCut({ ...tried, tests }, machine, stock, test.thickness).need, cutting).through
    return [odds(before), odds([...before, test])]
  }
  const moved = computed((): Moved | null => {
    const through = throughMoved()
    const saysOfFit = found.value.some(({ shelf, record }) => record && /tastes|checks/.test(shelf))
    if (!saysOfFit) return through && { kerf: null, snug: null, sheet: null, through }
    const { kerf, stock } = jobs.job.measure
    const [a, b] = evidence.value.map(believeFit)
    const pair = (of: (belief: FitBelief) => number): Pair => [of(a), of(b)]
    const read = thicknessOf(stock).mean
    return {
      kerf: pair((belief) => (kerf?.width ?? 0) + kerfShift(belief)),
      snug: pair((belief) => tasteOf(belief).offset),
      sheet: b.thickness && pair(({ thickness }) => read + (thickness?.shift ?? 0)),
      through,
    }
  })
  const odds = computed(() => {
    const { verdict, cut } = revision()
    return verdict && cut ? oddsOfWord(evidence.value[0], cut.gap, verdict, cut.slot) : null
  })

  function keep(): boolean {
    const changes = found.value.flatMap((each): BenchChange[] => {
      if (!each.record) return onBench(each) ? [bench.removing(each.shelf, each.id)] : []
      return [bench.putting(each.shelf, each.record as never)]
    })
    // Whether it came through is a test of its setting, for this job too.
    const test = testOfRevision(revision())
    const apply = (draft: typeof jobs.job): void => {
      const others = draft.tune.tests.filter(({ id }) => id !== `cut-${revision().id}`)
      draft.tune.tests = test ? [...others, test] : others
    }
    return jobs.edit(apply, '', ...changes)
  }
  const forgetting = (): BenchChange[] =>
    found.value.flatMap((each) => (onBench(each) ? [bench.removing(each.shelf, each.id)] : []))
  function takeBack(): boolean {
    const apply = (draft: typeof jobs.job): void => {
      draft.tune.tests = draft.tune.tests.filter(({ id }) => id !== `cut-${revision().id}`)
    }
    return jobs.edit(apply, '', ...forgetting())
  }
  const isUnlikely = computed(() => odds.value !== null && odds.value < UNLIKELY)
  return { moved, isKept, odds, isUnlikely, keep, takeBack, forgetting }
}
