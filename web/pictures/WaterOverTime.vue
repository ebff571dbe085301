<script setup lang="ts">
import { computed } from 'vue'
import type { BatchSummary } from '@/api/types'
import { day, inShort } from '@/bench/batches'

/** One dot a batch: the water its dough had in the end, against the day. */
const { batches } = defineProps<{ batches: BatchSummary[] }>()

const WIDTH = 360
const HEIGHT = 150
const LEFT = 44
const BOTTOM = 24

const shown = computed(() => batches.filter(batch => batch.hydration_percent !== null))
const percents = computed(() => shown.value.map(batch => batch.hydration_percent ?? 0))
const least = computed(() => Math.floor(Math.min(...percents.value) / 5) * 5)
const most = computed(() => Math.max(least.value + 5, Math.ceil(Math.max(...percents.value) / 5) * 5))
const times = computed(() => shown.value.map(batch => Date.parse(batch.started_at)))
const first = computed(() => Math.min(...times.value))
const span = computed(() => Math.max(1, Math.max(...times.value) - first.value))

const dots = computed(() =>
  shown.value.map((batch, index) => ({
    id: batch.id,
    x: LEFT + 10 + ((WIDTH - LEFT - 30) * ((times.value[index] ?? 0) - first.value)) / span.value,
    y: y(batch.hydration_percent ?? 0),
    good: batch.is_good === true,
    title: `${day(batch.started_at)}: ${Math.round(batch.hydration_percent ?? 0)} %. ${batch.verdict ? inShort(batch.verdict) : ''}`,
  })),
)

function y(percent: number): number {
  return 10 + ((HEIGHT - BOTTOM - 16) * (most.value - percent)) / (most.value - least.value)
}
</script>

<template>
  <svg
    v-if="shown.length"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    aria-label="Water of each batch over time; the list beside it says the same"
  >
    <g v-for="mark in [least, (least + most) / 2, most]" :key="mark">
      <line :x1="LEFT" :x2="WIDTH - 8" :y1="y(mark)" :y2="y(mark)" class="grid" />
      <text :x="LEFT - 6" :y="y(mark) + 4" text-anchor="end">{{ mark }} %</text>
    </g>
    <circle
      v-for="dot in dots"
      :key="dot.id"
      :cx="dot.x"
      :cy="dot.y"
      r="6.5"
      :class="dot.good ? 'dot is-good' : 'dot'"
    >
      <title>{{ dot.title }}</title>
    </circle>
    <text :x="LEFT" :y="HEIGHT - 6">{{ day(shown[shown.length - 1]?.started_at ?? '') }}</text>
    <text v-if="shown.length > 1" :x="WIDTH - 8" :y="HEIGHT - 6" text-anchor="end">
      {{ day(shown[0]?.started_at ?? '') }}
    </text>
  </svg>
</template>

<style scoped>
text {
  fill: var(--ink-soft);
  font-size: 12px;
}

.grid {
  stroke: var(--panel-edge);
}

.dot {
  fill: var(--panel);
  stroke: var(--harm);
  stroke-width: 2.5;
}

.dot.is-good {
  fill: var(--ready);
  stroke: var(--ready);
}
</style>
