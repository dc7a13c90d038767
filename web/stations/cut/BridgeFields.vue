<script setup lang="ts">
import { computed } from 'vue'
import { jobSchema, type Job } from '@core/job'
import { limitsOf } from '@core/limits'
import FigureField from '@web/parts/FigureField.vue'
import { useOpenJob } from '@web/stores/job'

/** Stretches of the outlines of small parts that are left uncut, to be broken after. */
const jobs = useOpenJob()
type Bridges = Job['cut']['bridges']
const bridges = computed(() => jobs.job.cut.bridges)
const { shape } = jobSchema.shape.cut.shape.bridges
const change = (part: Partial<Bridges>): boolean =>
  jobs.edit((draft) => {
    Object.assign(draft.cut.bridges, part)
  }, 'bridges')
</script>

<template>
  <fieldset>
    <legend class="text-[13px] font-medium">Bridges that hold small parts</legend>
    <div class="mt-1 grid grid-cols-3 gap-2">
      <FigureField
        data-field="bridge-count"
        label="On each"
        term="bridge"
        kind="figure"
        :limits="limitsOf(shape.count)"
        :model-value="bridges.count"
        @update:model-value="change({ count: $event })"
      />
      <template v-if="bridges.count > 0">
        <FigureField
          data-field="bridge-width"
          label="Width"
          :step="0.1"
          :limits="limitsOf(shape.width)"
          :model-value="bridges.width"
          @update:model-value="change({ width: $event })"
        />
        <FigureField
          data-field="bridge-below"
          label="Parts under"
          :step="10"
          :limits="limitsOf(shape.below)"
          :model-value="bridges.below"
          @update:model-value="change({ below: $event })"
        />
      </template>
    </div>
    <p v-if="bridges.count > 0" class="note mt-1">
      {{
        jobs.job.cut.compensation === 'paths'
          ? 'Left on straight sides, clear of corners. Break the parts out and trim what stands out.'
          : 'Only with compensation in the paths: the laser’s software cannot set off an open line.'
      }}
    </p>
  </fieldset>
</template>
