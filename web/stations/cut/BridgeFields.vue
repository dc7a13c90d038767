<script setup lang="ts">
import { computed } from 'vue'
import { jobSchema, type Job } from '@core/job'
import { limitsOf } from '@core/limits'
import FigureField from '@web/parts/FigureField.vue'
import { useOpenJob } from '@web/stores/job'
import { common } from '@web/words'
import { bridgeFields as words } from './words'

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
    <legend class="text-[13px] font-medium">{{ words.bridgesHoldSmall }}</legend>
    <div class="mt-1 grid grid-cols-3 gap-2">
      <FigureField
        data-field="bridge-count"
        :label="words.onEach"
        term="bridge"
        kind="figure"
        :limits="limitsOf(shape.count)"
        :model-value="bridges.count"
        @update:model-value="change({ count: $event })"
      />
      <template v-if="bridges.count > 0">
        <FigureField
          data-field="bridge-width"
          :label="common.width"
          :step="0.1"
          :limits="limitsOf(shape.width)"
          :model-value="bridges.width"
          @update:model-value="change({ width: $event })"
        />
        <FigureField
          data-field="bridge-below"
          :label="words.partsUnder"
          :step="10"
          :limits="limitsOf(shape.below)"
          :model-value="bridges.below"
          @update:model-value="change({ below: $event })"
        />
      </template>
    </div>
    <p v-if="bridges.count > 0" class="note mt-1">
      {{ jobs.job.cut.compensation === 'paths' ? words.leftStraightSides : words.onlyCompensationPaths }}
    </p>
  </fieldset>
</template>
