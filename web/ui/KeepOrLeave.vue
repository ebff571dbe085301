<script setup lang="ts">
import { ElButton } from 'element-plus'

/** The two ways out of a form. */
const { keep = 'Keep it', leave = 'Leave it' } = defineProps<{
  keep?: string
  leave?: string
  disabled?: boolean
}>()
const emit = defineEmits<{ leave: [] }>()
</script>

<template>
  <div class="row">
    <ElButton type="primary" native-type="submit" :disabled="disabled">{{ keep }}</ElButton>
    <ElButton @click="emit('leave')">{{ leave }}</ElButton>
  </div>
</template>
