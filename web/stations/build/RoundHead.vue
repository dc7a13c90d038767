<script setup lang="ts">
import { AlarmClock } from '@lucide/vue'
import { clampText, clampsFor, glueGrams, runsIn, type Glue, type Round } from '@core/build'
import type { Box } from '@core/box'
import { fixed, minutesText } from '@core/length'
import { computed } from 'vue'
import { useSay } from '@web/parts/say'
import { roundHead as words } from './words'

/** Over the steps that are glued in one go: how long one has, and what holds them after. */
const props = defineProps<{
  round: Round
  number: number
  of: number
  glue: Glue
  box: Box
  picture?: string
}>()
defineEmits<{ hold: [] }>()
const say = useSay()
const clamps = computed(() => clampsFor(props.round, props.box).map((clamp) => clampText(clamp, say.value)))
const grams = computed(() => {
  const { least, most } = glueGrams(props.round.area)
  return words.gGlue(fixed(least, 1), fixed(most, 1))
})
const first = computed(() => props.round.steps.some(({ isFlat }) => isFlat))
const title = computed(() => {
  if (!props.round.isHeld) return words.withoutGlue
  if (first.value) return words.whilePanelsLie
  return props.of > 1 ? words.roundOf(props.number, props.of) : words.inOneGo
})
const time = computed(() =>
  runsIn(props.glue)
    ? words.about(minutesText(props.round.minutes))
    : words.aboutStaysOpen(minutesText(props.round.minutes), minutesText(props.glue.open)),
)
</script>

<template>
  <div class="col-span-full grid gap-1 border-t border-line pt-2 text-sm">
    <h2 class="text-base!">
      {{ title }}
    </h2>
    <p v-if="round.isHeld && !first">{{ runsIn(glue) ? time : `${grams}, ${time}` }}.</p>
    <p v-if="clamps.length > 0">{{ words.thenHoldIt(clamps.join('; ')) }}</p>
    <img
      v-if="picture && clamps.length > 0"
      :src="picture"
      class="h-44 object-contain"
      :alt="words.held(clamps.join('; '))"
    />
    <button v-if="round.isHeld" type="button" class="btn no-print justify-self-start" @click="$emit('hold')">
      <AlarmClock :size="16" aria-hidden="true" />
      {{ words.closedHold(minutesText(glue.hold)) }}
    </button>
  </div>
</template>
