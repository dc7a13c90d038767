<script setup lang="ts">
import { computed, defineAsyncComponent, provide, ref, watch } from 'vue'
import { RouterView } from 'vue-router'
import MessageList from '@web/shell/MessageList.vue'
import { SAY } from '@web/parts/say'
import { useGlossary } from '@web/parts/glossary'
import { useTheme } from '@web/parts/theme'
import { useWorking } from '@web/parts/working'
import { useUnits } from '@web/stores/units'

/** Each comes when it is first asked for. */
const WorkingDialog = defineAsyncComponent(() => import('@web/shell/WorkingDialog.vue'))
const GlossaryDialog = defineAsyncComponent(() => import('@web/shell/GlossaryDialog.vue'))
const asked = ref({ working: false, glossary: false })
const [working, glossary] = [useWorking().shown, useGlossary().shown]
watch(working, () => (asked.value.working = true))
watch(glossary, () => (asked.value.glossary = true))

useTheme()
const units = useUnits()
provide(
  SAY,
  computed(() => units.say),
)
</script>

<template>
  <RouterView />
  <MessageList />
  <WorkingDialog v-if="asked.working" />
  <GlossaryDialog v-if="asked.glossary" />
</template>
