<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed, ref } from 'vue'
import { bendTestSchema, shearOf, type BendTest, type SlitsLie } from '@core/bend'
import { limitsOf } from '@core/limits'
import { makeBendPiece } from '@core/testpiece'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import FormSection from '@web/parts/FormSection.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useStockEdits } from '@web/stores/stock-edits'
import { bendLog as words } from './words'

/** What came of bends that were tried in this stock: it moves what the next one is said to bear. */
const jobs = useOpenJob()
const derived = useDerived()
const stocks = useStockEdits()
const say = useSay()
const tests = computed(() => jobs.job.measure.stock?.bends ?? [])
const strips = computed(() => {
  const { thickness, kerf } = derived.box
  return makeBendPiece(jobs.job.box.bends, thickness.mean, kerf.width, 0).strips
})
const chosen = ref('')
const strip = computed(() => strips.value.find(({ name }) => name === chosen.value) ?? strips.value[2])
const options = computed(() =>
  strips.value.map(({ name, width }) => ({ value: name, label: say.value.short(width, 2) })),
)
const angle = ref(90)
const grain = ref<SlitsLie>('any')
const LIES: { value: SlitsLie; label: string }[] = [
  { value: 'along', label: 'along' },
  { value: 'across', label: 'across' },
  { value: 'any', label: words.notKnown },
]
function add(broke: boolean): void {
  const { width, link, rows } = strip.value
  const test: BendTest = {
    id: crypto.randomUUID(),
    width,
    link,
    rows,
    thickness: derived.box.thickness.mean,
    angle: angle.value,
    broke,
    on: new Date().toISOString(),
    grain: grain.value,
  }
  stocks.change({ bends: [...tests.value, test] }, '')
}
const remove = (id: string): void =>
  stocks.change({ bends: tests.value.filter((test) => test.id !== id) }, '')
const grainOf = ({ grain }: BendTest): string => (grain === 'any' ? '' : grain)
const line = (test: BendTest): string =>
  words.tried(say.value.short(test.width, 2), grainOf(test), test.broke, test.angle, shearOf(test).toFixed(4))
</script>

<template>
  <FormSection
    :title="words.bendsTried"
    :said="tests.length > 0 ? String(tests.length) : 'none'"
    :open="jobs.job.box.bends.kind !== 'none' || tests.length > 0"
    role="region"
    :aria-label="words.bendsTried"
  >
    <p class="note">
      {{ words.bendTestPiece }}
    </p>
    <p v-if="!jobs.job.measure.stock" class="text-sm">
      {{ words.bendsBelongStock }}
    </p>
    <template v-else>
      <div class="flex flex-wrap items-end gap-3">
        <ChoiceRow
          data-field="bend-strip"
          :label="words.widthLinks"
          :model-value="strip.name"
          :options="options"
          @update:model-value="chosen = $event"
        />
        <FigureField
          v-model="angle"
          class="w-28"
          data-field="bend-angle"
          :label="words.bentTo"
          kind="figure"
          unit="°"
          :limits="limitsOf(bendTestSchema.shape.angle)"
        />
        <ChoiceRow
          v-model="grain"
          data-field="bend-test-grain"
          :label="words.slitsFaceGrain"
          :options="LIES"
        />
        <button type="button" class="btn" @click="add(false)">{{ words.itHeld }}</button>
        <button type="button" class="btn" @click="add(true)">{{ words.itBrokeThere }}</button>
      </div>
      <ul v-if="tests.length > 0" class="grid gap-1 text-sm">
        <li v-for="test in tests" :key="test.id" class="flex items-center justify-between gap-2">
          <span class="num">{{ line(test) }}</span>
          <button
            type="button"
            class="btn-icon"
            :aria-label="words.remove(line(test))"
            @click="remove(test.id)"
          >
            <Trash2 :size="16" />
          </button>
        </li>
      </ul>
    </template>
  </FormSection>
</template>
