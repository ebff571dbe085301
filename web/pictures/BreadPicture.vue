<script setup lang="ts">
import { computed } from 'vue'
import type { Portrait } from '@/api/types'
import { breadShape, breadWindow } from './bread'

/** A bread as its own plan has it: so wide, so thick, of this flour, browned and puffed so far. All are drawn to one scale. */
const { portrait } = defineProps<{ portrait: Portrait | null }>()
const shape = computed(() => (portrait ? breadShape(portrait) : null))
</script>

<template>
  <svg class="bread-picture" :viewBox="breadWindow(portrait?.diameter_mm ?? 0)" aria-hidden="true">
    <template v-if="portrait && shape">
      <path :d="shape.side" :fill="portrait.side" class="bread-rim" />
      <path :d="shape.face" :fill="portrait.base" :class="{ 'bread-dome': portrait.puffs }" />
      <path :d="shape.spots" :fill="portrait.spot" />
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
