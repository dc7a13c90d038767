<script setup lang="ts">
import { limitsOf } from '@core/limits'
import { settingSchema, type Setting } from '@core/tune'
import FigureField from '@web/parts/FigureField.vue'
import { useOpenJob } from '@web/stores/job'

/** The setting of what is not cut through: scored labels, or engraved grooves. */
const props = defineProps<{ mark: 'score' | 'pocket' | 'engrave'; title: string; note: string }>()
const jobs = useOpenJob()
const { shape } = settingSchema
const NAMES = { score: 'Score', pocket: 'Pocket', engrave: 'Engraving' }
const set = (part: Partial<Setting>, key: string): boolean =>
  jobs.edit((draft) => {
    Object.assign(draft.tune[props.mark], part)
  }, `${props.mark} ${key}`)
</script>

<template>
  <section class="card grid gap-2" :aria-label="title">
    <h2>{{ title }}</h2>
    <div class="grid grid-cols-2 gap-2">
      <FigureField
        :data-field="`${mark}-speed`"
        :label="`${NAMES[mark]} speed`"
        kind="speed"
        :model-value="jobs.job.tune[mark].speed"
        :limits="limitsOf(shape.speed)"
        :step="10"
        @update:model-value="set({ speed: $event }, 'speed')"
      />
      <FigureField
        :data-field="`${mark}-power`"
        :label="`${NAMES[mark]} power`"
        kind="figure"
        unit="%"
        :model-value="jobs.job.tune[mark].power"
        :limits="limitsOf(shape.power)"
        @update:model-value="set({ power: $event }, 'power')"
      />
      <slot />
    </div>
    <p class="note">{{ note }}</p>
    <slot name="below" />
  </section>
</template>
