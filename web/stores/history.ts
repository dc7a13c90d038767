import { computed, ref, shallowRef } from 'vue'

/** Edits with the same key within this time are one step back, milliseconds. */
const SAME_EDIT = 900
const MOST_STEPS = 200

/** A value that was or will be, and what was done beside it on the way between it and the next. */
interface Step<T, S> {
  value: T
  beside: S[]
}

/**
 * A value with the way back and forth through what it was; each step can carry what was done elsewhere along
 * with it.
 */
export function useHistory<T, S = never>() {
  const present = shallowRef<T | null>(null)
  const past = shallowRef<Step<T, S>[]>([])
  const future = shallowRef<Step<T, S>[]>([])
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

  /**
   * A new value as a step that can be undone; with the key of the last step, soon after it, it joins that
   * one.
   */
  function push(value: T, key = '', beside: S[] = []): void {
    const joins = key !== '' && key === lastKey && Date.now() - lastTime < SAME_EDIT
    const last = past.value[past.value.length - 1]
    if (joins && last)
      past.value = [...past.value.slice(0, -1), { ...last, beside: [...last.beside, ...beside] }]
    else if (present.value !== null) {
      past.value = [...past.value, { value: present.value, beside }].slice(-MOST_STEPS)
      step.value++
    }
    present.value = value
    future.value = []
    lastKey = key
    lastTime = Date.now()
  }

  /** @returns what was done beside the step that is taken back; null when there is none */
  function undo(): S[] | null {
    const before = past.value[past.value.length - 1]
    if (before === undefined || present.value === null) return null
    future.value = [{ value: present.value, beside: before.beside }, ...future.value]
    past.value = past.value.slice(0, -1)
    present.value = before.value
    lastKey = ''
    step.value++
    return before.beside
  }

  /** @returns what was done beside the step that is done again; null when there is none */
  function redo(): S[] | null {
    const [after] = future.value
    if (after === undefined || present.value === null) return null
    past.value = [...past.value, { value: present.value, beside: after.beside }]
    future.value = future.value.slice(1)
    present.value = after.value
    lastKey = ''
    step.value++
    return after.beside
  }
  return {
    present,
    step,
    begin,
    push,
    undo,
    redo,
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
  }
}
