<script setup lang="ts">
import { computed } from 'vue'
import type { Plan } from '@/api/types'
import { useUnits } from '@/ui/units'

/** How much drier or wetter a dough feels than when it was mixed, minute by minute, and where its rest ends. */
const { rest } = defineProps<{ rest: Plan['rest'] }>()
const units = useUnits()
const WIDTH = 420
const HEIGHT = 130
const LEFT = 8
const TOP = 18
const FOOT = 26
const last = computed(() => rest.course[rest.course.length - 1])
const reach = computed(() => Math.max(1, ...rest.course.map(one => Math.abs(one.points))))
const slackens = computed(() => (last.value?.points ?? 0) < 0)
const x = (minutes: number) => LEFT + ((WIDTH - 2 * LEFT) * minutes) / Math.max(1, last.value?.minutes ?? 1)
const y = (points: number) =>
  slackens.value
    ? TOP + ((HEIGHT - TOP - FOOT) * -points) / reach.value
    : HEIGHT - FOOT - ((HEIGHT - TOP - FOOT) * points) / reach.value
const line = computed(() => rest.course.map(one => `${x(one.minutes)},${y(one.points)}`).join(' '))
const atEnd = computed(() => ({ minutes: rest.seconds / 60, points: rest.tightens_points }))
const says = computed(
  () =>
    `After ${units.text(atEnd.value.minutes, 'min')} it feels ${Math.abs(atEnd.value.points).toFixed(0)} points ${slackens.value ? 'wetter' : 'drier'} than when it was mixed.`,
)
</script>

<template>
  <figure class="course">
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="says">
      <line :x1="LEFT" :x2="WIDTH - LEFT" :y1="y(0)" :y2="y(0)" class="base" />
      <polyline :points="line" class="line" />
      <g>
        <line :x1="x(atEnd.minutes)" :x2="x(atEnd.minutes)" :y1="TOP - 6" :y2="HEIGHT - FOOT" class="end" />
        <circle :cx="x(atEnd.minutes)" :cy="y(atEnd.points)" r="5" class="dot" />
      </g>
      <text :x="LEFT" :y="HEIGHT - 6">mixed</text>
      <text :x="WIDTH - LEFT" :y="HEIGHT - 6" text-anchor="end">
        {{ units.text(last?.minutes ?? 0, 'min') }}
      </text>
    </svg>
    <figcaption>{{ says }}</figcaption>
  </figure>
</template>

<style scoped>
.course {
  width: min(30rem, 100%);
  margin: 0;
}

.course svg {
  width: 100%;
}

.base {
  stroke: var(--edge-strong);
}

.line {
  fill: none;
  stroke: var(--water);
  stroke-width: 3;
}

.end {
  stroke: var(--ink);
  stroke-dasharray: 4 4;
}

.dot {
  fill: var(--ink);
}

text {
  fill: var(--ink-soft);
  font: 400 13px var(--font-text);
}
</style>
