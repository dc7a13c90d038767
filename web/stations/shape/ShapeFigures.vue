<script setup lang="ts">
import { computed } from 'vue'
import { sizeWorking } from '@core/job'
import { shareWorking, type Size } from '@core/box'
import { fixed } from '@core/length'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'

const jobs = useJob()
const derived = useDerived()
const say = ({ x, y, z }: Size): string => `${fixed(x, 2)} × ${fixed(y, 2)} × ${fixed(z, 2)}`
const working = computed(() => sizeWorking(derived.box, jobs.job!.box))
const edges = computed(() => {
  const { shell } = derived.box
  if (!shell) return []
  const { rule, width } = jobs.job!.box.tabs
  return [
    ['front-floor', 'width'],
    ['left-floor', 'depth'],
    ['front-left', 'height'],
  ].flatMap(([id, name]) => {
    const edge = shell.edges.find((each) => each.id === id)
    return edge
      ? [{ name, working: shareWorking(`the ${name}`, rule, edge.to - edge.from, width, edge.shares) }]
      : []
  })
})
</script>

<template>
  <div class="card flex flex-wrap gap-x-6 gap-y-1 py-2!">
    <WorkedFigure
      label="Outside, mm"
      :text="say(derived.box.sizes.outer)"
      :working="jobs.job!.box.sizesAre === 'inner' ? working : undefined"
    />
    <WorkedFigure
      label="Inside, mm"
      :text="say(derived.box.sizes.inner)"
      :working="jobs.job!.box.sizesAre === 'outer' ? working : undefined"
    />
    <WorkedFigure
      v-for="edge in edges"
      :key="edge.name"
      :label="`Tabs along the ${edge.name}`"
      :text="edge.working.result"
      :working="edge.working"
    />
    <WorkedFigure
      label="Fit"
      :text="`${derived.box.fit.word}, gap ${fixed(derived.box.fit.gap, 3)} mm`"
      :working="derived.box.fit.working"
    />
  </div>
</template>
