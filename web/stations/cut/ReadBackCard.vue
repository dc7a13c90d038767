<script setup lang="ts">
import { ref, toRaw, watch } from 'vue'
import type { Differences } from '@core/files'
import type { LoadPlan } from '@core/derive'
import { ORDINARY_CODE, OPERATION_NAMES } from '@core/machine'
import { useOpenJob } from '@web/stores/job'
import { compareArt } from '@web/workers/art'
import { readBackCard as words } from './words'

/** A written file, or what became of it in the laser's software, held against the plan of a sheet. */
const props = defineProps<{ load: LoadPlan }>()
const emit = defineEmits<{ found: [differences: Differences | null] }>()
const jobs = useOpenJob()
const error = ref('')
const name = ref('')
const found = ref<Differences | null>(null)
function show(differences: Differences | null): void {
  found.value = differences
  emit('found', differences)
}
watch(
  () => props.load,
  () => {
    error.value = ''
    show(null)
  },
)
async function read({ target }: Event): Promise<void> {
  const field = target as HTMLInputElement
  const files = [...(field.files ?? [])]
  if (files.length === 0) return
  name.value = files.length === 1 ? files[0].name : words.theseFiles(files.length)
  const machine = jobs.job.measure.machine ?? { origin: 'front left' as const, code: ORDINARY_CODE }
  const texts = await Promise.all(files.map(async (file) => ({ name: file.name, text: await file.text() })))
  const compared = await compareArt({ files: texts, load: toRaw(props.load), machine: { ...machine } })
  field.value = ''
  error.value = compared.ok ? '' : compared.error
  show(compared.ok ? compared.differences : null)
}
const MOST = 5
</script>

<template>
  <section class="card grid gap-2" :aria-label="words.fileHeldAgainst" data-field="read-back">
    <h2>{{ words.holdFileAgainst }}</h2>
    <p class="note">
      {{ words.fileSheetAll }}
    </p>
    <input
      type="file"
      multiple
      accept=".svg,.dxf,.gcode,.nc"
      class="block min-h-6 w-full text-[13px]"
      :aria-label="words.filesHoldAgainst"
      @change="read"
    />
    <p v-if="error" class="text-[13px] text-rowan" role="alert">{{ error }}</p>
    <div v-if="found" class="grid gap-1 text-[13px]" data-testid="differences" aria-live="polite">
      <p v-if="found.missing.length + found.extra.length === 0" class="font-semibold text-moss">
        {{ words.allLinesPlan(found.same, name) }}
      </p>
      <template v-else>
        <p class="font-semibold text-rowan">
          {{ words.linesSamePlan(found.same, found.missing.length, found.extra.length) }}
        </p>
        <ul class="list-disc pl-4">
          <li v-for="(path, i) in found.missing.slice(0, MOST)" :key="i">
            {{ words.missingOf(OPERATION_NAMES[path.operation], path.part) }}
          </li>
        </ul>
      </template>
    </div>
  </section>
</template>
