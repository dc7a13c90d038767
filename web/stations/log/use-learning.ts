import { computed, type ComputedRef } from 'vue'
import { believeFit, oddsOfWord, type CheckRecord, type FitEvidence } from '@core/belief'
import { kerfShift, tasteOf, type TasteRecord } from '@core/fit'
import { playsOf, tasteOfVerdict, testOfRevision, type Revision } from '@core/job'
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
  plays: ComputedRef<CheckRecord | null>
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
  const plays = computed(() => playsOf(revision(), jobs.job.name))
  const has = (list: { id: string }[], id: string): boolean => list.some((each) => each.id === id)
  const isCounted = computed(
    () =>
      (taste.value === null || has(bench.tastes, taste.value.id)) &&
      (plays.value === null || has(bench.checks, plays.value.id)),
  )
  const isUnlikely = computed(() => oddsOf(revision()) < UNLIKELY)

  /** All that bears on it but the revision itself. */
  function withoutIt({ id }: Revision): FitEvidence {
    const all = bench.evidenceFor(jobs.job.measure)
    return {
      ...all,
      tastes: all.tastes.filter((each) => each.id !== `verdict-${id}`),
      checks: all.checks.filter((each) => each.id !== `play-${id}`),
    }
  }
  const moved = computed((): Moved | null => {
    const kerf = jobs.job.measure.kerf?.width
    if (!taste.value && !plays.value) return null
    const before = withoutIt(revision())
    const after = {
      ...before,
      tastes: [...before.tastes, ...(taste.value ? [taste.value] : [])],
      checks: [...before.checks, ...(plays.value ? [plays.value] : [])],
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
    const [word, play, test] = [
      tasteOfVerdict(next, jobs.job.name),
      playsOf(next, jobs.job.name),
      testOfRevision(next),
    ]
    const counts = isSure || oddsOf(next) >= UNLIKELY
    return [
      ...(word && counts ? [bench.putting('tastes', word)] : forgettingOne('tastes', `verdict-${next.id}`)),
      ...(play ? [bench.putting('checks', play)] : forgettingOne('checks', `play-${next.id}`)),
      ...(test ? [bench.putting('tests', test)] : []),
    ]
  }
  const forgettingOne = (shelf: 'tastes' | 'checks' | 'tests', id: string): BenchChange[] =>
    has(bench[shelf], id) ? [bench.removing(shelf, id)] : []
  const forgetting = ({ id }: Revision = revision()): BenchChange[] => [
    ...forgettingOne('tastes', `verdict-${id}`),
    ...forgettingOne('checks', `play-${id}`),
    ...forgettingOne('tests', `cut-${id}`),
  ]
  return { taste, plays, isCounted, isUnlikely, moved, changes, forgetting, oddsOf }
}
