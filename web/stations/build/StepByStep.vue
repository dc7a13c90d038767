<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { AlarmClock, Check, ChevronLeft, X } from '@lucide/vue'
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import type { Panel } from '@core/assembly'
import { checkOf, clampText, clampsFor, type BuildStep, type Glue, type Round } from '@core/build'
import type { Box } from '@core/box'
import { minutesText } from '@core/length'
import { BoxScene } from '@web/parts/box-scene'
import { useSay } from '@web/parts/say'
import { useTheme } from '@web/parts/theme'
import type { HoldMark } from '@web/parts/hold-marks'
import { dryMarks, heldOf, showingOf } from './step-pictures'
import { common } from '@web/words'
import { stepByStep as words } from './words'

/** One step a page, for glue on the fingers: a large picture that turns, and one large button. */
const props = defineProps<{
  steps: BuildStep[]
  panels: Panel[] | null
  box: Box
  glue: Glue
  done: (id: string) => boolean
  closing: (id: string) => Round | null
  marks: (step: BuildStep) => HoldMark[]
}>()
const at = defineModel<number>({ required: true })
const emit = defineEmits<{ done: [id: string]; hold: [round: Round]; close: [] }>()
const say = useSay()
const canvas = ref<HTMLCanvasElement>()
const main = ref<HTMLButtonElement>()
const impossible = ref(false)
const step = computed(() => props.steps[at.value])
const faces = computed(() => {
  const each = step.value.glue.map(({ with: mate, area }) => `${mate} ${say.value.area(area)}`)
  return each.length > 0 ? words.glueTo(each.join(', ')) : ''
})
const check = computed(() => checkOf(step.value, props.box.spec.proud, say.value))
/** What is to be done where this step closes a round of gluing. */
const round = computed(() => props.closing(step.value.id))
const clamps = computed(() => {
  const all = round.value ? clampsFor(round.value, props.box) : []
  return all.map((clamp) => clampText(clamp, say.value)).join('; ')
})
/** Whether the picture shows what holds the round, in place of what comes in. */
const isHeld = ref(false)
watch(at, () => void (isHeld.value = false))
const { theme } = useTheme()
let scene: BoxScene | null = null
let observer: ResizeObserver | null = null

function draw(): void {
  if (!scene || !props.panels) return
  const { showing, pulled } = showingOf(step.value, props.steps, props.panels)
  scene.setMarks(isHeld.value ? props.marks(step.value) : dryMarks(step.value))
  scene.draw(isHeld.value ? heldOf(step.value) : showing, pulled)
}
const isLast = computed(() => at.value === props.steps.length - 1)
function next(): void {
  emit('done', step.value.id)
  if (isLast.value) emit('close')
  else at.value++
}
const back = (): void => {
  if (at.value > 0) at.value--
}
/** Any key goes on, since a thumb may be full of glue; the arrow to the left goes back. */
function key(event: KeyboardEvent): void {
  const isOwn = ['Escape', 'Tab', 'Shift', 'Control', 'Alt', 'Meta'].includes(event.key)
  if (isOwn || event.ctrlKey || event.metaKey || event.altKey || event.repeat) return
  const presses = ['Enter', ' '].includes(event.key) && event.target instanceof HTMLButtonElement
  if (presses) return
  event.preventDefault()
  event.stopPropagation()
  if (event.key === 'ArrowLeft' || event.key === 'Backspace') back()
  else next()
}
onMounted(async () => {
  await nextTick()
  try {
    scene = new BoxScene(canvas.value, draw)
  } catch {
    impossible.value = true
    return
  }
  if (props.panels) scene.setPanels(props.panels)
  scene.look(-0.5, 0.6)
  observer = new ResizeObserver(([{ contentRect }]) => {
    scene?.setSize(Math.max(1, contentRect.width), Math.max(1, contentRect.height))
    draw()
  })
  observer.observe(canvas.value!.parentElement!)
})
onBeforeUnmount(() => {
  observer?.disconnect()
  scene?.dispose()
})
watch([at, theme, isHeld], draw, { flush: 'post' })
</script>

<template>
  <Dialog open class="relative z-40" :initial-focus="main" @close="$emit('close')">
    <DialogPanel class="fixed inset-0 flex flex-col gap-2 bg-paper p-3 text-ink" @keydown="key">
      <div class="flex items-center justify-between gap-3">
        <DialogTitle as="h2" class="text-xl font-semibold">{{ step.title }}</DialogTitle>
        <span class="num text-sm text-quiet">{{ words.stepOf(at + 1, steps.length) }}</span>
        <button type="button" class="btn-icon" :aria-label="common.close" @click="$emit('close')">
          <X :size="20" />
        </button>
      </div>
      <p v-if="impossible" class="note">{{ words.noPictureBrowser }}</p>
      <div v-else class="relative min-h-40 flex-1">
        <canvas
          ref="canvas"
          class="absolute inset-0 h-full w-full"
          role="img"
          :aria-label="words.step(step.text)"
        />
      </div>
      <div class="max-h-[40%] overflow-y-auto text-lg" aria-live="polite">
        <p>{{ step.text }}</p>
        <p v-if="faces" class="mt-1 text-base">{{ faces }}</p>
        <p v-if="step.dry.length > 0" class="mt-1 text-base text-gorse">
          {{ words.keepMarkedPlace }}
        </p>
        <p v-if="check" class="mt-1 text-base text-quiet">{{ check }}</p>
        <div v-if="round" class="mt-2 grid gap-1 text-base">
          <p>{{ words.closesRound(clamps) }}</p>
          <div class="flex flex-wrap gap-2">
            <button type="button" class="btn h-11" @click="$emit('hold', round)">
              <AlarmClock :size="18" aria-hidden="true" />
              {{ words.hold(minutesText(glue.hold)) }}
            </button>
            <button
              v-if="clamps"
              type="button"
              class="btn h-11"
              :aria-pressed="isHeld"
              @click="isHeld = !isHeld"
            >
              {{ isHeld ? words.showComes : words.showWhere }}
            </button>
          </div>
        </div>
        <p v-if="done(step.id)" class="mt-1 text-base text-moss">{{ words.doneAlready }}</p>
      </div>
      <div class="grid grid-cols-[auto_1fr] gap-2">
        <button type="button" class="btn h-14 px-5" :disabled="at === 0" @click="back">
          <ChevronLeft :size="20" aria-hidden="true" />
          {{ words.back }}
        </button>
        <button ref="main" type="button" class="btn btn-main h-14 justify-center text-lg" @click="next">
          <Check :size="22" aria-hidden="true" />
          {{ isLast ? words.doneLast : words.doneNext }}
        </button>
      </div>
      <p class="note max-sm:hidden">{{ words.anyKeyGoes }}</p>
    </DialogPanel>
  </Dialog>
</template>
