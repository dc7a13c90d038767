<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import type { CheckRecord } from '@core/belief'
import type { Taste, TasteRecord } from '@core/fit'
import { familySchema } from '@core/stock'
import { useSay } from '@web/parts/say'
import { useBench } from '@web/stores/bench'
import { tasteList as words } from './words'

const bench = useBench()
const say = useSay()
const whole = (taste: Taste): string =>
  `${say.value.finePlain(taste.offset)} ± ${say.value.fine(1.96 * taste.sd)}`
const one = ({ from, interference, doubt, note }: TasteRecord): string =>
  `${from} ${say.value.finePlain(interference)} ± ${say.value.finePlain(doubt)}, ${note}`
const ABOUT: Record<CheckRecord['about'], string> = {
  calipers: words.calipersGauge,
  face: words.otherFace,
  place: words.otherPlacesBed,
  setting: words.settingCut,
  day: words.anotherDay,
  play: words.playJoints,
  part: words.partsMeasuredAfter,
}
const checkWords = ({ about, off, doubt, note }: CheckRecord): string =>
  `${ABOUT[about]}: ${off.map(say.value.finePlain).join(', ')} ± ${say.value.finePlain(doubt)}` +
  (note ? `, ${note}` : '')
const families = computed(() =>
  familySchema.options.flatMap((family) => {
    const taste = bench.snugIn(family)
    return taste
      ? [{ family, taste, records: bench.tastes.filter((record) => record.family === family) }]
      : []
  }),
)
</script>

<template>
  <section class="card text-sm" aria-labelledby="taste-title">
    <h2 id="taste-title">{{ words.ownSnug }}</h2>
    <p v-if="families.length === 0" class="note mt-1">
      {{ words.notKnownYet }}
    </p>
    <div v-for="{ family, taste, records } in families" :key="family" class="mt-1.5">
      <p>
        <strong>{{ family }}:</strong>
        {{ ' ' }}
        <span class="num">{{ whole(taste) }}</span>
      </p>
      <ul class="text-[12px] text-quiet">
        <li v-for="record in records" :key="record.id" class="flex items-center gap-1">
          <span class="num flex-1">{{ one(record) }}</span>
          <button
            type="button"
            class="btn-icon p-1"
            :aria-label="words.remove(record.from, say.finePlain(record.interference))"
            @click="bench.remove('tastes', record.id)"
          >
            <Trash2 :size="13" />
          </button>
        </li>
      </ul>
    </div>
    <template v-if="bench.checks.length > 0">
      <h3 class="mt-2">{{ words.checksKerf }}</h3>
      <ul class="text-[12px] text-quiet">
        <li v-for="check in bench.checks" :key="check.id" class="flex items-center gap-1">
          <span class="num flex-1">{{ checkWords(check) }}</span>
          <button
            type="button"
            class="btn-icon p-1"
            :aria-label="words.removeCheck(checkWords(check))"
            @click="bench.remove('checks', check.id)"
          >
            <Trash2 :size="13" />
          </button>
        </li>
      </ul>
    </template>
  </section>
</template>
