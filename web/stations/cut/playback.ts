import { computed, onBeforeUnmount, ref, type ComputedRef, type Ref } from 'vue'
import type { LoadPlan } from '@core/derive'
import { OPERATION_NAMES, OPERATIONS, type Operation } from '@core/machine'
import { beamMoves, type Move } from '@core/plan'
import { lineData } from '@web/parts/svg-path'
import { playback as words } from './words'

/** The whole load plays in about this long, milliseconds. */
const LASTS = 12_000

export interface Playback {
  time: Ref<number>
  playing: Ref<boolean>
  beam: ComputedRef<{ x: number; y: number } | null>
  /** What is cut so far, per operation, as path data. */
  done: ComputedRef<{ operation: Operation; d: string }[]>
  doing: ComputedRef<string>
  play: () => void
}

/** The beam's way over one load, to be scrubbed through and played. */
export function usePlayback(
  load: () => LoadPlan,
  used: () => Parameters<typeof beamMoves>[1],
  machine: () => Parameters<typeof beamMoves>[2],
  start: () => { x: number; y: number },
): Playback {
  const time = ref(0)
  const total = computed(() => load().time.total)
  const moves = computed(() => beamMoves(load().paths, used(), machine(), start()))

  /** How many moves are begun at the time shown. */
  const begun = computed(() => {
    let [low, high] = [0, moves.value.length]
    while (low < high) {
      const middle = (low + high) >> 1
      if (moves.value[middle].start <= time.value) low = middle + 1
      else high = middle
    }
    return low
  })
  function reached({ from, to, start: begins, end }: Move): { x: number; y: number } {
    const share = end > begins ? Math.min(1, (time.value - begins) / (end - begins)) : 1
    return { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share }
  }
  const current = computed(() => moves.value[begun.value - 1])
  const beam = computed(() => (current.value ? reached(current.value) : null))
  const done = computed(() => {
    const lines: Record<Operation, string[]> = { engrave: [], pocket: [], score: [], inside: [], outline: [] }
    for (const move of moves.value.slice(0, begun.value)) {
      if (move.operation === 'travel') continue
      const end = move.end <= time.value ? move.to : reached(move)
      lines[move.operation].push(lineData([move.from, end], false))
    }
    return OPERATIONS.map((operation) => ({ operation, d: lines[operation].join('') }))
  })
  const doing = computed(() => {
    if (!current.value || time.value === 0) return words.notBegun
    if (time.value >= total.value * 0.999) return 'done'
    const { operation, part, pass } = current.value
    if (operation === 'travel') return 'travelling'
    return words.passOf(OPERATION_NAMES[operation], part ?? '', pass)
  })

  let frame = 0
  const playing = ref(false)
  function play(): void {
    playing.value = !playing.value
    cancelAnimationFrame(frame)
    if (!playing.value) return
    if (time.value >= total.value) time.value = 0
    let last = performance.now()
    const tick = (now: number): void => {
      time.value = Math.min(total.value, time.value + ((now - last) / LASTS) * total.value)
      last = now
      if (time.value < total.value && playing.value) frame = requestAnimationFrame(tick)
      else playing.value = false
    }
    frame = requestAnimationFrame(tick)
  }
  onBeforeUnmount(() => cancelAnimationFrame(frame))
  return { time, playing, beam, done, doing, play }
}
