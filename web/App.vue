<script setup lang="ts">
import { RouterView } from 'vue-router'
import MessageList from '@web/shell/MessageList.vue'
import WorkingDialog from '@web/shell/WorkingDialog.vue'
import { useTheme } from '@web/shell/theme'

useTheme()
</script>

<template>
  <RouterView />
  <MessageList />
  <WorkingDialog />
</template>
