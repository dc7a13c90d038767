import { shallowRef, watch, type ShallowRef } from 'vue'

/** At the latest, where nothing is painted: a page in the background, milliseconds. */
const LATEST = 100

/**
 * Follows a value once the page has been painted with it, so that what is dear to work out from it keeps
 * nobody waiting who is typing.
 * @param isSame whether one value is what another one became; if not, it is followed at once
 */
export function afterPaint<T>(source: () => T, isSame: (now: T, before: T) => boolean): ShallowRef<T> {
  const follower = shallowRef(source()) as ShallowRef<T>
  let frame = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  const follow = (): void => {
    cancelAnimationFrame(frame)
    clearTimeout(timer)
    follower.value = source()
  }
  watch(
    source,
    (now) => {
      if (!isSame(now, follower.value)) return follow()
      cancelAnimationFrame(frame)
      clearTimeout(timer)
      timer = setTimeout(follow, LATEST)
      frame = requestAnimationFrame(() => {
        clearTimeout(timer)
        timer = setTimeout(follow)
      })
    },
    { flush: 'sync' },
  )
  return follower
}
