<script setup lang="ts">
import { Check } from '@lucide/vue'
import { computed } from 'vue'
import { NO_TASTE, predictFit } from '@core/fit'
import { adviseNext, kerfOf } from '@core/kerf'
import { fixed } from '@core/length'
import { METHOD_NAMES } from '@core/testpiece'
import CautionNote from '@web/parts/CautionNote.vue'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'
import { useMessages } from '@web/stores/messages'
import { useKerfEdits } from './kerf-edits'
import { useTrial } from './trial'

const jobs = useJob()
const bench = useBench()
const derived = useDerived()
const kerfs = useKerfEdits()
const { trial, result, thickness } = useTrial()
const kerf = computed(() => result.value.kerf)
const family = computed(() => jobs.job!.measure.stock?.family ?? 'other')

/** The fit if a kerf were used with a given doubt. */
function fitWith(width: number, doubt: number | null) {
  const { interference, measure } = jobs.job!
  const measured = kerfOf({ width, doubt, how: '' })
  return predictFit(
    measured,
    thickness.value,
    measured.perSide,
    interference,
    family.value,
    jobs.job!.box.proud,
    measure.taste ?? NO_TASTE,
  )
}
const advice = computed(() => {
  if (!kerf.value) return []
  const { width, doubt } = kerf.value
  const now = fitWith(width, doubt)
  return adviseNext(doubt, trial.value.method, result.value.squares, {
    word: now.wanted,
    now: now.odds[now.wanted],
    with: (then) => fitWith(width, then).odds[now.wanted],
  })
})
function use(): void {
  const { value } = kerf
  if (!value || trial.value.method === 'comb') return
  const { method } = trial.value
  const count =
    method === 'squares'
      ? `${result.value.squares!.n} squares of ${trial.value.squares.side} mm`
      : method === 'strip'
        ? `Slit strip, ${trial.value.strip.lines} lines`
        : 'Slot gauge'
  kerfs.record({
    width: Math.max(0, Number(value.width.toFixed(4))),
    doubt: value.doubt === null ? null : Number(value.doubt.toFixed(4)),
    kx: value.kx,
    ky: value.ky,
    method,
    how: count,
  })
  useMessages().say('said', `Kerf ${fixed(value.width, 3)} mm is on the bench and in this job.`)
}
function useTaste(): void {
  const { comb } = result.value
  if (!comb) return
  const kept = bench.put('tastes', {
    id: crypto.randomUUID(),
    family: family.value,
    interference: Number(comb.taste.toFixed(4)),
    doubt: Math.max(0.001, Number(comb.tasteDoubt.toFixed(4))),
    from: 'comb',
    on: new Date().toISOString(),
    note: `pair ${trial.value.best! + 1}, kerf ${fixed(derived.box.kerf.width, 3)}`,
  })
  jobs.edit(
    (draft) => {
      draft.measure.taste = bench.tasteOf(family.value)
    },
    '',
    kept,
  )
  useMessages().say(
    'said',
    `Your own snug in ${family.value} is on the bench: ${fixed(bench.tasteOf(family.value)!.offset, 3)} mm per glue line.`,
  )
}
</script>

<template>
  <section class="card grid gap-2.5" aria-labelledby="outcome-title" aria-live="polite">
    <h2 id="outcome-title">What it says</h2>
    <template v-if="kerf">
      <WorkedFigure
        large
        label="Kerf, full width"
        :text="`${fixed(kerf.width, 3)}${kerf.doubt === null ? '' : ` ± ${fixed(kerf.doubt, 3)}`} mm`"
        :working="kerf.working"
      />
      <WorkedFigure label="Per side" :text="`${fixed(kerf.width / 2, 3)} mm`" />
      <div v-if="kerf.kx !== null" class="flex gap-5">
        <WorkedFigure label="Across, kx" :text="`${fixed(kerf.kx, 3)} mm`" />
        <WorkedFigure label="Along, ky" :text="`${fixed(kerf.ky!, 3)} mm`" />
      </div>
      <CautionNote :cautions="kerf.notes" />
      <button type="button" class="btn btn-main" :disabled="kerf.width <= 0" @click="use">
        <Check :size="16" aria-hidden="true" />
        Use this kerf
      </button>
      <div v-if="advice.length > 0" class="border-t border-line pt-2" data-testid="advice">
        <h3>What next</h3>
        <p v-for="each in advice" :key="each.kind" class="mt-1 text-sm">{{ each.says }}</p>
      </div>
    </template>
    <template v-else-if="result.comb">
      <WorkedFigure
        large
        label="Your own snug, interference per glue line"
        :text="`${fixed(result.comb.taste, 3)} ± ${fixed(result.comb.tasteDoubt, 3)} mm`"
        :working="result.comb.working"
      />
      <p class="note">
        If your snug is {{ fixed(jobs.job!.measure.taste?.offset ?? 0, 3) }} mm already, this pair says a kerf
        of {{ fixed(result.comb.kerfIfTaste, 3) }} ± {{ fixed(result.comb.kerfDoubt, 3) }} mm instead: a comb
        alone cannot tell the two apart.
      </p>
      <p v-if="!derived.box.kerf.measured" class="text-[13px] text-gorse">
        The kerf is only assumed: measure it by squares or a strip first, or its error goes into your taste.
      </p>
      <button type="button" class="btn btn-main" @click="useTaste">
        <Check :size="16" aria-hidden="true" />
        Keep as my own snug in {{ family }}
      </button>
    </template>
    <p v-else class="note">
      {{ METHOD_NAMES[trial.method] }}: cut the piece, then enter what you read. The result appears as soon as
      there is enough for one.
    </p>
  </section>
</template>
