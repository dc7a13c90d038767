import { computed, ref, shallowRef } from 'vue'

/** Edits with the same key within this time are one step back, milliseconds. */
const SAME_EDIT = 900
const MOST_STEPS = 200

/** A value with the way back and forth through what it was. */
export function useHistory<T>() {
  const present = shallowRef<T | null>(null)
  const past = shallowRef<T[]>([])
  const future = shallowRef<T[]>([])
  const step = ref(0)
  let lastKey = ''
  let lastTime = 0

  /** Begins anew with a value that there is no way back from. */
  function begin(value: T | null): void {
    present.value = value
    past.value = []
    future.value = []
    lastKey = ''
  }

  /** A new value as a step that can be undone; with the key of the last step, soon after it, it joins that one. */
  function push(value: T, key = ''): void {
    const joins = key !== '' && key === lastKey && Date.now() - lastTime < SAME_EDIT
    if (!joins && present.value !== null) {
      past.value = [...past.value, present.value].slice(-MOST_STEPS)
      step.value++
    }
    present.value = value
    future.value = []
    lastKey = key
    lastTime = Date.now()
  }

  /** A new value that belongs to the present step, such as a computed one. */
  function amend(value: T): void { present.value = value }

  function undo(): boolean {
    const before = past.value[past.value.length - 1]
    if (before === undefined || present.value === null) return false
    future.value = [present.value, ...future.value]
    past.value = past.value.slice(0, -1)
    present.value = before
    lastKey = ''
    step.value++
    return true
  }

  function redo(): boolean {
    const [after] = future.value
    if (after === undefined || present.value === null) return false
    past.value = [...past.value, present.value]
    future.value = future.value.slice(1)
    present.value = after
    lastKey = ''
    step.value++
    return true
  }
  return { present, step, begin, push, amend, undo, redo, canUndo: computed(() => past.value.length > 0), canRedo: computed(() => future.value.length > 0) }
}
