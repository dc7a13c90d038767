import { onBeforeUnmount, shallowRef, watch, type ShallowRef, type WatchSource } from 'vue'

/** How long nothing must change before it is worked out, milliseconds. */
const QUIET = 250

/**
 * Something that is worked out once nothing has changed for a moment, so that typing does not wait for it.
 * @param sources what it rests on
 */
export function whenQuiet<T>(sources: WatchSource[], work: () => T, first: T): ShallowRef<T> {
  const result = shallowRef(first)
  let waiting: ReturnType<typeof setTimeout> | undefined
  watch(
    sources,
    () => {
      clearTimeout(waiting)
      waiting = setTimeout(() => {
        result.value = work()
      }, QUIET)
    },
    { immediate: true },
  )
  onBeforeUnmount(() => clearTimeout(waiting))
  return result
}
