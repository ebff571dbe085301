<script setup lang="ts">
import { computed } from 'vue'
import type { Calibration, CalibrateQuestion } from '@/api/types'
import { clock, useUnits } from '@/ui/units'
import { ticksOf } from './section'

/** How a griddle warms: what was read, the curve through it, the heat it comes to with its spread, and when it is ready. */
const { calibration, readings } = defineProps<{
  calibration: Calibration
  readings: NonNullable<CalibrateQuestion['readings']>
}>()
const units = useUnits()
const WIDTH = 520
const HEIGHT = 180
const surface = computed(() => calibration.surface_celsius)
const end = computed(() =>
  Math.max(60, calibration.warm_up?.curve.at(-1)?.seconds ?? 0, ...readings.map(one => one.seconds)),
)
const top = computed(() => Math.max(surface.value.high, ...readings.map(one => one.celsius)) + 15)
const x = (seconds: number) => 44 + (seconds / end.value) * WIDTH
const y = (celsius: number) => 12 + HEIGHT * (1 - celsius / top.value)
const curve = computed(() =>
  (calibration.warm_up?.curve ?? []).map(one => `${x(one.seconds)},${y(one.celsius)}`).join(' '),
)
const spoken = computed(
  () =>
    `${readings.length} readings. It comes to ${units.text(surface.value.value, 'celsius')}, between ${units.text(surface.value.low, 'celsius')} and ${units.text(surface.value.high, 'celsius')}.` +
    (calibration.preheat_seconds === null ? '' : ` Ready after ${clock(calibration.preheat_seconds)}.`),
)
</script>

<template>
  <svg class="warm" viewBox="0 0 580 226" role="img" :aria-label="spoken">
    <rect
      x="44"
      :y="y(surface.high)"
      :width="WIDTH"
      :height="y(surface.low) - y(surface.high)"
      class="band"
    />
    <line x1="44" :x2="44 + WIDTH" :y1="y(surface.value)" :y2="y(surface.value)" class="level" />
    <text x="40" :y="y(surface.value) + 5" class="side">{{ Math.round(surface.value) }}</text>
    <polyline v-if="curve" :points="curve" class="curve" />
    <circle
      v-for="(one, index) in readings"
      :key="index"
      :cx="x(one.seconds)"
      :cy="y(one.celsius)"
      r="5"
      class="reading"
    />
    <g v-if="calibration.preheat_seconds !== null && calibration.preheat_seconds <= end">
      <line
        :x1="x(calibration.preheat_seconds)"
        :x2="x(calibration.preheat_seconds)"
        y1="12"
        :y2="12 + HEIGHT"
        class="ready"
      />
      <text :x="x(calibration.preheat_seconds) - 6" y="186" class="side">
        ready {{ clock(calibration.preheat_seconds) }}
      </text>
    </g>
    <line x1="44" :x2="44 + WIDTH" :y1="12 + HEIGHT" :y2="12 + HEIGHT" class="axis" />
    <text v-for="tick in ticksOf(end)" :key="tick" :x="x(tick)" y="212" class="tick">{{ clock(tick) }}</text>
  </svg>
</template>

<style scoped>
.warm {
  width: 100%;
  max-width: 40rem;
}

.band {
  fill: var(--heat-fill);
  opacity: 0.3;
}

.level {
  stroke: var(--heat);
  stroke-dasharray: 6 4;
  stroke-width: 2;
}

.curve {
  fill: none;
  stroke: var(--active);
  stroke-width: 3;
}

.reading {
  fill: var(--panel);
  stroke: var(--ink);
  stroke-width: 2;
}

.ready {
  stroke: var(--ready);
  stroke-width: 3;
}

.axis {
  stroke: var(--edge-strong);
}

text {
  fill: var(--ink);
  font: 400 14px var(--font-text);
}

.side {
  text-anchor: end;
}

.tick {
  fill: var(--ink-soft);
  text-anchor: middle;
}
</style>
