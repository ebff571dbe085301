<script setup lang="ts">
import { ElButton } from 'element-plus'

/** Shows all of a long row, and few of it again. */
const { all } = defineProps<{ all: string }>()
const shown = defineModel<boolean>({ required: true })
</script>

<template>
  <ElButton @click="shown = !shown">{{ shown ? 'Fewer' : all }}</ElButton>
</template>
