import { shallowRef, watch, type Ref, type ShallowRef } from 'vue'
import type { Job } from '@core/job'
import { oncePainted } from '@web/once-painted'
import { useBench } from './bench'

/**
 * What the bench knows differently from a job's copies. It weighs all that was ever measured: that waits
 * until the page is painted, and is done again only where the job's copies or the bench's records are others.
 */
export function newerFigures(
  measure: Ref<Job['measure'] | undefined>,
  tune: Ref<Job['tune'] | undefined>,
): ShallowRef<string[]> {
  const bench = useBench()
  const newer = shallowRef<string[]>([])
  let callOff = (): void => undefined
  const look = (): void => {
    newer.value =
      measure.value && tune.value ? bench.newerThan({ measure: measure.value, tune: tune.value }) : []
  }
  const records = (): unknown[] => [
    ...[bench.machines, bench.stocks, bench.kerfs, bench.tests],
    ...[bench.tastes, bench.events, bench.checks, bench.promises],
  ]
  watch(
    [measure, tune, records],
    () => {
      callOff()
      callOff = oncePainted(look)
    },
    { immediate: true },
  )
  return newer
}
