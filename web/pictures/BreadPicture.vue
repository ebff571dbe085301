<script setup lang="ts">
import { computed } from 'vue'
import type { Portrait } from '@/api/types'
import { breadShape } from './bread'

/** A bread as its own plan has it: so wide, so thick, of this flour, browned and puffed so far. All are drawn to one scale. */
const { portrait } = defineProps<{ portrait: Portrait | null }>()
/** The widest that is drawn whole; what is wider fills the picture. */
const WIDEST_MM = 190
const shape = computed(() => (portrait ? breadShape(portrait) : null))
const width = computed(() => Math.max(WIDEST_MM, (portrait?.diameter_mm ?? 0) + 10))
</script>

<template>
  <svg
    class="bread-picture"
    :viewBox="`${-width / 2} ${-width * 0.32} ${width} ${width * 0.64}`"
    aria-hidden="true"
  >
    <template v-if="portrait && shape">
      <path :d="shape.side" :fill="portrait.side" class="bread-rim" />
      <path :d="shape.face" :fill="portrait.base" :class="{ 'bread-dome': portrait.puffs }" />
      <ellipse
        v-for="(spot, index) in shape.spots"
        :key="index"
        :cx="spot.x"
        :cy="spot.y"
        :rx="spot.rx"
        :ry="spot.ry"
        :fill="portrait.spot"
      />
    </template>
  </svg>
</template>

<style scoped>
.bread-picture {
  display: block;
  width: 100%;
}

.bread-rim {
  stroke: var(--edge-strong);
  stroke-width: 1.2;
}

/* Light from above falls off where the dome bends down to its rim. */
.bread-dome {
  filter: drop-shadow(0 1.5px 1.5px rgb(60 40 20 / 35%));
}
</style>
