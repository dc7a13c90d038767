<script setup lang="ts">
import { ImagePlus, Trash2 } from '@lucide/vue'
import { nextTick, onMounted, ref, shallowRef } from 'vue'
import { MOST_PHOTOS, photoId, type Photo } from '@core/keep'
import BaseDialog from '@web/parts/BaseDialog.vue'
import TextEntry from '@web/parts/TextEntry.vue'
import { dateText } from '@web/data/dates'
import { forgetPhoto, keepPhotos, photosOf } from '@web/data/photos'
import { useMessages } from '@web/stores/messages'
import { useOpenJob } from '@web/stores/job'
import { scaledPhoto } from './scaled-photo'
import { photoShelf as words } from './words'

/** Photos of a cut: kept in this browser, and in the job's own file. */
const props = defineProps<{ revision: string }>()
const jobs = useOpenJob()
const messages = useMessages()
const photos = shallowRef<Photo[]>([])
const large = ref<Photo | null>(null)
const chooser = ref<HTMLInputElement>()
const adding = ref<HTMLButtonElement>()
const refused = ref('')
const isBusy = ref(false)

async function list(): Promise<void> {
  photos.value = await photosOf(jobs.job.id, props.revision).catch(() => [])
}
/** Does something to what is stored, and says so where the browser does not let it. */
async function store(work: Promise<unknown>): Promise<void> {
  await work.catch(() => {
    refused.value = words.browserDidNot
  })
}
onMounted(list)

async function take(files: File[]): Promise<void> {
  const room = MOST_PHOTOS - photos.value.length
  refused.value = files.length > room ? words.cutKeepsPhotos(MOST_PHOTOS, files.length - room) : ''
  isBusy.value = true
  for (const file of files.slice(0, room)) {
    const scaled = await scaledPhoto(file)
    if (!scaled.ok) {
      refused.value = scaled.error
      continue
    }
    const { id: job } = jobs.job
    const about = { job, revision: props.revision, taken: new Date().toISOString(), caption: '' }
    const photo = { id: photoId(job, props.revision, crypto.randomUUID()), ...about, ...scaled.photo }
    await store(keepPhotos([photo]))
  }
  isBusy.value = false
  await list()
}
function chosen({ target }: Event): void {
  const input = target as HTMLInputElement
  void take([...(input.files ?? [])])
  input.value = '' // the same one may be chosen once more
}
async function write(photo: Photo, caption: string): Promise<void> {
  const now = { ...photo, caption }
  photos.value = photos.value.map((each) => (each.id === photo.id ? now : each))
  await store(keepPhotos([now]))
}
async function remove(photo: Photo): Promise<void> {
  await store(forgetPhoto(photo.id))
  await list()
  await nextTick() // where the shelf was full, the button comes back with it
  adding.value?.focus()
  messages.say('said', words.photoRemoved, {
    label: words.takeBack,
    run: () => void store(keepPhotos([photo])).then(list),
  })
}
const source = ({ data }: Photo): string => `data:image/jpeg;base64,${data}`
const nameOf = (photo: Photo, i: number): string => photo.caption || words.photo(i + 1)
</script>

<template>
  <section class="card grid gap-2" :aria-label="words.photosCut">
    <h2>{{ words.photos }}</h2>
    <ul v-if="photos.length > 0" class="grid grid-cols-2 gap-2" :aria-label="words.photos">
      <li v-for="(photo, i) in photos" :key="photo.id" class="grid min-w-0 content-start gap-1">
        <button
          type="button"
          class="overflow-hidden rounded border border-line bg-paper"
          :aria-label="words.seeLarge(nameOf(photo, i))"
          @click="large = photo"
        >
          <img :src="source(photo)" :alt="nameOf(photo, i)" class="h-28 w-full object-cover" />
        </button>
        <span class="flex items-center gap-1">
          <TextEntry
            class="input min-w-0 flex-1"
            :aria-label="words.photoShows(i + 1)"
            :placeholder="words.whatItShows"
            :maxlength="200"
            :model-value="photo.caption"
            @update:model-value="write(photo, $event)"
          />
          <button
            type="button"
            class="btn-icon"
            :aria-label="words.removePhoto(i + 1)"
            @click="remove(photo)"
          >
            <Trash2 :size="16" />
          </button>
        </span>
      </li>
    </ul>
    <p v-else class="note">{{ words.jointHeldAgainst }}</p>
    <p v-if="refused" class="text-[13px] text-rowan" role="alert">{{ refused }}</p>
    <template v-if="photos.length < MOST_PHOTOS">
      <button
        ref="adding"
        type="button"
        class="btn justify-self-start"
        data-field="photos"
        @click="chooser?.click()"
      >
        <ImagePlus :size="16" aria-hidden="true" />
        {{ isBusy ? words.takingItIn : words.addPhotos }}
      </button>
      <input
        ref="chooser"
        type="file"
        accept="image/*"
        multiple
        class="sr-only"
        tabindex="-1"
        :aria-label="words.photosAdd"
        @change="chosen"
      />
    </template>
    <BaseDialog v-if="large" open :title="large.caption || words.onePhoto" @close="large = null">
      <img :src="source(large)" :alt="large.caption || words.photoCut" class="mt-3 w-full" />
      <p class="note mt-2">{{ words.takenIn(dateText(large.taken, true)) }}</p>
    </BaseDialog>
  </section>
</template>
