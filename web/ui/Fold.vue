<script setup lang="ts">
import { ElCollapse, ElCollapseItem } from 'element-plus'
import { computed } from 'vue'
import { remembered } from './remembered'

/** What explains or adds, behind its name, open or shut as it was left. */
const { name, title } = defineProps<{ name: string; title: string }>()
const left = remembered<'' | 'open'>(`fold.${name}`, '')
const open = computed({
  get: () => (left.value ? [name] : []),
  set: (now: string[]) => (left.value = now.length ? 'open' : ''),
})
</script>

<template>
  <ElCollapse v-model="open" class="fold panel">
    <ElCollapseItem :name="name" :title="title"><slot v-if="left" /></ElCollapseItem>
  </ElCollapse>
</template>

<style scoped>
.fold {
  padding: 0.1rem 1rem;
}

.fold :deep(.el-collapse-item__header) {
  min-height: var(--target);
  border: 0;
  background: none;
  color: var(--ink);
  font: 600 1.1rem var(--font-head);
}

.fold :deep(.el-collapse-item__wrap) {
  border: 0;
  background: none;
}

.fold :deep(.el-collapse-item__content) {
  padding-bottom: 0.8rem;
  color: var(--ink);
  font-size: 1rem;
  line-height: 1.4;
}
</style>
