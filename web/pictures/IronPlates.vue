<script setup lang="ts">
import type { Plate } from './plate'

/** The griddle from above, or the pans that stand side by side: drawn inside another picture. */
defineProps<{ plate: Plate }>()
</script>

<template>
  <rect
    v-if="!plate.round"
    :x="-plate.width / 2"
    :y="-plate.depth / 2"
    :width="plate.width"
    :height="plate.depth"
    rx="12"
    class="plate"
  />
  <circle
    v-for="(iron, index) in plate.irons"
    :key="index"
    :cx="iron.x"
    :cy="iron.y"
    :r="iron.radius"
    class="plate"
  />
</template>

<style scoped>
.plate {
  fill: var(--iron);
  stroke: var(--iron-edge);
  stroke-width: 8;
}
</style>
