<script setup lang="ts">
/** A page on which a sheet of the cook's own is read: the way back, its name, and the rows that would be kept. */
const { back, place, title } = defineProps<{ back: string; place: string; title: string }>()
</script>

<template>
  <div class="sheet">
    <p>
      <RouterLink :to="{ name: back }">← {{ place }}</RouterLink>
    </p>
    <h1>{{ title }}</h1>
    <slot />
  </div>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: var(--gap);
  max-width: 84rem;
  margin: 0 auto;
  padding: 1.2rem;
}

.sheet > :deep(*) {
  min-width: 0;
  margin: 0;
}

.sheet > :deep(table) {
  border-collapse: collapse;
}

.sheet > :deep(table th),
.sheet > :deep(table td) {
  padding: 0.3rem 0.8rem 0.3rem 0;
  border-top: 1px solid var(--panel-edge);
  text-align: left;
  vertical-align: middle;
}

.sheet > :deep(table td .el-select) {
  min-width: 14rem;
}

.sheet > :deep(table .is-left) {
  color: var(--ink-soft);
}

@media (max-width: 52rem) {
  .sheet > :deep(table) {
    display: block;
    overflow-x: auto;
  }
}
</style>
