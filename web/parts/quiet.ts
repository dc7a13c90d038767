import { onBeforeUnmount, shallowRef, watch, type ShallowRef, type WatchSource } from 'vue'

/** How long nothing must change before it is worked out, milliseconds. */
const QUIET = 250

/** What waits for its turn: one piece of work a task, so that a key that is pressed never waits for two. */
const waiting = new Set<() => void>()
let isGoing = false

function goOn(): void {
  const [work] = waiting
  isGoing = work !== undefined
  if (!work) return
  waiting.delete(work)
  setTimeout(goOn) // first: work that fails must not hold up what waits behind it
  work()
}

function begin(work: () => void): void {
  waiting.add(work)
  if (!isGoing) {
    isGoing = true
    setTimeout(goOn)
  }
}

/**
 * Something that is worked out once nothing has changed for a moment, so that typing does not wait for it.
 * @param sources what it rests on
 */
export function whenQuiet<T>(sources: WatchSource[], work: () => T, first: T): ShallowRef<T> {
  const result = shallowRef(first)
  const doIt = (): void => {
    result.value = work()
  }
  let pause: ReturnType<typeof setTimeout> | undefined
  const stop = (): void => {
    clearTimeout(pause)
    waiting.delete(doIt)
  }
  watch(
    sources,
    () => {
      stop()
      pause = setTimeout(() => begin(doIt), QUIET)
    },
    { immediate: true },
  )
  onBeforeUnmount(stop)
  return result
}
