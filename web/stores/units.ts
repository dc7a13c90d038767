import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { z } from 'zod'
import { METRIC, sayIn, type Units } from '@core/length'
import { readPreference, writePreference } from '@web/data/preferences'

const schema = z.strictObject({
  length: z.enum(['mm', 'in']),
  fractions: z.boolean(),
  speed: z.enum(['mm/s', 'mm/min', 'in/min']),
})

function remembered(): Units {
  try {
    const read = schema.safeParse(JSON.parse(readPreference('units') ?? 'null'))
    return read.success ? read.data : METRIC
  } catch {
    return METRIC
  }
}

/** The units that this maker thinks in. Everything is kept in millimetres whatever is chosen. */
export const useUnits = defineStore('units', () => {
  const units = ref<Units>(remembered())
  watch(units, (now) => writePreference('units', JSON.stringify(now)), { deep: true })
  const say = computed(() => sayIn(units.value))
  const change = (part: Partial<Units>): void => {
    units.value = { ...units.value, ...part }
  }
  return { units, say, change }
})
