<script setup lang="ts">
import { computed } from 'vue'

/** The bowl filled to scale: dry below, water above it, one dough once it has been felt. */
const { dry, water, planned, mixed } = defineProps<{
  dry: number
  water: number
  planned: number
  mixed: boolean
}>()

const TOP = 18
const DEPTH = 76

const height = (grams: number) => Math.min(1.15, planned > 0 ? grams / planned : 0) * DEPTH * 0.82
const dryHeight = computed(() => height(dry))
const waterHeight = computed(() => height(water))
</script>

<template>
  <svg class="bowl-picture" viewBox="0 0 200 108" aria-hidden="true">
    <defs>
      <clipPath id="bowl-inside"><path d="M14 18 Q22 94 78 97 H122 Q178 94 186 18 Z" /></clipPath>
    </defs>
    <g clip-path="url(#bowl-inside)">
      <rect x="0" :y="TOP + DEPTH + 3 - dryHeight" width="200" :height="dryHeight" class="is-dough" />
      <rect
        x="0"
        :y="TOP + DEPTH + 3 - dryHeight - waterHeight"
        width="200"
        :height="waterHeight"
        :class="mixed ? 'is-dough' : 'is-water'"
      />
    </g>
    <path d="M8 16 H192 M14 18 Q22 94 78 97 H122 Q178 94 186 18" class="is-bowl" />
  </svg>
</template>

<style scoped>
.bowl-picture {
  width: 100%;
  max-height: 9rem;
}

.is-dough {
  fill: var(--dough);
}

.is-water {
  fill: var(--water);
}

.is-bowl {
  fill: none;
  stroke: var(--edge-strong);
  stroke-width: 4;
  stroke-linecap: round;
}
</style>
