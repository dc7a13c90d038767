import { computed, inject, type ComputedRef, type InjectionKey } from 'vue'
import { IN_METRIC, type Say } from '@core/length'

/** How lengths and speeds are said on this page; whoever holds the choice provides it. */
export const SAY: InjectionKey<ComputedRef<Say>> = Symbol('say')

export const useSay = (): ComputedRef<Say> => inject(SAY, () => computed(() => IN_METRIC), true)
