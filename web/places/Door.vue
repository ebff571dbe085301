<script setup lang="ts">
import KeepForm from '@/ui/KeepForm.vue'

/** The page before the kitchen: one form, one thing that can go wrong at a time. */
const { heading, doing } = defineProps<{ heading: string; doing: () => Promise<unknown> }>()
</script>

<template>
  <KeepForm class="door panel stack" :label="heading" :doing="doing">
    <svg viewBox="0 0 200 70" aria-hidden="true">
      <ellipse cx="100" cy="48" rx="78" ry="18" class="door-lower" />
      <ellipse cx="100" cy="38" rx="78" ry="18" class="door-upper" />
      <ellipse cx="100" cy="33" rx="50" ry="10" class="door-dough" />
    </svg>
    <h1>{{ heading }}</h1>
    <slot />
    <template #acts><slot name="acts" /></template>
  </KeepForm>
</template>

<style scoped>
.door {
  width: min(24rem, 92vw);
  margin: 8vh auto 0;
  padding: 1.5rem;
}

.door-lower {
  fill: var(--edge-strong);
}

.door-upper {
  fill: var(--panel-edge);
  stroke: var(--edge-strong);
}

.door-dough {
  fill: var(--dough);
  stroke: var(--dough-edge);
}
</style>
