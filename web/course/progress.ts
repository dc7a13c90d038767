import { computed, ref } from 'vue'
import { z } from 'zod'
import { anySeed, codeOf, LESSON_IDS, withNotes, worldOf, type LessonId, type Notes } from '@core/course'
import { readPreference, writePreference } from '@web/data/preferences'

const SAVED = 'course'

const length = z.number().min(-10).max(5000)
/** What is kept of a bench: what is done on it, and what it noted of the tray. Lengths in mm. */
const benchSchema = z.strictObject({
  seed: z.number().int().min(0).max(1e6),
  done: z.array(z.enum(LESSON_IDS)).max(LESSON_IDS.length),
  notes: z.strictObject({
    thickness: z.array(length).max(100).optional(),
    kerf: length.optional(),
    compensation: length.optional(),
    interference: length.optional(),
    tabWidth: length.optional(),
    speed: length.optional(),
  }),
})
/** The bench that one is on comes first; those before it are kept, the last few of them. */
const MOST = 20
const progressSchema = z.array(benchSchema).min(1).max(MOST)
type Bench = z.infer<typeof benchSchema>

const begun = (seed: number): Bench => ({ seed, done: [], notes: {} })

function stored(): Bench[] {
  try {
    return progressSchema.parse(JSON.parse(readPreference(SAVED) ?? ''))
  } catch {
    // Nothing there yet, or of an older course. Kept at once: a reload stands at the same bench.
    const benches = [begun(anySeed(Math.random()))]
    store(benches)
    return benches
  }
}

const store = (benches: Bench[]): void => writePreference(SAVED, JSON.stringify(benches))

/** How far one is in the course, on each bench by itself. */
export function useProgress() {
  const benches = ref(stored())
  const here = computed(() => benches.value[0])
  function keep(now: Bench): void {
    const others = benches.value.filter(({ seed }) => seed !== now.seed)
    benches.value = [now, ...others].slice(0, MOST)
    store(benches.value)
  }
  return {
    world: computed(() => worldOf(here.value.seed)),
    code: computed(() => codeOf(here.value.seed)),
    done: computed(() => here.value.done),
    notes: computed((): Notes => here.value.notes),
    solved: (id: LessonId, notes: Notes): void => {
      const { done, notes: before, seed } = here.value
      const now = done.includes(id) ? done : [...done, id]
      keep({ seed, done: now, notes: withNotes(before, notes) })
    },
    /** Goes to a bench, where one left it. */
    on: (seed: number): void => {
      keep(benches.value.find((bench) => bench.seed === seed) ?? begun(seed))
    },
  }
}
