import { computed, type ComputedRef } from 'vue'
import { believeFit, oddsOfWord, type CheckRecord, type FitEvidence } from '@core/belief'
import { kerfShift, tasteOf, type TasteRecord } from '@core/fit'
import { checksOf, promiseOf, tasteOfVerdict, testOfRevision, type Revision } from '@core/job'
import { useBench, type BenchChange } from '@web/stores/bench'
import { useOpenJob } from '@web/stores/job'

/** Rarer than that, a word is asked about before anything is learnt from it. [FM] */
const UNLIKELY = 0.05

/** By how much a record moves kerf and snug, mm: from, to. */
interface Moved {
  kerf: [number, number]
  snug: [number, number]
}

export interface Learning {
  /** What of a revision says something of kerf and snug. */
  taste: ComputedRef<TasteRecord | null>
  checks: ComputedRef<CheckRecord[]>
  /** Whether the bench has all of it. */
  isCounted: ComputedRef<boolean>
  /** Whether its word hardly can be, by all else that is known. */
  isUnlikely: ComputedRef<boolean>
  moved: ComputedRef<Moved | null>
  /** What a revision puts on the bench and takes off it; a word that hardly can be is not counted unasked. */
  changes: (next: Revision, isSure?: boolean) => BenchChange[]
  forgetting: (which?: Revision) => BenchChange[]
  oddsOf: (next: Revision) => number
}

/** What the bench learns from a cut: of kerf and snug by word and plays, of the setting by what fell free. */
export function useLearning(revision: () => Revision): Learning {
  const jobs = useOpenJob()
  const bench = useBench()
  const taste = computed(() => tasteOfVerdict(revision(), jobs.job.name))
  const checks = computed(() => checksOf(revision(), jobs.job.name))
  const has = (list: { id: string }[], id: string): boolean => list.some((each) => each.id === id)
  const isCounted = computed(
    () =>
      (taste.value === null || has(bench.tastes, taste.value.id)) &&
      checks.value.every(({ id }) => has(bench.checks, id)),
  )
  const isUnlikely = computed(() => oddsOf(revision()) < UNLIKELY)

  /** All that bears on it but the revision itself. */
  function withoutIt({ id }: Revision): FitEvidence {
    const all = bench.evidenceFor(jobs.job.measure)
    return {
      ...all,
      tastes: all.tastes.filter((each) => each.id !== `verdict-${id}`),
      checks: all.checks.filter((each) => each.id !== `play-${id}` && each.id !== `part-${id}`),
    }
  }
  const moved = computed((): Moved | null => {
    const kerf = jobs.job.measure.kerf?.width
    if (!taste.value && checks.value.length === 0) return null
    const before = withoutIt(revision())
    const after = {
      ...before,
      tastes: [...before.tastes, ...(taste.value ? [taste.value] : [])],
      checks: [...before.checks, ...checks.value],
    }
    const [a, b] = [before, after].map(believeFit)
    const width = kerf ?? 0
    return {
      kerf: [width + kerfShift(a), width + kerfShift(b)],
      snug: [tasteOf(a).offset, tasteOf(b).offset],
    }
  })
  /** Odds of the word that was said, by all else that is known. */
  function oddsOf(next: Revision): number {
    if (!next.verdict || !next.cut) return 1
    return oddsOfWord(withoutIt(next), next.cut.gap, next.verdict)
  }

  function changes(next: Revision, isSure = false): BenchChange[] {
    const { name } = jobs.job
    const [word, test, promise] = [tasteOfVerdict(next, name), testOfRevision(next), promiseOf(next, name)]
    const measured = checksOf(next, name)
    const unmeasured = ['play', 'part'].map((what) => `${what}-${next.id}`)
    const counts = isSure || oddsOf(next) >= UNLIKELY
    return [
      ...(word && counts ? [bench.putting('tastes', word)] : forgettingOne('tastes', `verdict-${next.id}`)),
      ...measured.map((check) => bench.putting('checks', check)),
      ...unmeasured.filter((id) => !has(measured, id)).flatMap((id) => forgettingOne('checks', id)),
      ...(promise ? [bench.putting('promises', promise)] : forgettingOne('promises', `promise-${next.id}`)),
      ...(test ? [bench.putting('tests', test)] : []),
    ]
  }
  const forgettingOne = (shelf: 'tastes' | 'checks' | 'tests' | 'promises', id: string): BenchChange[] =>
    has(bench[shelf], id) ? [bench.removing(shelf, id)] : []
  const forgetting = ({ id }: Revision = revision()): BenchChange[] => [
    ...forgettingOne('tastes', `verdict-${id}`),
    ...forgettingOne('checks', `play-${id}`),
    ...forgettingOne('checks', `part-${id}`),
    ...forgettingOne('promises', `promise-${id}`),
    ...forgettingOne('tests', `cut-${id}`),
  ]
  return { taste, checks, isCounted, isUnlikely, moved, changes, forgetting, oddsOf }
}
