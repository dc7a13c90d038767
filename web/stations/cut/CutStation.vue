<script setup lang="ts">
import { computed, ref } from 'vue'
import { FAMILIES } from '@core/stock'
import CautionNote from '@web/parts/CautionNote.vue'
import { useJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import CheckList from './CheckList.vue'
import CutForm from './CutForm.vue'
import CutPlayer from './CutPlayer.vue'
import TimeTable from './TimeTable.vue'

const jobs = useJob()
const planner = usePlanner()
const sheet = ref(0)
const shown = computed(
  () => planner.plan?.sheets[Math.min(sheet.value, (planner.plan?.sheets.length ?? 1) - 1)] ?? null,
)
const cautions = computed(() => [
  'Stay beside it while it runs; extraction on, a suitable extinguisher within reach, interlocks as they were made, eyewear for the wavelength where the machine is open.',
  'Look whether every part is cut through before the sheet is moved. A second pass after moving is a second kerf.',
  ...FAMILIES[jobs.job!.measure.stock?.family ?? 'other'].cautions,
  'Let it cool and check for smouldering. Machine’s manual and local rules come first.',
])
</script>

<template>
  <div class="grid h-full min-h-0 grid-cols-[19rem_1fr_20rem] gap-3">
    <CutForm />
    <section class="card flex min-h-0 flex-col gap-2" aria-label="The cut">
      <div
        v-if="planner.plan && planner.plan.sheets.length > 1"
        class="flex flex-wrap gap-1"
        role="group"
        aria-label="Sheet"
      >
        <button
          v-for="(each, i) in planner.plan.sheets"
          :key="i"
          type="button"
          class="choice"
          :data-on="shown?.sheet === i"
          :aria-pressed="shown?.sheet === i"
          @click="sheet = i"
        >
          Sheet {{ each.sheet + 1 }}
        </button>
      </div>
      <CutPlayer
        v-if="shown"
        :key="shown.sheet"
        :plan="shown"
        :settings="planner.plan!.settings"
        class="min-h-0 flex-1"
      />
      <p v-else class="note">Nothing lies on a sheet yet: lay out first.</p>
      <TimeTable v-if="planner.plan && shown" :plan="planner.plan" />
    </section>
    <div
      class="grid min-h-0 content-start gap-3 overflow-y-auto"
      tabindex="0"
      role="region"
      aria-label="Checks and cautions"
    >
      <CheckList />
      <CautionNote title="At the laser" :cautions="cautions" />
    </div>
  </div>
</template>
