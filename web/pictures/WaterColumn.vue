<script setup lang="ts">
import { computed } from 'vue'
import type { FeelAnswer, Plan } from '@/api/types'
import { useUnits } from '@/ui/units'
import { columnOf } from './column'

/** The water standing in a column: poured, the first pour, the reserve, and how likely each level is to be ready. */
const { plan, poured, answers } = defineProps<{ plan: Plan; poured: number; answers: FeelAnswer[] }>()
const units = useUnits()
const column = computed(() => columnOf(plan, poured, answers))
const says = computed(() => {
  const { first_pour_grams, grams, usual_grams } = plan.water
  const usual = usual_grams
    ? `, practice from ${units.text(usual_grams.low, 'g')} to ${units.text(usual_grams.high, 'g')}`
    : ''
  return `First pour ${units.text(first_pour_grams.value, 'g')}, all water ${units.text(grams.value, 'g')}, poured so far ${units.text(poured, 'g')}${usual}`
})
</script>

<template>
  <svg class="column" viewBox="0 0 330 420" role="img" :aria-label="says">
    <rect x="96" y="10" width="64" height="400" rx="6" class="glass" />
    <rect x="96" :y="column.pouredY" width="64" :height="410 - column.pouredY" class="poured" />
    <rect x="96" :y="column.allY" width="64" :height="column.firstY - column.allY" class="reserve" />
    <rect
      v-if="column.usual"
      x="86"
      width="6"
      rx="3"
      :y="column.usual.top"
      :height="column.usual.bottom - column.usual.top"
      class="usual"
    />
    <path :d="column.bell" class="bell" />
    <line x1="88" x2="168" :y1="column.firstY" :y2="column.firstY" class="first" />
    <line x1="88" x2="168" :y1="column.allY" :y2="column.allY" class="all" />
    <text x="82" :y="column.firstY + 15" text-anchor="end" class="strong">
      {{ units.text(plan.water.first_pour_grams.value, 'g') }}
    </text>
    <text x="82" :y="column.firstY + 31" text-anchor="end">first pour</text>
    <text x="82" :y="column.allY - 20" text-anchor="end" class="strong">
      {{ units.text(plan.water.grams.value, 'g') }}
    </text>
    <text x="82" :y="column.allY - 5" text-anchor="end">all of it</text>
    <g v-for="grade in column.grades" :key="grade.grade">
      <line x1="236" x2="244" :y1="grade.y" :y2="grade.y" class="tick" />
      <text x="249" :y="grade.y + 5" :class="{ strong: grade.grade === 'ready' }">
        {{ grade.name }}
      </text>
    </g>
    <text
      v-if="poured > 0"
      x="128"
      :y="Math.min(404, column.pouredY + 18)"
      text-anchor="middle"
      class="in-water"
    >
      {{ units.text(poured, 'g') }}
    </text>
  </svg>
</template>

<style scoped>
.column {
  width: 100%;
  max-height: 27rem;
}

text {
  fill: var(--ink-soft);
  font-size: 14px;
}

.strong {
  fill: var(--ink);
  font-weight: 600;
  font-size: 16px;
}

.glass {
  fill: var(--ground);
  stroke: var(--edge-strong);
  stroke-width: 2;
}

.poured {
  fill: var(--water);
}

.in-water {
  fill: #16202e;
  font-weight: 600;
}

.reserve {
  fill: none;
  stroke: var(--active);
  stroke-width: 2;
  stroke-dasharray: 5 4;
}

.usual {
  fill: var(--edge-strong);
  opacity: 0.55;
}

.bell {
  fill: var(--heat-fill);
  opacity: 0.55;
}

.first,
.all {
  stroke: var(--active);
  stroke-width: 3;
}

.tick {
  stroke: var(--edge-strong);
}
</style>
