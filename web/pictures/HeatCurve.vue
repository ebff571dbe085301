<script setup lang="ts">
import { computed } from 'vue'
import type { GriddleHeat } from '@/api/types'
import { useUnits } from '@/ui/units'
import { HEAT_CURVE, heatCurveOf } from './heatCurve'

/** How hot each setting of a griddle gets: readings, judged colours, and what they say together. */
const { heat, name } = defineProps<{ heat: GriddleHeat; name: string }>()
const units = useUnits()
const picture = computed(() => heatCurveOf(heat))
const HOW = {
  calibrated: 'calibrated',
  empty: 'read, empty',
  loaded: 'read, under bread',
  judged: 'by judged colour',
} as const
const shown = computed(() => [...new Set(heat.seen.map(one => one.how))])
</script>

<template>
  <figure v-if="heat.settings.length" class="heat-curve">
    <svg
      :viewBox="`0 0 ${HEAT_CURVE.width} ${HEAT_CURVE.height}`"
      role="img"
      :aria-label="`${name}: ${heat.settings.map(one => units.words(one.words)).join(' ')}`"
    >
      <g v-for="tick in picture.ticks" :key="tick.celsius">
        <line
          :x1="HEAT_CURVE.left"
          :x2="HEAT_CURVE.width - HEAT_CURVE.right"
          :y1="tick.y"
          :y2="tick.y"
          class="grid"
        />
        <text :x="HEAT_CURVE.left - 6" :y="tick.y + 4" text-anchor="end">
          {{ units.text(tick.celsius, 'celsius') }}
        </text>
      </g>
      <polyline :points="picture.line" class="line" />
      <g v-for="one in picture.settings" :key="one.name">
        <rect
          :x="one.x - 16"
          :y="one.top"
          width="32"
          :height="Math.max(1, one.bottom - one.top)"
          class="band"
        />
        <line :x1="one.x - 16" :x2="one.x + 16" :y1="one.y" :y2="one.y" class="known" />
        <text :x="one.x" :y="HEAT_CURVE.height - 24" text-anchor="middle">{{ one.name }}</text>
      </g>
      <g v-for="(one, index) in picture.seen" :key="index" :class="`seen is-${one.how}`">
        <path v-if="one.how === 'judged'" :d="`M${one.x} ${one.y - 5} l5 5 l-5 5 l-5 -5 z`" />
        <rect v-else-if="one.how === 'calibrated'" :x="one.x - 4" :y="one.y - 4" width="8" height="8" />
        <circle v-else :cx="one.x" :cy="one.y" r="4" />
      </g>
    </svg>
    <figcaption class="soft">
      <span v-for="how in shown" :key="how" class="key">
        <svg viewBox="0 0 14 14" aria-hidden="true" :class="`seen is-${how}`">
          <path v-if="how === 'judged'" d="M7 2 l5 5 l-5 5 l-5 -5 z" />
          <rect v-else-if="how === 'calibrated'" x="3" y="3" width="8" height="8" />
          <circle v-else cx="7" cy="7" r="4" /></svg
        >{{ HOW[how] }}</span
      >
    </figcaption>
    <div class="visually-hidden">
      <table>
        <caption>
          What was seen of each setting
        </caption>
        <thead>
          <tr>
            <th>Setting</th>
            <th>How</th>
            <th>Heat</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(one, index) in heat.seen" :key="index">
            <td>{{ one.setting ?? 'not named' }}</td>
            <td>{{ HOW[one.how] }}</td>
            <td>{{ units.text(one.celsius, 'celsius') }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </figure>
</template>

<style scoped>
.heat-curve {
  position: relative;
  margin: 0;
}

.heat-curve > svg {
  width: 100%;
  max-width: 26rem;
}

.heat-curve text {
  fill: var(--ink-soft);
  font: 400 11px var(--font-text);
}

.grid {
  stroke: var(--panel-edge);
}

.line {
  fill: none;
  stroke: var(--edge-strong);
  stroke-dasharray: 4 4;
}

.band {
  fill: var(--active);
  opacity: 0.2;
}

.known {
  stroke: var(--active);
  stroke-width: 3;
}

.seen {
  fill: var(--heat-fill);
  stroke: var(--ink);
  stroke-width: 1;
}

.seen.is-loaded {
  fill: none;
  stroke: var(--heat);
  stroke-width: 2;
}

.seen.is-judged {
  fill: var(--dough);
}

.seen.is-calibrated {
  fill: var(--active);
}

.key {
  display: inline-flex;
  align-items: center;
  gap: 0.2rem;
  margin-right: 0.8rem;
}

.key svg {
  width: 0.9rem;
}
</style>
