<script setup lang="ts">
import { computed, provide } from 'vue'
import { RouterView } from 'vue-router'
import GlossaryDialog from '@web/shell/GlossaryDialog.vue'
import MessageList from '@web/shell/MessageList.vue'
import WorkingDialog from '@web/shell/WorkingDialog.vue'
import { SAY } from '@web/parts/say'
import { useTheme } from '@web/parts/theme'
import { useUnits } from '@web/stores/units'

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
  <WorkingDialog />
  <GlossaryDialog />
</template>
