<script setup lang="ts">
import { computed } from 'vue'
import { OPERATIONS, OUR_COLOURS } from '@core/machine'
import { pieceStatement } from '@core/testpiece'
import { useSay } from '@web/parts/say'
import { lineData } from '@web/parts/svg-path'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useTestPiece } from './test-piece'
import { useTrial } from './trial'
import { testPieceDrawing as words } from './words'

const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const { trial } = useTrial()
const piece = useTestPiece()
const colours = computed(() => jobs.job.measure.machine?.colours ?? OUR_COLOURS)
const layers = computed(() =>
  OPERATIONS.map((operation) => ({
    operation,
    d: piece.value.paths
      .filter((path) => path.operation === operation)
      .map(({ points, closed }) => lineData(points, closed))
      .join(''),
  })),
)
</script>

<template>
  <section class="card" :aria-label="words.drawingTestPiece">
    <svg
      class="max-h-80 w-full"
      :viewBox="`-2 ${-piece.height - 2} ${piece.width + 4} ${piece.height + 4}`"
      role="img"
      :aria-label="pieceStatement(trial, derived.box.thickness, say)"
    >
      <rect
        :y="-piece.height"
        :width="piece.width"
        :height="piece.height"
        fill="var(--paper)"
        stroke="var(--edge)"
        vector-effect="non-scaling-stroke"
      />
      <path
        v-for="layer in layers"
        :key="layer.operation"
        :d="layer.d"
        fill="none"
        :stroke="colours[layer.operation]"
        stroke-width="1.4"
        vector-effect="non-scaling-stroke"
        :data-layer="layer.operation"
      />
    </svg>
  </section>
</template>
