<script setup lang="ts">
import { computed } from 'vue'
import type { Face, Faces } from '@core/art'
import { pictureImage } from './picture-image'
import { lineData, regionData } from './svg-path'

/**
 * What is burnt into a panel, seen from outside: areas filled, lines followed, pockets bordered. What is on
 * the inside face is pale and dashed.
 */
const props = defineProps<{ faces?: Faces }>()
const sides = computed((): { side: string; face: Face; isBehind: boolean }[] =>
  props.faces
    ? [
        { side: 'inside', face: props.faces.inside, isBehind: true },
        { side: 'outside', face: props.faces.outside, isBehind: false },
      ]
    : [],
)
const areasOf = ({ engraved, own }: Face): string =>
  [...engraved, ...own.flatMap(({ areas }) => areas)].map(regionData).join('')
const linesOf = ({ scored, own }: Face): string =>
  [...scored, ...own.flatMap(({ lines }) => lines)]
    .map(({ points, closed }) => lineData(points, closed))
    .join('')
const pocketsOf = ({ pockets }: Face): string => pockets.map(({ area }) => regionData(area)).join('')
</script>

<template>
  <g
    v-for="{ side, face, isBehind } in sides"
    :key="side"
    data-testid="face"
    :data-side="side"
    pointer-events="none"
    :opacity="isBehind ? 0.45 : 1"
  >
    <image
      v-for="(picture, i) in face.pictures"
      :key="i"
      width="1"
      height="1"
      preserveAspectRatio="none"
      :href="pictureImage(picture).href"
      :transform="pictureImage(picture).transform"
    />
    <path
      :d="pocketsOf(face)"
      fill="var(--ply-second)"
      fill-opacity="0.6"
      fill-rule="evenodd"
      stroke="var(--ink)"
      stroke-width="0.8"
      stroke-dasharray="3 2"
      vector-effect="non-scaling-stroke"
      data-mark="pocket"
    />
    <path :d="areasOf(face)" fill="var(--ply-edge)" fill-rule="evenodd" />
    <path
      :d="linesOf(face)"
      fill="none"
      stroke="var(--ink)"
      stroke-width="0.8"
      :stroke-dasharray="isBehind ? '3 2' : undefined"
      vector-effect="non-scaling-stroke"
    />
  </g>
</template>
