import { shallowRef, watch, type ShallowRef } from 'vue'
import { oncePainted } from '@web/once-painted'

/**
 * Follows a value once the page has been painted with it, so that what is dear to work out from it keeps
 * nobody waiting who is typing.
 * @param isSame whether one value is what another one became; if not, it is followed at once
 */
export function afterPaint<T>(source: () => T, isSame: (now: T, before: T) => boolean): ShallowRef<T> {
  const follower = shallowRef(source()) as ShallowRef<T>
  let callOff = (): void => undefined
  const follow = (): void => {
    callOff()
    follower.value = source()
  }
  watch(
    source,
    (now) => {
      if (!isSame(now, follower.value)) return follow()
      callOff()
      callOff = oncePainted(follow)
    },
    { flush: 'sync' },
  )
  return follower
}
