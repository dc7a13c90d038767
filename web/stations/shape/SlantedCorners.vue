<script setup lang="ts">
import { computed } from 'vue'
import { cornerSection, slantedEdges } from '@core/angled'
import { short } from '@core/length'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import SectionPicture from './SectionPicture.vue'
import { slantedCorners as words } from './words'

/** Corners that are not square, those alike once: what square edges leave there, as figures and drawn. */
const derived = useDerived()
const say = useSay()
const corners = computed(() => {
  const { made } = derived.box
  const rows = (made?.angled ? slantedEdges(made.angled) : []).map(
    ({ angle, gap, proud, thickness, ends }) => ({
      leaves: [
        words.openWedge(say.value.length(gap, 1)),
        ...(proud > 0.005 ? [words.endsProud(say.value.length(proud, 1))] : []),
      ].join(', '),
      angle: `${short(angle, 1)}°`,
      // The wedge is widest where the thicker sheet stops.
      section: cornerSection(angle, Math.min(...thickness), Math.max(...thickness), ends),
    }),
  )
  return [...new Map(rows.map((row) => [`${row.angle} ${row.leaves}`, row])).values()]
})
const anyProud = computed(() => corners.value.some(({ section }) => section.proud.length > 2))
</script>

<template>
  <div v-if="corners.length > 0" class="note" data-testid="slants">
    <p>{{ words.laserCutsSquare }}</p>
    <ul class="mt-1 grid grid-cols-2 gap-2">
      <li v-for="corner in corners" :key="`${corner.angle} ${corner.leaves}`">
        <SectionPicture :section="corner.section" />
        {{ corner.angle }}: {{ corner.leaves }}
      </li>
    </ul>
    <p class="mt-1 flex flex-wrap gap-x-4">
      <span>
        <i class="key bg-gorse" />
        {{ words.staysOpen }}
      </span>
      <span v-if="anyProud">
        <i class="key hatched" />
        {{ words.standsProudSand }}
      </span>
    </p>
  </div>
</template>

<style scoped>
.key {
  display: inline-block;
  width: 0.75em;
  height: 0.75em;
  border: 1px solid currentColor;
}
.hatched {
  background: repeating-linear-gradient(45deg, var(--rowan) 0 1.5px, var(--sheet) 1.5px 3.5px);
}
</style>
