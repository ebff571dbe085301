<script setup lang="ts">
import { computed } from 'vue'
import type { Day } from '@/api/types'
import { clashBars, rowsOf, spanOf } from './dayLanes'
import { ticksOf } from './lanes'

/** Several batches on one day: a row each, hands above, griddle below, clashes hatched over both. */
const { day, now } = defineProps<{ day: Day; now: number }>()

const WIDTH = 1100
const LEFT = 190
const ROW = 46

const rows = computed(() => rowsOf(day))
const span = computed(() => spanOf(rows.value) ?? { from: now, until: now + 1 })
const scale = computed(() => (WIDTH - LEFT - 10) / (span.value.until - span.value.from))
const x = (at: number) => LEFT + (at - span.value.from) * scale.value
const ticks = computed(() =>
  ticksOf(new Date(span.value.from).toISOString(), (span.value.until - span.value.from) / 1000),
)
const isNowShown = computed(() => now >= span.value.from && now <= span.value.until)
</script>

<template>
  <svg class="day" :viewBox="`0 0 ${WIDTH} ${rows.length * ROW + 24}`" role="img" aria-labelledby="day-title">
    <title id="day-title">
      {{ rows.map(row => row.name).join(', ') }}: when each wants hands and when the griddle
    </title>
    <defs>
      <pattern id="clash" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="4" height="8" class="hatch" />
      </pattern>
    </defs>
    <g v-for="tick in ticks" :key="tick.seconds">
      <line
        :x1="x(span.from + tick.seconds * 1000)"
        :x2="x(span.from + tick.seconds * 1000)"
        y1="0"
        :y2="rows.length * ROW"
        class="tick"
      />
      <text :x="x(span.from + tick.seconds * 1000)" :y="rows.length * ROW + 18" text-anchor="middle">
        {{ tick.label }}
      </text>
    </g>
    <g v-for="(row, index) in rows" :key="row.id" :transform="`translate(0 ${index * ROW})`">
      <text x="0" y="26" class="name">{{ row.name }}</text>
      <rect
        :x="x(row.whole.from)"
        y="6"
        :width="Math.max(2, (row.whole.until - row.whole.from) * scale)"
        :height="ROW - 12"
        class="whole"
      />
      <rect
        v-for="(block, number) in row.hands"
        :key="number"
        :x="x(block.from)"
        y="9"
        :width="Math.max(2, (block.until - block.from) * scale)"
        height="13"
        class="hands"
      />
      <rect
        :x="x(row.griddle.from)"
        y="24"
        :width="Math.max(2, (row.griddle.until - row.griddle.from) * scale)"
        height="13"
        class="griddle"
      />
      <rect
        v-for="(clash, number) in clashBars(day, row.id)"
        :key="`clash-${number}`"
        :x="x(clash.from)"
        y="4"
        :width="Math.max(4, (clash.until - clash.from) * scale)"
        :height="ROW - 8"
        class="clash"
      />
    </g>
    <line v-if="isNowShown" :x1="x(now)" :x2="x(now)" y1="0" :y2="rows.length * ROW" class="now" />
  </svg>
</template>

<style scoped>
.day {
  width: 100%;
}

text {
  fill: var(--ink-soft);
  font-size: 14px;
}

.name {
  fill: var(--ink);
  font-weight: 600;
}

.tick {
  stroke: var(--panel-edge);
}

.whole {
  fill: var(--ground);
  stroke: var(--edge-strong);
}

.hands {
  fill: var(--active);
}

.griddle {
  fill: var(--heat-fill);
}

.hatch {
  fill: var(--harm);
}

.clash {
  fill: url('#clash');
  stroke: var(--harm);
  stroke-width: 2;
}

.now {
  stroke: var(--ready);
  stroke-width: 3;
}
</style>
