<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import type { Plan } from '@/api/types'
import { timeOfDay } from '@/ui/timeOfDay'
import { cookingFrom, lanesOf, ticksOf } from './lanes'

/** Hands and griddle as lanes against the clock. The flag at the end is the serving time and can be dragged. */
const { plan, start, close } = defineProps<{ plan: Plan; start: string; close: boolean }>()
const emit = defineEmits<{ serve: [shiftSeconds: number] }>()

const WIDTH = 760
const LEFT = 84
const RIGHT = 40
const LANE = 26
const STEP_SECONDS = 300

const picture = useTemplateRef('picture')
const dragged = ref<{ fromX: number; seconds: number } | null>(null)
const lanes = computed(() => lanesOf(plan))
const height = computed(() => lanes.value.length * LANE)
const from = computed(() => (close ? cookingFrom(plan) : 0))
const length = computed(() => Math.max(60, plan.line.length_seconds - from.value))
const scale = computed(() => (WIDTH - LEFT - RIGHT) / length.value)
const begins = computed(() => new Date(Date.parse(start) + from.value * 1000).toISOString())
const ticks = computed(() => ticksOf(begins.value, length.value))
const readyAt = computed(
  () => Date.parse(start) + (plan.line.length_seconds + (dragged.value?.seconds ?? 0)) * 1000,
)
const x = (seconds: number) => LEFT + Math.max(0, seconds - from.value) * scale.value
const shown = (bars: (typeof lanes.value)[number]['bars']) => bars.filter(bar => bar.until > from.value)

/** Seconds that a movement on the screen stands for, in steps of five minutes. */
function secondsFor(clientX: number): number {
  const drawn = picture.value?.getBoundingClientRect().width ?? WIDTH
  const units = ((clientX - (dragged.value?.fromX ?? clientX)) * WIDTH) / drawn
  return Math.round(units / scale.value / STEP_SECONDS) * STEP_SECONDS
}

function grab(event: PointerEvent) {
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  dragged.value = { fromX: event.clientX, seconds: 0 }
}

function drag(event: PointerEvent) {
  if (dragged.value) dragged.value = { ...dragged.value, seconds: secondsFor(event.clientX) }
}

function drop() {
  const seconds = dragged.value?.seconds ?? 0
  dragged.value = null
  if (seconds) emit('serve', seconds)
}

function nudge(event: KeyboardEvent) {
  const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 6, PageDown: -6 }[event.key]
  if (!by) return
  event.preventDefault()
  emit('serve', by * STEP_SECONDS)
}
</script>

<template>
  <svg ref="picture" class="lanes" :viewBox="`0 0 ${WIDTH} ${height + 44}`">
    <title>The batch from start to ready: {{ lanes.map(lane => lane.name).join(', ') }}</title>
    <g v-for="tick in ticks" :key="tick.seconds">
      <line :x1="x(tick.seconds + from)" :x2="x(tick.seconds + from)" y1="0" :y2="height" class="tick" />
      <text :x="x(tick.seconds + from)" :y="height + 16" text-anchor="middle">{{ tick.label }}</text>
    </g>
    <g v-for="(lane, row) in lanes" :key="lane.name">
      <text x="0" :y="row * LANE + 18" :class="{ 'is-tight': lane.isBottleneck }">
        {{ lane.isBottleneck ? '▸ ' : '' }}{{ lane.name }}
      </text>
      <rect
        v-for="(bar, index) in shown(lane.bars)"
        :key="index"
        :x="x(bar.from)"
        :y="row * LANE + 4"
        :width="Math.max(1.2, x(bar.until) - x(bar.from))"
        :height="LANE - 8"
        :class="`is-${bar.tone}`"
      >
        <title>{{ bar.title }}</title>
      </rect>
      <line
        v-if="lane.isBottleneck"
        :x1="LEFT"
        :x2="WIDTH - RIGHT"
        :y1="row * LANE + LANE - 2"
        :y2="row * LANE + LANE - 2"
        class="tight"
      />
    </g>
    <g
      role="slider"
      tabindex="0"
      class="serve"
      aria-label="Serving time"
      :aria-valuenow="Math.round(readyAt / 60000)"
      :aria-valuetext="timeOfDay(readyAt)"
      :transform="`translate(${x(plan.line.length_seconds) + (dragged?.seconds ?? 0) * scale} 0)`"
      @pointerdown="grab"
      @pointermove="drag"
      @pointerup="drop"
      @pointercancel="dragged = null"
      @keydown="nudge"
    >
      <line y1="0" :y2="height + 20" />
      <path :d="`M-36 ${height + 20} h72 v22 h-72 Z`" />
      <text :y="height + 36" text-anchor="middle">{{ timeOfDay(readyAt) }}</text>
    </g>
  </svg>
</template>

<style scoped>
.lanes {
  width: 100%;
  touch-action: pan-y;
}

text {
  fill: var(--ink-soft);
  font-size: 13px;
}

text.is-tight {
  fill: var(--heat);
  font-weight: 600;
}

.tick {
  stroke: var(--panel-edge);
}

.tight {
  stroke: var(--heat-fill);
  stroke-width: 2;
  stroke-dasharray: 5 3;
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

.serve {
  cursor: ew-resize;
}

.serve line {
  stroke: var(--ready);
  stroke-width: 3;
}

.serve path {
  fill: var(--ready);
}

.serve text {
  fill: var(--panel);
  font-weight: 600;
}

.serve:focus-visible {
  outline: 3px solid var(--active);
}
</style>
