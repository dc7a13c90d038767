<script setup lang="ts">
import type { Setting } from '@core/tune'
import { useOpenJob } from '@web/stores/job'
import SettingFields from './SettingFields.vue'

/** The setting of what is not cut through: scored labels, or engraved grooves. */
const props = defineProps<{ mark: 'score' | 'pocket' | 'engrave'; title: string; note: string }>()
const jobs = useOpenJob()
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
      <SettingFields :name="mark" :title="NAMES[mark]" :setting="jobs.job.tune[mark]" @set="set" />
      <slot />
    </div>
    <p class="note">{{ note }}</p>
    <slot name="below" />
  </section>
</template>
