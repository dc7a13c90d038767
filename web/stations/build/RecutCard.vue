<script setup lang="ts">
import { FileDown } from '@lucide/vue'
import { computed, ref, shallowRef, watch } from 'vue'
import { rectangle } from '@core/geometry'
import type { CutRecord, Recut } from '@core/keep'
import { formatDuration } from '@core/length'
import { lineData, ringData } from '@web/parts/svg-path'
import { useSay } from '@web/parts/say'
import { download } from '@web/data/download'
import { useBench } from '@web/stores/bench'
import { useCutRecords } from '@web/stores/cut-records'
import { useOpenJob } from '@web/stores/job'
import { useMessages } from '@web/stores/messages'
import { common } from '@web/words'
import RecordPick from '../RecordPick.vue'
import { recutCard as words } from './words'

/** A part that was spoilt or lost is cut again as it was, on the smallest piece that lies there. */
const jobs = useOpenJob()
const records = useCutRecords()
const bench = useBench()
const say = useSay()
const record = shallowRef<CutRecord | null>(null)
const chosen = ref<string[]>([])
const recut = shallowRef<Recut | null>(null)
const refused = ref('')
/** What was counted off as spoilt is chosen at first. */
watch(record, (now) => {
  const spoilt = jobs.job.build.count?.spoilt ?? []
  chosen.value = (now?.parts ?? []).flatMap(({ id }) => (spoilt.includes(id) ? [id] : []))
})
watch(
  [record, chosen, () => bench.stocks],
  async () => {
    const [from, parts] = [record.value, chosen.value]
    recut.value = null
    refused.value = ''
    if (!from || parts.length === 0) return
    const { recutOf } = await import('@web/data/recut') // fetched when it is wanted
    if (from !== record.value || parts !== chosen.value) return
    const made = recutOf(from, parts, (id) => bench.stocks.find((stock) => stock.id === id)?.offcuts ?? null)
    if (made.ok) recut.value = made.recut
    else refused.value = made.error
  },
  { immediate: true },
)
const pieces = computed(() =>
  (recut.value?.plan.loads ?? [])
    .filter(({ paths }) => paths.length > 0)
    .map((load) => {
      const { offcut, width, height, outline, paths } = load
      const size = `${say.value.length(width, 0)} × ${say.value.length(height, 0)}`
      const { stock, more } = recut.value!.job.measure
      const stocks = [...(stock ? [stock] : []), ...more.map((each) => each.stock)]
      const name = stocks.flatMap(({ offcuts }) => offcuts).find(({ id }) => id === offcut)?.name
      return {
        key: `${load.material} ${load.sheet} ${load.load} ${load.face}`,
        says: offcut === null ? words.wholeSheet(size) : words.theOffcut(name ? `“${name}”, ` : '', size),
        box: `0 ${-height} ${width} ${height}`,
        outline: ringData(outline ?? rectangle(0, 0, width, height)),
        lines: paths.map(({ points, closed }) => lineData(points, closed)).join(''),
      }
    }),
)
const says = computed(() => {
  if (!recut.value) return ''
  const { seconds } = recut.value.plan.total
  return words.onOfCutting(pieces.value.map((piece) => piece.says).join(' and '), formatDuration(seconds))
})
async function write(): Promise<void> {
  if (!recut.value) return
  const { job, derived, plan, mark } = recut.value
  const { writeFiles } = await import('@web/data/written-files') // fetched when it is wanted
  const formats = job.cut.formats.filter((format) => format !== 'json' && format !== 'pdf')
  const files = writeFiles(job, derived, plan, formats.length > 0 ? formats : ['svg'], mark).map((file) => ({
    ...file,
    name: `cut-again-${file.name}`,
  }))
  await download(files, files.length > 1 ? `cut-again-${mark}.zip` : files[0].name)
  useMessages().say('said', common.fileWritten(files.map(({ name }) => name).join(', ')))
}
</script>

<template>
  <section class="card no-print py-2!" :aria-label="words.cutPartAgain" data-field="recut">
    <details>
      <summary class="min-h-6 cursor-pointer font-semibold">{{ words.partSpoiltLost }}</summary>
      <p v-if="!records.latest" class="note mt-2">
        {{ words.noCutFiles }}
      </p>
      <div v-else class="mt-2 grid gap-2">
        <p class="note">
          {{ words.cutSameLines }}
        </p>
        <RecordPick v-model="record" :label="words.cutCame" />
        <fieldset class="grid max-h-44 gap-1 overflow-y-auto sm:grid-cols-2" tabindex="0">
          <legend class="text-[13px] font-medium">{{ words.whichPart }}</legend>
          <label
            v-for="part in record?.parts ?? []"
            :key="part.id"
            class="flex min-h-6 items-center gap-1.5 text-sm"
          >
            <input v-model="chosen" type="checkbox" :value="part.id" class="accent-heather" />
            {{ part.label }}
          </label>
        </fieldset>
        <p v-if="refused" class="text-sm text-rowan" role="alert">{{ refused }}</p>
        <p v-if="says" class="text-sm" role="status">{{ says }}</p>
        <div class="flex flex-wrap gap-3">
          <svg
            v-for="piece in pieces"
            :key="piece.key"
            :viewBox="piece.box"
            class="h-32 max-w-full overflow-visible"
            role="img"
            :aria-label="words.whereItIs(piece.says)"
          >
            <path
              :d="piece.outline"
              fill="var(--ply)"
              stroke="var(--ply-edge)"
              vector-effect="non-scaling-stroke"
            />
            <path :d="piece.lines" fill="none" stroke="var(--ink)" vector-effect="non-scaling-stroke" />
          </svg>
        </div>
        <button type="button" class="btn justify-self-start" :disabled="!recut" @click="write">
          <FileDown :size="15" aria-hidden="true" />
          {{ words.writePart }}
        </button>
      </div>
    </details>
  </section>
</template>
