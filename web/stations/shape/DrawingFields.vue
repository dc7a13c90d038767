<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { GROUP_USES, MOST_DRAWINGS, type Artwork, type Drawing, type GroupUse } from '@core/art'
import { useSay } from '@web/parts/say'
import { readArt } from '@web/workers/art'
import { useBoxEdits } from './box-edits'
import { drawingFields as words } from './field-words'

/** Artwork read from a file: its unit is asked for where that does not say, and a use for each group. */
const props = defineProps<{ drawing?: Drawing }>()
const emit = defineEmits<{ take: [drawing: Drawing]; change: [drawing: Drawing] }>()
const { box } = useBoxEdits()
const say = useSay()
const error = ref('')
const notes = ref<string[]>([])
const isReading = ref(false)
/** Read, and waiting for its unit. */
const waiting = shallowRef<Artwork | null>(null)
const isFull = computed(() => box.value.drawings.length >= MOST_DRAWINGS && !props.drawing)

function keep({ drawing }: Artwork, scale: number): void {
  waiting.value = null
  const scaled = {
    ...drawing,
    width: drawing.width * scale,
    height: drawing.height * scale,
    groups: drawing.groups.map((group) => ({
      ...group,
      lines: group.lines.map(({ closed, at }) => ({ closed, at: at.map((value) => value * scale) })),
    })),
  }
  emit('take', { id: crypto.randomUUID(), ...scaled })
}

async function read({ target }: Event): Promise<void> {
  const field = target as HTMLInputElement
  const [file] = field.files ?? []
  if (!file) return
  isReading.value = true
  const found = await readArt(file.name, await file.text())
  isReading.value = false
  field.value = ''
  error.value = found.ok ? '' : found.error
  notes.value = found.ok ? found.art.notes : []
  waiting.value = null
  if (!found.ok) return
  if (found.art.sizes.length > 0) waiting.value = found.art
  else keep(found.art, 1)
}
/** The first of the likely sizes is the one that it was read at. */
const chooseSize = (mm: number): void => keep(waiting.value!, mm / waiting.value!.sizes[0].mm)
const use = (i: number, to: GroupUse): void =>
  emit('change', {
    ...props.drawing!,
    groups: props.drawing!.groups.map((group, j) => (i === j ? { ...group, use: to } : group)),
  })
</script>

<template>
  <div class="grid gap-2 rounded border border-line p-2">
    <p v-if="drawing" class="text-[13px]">
      <strong>{{ drawing.name }}</strong>
      <span class="num text-quiet">{{ words.readAs(say.size([drawing.width, drawing.height])) }}</span>
    </p>
    <label v-if="!isFull" class="text-[13px] font-medium">
      {{ drawing ? words.anotherFileSvg : words.fileSvgDxf }}
      <input
        type="file"
        accept=".svg,.dxf"
        class="mt-1 block min-h-6 w-full text-[13px]"
        data-field="engraving-file"
        @change="read"
      />
    </label>
    <p v-else class="note">{{ words.drawingsMostBox(MOST_DRAWINGS) }}</p>
    <p v-if="isReading" class="note" role="status">{{ words.beingRead }}</p>
    <p v-if="error" class="text-[13px] text-rowan" role="alert">{{ error }}</p>
    <fieldset v-if="waiting" class="grid gap-1">
      <legend class="text-[13px] font-medium">{{ words.fileNotSay }}</legend>
      <button
        v-for="{ name, mm, width, height } in waiting.sizes"
        :key="name"
        type="button"
        class="choice justify-between"
        @click="chooseSize(mm)"
      >
        {{ name }}
        <span class="num">{{ say.size([width, height], 1) }}</span>
      </button>
    </fieldset>
    <ul v-if="notes.length > 0" class="note list-disc pl-4">
      <li v-for="note in notes" :key="note">{{ note }}</li>
    </ul>
    <label
      v-for="(group, i) in drawing?.groups ?? []"
      :key="group.name"
      class="flex items-center gap-2 text-[13px]"
    >
      <span class="num min-w-0 flex-1 truncate">{{ words.lines(group.name, group.lines.length) }}</span>
      <select
        class="input w-28!"
        data-field="engraving-use"
        :aria-label="words.whatIsFor(group.name)"
        :value="group.use"
        @change="use(i, ($event.target as HTMLSelectElement).value as GroupUse)"
      >
        <option v-for="each in GROUP_USES" :key="each">{{ each }}</option>
      </select>
    </label>
    <p class="note">{{ words.onlyUseArtwork }}</p>
  </div>
</template>
