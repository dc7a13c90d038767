<script setup lang="ts">
import type { Panel } from '@core/assembly'
import type { Divided } from '@core/derive'
import { regionData } from './svg-path'

/** Where a panel that is cut in pieces is divided; nothing on one that is whole. */
const props = defineProps<{ panel: Panel; divided: Divided[] }>()
const data = (): string => {
  const own = props.divided.find(({ panel }) => panel.id === props.panel.id)?.pieces ?? []
  return own.map(({ region }) => regionData(region)).join('')
}
</script>

<template>
  <path
    :d="data()"
    fill="none"
    stroke="var(--ply-edge)"
    vector-effect="non-scaling-stroke"
    data-testid="seams"
  />
</template>
