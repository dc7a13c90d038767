<script setup lang="ts">
import { fixed, short } from '@core/length'
import FitScale from '@web/parts/FitScale.vue'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useJob } from '@web/stores/job'
import { useDerived } from '@web/stores/derived'

const jobs = useJob()
const derived = useDerived()
const signed = (value: number): string => (value > 0 ? '+' : '') + short(value, 2)
</script>

<template>
  <section class="card grid gap-2" aria-labelledby="fit-title">
    <h2 id="fit-title">What that does to the joints</h2>
    <FitScale :fit="derived.box.fit" />
    <div class="grid grid-cols-2 gap-2">
      <WorkedFigure
        label="Gap at each glue line"
        :text="`${fixed(derived.box.fit.gap, 3)} ± ${fixed(derived.box.fit.doubt, 3)} mm`"
        :working="derived.box.fit.working"
      />
      <WorkedFigure label="Play of a tab" :text="`${fixed(derived.box.fit.play, 3)} mm`" />
      <WorkedFigure
        label="Tab ends, from the face"
        :text="`${signed(derived.box.fit.flush.recessed)} to ${signed(derived.box.fit.flush.proud)} mm`"
      />
      <WorkedFigure label="Slot for the thickest spot" :text="`${fixed(derived.box.fit.slotWidth, 2)} mm`" />
    </div>
    <p v-if="jobs.job!.measure.taste" class="note">
      Your own snug in this material:
      <span class="num">{{ fixed(jobs.job!.measure.taste.offset, 3) }} mm</span>
      per glue line, from {{ jobs.job!.measure.taste.count }}
      {{ jobs.job!.measure.taste.count === 1 ? 'record' : 'records' }}.
    </p>
    <p class="note">Kerf decides how tabs fit notches. Thickness decides flushness and slots.</p>
  </section>
</template>
