<script setup lang="ts">
import { computed, ref } from 'vue'
import { MOST_PICTURES, type Picture } from '@core/art'
import { readPicture } from '@web/data/picture'
import { useBoxEdits } from './box-edits'
import { pictureFields as words } from './field-words'

/** A photograph or drawing read from a PNG or JPEG file, kept as greys. */
const props = defineProps<{ picture?: Picture }>()
const emit = defineEmits<{ take: [picture: Picture] }>()
const { box } = useBoxEdits()
const error = ref('')
const isFull = computed(() => box.value.pictures.length >= MOST_PICTURES && !props.picture)

async function read({ target }: Event): Promise<void> {
  const field = target as HTMLInputElement
  const [file] = field.files ?? []
  if (!file) return
  const found = await readPicture(file)
  field.value = ''
  error.value = found.ok ? '' : found.error
  if (found.ok) emit('take', found.picture)
}
</script>

<template>
  <div class="grid gap-2 rounded border border-line p-2">
    <p v-if="picture" class="text-[13px]">
      <strong>{{ picture.name }}</strong>
      <span class="num text-quiet">{{ words.keptPoints(picture.columns, picture.rows) }}</span>
    </p>
    <label v-if="!isFull" class="text-[13px] font-medium">
      {{ picture ? words.anotherPicturePng : words.picturePngJpeg }}
      <input
        type="file"
        accept=".png,.jpg,.jpeg"
        class="mt-1 block min-h-6 w-full text-[13px]"
        data-field="engraving-picture"
        @change="read"
      />
    </label>
    <p v-else class="note">{{ words.picturesMostBox(MOST_PICTURES) }}</p>
    <p v-if="error" class="text-[13px] text-rowan" role="alert">{{ error }}</p>
    <p class="note">{{ words.onlyUsePictures }}</p>
  </div>
</template>
