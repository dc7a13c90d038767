<script setup lang="ts">
import { FileDown, FolderOpen } from '@lucide/vue'
import { ref } from 'vue'
import { fileStem } from '@core/keep'
import type { TestRecord } from '@core/tune'
import { download } from '@web/data/download'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useMessages } from '@web/stores/messages'
import { testFiles as words } from './words'

/** Tests of this stock on this machine as a table or a list: out to a spreadsheet, and in from one. */
const props = defineProps<{ tests: TestRecord[] }>()
const jobs = useOpenJob()
const bench = useBench()
const derived = useDerived()
const chooser = ref<HTMLInputElement>()
const error = ref('')

async function write(as: 'csv' | 'json'): Promise<void> {
  // Fetched when something is first written.
  const { writeTests, writeTestsJson } = await import('@web/data/written-files')
  const tests = props.tests.map(({ setting, thickness, result }) => ({ setting, thickness, result }))
  const name = `${fileStem(words.tests(jobs.job.measure.stock?.name ?? ''))}.${as}`
  await download([{ name, content: as === 'csv' ? writeTests(tests) : writeTestsJson(tests) }], name)
}
async function read(): Promise<void> {
  const file = chooser.value?.files?.[0]
  const { machine, stock } = jobs.job.measure
  if (!file || !machine || !stock) return
  const { readTests } = await import('@web/data/written-files')
  const found = readTests(await file.text())
  if (chooser.value) chooser.value.value = ''
  error.value = found.ok ? '' : words.notTaken(file.name, found.error)
  if (!found.ok) return
  // A file does not say when they were made.
  const about = { machineId: machine.id, stockId: stock.id, family: stock.family, on: '' }
  const tests = found.tests.map((test): TestRecord => ({ id: crypto.randomUUID(), ...about, ...test }))
  const push = (draft: typeof jobs.job): void => void draft.tune.tests.push(...tests)
  if (jobs.edit(push, '', ...tests.map((test) => bench.putting('tests', test))))
    useMessages().say('said', words.testTaken(tests.length, file.name))
}
</script>

<template>
  <div class="mt-2 flex flex-wrap items-center gap-2" data-field="test-files">
    <template v-if="tests.length > 0">
      <button type="button" class="btn px-2 py-1" @click="write('csv')">
        <FileDown :size="14" aria-hidden="true" />
        {{ words.testsCsv }}
      </button>
      <button type="button" class="btn px-2 py-1" @click="write('json')">
        <FileDown :size="14" aria-hidden="true" />
        {{ words.asJson }}
      </button>
    </template>
    <button type="button" class="btn px-2 py-1" @click="chooser?.click()">
      <FolderOpen :size="14" aria-hidden="true" />
      {{ words.testsFile }}
    </button>
    <input
      ref="chooser"
      type="file"
      accept=".csv,.json,.txt"
      class="sr-only"
      tabindex="-1"
      :aria-label="words.fileTests"
      @change="read"
    />
    <p v-if="tests.length > 0" class="note w-full">
      {{ words.fileHoldsSpeeds(derived.box.materials[0].name) }}
    </p>
    <p v-if="error" class="w-full text-[13px] text-rowan" role="alert">{{ error }}</p>
  </div>
</template>
