<script setup lang="ts">
import { ElCollapse, ElCollapseItem } from 'element-plus'
import { computed } from 'vue'
import { remembered } from './remembered'

/** What explains or adds, behind its name, open or shut as it was left. */
const {
  name,
  title,
  quiet = false,
  opened = false,
} = defineProps<{
  name: string
  title: string
  /** A line within a panel, not a panel of its own. */
  quiet?: boolean
  /** Open until somebody shuts it. */
  opened?: boolean
}>()
const left = remembered<'shut' | 'open'>(`fold.${name}`, opened ? 'open' : 'shut')
const open = computed({
  get: () => (left.value === 'open' ? [name] : []),
  set: (now: string[]) => (left.value = now.length ? 'open' : 'shut'),
})
</script>

<template>
  <ElCollapse
    v-model="open"
    class="fold"
    :class="[quiet ? 'is-quiet' : 'panel', { 'is-shut': !open.length }]"
  >
    <ElCollapseItem :name="name" :title="title"><slot v-if="open.length" /></ElCollapseItem>
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

/* Shut ones stand side by side on a phone at the bench. */
@media (max-width: 48rem) {
  :root[data-view='bench'] .fold:not(.is-quiet) {
    padding-inline: 0.7rem;
  }

  :root[data-view='bench'] .fold:not(.is-quiet) :deep(.el-collapse-item__header) {
    font-size: 0.95rem;
    line-height: 1.15;
    overflow-wrap: anywhere;
  }
}

.fold.is-quiet {
  padding: 0;
  border: 0;
}

.fold.is-quiet :deep(.el-collapse-item__header) {
  color: var(--active);
  font: inherit;
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
