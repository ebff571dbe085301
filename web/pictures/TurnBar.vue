<script setup lang="ts">
import { computed } from 'vue'
import type { Plan } from '@/api/types'
import { clock } from '@/ui/units'
import { shadeColour } from './shade'

/** One piece from laying to lifting: which face is down, the windows of each touch, and the colour to expect. */
const { plan } = defineProps<{ plan: Plan }>()
const WIDTH = 760
const touches = computed(() => [...plan.griddle.turns, plan.griddle.lift])
const scale = computed(() => (WIDTH - 40) / plan.griddle.lift.to_seconds)
const spans = computed(() =>
  touches.value.map((touch, index) => ({
    from: touches.value[index - 1]?.at_seconds ?? 0,
    until: touch.at_seconds,
    face: index % 2,
  })),
)
const NAMES: Record<string, string> = { turn: 'turn', press: 'turn, press', lift: 'lift' }
const x = (seconds: number) => 8 + seconds * scale.value
</script>

<template>
  <svg
    class="turns"
    :viewBox="`0 0 ${WIDTH} 92`"
    role="img"
    :aria-label="
      touches
        .map(
          touch =>
            `${NAMES[touch.action]} at ${clock(touch.at_seconds)}, between ${clock(touch.from_seconds)} and ${clock(touch.to_seconds)}`,
        )
        .join('; ')
    "
  >
    <g v-for="span in spans" :key="span.from">
      <rect
        :x="x(span.from)"
        y="22"
        :width="(span.until - span.from) * scale"
        height="26"
        :class="span.face ? 'second' : 'first'"
      />
      <text :x="x((span.from + span.until) / 2)" y="40" class="face">
        {{ span.face ? 'second face' : 'first face' }}
      </text>
    </g>
    <g v-for="touch in touches" :key="touch.at_seconds">
      <rect
        :x="x(touch.from_seconds)"
        y="50"
        :width="(touch.to_seconds - touch.from_seconds) * scale"
        height="9"
        rx="4"
        class="window"
      />
      <line :x1="x(touch.at_seconds)" :x2="x(touch.at_seconds)" y1="18" y2="62" class="touch" />
      <text :x="x(touch.at_seconds)" y="13">{{ clock(touch.at_seconds) }}</text>
      <text :x="x(touch.at_seconds)" y="77" class="name">{{ NAMES[touch.action] }}</text>
    </g>
  </svg>
  <ul class="faces">
    <li v-for="face in plan.griddle.faces" :key="face.face">
      <svg viewBox="0 0 20 20" aria-hidden="true">
        <circle cx="10" cy="10" r="9" :fill="shadeColour(face.shade.value)" class="swatch" />
      </svg>
      {{ face.face }} face {{ face.words }}, {{ clock(face.contact_seconds) }} on the metal
    </li>
  </ul>
</template>

<style scoped>
.turns {
  width: 100%;
}

text {
  fill: var(--ink);
  font: 600 13px var(--font-text);
  text-anchor: middle;
}

.face {
  fill: #262420;
  font-weight: 400;
}

.name {
  font-weight: 400;
}

.first {
  fill: #e7cf96;
}

.second {
  fill: #d9b468;
}

.window {
  fill: var(--ready);
}

.touch {
  stroke: var(--ink);
  stroke-width: 2.5;
}

.faces {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1.5rem;
  margin: 0;
  padding: 0;
  list-style: none;
}

.faces li {
  display: flex;
  align-items: center;
  gap: 0.4rem;
}

.faces svg {
  width: 1.7rem;
}

.swatch {
  stroke: var(--edge-strong);
}
</style>
