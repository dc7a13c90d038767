import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { z } from 'zod'
import { readPreference, writePreference } from '@web/data/preferences'

const KEY = 'timers'
const timerSchema = z.strictObject({
  id: z.string().max(200),
  label: z.string().max(200),
  /** When it is over, as the clock has it: a reload or a sleeping phone changes nothing. */
  until: z.number(),
  rang: z.boolean(),
})
const schema = z.array(timerSchema).max(20)
export type Timer = z.infer<typeof timerSchema>

/** Those of all tabs, as they are kept now. */
function kept(): Timer[] {
  try {
    return schema.safeParse(JSON.parse(readPreference(KEY) ?? '[]')).data ?? []
  } catch {
    return []
  }
}

/** One of several tabs rings: the first that sees that the time is up. */
async function first(then: () => void): Promise<void> {
  if (!('locks' in navigator)) return then()
  await navigator.locks.request('uplands-timers', then)
}

const BEEPS = 4
/** Rings and shakes, where the browser lets a page do so. */
async function ring(): Promise<void> {
  try {
    navigator.vibrate?.([400, 200, 400])
    const sound = new AudioContext()
    for (let i = 0; i < BEEPS; i++) {
      const tone = sound.createOscillator()
      tone.frequency.value = 880
      tone.connect(sound.destination)
      tone.start(sound.currentTime + i * 0.5)
      tone.stop(sound.currentTime + i * 0.5 + 0.25)
    }
    setTimeout(() => void sound.close(), 500 * BEEPS + 500)
  } catch {
    // no sound here: it is said on the page all the same
  }
}

/** Timers for glue: they run on through a reload and in every tab, and ring once. */
export const useTimers = defineStore('timers', () => {
  const timers = ref<Timer[]>(kept())
  const now = ref(Date.now())
  const running = computed(() => timers.value.filter(({ rang }) => !rang))
  let clock: ReturnType<typeof setInterval> | undefined

  function keep(changed: Timer[]): void {
    timers.value = changed
    writePreference(KEY, JSON.stringify(changed))
  }
  function tick(): void {
    now.value = Date.now()
    if (running.value.some(({ until }) => until <= now.value)) void first(ringDue)
    if (running.value.length > 0) return
    clearInterval(clock)
    clock = undefined
  }
  /** What is due and did not ring in another tab meanwhile. */
  function ringDue(): void {
    const all = readPreference(KEY) === null ? timers.value : kept()
    const due = all.filter(({ until, rang }) => !rang && until <= Date.now())
    keep(all.map((each) => (due.includes(each) ? { ...each, rang: true } : each)))
    if (due.length > 0) void ring()
  }
  function wake(): void {
    now.value = Date.now()
    if (running.value.length > 0) clock ??= setInterval(tick, 500)
  }
  /** Started anew if it runs already. @param minutes from now on */
  function start(id: string, label: string, minutes: number): void {
    const others = timers.value.filter((each) => each.id !== id)
    keep([...others, { id, label, until: Date.now() + minutes * 60_000, rang: false }].slice(-20))
    wake()
  }
  const stop = (id: string): void => keep(timers.value.filter((each) => each.id !== id))

  window.addEventListener('storage', ({ key }) => {
    if (key !== `uplands-${KEY}`) return
    timers.value = kept()
    wake()
  })
  document.addEventListener('visibilitychange', tick)
  wake()
  return { timers, now, start, stop }
})
