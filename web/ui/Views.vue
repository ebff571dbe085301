<script setup lang="ts" generic="T extends string">
import { ElSegmented } from 'element-plus'

/** Several views of one stage, one at a time. */
const { label, options } = defineProps<{ label: string; options: { value: T; label: string }[] }>()
const model = defineModel<T>({ required: true })
</script>

<template>
  <ElSegmented v-model="model" class="views" :options="options" :aria-label="label" />
</template>

<style scoped>
.views {
  --el-segmented-item-selected-bg-color: var(--active);
  --el-segmented-item-selected-color: var(--active-ink);
  --el-segmented-bg-color: var(--panel);
  --el-segmented-color: var(--ink);

  justify-self: start;
  min-height: var(--target);
  border: 1px solid var(--edge-strong);
  border-radius: var(--round);
  font-size: 1rem;
}

.views :deep(.el-segmented__item) {
  min-height: calc(var(--target) - 6px);
}
</style>
