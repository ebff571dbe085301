<script setup lang="ts">
import { computed } from 'vue'
import type { Settling } from '@/api/types'
import { SETTLING, settlingOf } from './settling'

/** What a bag takes, settling batch by batch about the catalogue's line. */
const { steps, words, name, kindReach } = defineProps<{
  steps: Settling
  words: string
  name: string
  kindReach: number
}>()
const picture = computed(() => settlingOf(steps, kindReach))
const signed = (points: number) =>
  `${points > 0 ? '+' : points < 0 ? '−' : '±'}${Math.abs(points).toFixed(1)}`
</script>

<template>
  <figure v-if="steps.length" class="settling">
    <svg :viewBox="`0 0 ${SETTLING.width} ${SETTLING.height}`" role="img" :aria-label="`${name}: ${words}`">
      <rect
        :x="SETTLING.left"
        :width="SETTLING.width - SETTLING.left - SETTLING.right"
        :y="picture.kind.top"
        :height="picture.kind.bottom - picture.kind.top"
        class="kind"
      />
      <polygon :points="picture.band" class="band" />
      <line
        :x1="SETTLING.left"
        :x2="SETTLING.width - SETTLING.right"
        :y1="picture.zero"
        :y2="picture.zero"
        class="zero"
      />
      <text
        v-for="tick in picture.ticks"
        :key="tick.points"
        :x="SETTLING.left - 6"
        :y="tick.y + 4"
        text-anchor="end"
      >
        {{ tick.points === 0 ? 'its kind' : `${tick.points > 0 ? '+' : '−'}${Math.abs(tick.points)}` }}
      </text>
      <g v-for="one in picture.said" :key="one.x" class="said">
        <line :x1="one.x" :x2="one.x" :y1="one.top" :y2="one.bottom" />
        <circle :cx="one.x" :cy="one.y" r="4" />
      </g>
      <polyline :points="picture.known" class="known" />
      <text :x="SETTLING.left" :y="SETTLING.height - 6">batch by batch, points of the flour</text>
    </svg>
    <div class="visually-hidden">
      <table>
        <caption>
          What each batch said of it, and what was known after it
        </caption>
        <thead>
          <tr>
            <th>Batch</th>
            <th>Said</th>
            <th>Known</th>
            <th>From</th>
            <th>To</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(step, index) in steps" :key="index">
            <td>{{ index + 1 }}</td>
            <td>{{ signed(step.points) }}</td>
            <td>{{ signed(step.known.points) }}</td>
            <td>{{ signed(step.known.low) }}</td>
            <td>{{ signed(step.known.high) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </figure>
</template>

<style scoped>
.settling {
  position: relative;
  margin: 0;
}

.settling svg {
  width: 100%;
  max-width: 24rem;
}

.settling text {
  fill: var(--ink-soft);
  font: 400 11px var(--font-text);
}

.kind {
  fill: var(--edge-strong);
  opacity: 0.12;
}

.band {
  fill: var(--active);
  opacity: 0.18;
}

.zero {
  stroke: var(--edge-strong);
  stroke-dasharray: 5 4;
}

.said line {
  stroke: var(--heat);
  stroke-width: 1.5;
}

.said circle {
  fill: var(--heat);
}

.known {
  fill: none;
  stroke: var(--active);
  stroke-width: 3;
}
</style>
