<script setup lang="ts">
import type { Symptom } from '@/api/types'
import { BASES, SYMPTOMS } from './symptom'

/** What is wrong, as it looks; its name stands beside it. */
const { symptom } = defineProps<{ symptom: Symptom }>()
</script>

<template>
  <svg viewBox="0 0 64 44" class="symptom" aria-hidden="true">
    <path :d="BASES[SYMPTOMS[symptom].base]" class="is-dough" />
    <path v-for="mark in SYMPTOMS[symptom].marks" :key="mark.d" :d="mark.d" :class="`is-${mark.as}`" />
  </svg>
</template>

<style scoped>
.symptom {
  width: 100%;
  height: auto;
}

.is-dough {
  fill: var(--dough);
  stroke: var(--dough-edge);
  stroke-width: 1.5;
}

.is-line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
  stroke-linecap: round;
  stroke-linejoin: round;
}

.is-wet {
  fill: var(--water);
  stroke: var(--water);
  stroke-width: 1.5;
}

.is-dark {
  fill: var(--iron-edge);
}

.is-heat {
  fill: var(--heat-fill);
}

.is-pale {
  fill: #fffaf0;
  stroke: var(--dough-edge);
  stroke-width: 1;
}

.is-air {
  fill: var(--panel);
  stroke: var(--dough-edge);
  stroke-width: 1;
}
</style>
