import type { Component } from 'vue'
import type { Station } from '@core/say'

/** Each station comes when somebody goes there. */
export const STATION_CODE: Record<Station, () => Promise<{ default: Component }>> = {
  measure: () => import('@web/stations/measure/MeasureStation.vue'),
  shape: () => import('@web/stations/shape/ShapeStation.vue'),
  layout: () => import('@web/stations/layout/LayoutStation.vue'),
  tune: () => import('@web/stations/tune/TuneStation.vue'),
  cut: () => import('@web/stations/cut/CutStation.vue'),
  build: () => import('@web/stations/build/BuildStation.vue'),
  log: () => import('@web/stations/log/LogStation.vue'),
}
