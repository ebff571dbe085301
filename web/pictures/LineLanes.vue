<script setup lang="ts">
import { computed } from 'vue'
import type { Plan } from '@/api/types'
import { lanesOf, ticksOf } from './lanes'

/** Hands and griddle as lanes against the clock. */
const { plan, start } = defineProps<{ plan: Plan; start: string }>()

const WIDTH = 760
const LEFT = 74
const LANE = 26

const lanes = computed(() => lanesOf(plan))
const scale = computed(() => (WIDTH - LEFT - 10) / plan.line.length_seconds)
const ticks = computed(() => ticksOf(start, plan.line.length_seconds))
const x = (seconds: number) => LEFT + seconds * scale.value
</script>

<template>
  <svg
    class="lanes"
    :viewBox="`0 0 ${WIDTH} ${lanes.length * LANE + 22}`"
    role="img"
    :aria-label="`The batch from start to ready: ${lanes.map(lane => lane.name).join(', ')}`"
  >
    <g v-for="tick in ticks" :key="tick.seconds">
      <line :x1="x(tick.seconds)" :x2="x(tick.seconds)" y1="0" :y2="lanes.length * LANE" class="tick" />
      <text :x="x(tick.seconds)" :y="lanes.length * LANE + 16" text-anchor="middle">{{ tick.label }}</text>
    </g>
    <g v-for="(lane, row) in lanes" :key="lane.name">
      <text x="0" :y="row * LANE + 18">{{ lane.name }}</text>
      <rect
        v-for="(bar, index) in lane.bars"
        :key="index"
        :x="x(bar.from)"
        :y="row * LANE + 4"
        :width="Math.max(1.2, (bar.until - bar.from) * scale)"
        :height="LANE - 8"
        :class="`is-${bar.tone}`"
      >
        <title>{{ bar.title }}</title>
      </rect>
    </g>
  </svg>
</template>

<style scoped>
.lanes {
  width: 100%;
}

text {
  fill: var(--ink-soft);
  font-size: 13px;
}

.tick {
  stroke: var(--panel-edge);
}

.is-hands {
  fill: var(--active);
}

.is-griddle {
  fill: var(--heat-fill);
}

.is-wait {
  fill: var(--panel-edge);
  stroke: var(--edge-strong);
}
</style>
