<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import { fixed } from '@core/length'
import { familySchema } from '@core/stock'
import { useBench } from '@web/stores/bench'

const bench = useBench()
const families = computed(() =>
  familySchema.options.flatMap((family) => {
    const taste = bench.tasteOf(family)
    return taste
      ? [{ family, taste, records: bench.tastes.filter((record) => record.family === family) }]
      : []
  }),
)
</script>

<template>
  <section class="card text-sm" aria-labelledby="taste-title">
    <h2 id="taste-title">Your own snug</h2>
    <p v-if="families.length === 0" class="note mt-1">
      Not known yet. A fit comb or a verdict in a log says at which interference a joint is just right in your
      hands, apart from kerf.
    </p>
    <div v-for="{ family, taste, records } in families" :key="family" class="mt-1.5">
      <p>
        <strong>{{ family }}</strong>
        :
        <span class="num">{{ fixed(taste.offset, 3) }} ± {{ fixed(1.96 * taste.sd, 3) }} mm</span>
      </p>
      <ul class="text-[12px] text-quiet">
        <li v-for="record in records" :key="record.id" class="flex items-center gap-1">
          <span class="num flex-1">
            {{ record.from }} {{ fixed(record.interference, 3) }} ± {{ fixed(record.doubt, 3) }},
            {{ record.note }}
          </span>
          <button
            type="button"
            class="btn-icon p-1"
            :aria-label="`Remove ${record.from} ${fixed(record.interference, 3)}`"
            @click="bench.remove('tastes', record.id)"
          >
            <Trash2 :size="13" />
          </button>
        </li>
      </ul>
    </div>
  </section>
</template>
