<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { fixed, short } from '@core/length'
import { cutEnergy, type TestRecord } from '@core/tune'
import { useSay } from '@web/parts/say'
import { useOpenJob } from '@web/stores/job'
import ResultMark from './ResultMark.vue'
import { testRows as words } from './words'

defineProps<{ tests: TestRecord[] }>()
defineEmits<{ use: [test: TestRecord]; remove: [test: TestRecord] }>()
const jobs = useOpenJob()
const say = useSay()
const energyOf = ({ setting, thickness }: TestRecord): string =>
  fixed(cutEnergy(setting, jobs.job.measure.machine!.watts, thickness), 2)
</script>

<template>
  <div class="overflow-x-auto" tabindex="0" role="region" :aria-label="words.tests">
    <table class="mt-1 w-full text-sm">
      <thead>
        <tr class="text-left text-[12px] text-quiet">
          <th class="font-normal">{{ words.cameOut }}</th>
          <th class="text-right font-normal">{{ words.speed(say.speedUnit) }}</th>
          <th class="pl-3 font-normal max-md:hidden">{{ words.otherUnits }}</th>
          <th class="text-right font-normal">{{ words.power }}</th>
          <th class="text-right font-normal">{{ words.passes }}</th>
          <th class="pl-3 font-normal max-md:hidden">{{ words.air }}</th>
          <th class="text-right font-normal max-md:hidden">{{ words.jMm }}</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="test in tests" :key="test.id" class="border-t border-line">
          <td class="py-1"><ResultMark :result="test.result" /></td>
          <td class="num text-right">{{ say.speedPlain(test.setting.speed) }}</td>
          <td class="num pl-3 text-[12px] text-quiet max-md:hidden" data-other-unit>
            {{ say.otherSpeeds(test.setting.speed) }}
          </td>
          <td class="num text-right">{{ short(test.setting.power) }}</td>
          <td class="num text-right">{{ test.setting.passes }}</td>
          <td class="pl-3 max-md:hidden">{{ test.setting.air ? 'on' : 'off' }}</td>
          <td class="num text-right max-md:hidden">{{ energyOf(test) }}</td>
          <td class="text-right whitespace-nowrap">
            <button
              type="button"
              class="btn px-2 py-0.5"
              :aria-label="words.useAt(say.speed(test.setting.speed), short(test.setting.power))"
              @click="$emit('use', test)"
            >
              {{ words.use }}
            </button>
            <button
              type="button"
              class="btn-icon"
              :aria-label="words.removeTest(say.speed(test.setting.speed))"
              @click="$emit('remove', test)"
            >
              <Trash2 :size="15" />
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
