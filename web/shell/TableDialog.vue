<script setup lang="ts">
import { FileDown, FolderOpen } from '@lucide/vue'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import type { Job } from '@core/job'
import { download } from '@web/data/download'
import type { JobEntry } from '@web/data/job-list'
import { isUnreadable, loadJob } from '@web/data/jobs'
import { fileStem, readVariants, variantColumns, variantExample, variantSteps } from '@web/data/variants'
import BaseDialog from '@web/parts/BaseDialog.vue'
import { useSay } from '@web/parts/say'
import { useShelf } from '@web/stores/shelf'
import { tableDialog as words } from './words'

/** One job of many boxes: each is like a pattern, but for what its row of a table says. */
defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: []; made: [job: string] }>()
const shelf = useShelf()
const say = useSay()
const pattern = shallowRef<Job | null>(null)
const text = ref('')
const trouble = ref('')
const chooser = ref<HTMLInputElement>()

async function choose(id: string): Promise<void> {
  const read = await loadJob(id).catch(() => null)
  const job = read && !isUnreadable(read) ? read.job : null
  trouble.value = job ? '' : words.jobCannotRead
  pattern.value = job
}
const patterns = computed((): JobEntry[] =>
  [...shelf.jobs].sort((a, b) => Number(b.template) - Number(a.template) || a.name.localeCompare(b.name)),
)
onMounted(() => {
  if (patterns.value.length > 0) void choose(patterns.value[0].id)
})

async function writeExample(): Promise<void> {
  if (!pattern.value) return
  const name = `${fileStem(`${pattern.value.name} table`)}.csv`
  await download([{ name, content: variantExample(pattern.value, say.value.lengthUnit) }], name)
}
/** A file larger than that is no table of two hundred rows, bytes. */
const LARGEST = 1_000_000
async function readChosen(): Promise<void> {
  const file = chooser.value?.files?.[0]
  if (!file) return
  trouble.value = file.size > LARGEST ? words.largerMbChoose(file.name) : ''
  if (!trouble.value) text.value = await file.text()
  if (chooser.value) chooser.value.value = ''
}
const read = computed(() =>
  pattern.value && text.value.trim() !== ''
    ? readVariants(text.value, pattern.value, say.value.lengthUnit)
    : null,
)
const refusal = computed(() => trouble.value || (read.value && !read.value.ok ? read.value.error : ''))

/** Rows that were worked out so far, while boxes are made. */
const done = ref<number | null>(null)
const failed = ref<{ row: number; why: string }[]>([])
const refused = computed(() => (read.value?.ok ? [...read.value.refused, ...failed.value] : []))
const count = computed(() => (read.value?.ok ? read.value.variants.length : 0))
/** The job that was made, where rows were left out: one reads which, and goes on. */
const made = ref<string | null>(null)
/** Typed anew, nothing is made of it yet. */
function begin(): void {
  failed.value = []
  made.value = null
}
let gone = false
onBeforeUnmount(() => void (gone = true))

/** The page is there meanwhile: it is worked at for so long at once, milliseconds. */
const AT_ONCE = 24
async function make(): Promise<void> {
  if (!read.value?.ok || !pattern.value) return
  const { variants } = read.value
  const name = words.fromATable(pattern.value.name).slice(0, 80)
  const about = { id: crypto.randomUUID(), name, changed: new Date().toISOString() }
  const steps = variantSteps(pattern.value, variants, about, say.value)
  let since = performance.now()
  let step = steps.next()
  while (!step.done) {
    if (performance.now() - since > AT_ONCE) {
      done.value = step.value
      await new Promise((resolve) => setTimeout(resolve))
      if (gone) return
      since = performance.now()
    }
    step = steps.next()
  }
  done.value = null
  failed.value = step.value.refused
  const id = step.value.job && (await shelf.begun(step.value.job))
  if (!id) return
  if (refused.value.length === 0) emit('made', id)
  else made.value = id
}
</script>

<template>
  <BaseDialog :open="open" :title="words.boxesTable" @close="emit('close')">
    <p class="note mt-1">
      {{ words.boxEveryRow }}
    </p>
    <div class="mt-3 flex flex-wrap items-end gap-2">
      <label class="min-w-48 flex-1 text-[13px] font-medium">
        {{ words.thePattern }}
        <select
          class="input font-sans!"
          :value="pattern?.id"
          @change="choose(($event.target as HTMLSelectElement).value)"
        >
          <option v-for="{ id, name } in patterns" :key="id" :value="id">{{ name }}</option>
        </select>
      </label>
      <button type="button" class="btn" :disabled="!pattern" @click="writeExample">
        <FileDown :size="16" aria-hidden="true" />
        {{ words.tableFill }}
      </button>
      <button type="button" class="btn" @click="chooser?.click()">
        <FolderOpen :size="16" aria-hidden="true" />
        {{ words.chooseCsvFile }}
      </button>
      <input
        ref="chooser"
        type="file"
        accept=".csv,.txt,text/csv"
        class="sr-only"
        tabindex="-1"
        :aria-label="words.tableBoxes"
        @change="readChosen"
      />
    </div>
    <p v-if="pattern" class="note mt-2">{{ words.columnsCanBe(variantColumns(pattern).join(', ')) }}</p>
    <label class="mt-2 block text-[13px] font-medium">
      {{ words.tableColumnsNames }}
      <textarea
        v-model="text"
        class="input h-40 font-mono text-[13px]"
        spellcheck="false"
        :placeholder="words.nameWidthDepth"
        @input="begin"
      ></textarea>
    </label>
    <p v-if="refusal" class="mt-2 text-[13px] text-rowan" role="alert">{{ refusal }}</p>
    <template v-else-if="read?.ok">
      <p v-if="!made" class="mt-2 text-sm" role="status">{{ words.rowRead(count) }}</p>
      <div v-if="refused.length > 0" class="mt-1 text-[13px] text-gorse">
        <p>{{ words.rowCannot(refused.length) }}</p>
        <ul class="max-h-32 overflow-y-auto" :aria-label="words.rowsMakeNo" tabindex="0">
          <li v-for="{ row, why } in refused" :key="row">{{ words.row(row, why) }}</li>
        </ul>
      </div>
    </template>
    <div class="mt-3 flex flex-wrap items-center gap-3">
      <template v-if="made">
        <p class="text-sm text-moss" role="status">{{ words.boxMadeBoxes(count - failed.length) }}.</p>
        <button type="button" class="btn btn-main" @click="$emit('made', made)">{{ words.openJob }}</button>
      </template>
      <button
        v-else
        type="button"
        class="btn btn-main"
        :disabled="count === 0 || done !== null"
        @click="make"
      >
        {{ words.makeBoxBoxes(count) }}
      </button>
      <p v-if="done !== null" class="note" role="status">{{ words.rowOf(done + 1, count) }}</p>
    </div>
  </BaseDialog>
</template>
