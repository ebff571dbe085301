<script setup lang="ts">
import { computed } from 'vue'
import type { Practice } from '@/api/types'
import { shadeColour } from '@/pictures/shade'

/** The bread as a cook sees it: the face that is up, its spots, how wet it shines, steam, and whether it has puffed. */
const { seen, laid } = defineProps<{ seen: Practice['seen'] | null; laid: boolean }>()
/** Fixed places, so that the same bread always has its spots where they were. */
const SPOTS = Array.from({ length: 34 }, (_, index) => {
  const angle = index * 2.399963
  const far = 86 * Math.sqrt((index + 0.5) / 34)
  return { x: far * Math.cos(angle), y: far * Math.sin(angle), r: 4 + ((index * 7) % 6) }
})
const rest = computed(() => shadeColour(seen?.top_rest_shade ?? 0))
const spot = computed(() => shadeColour(seen?.top_shade ?? 0))
const words = computed(() => {
  if (!laid || !seen) return 'The griddle is empty.'
  const steam = { none: 'No steam', some: 'A little steam', much: 'Much steam' }[seen.steam]
  return `${seen.first_face_up ? 'First' : 'Second'} face up. ${steam}.${seen.puffed ? ' It has puffed.' : ''}`
})
</script>

<template>
  <svg class="plate" viewBox="-150 -172 300 322" role="img" :aria-label="words">
    <circle r="142" class="iron" />
    <g v-if="laid && seen">
      <ellipse v-if="seen.puffed" cx="6" cy="10" rx="112" ry="110" class="shadow" />
      <circle :r="seen.puffed ? 108 : 102" :fill="rest" class="bread" />
      <g v-if="seen.first_face_up || seen.top_shade > 0.02">
        <circle v-for="(one, index) in SPOTS" :key="index" :cx="one.x" :cy="one.y" :r="one.r" :fill="spot" />
      </g>
      <circle r="98" class="shine" :opacity="Math.min(0.5, Math.max(0, seen.top_wet - 0.4))" />
      <ellipse v-if="seen.puffed" cx="-22" cy="-26" rx="46" ry="40" class="glow" />
      <g v-if="seen.steam !== 'none'" class="steam" :class="`is-${seen.steam}`">
        <path d="M-60 -96 q12 -14 0 -28 q-12 -14 0 -26" />
        <path d="M0 -104 q12 -14 0 -28 q-12 -14 0 -16" />
        <path d="M60 -96 q12 -14 0 -28 q-12 -14 0 -26" />
      </g>
    </g>
  </svg>
</template>

<style scoped>
.plate {
  width: 100%;
  max-height: 22rem;
}

.iron {
  fill: var(--iron);
  stroke: var(--iron-edge);
  stroke-width: 6;
}

.bread {
  stroke: #6b5223;
  stroke-width: 2;
}

.shadow {
  fill: #000000;
  opacity: 0.35;
}

.shine,
.glow {
  fill: #ffffff;
}

.glow {
  opacity: 0.28;
}

.steam path {
  fill: none;
  stroke: #ffffff;
  stroke-linecap: round;
  stroke-width: 4;
}

.steam.is-much path {
  stroke-width: 9;
}
</style>
