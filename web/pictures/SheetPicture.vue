<script setup lang="ts">
import { computed } from 'vue'
import type { Shaping } from '@/api/types'
import { useUnits } from '@/ui/units'

/** One rolled sheet with its discs, to scale. */
type Generation = NonNullable<Shaping['cut']>['generations'][number]
const { sheet, cutter } = defineProps<{ sheet: Generation; cutter: number }>()
const units = useUnits()
const box = computed(() => `-2 -2 ${sheet.width_mm + 4} ${sheet.depth_mm + 4}`)
</script>

<template>
  <figure class="sheet">
    <svg
      :viewBox="box"
      role="img"
      :aria-label="`Rolling ${sheet.generation}: ${sheet.discs} discs from ${units.text(sheet.width_mm, 'mm')} by ${units.text(sheet.depth_mm, 'mm')}`"
    >
      <rect :width="sheet.width_mm" :height="sheet.depth_mm" rx="10" class="dough" />
      <circle
        v-for="(place, index) in sheet.places"
        :key="index"
        :cx="place.x"
        :cy="place.y"
        :r="cutter / 2"
        class="disc"
      />
    </svg>
    <figcaption>
      <strong>{{ sheet.discs }} {{ sheet.discs === 1 ? 'disc' : 'discs' }}</strong> from
      {{ units.text(sheet.width_mm, 'mm') }} × {{ units.text(sheet.depth_mm, 'mm') }},
      {{ units.text(sheet.offcut_percent, 'percent') }} offcuts. Drier by
      {{ sheet.drier_by_points.toFixed(1) }} points<template v-if="sheet.work_in_water_grams >= 0.5"
        >: work {{ units.text(sheet.work_in_water_grams, 'g') }} water into what is gathered</template
      >.
    </figcaption>
  </figure>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: 0.3rem;
  align-content: start;
  margin: 0;
}

.sheet svg {
  max-height: 7rem;
  width: 100%;
}

.dough {
  fill: var(--dough);
  opacity: 0.45;
}

.disc {
  fill: var(--dough);
  stroke: var(--dough-edge);
  stroke-width: 2;
}
</style>
