<script setup lang="ts">
import { ChevronLeft } from '@lucide/vue'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { panelsShown, pictureOf, type Picture } from '@core/derive'
import { emptyJob, type Job } from '@core/job'
import { asksForList, defaultsOf, KINDS, settledAs, sizesOf, type Kind, type KindValues } from '@core/kinds'
import { capitalised } from '@core/length'
import { NO_TERMS } from '@core/price'
import { thicknessOf } from '@core/stock'
import BaseDialog from '@web/parts/BaseDialog.vue'
import FigureField from '@web/parts/FigureField.vue'
import { focusInvalid } from '@web/parts/focus-invalid'
import KindGallery from '@web/parts/KindGallery.vue'
import TextEntry from '@web/parts/TextEntry.vue'
import OwnKinds from './OwnKinds.vue'
import ThingsFields from './ThingsFields.vue'
import { useSay } from '@web/parts/say'
import { useBench } from '@web/stores/bench'
import { isUnreadable, loadJob } from '@web/data/jobs'
import { isOfTheStation } from '@web/data/station-jobs'
import { useShelf } from '@web/stores/shelf'
import { newJobDialog as words } from './words'

/** What is to be made, and how large: on the machine and from the stock that were used last. */
defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: []; made: [job: string | null, onOwn: boolean] }>()
const shelf = useShelf()
const bench = useBench()
const say = useSay()

/** Machine and stock of the maker's job that was changed last, as the bench knows them now. */
const last = computed(() => {
  const newest = shelf.jobs
    .filter(({ id }) => !isOfTheStation(id))
    .sort((a, b) => b.changed.localeCompare(a.changed))
  const used = newest.find(({ machine, stock }) => machine && stock)
  const machine = bench.machines.find(({ id }) => id === used?.machine?.id) ?? null
  const stock = bench.stocks.find(({ id }) => id === used?.stock?.id) ?? null
  return machine && stock ? { machine, stock } : null
})
/** What that maker reckons with, but for who asked last. */
const terms = shallowRef(NO_TERMS)
async function readTerms(): Promise<void> {
  const own = shelf.jobs.find(({ id }) => !isOfTheStation(id)) // the newest comes first
  const read = own && (await loadJob(own.id).catch(() => null))
  if (!read || isUnreadable(read)) return
  terms.value = { ...read.job.price, boxes: 1, extras: [], customer: '', note: '' }
}
/** A job of nothing but what it is cut on and from. */
function bare(): Job {
  const empty = emptyJob(crypto.randomUUID(), kind.value.title.slice(0, 80), new Date().toISOString())
  const job = { ...empty, price: terms.value }
  if (!last.value) return job
  const { machine, stock } = last.value
  const measure = { ...job.measure, machine, stock, kerf: bench.kerfFor(machine.id, stock.id) }
  return {
    ...job,
    interference: bench.beginningFit(stock.family),
    measure: { ...measure, belief: bench.beliefFor(measure) },
    tune: { ...job.tune, ...bench.triedOn(machine.id) },
  }
}
const thickness = computed(() => (last.value ? thicknessOf(last.value.stock).mean : 3))

const kind = shallowRef<Kind>(KINDS[0])
/** Made from a list of things, which takes the place of the pictures. */
const isList = computed(() => asksForList(kind.value))
const sizes = computed(() => sizesOf(kind.value))
const texts = computed(() => (isList.value ? [] : kind.value.numbers.filter(({ unit }) => unit === 'text')))
const typed = ref<KindValues>({})
const error = ref('')
watch(kind, () => {
  typed.value = {}
  error.value = ''
})
const valueOf = (name: string): number => Number(typed.value[name] ?? defaultsOf(kind.value, 3)[name])
function set(name: string, value: number | string): void {
  typed.value = { ...typed.value, [name]: value }
  error.value = ''
}
async function make(event: Event): Promise<void> {
  if (focusInvalid(event)) return
  const values = { ...defaultsOf(kind.value, thickness.value), unit: say.value.lengthUnit, ...typed.value }
  const made = settledAs(bare(), kind.value, values, say.value)
  const isSaid = isList.value && kind.value.refuses?.(values) // beside its list, as it is typed
  error.value = made.ok || isSaid ? '' : made.error
  if (made.ok) emit('made', await shelf.begun(made.job), last.value !== null)
}

/** Jobs that the maker keeps as kinds. */
const own = computed(() => shelf.jobs.filter(({ template }) => template))
const makeOwn = async (job: Job): Promise<void> => emit('made', await shelf.begun(job), true)

const pictures = shallowRef<Record<string, Picture | null>>({})
/** One after the other: the dialog is there meanwhile. */
onMounted(async () => {
  await shelf.begin()
  await readTerms()
  for (const each of KINDS) {
    const made = settledAs(bare(), each, defaultsOf(each, thickness.value), say.value)
    const panels = made.ok ? panelsShown(made.job) : null
    pictures.value = { ...pictures.value, [each.kind]: panels && pictureOf(panels) }
    await new Promise((resolve) => setTimeout(resolve))
  }
})
</script>

<template>
  <BaseDialog :open="open" :title="words.wantMake" @close="emit('close')">
    <OwnKinds v-if="own.length > 0 && !isList" :kinds="own" @make="makeOwn" />
    <form class="mt-3 grid gap-3" @submit.prevent="make">
      <KindGallery v-if="!isList" :pictures="pictures" :chosen="kind.kind" @choose="kind = $event" />
      <div v-else class="grid justify-items-start gap-2">
        <button type="button" class="btn" @click="kind = KINDS[0]">
          <ChevronLeft :size="16" aria-hidden="true" />
          {{ words.otherKinds }}
        </button>
        <ThingsFields v-model="typed" class="w-full" :kind="kind" :thickness="thickness" />
      </div>
      <div class="sticky -bottom-5 -mx-5 -mb-5 grid gap-2 border-t border-line bg-sheet px-5 py-3">
        <div v-if="texts.length > 0" class="grid gap-2 sm:grid-cols-2">
          <label
            v-for="{ name, meaning } in texts"
            :key="`${kind.kind} ${name}`"
            class="text-[13px] font-medium"
          >
            {{ capitalised(meaning) }}
            <TextEntry
              class="input"
              :maxlength="200"
              :model-value="String(typed[name] ?? defaultsOf(kind, 3)[name])"
              @update:model-value="set(name, $event)"
            />
          </label>
        </div>
        <div class="flex flex-wrap items-end gap-2">
          <FigureField
            v-for="{ name, unit, least, most, meaning } in sizes"
            :key="`${kind.kind} ${name}`"
            class="w-32"
            :label="capitalised(name.replaceAll('-', ' '))"
            :kind="unit === 'mm' ? 'length' : 'figure'"
            :unit="unit === 'degrees' ? '°' : undefined"
            :model-value="valueOf(name)"
            :limits="{ min: least, max: most, whole: unit === 'count' }"
            :title="meaning"
            @update:model-value="set(name, $event)"
          />
          <button type="submit" class="btn btn-main">{{ words.makeIt }}</button>
        </div>
        <p v-if="error" class="text-[13px] text-rowan" role="alert">{{ error }}</p>
        <p class="note">
          <strong>{{ kind.title }}.</strong>
          {{ last ? words.lastTimeMeasure(last.machine.name, last.stock.name) : words.laserSheetAsked }}
        </p>
      </div>
    </form>
  </BaseDialog>
</template>
