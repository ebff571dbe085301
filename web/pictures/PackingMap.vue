<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, PlanRequest } from '@/api/types'
import { useUnits } from '@/ui/units'
import IronPlates from './IronPlates.vue'
import { plateOf } from './plate'

/** How many discs the griddle takes at once, seen from above and to scale. */
const { plan, request } = defineProps<{ plan: Plan; request: PlanRequest }>()
const units = useUnits()
const places = computed(() => plan.griddle.places)
const diameter = computed(() => plan.shape.diameter_mm.value)
const plate = computed(() => plateOf(plan, request))
</script>

<template>
  <figure class="packing">
    <svg
      :viewBox="plate.viewBox"
      role="img"
      :aria-label="`${places.length} discs of ${units.text(diameter, 'mm')} fit on the griddle at once`"
    >
      <IronPlates :plate="plate" />
      <g v-for="(place, index) in places" :key="index">
        <ellipse :cx="place.x" :cy="place.y" v-bind="plate.piece" class="disc" />
        <text :x="place.x" :y="place.y + plate.width / 40" :font-size="plate.width / 14">
          {{ index + 1 }}
        </text>
      </g>
    </svg>
    <figcaption>
      <strong>{{ places.length }}</strong> at once
    </figcaption>
  </figure>
</template>

<style scoped>
.packing {
  display: grid;
  gap: 0.3rem;
  align-content: start;
  justify-items: center;
  margin: 0;
}

.packing svg {
  width: 100%;
  max-height: 13rem;
}

.disc {
  fill: var(--dough);
  stroke: var(--dough-edge);
  stroke-width: 2;
}

text {
  fill: #2b2418;
  font-family: var(--font-head);
  text-anchor: middle;
}
</style>
