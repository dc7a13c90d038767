import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { METRIC, sayIn, type Units } from '@core/length'
import { readPreference, writePreference } from '@web/data/preferences'

const CHOICES = { length: ['mm', 'in'], speed: ['mm/s', 'mm/min', 'in/min'] }

/** By hand: a schema for three words would bring its whole package onto the first page. */
function isUnits(value: unknown): value is Units {
  const { length, fractions, speed } = (value ?? {}) as Record<string, unknown>
  const among = (list: string[], word: unknown): boolean => list.includes(word as string)
  return among(CHOICES.length, length) && among(CHOICES.speed, speed) && typeof fractions === 'boolean'
}

function remembered(): Units {
  try {
    const read: unknown = JSON.parse(readPreference('units') ?? 'null')
    return isUnits(read) ? read : METRIC
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
