<script setup lang="ts">
import { computed } from 'vue'
import { markSettings } from '@core/derive'
import { type Setting } from '@core/tune'
import { useSay } from '@web/parts/say'
import { useOpenJob } from '@web/stores/job'
import SettingFields from './SettingFields.vue'
import { markSetting as words } from './words'

/** The setting of what is not cut through: scored labels, or engraved grooves. */
const props = defineProps<{ mark: 'score' | 'pocket' | 'engrave'; title: string; note: string }>()
const jobs = useOpenJob()
const say = useSay()
const NAMES = { score: words.score, pocket: words.pocket, engrave: words.engraving }
/** Nobody said yet: a first setting for this machine. */
const isFirst = computed(() => jobs.job.tune[props.mark] === null)
const setting = computed(() => markSettings(jobs.job)[props.mark])
const set = (part: Partial<Setting>, key: string): boolean =>
  jobs.edit((draft) => {
    draft.tune[props.mark] = { ...setting.value, ...part }
  }, `${props.mark} ${key}`)
const isTooFast = computed(() => {
  const { machine } = jobs.job.measure
  return machine !== null && setting.value.speed > machine.maxSpeed
})
/** As quick as the machine goes, or where one would begin on it. */
const begin = (): boolean =>
  jobs.edit((draft) => {
    draft.tune[props.mark] = null
  })
</script>

<template>
  <section class="card grid gap-2" :aria-label="title">
    <h2>{{ title }}</h2>
    <div class="grid grid-cols-2 gap-2">
      <SettingFields :name="mark" :title="NAMES[mark]" :setting="setting" @set="set" />
      <slot />
    </div>
    <p v-if="isFirst" class="note" :data-testid="`${mark}-first`">
      {{ words.usualStartOrdinary(jobs.job.measure.machine?.name) }}
    </p>
    <p v-if="isTooFast" class="text-[13px] text-rowan" role="alert">
      {{ words.goesMost(jobs.job.measure.machine!.name, say.speed(jobs.job.measure.machine!.maxSpeed)) }}
      <button type="button" class="btn px-2 py-0.5" @click="begin">{{ words.useFirstSetting }}</button>
    </p>
    <p class="note">{{ note }}</p>
    <slot name="below" />
  </section>
</template>
