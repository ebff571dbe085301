<script setup lang="ts">
import { computed } from 'vue'
import type { TrialResult } from '@/api/types'
import { TRIAL, trialOf } from './trial'

/** What came out of each level, point by point, with its mean; what was made before lies fainter below. */
const { result, background, gauge } = defineProps<{
  result: TrialResult
  background: { at: number; value: number }[]
  gauge: string
}>()
const picture = computed(() => trialOf(result.levels, background))
const mean = (value: number | null) => (value === null ? 'none yet' : value.toFixed(2))
</script>

<template>
  <figure class="trial">
    <svg :viewBox="`0 0 ${TRIAL.width} ${picture.height}`" role="img" :aria-label="result.words">
      <g v-for="tick in picture.ticks" :key="tick.value">
        <line :x1="tick.x" :x2="tick.x" :y1="TRIAL.top" :y2="picture.base" class="trial-grid" />
        <text :x="tick.x" :y="picture.base + 16" text-anchor="middle">{{ tick.value }}</text>
      </g>
      <text :x="TRIAL.width - TRIAL.right" :y="picture.base + 31" text-anchor="end">{{ gauge }}</text>
      <g v-for="row in picture.rows" :key="row.name">
        <text :x="TRIAL.left - 12" :y="row.y + 5" text-anchor="end" class="trial-name">{{ row.name }}</text>
        <line :x1="TRIAL.left" :x2="TRIAL.width - TRIAL.right" :y1="row.y" :y2="row.y" class="trial-line" />
        <rect
          v-for="(point, index) in row.before"
          :key="`before ${index}`"
          :x="point.x - 3"
          :y="point.y - 3"
          width="6"
          height="6"
          class="trial-before"
        />
        <circle
          v-for="(point, index) in row.points"
          :key="index"
          :cx="point.x"
          :cy="point.y"
          r="6"
          class="trial-point"
        />
        <line
          v-if="row.mean !== null"
          :x1="row.mean"
          :x2="row.mean"
          :y1="row.y - 22"
          :y2="row.y + 12"
          class="trial-mean"
        />
      </g>
    </svg>
    <figcaption class="soft">
      A dot is a batch, the bar their mean<template v-if="background.length"
        >, a small square a batch made before and not counted</template
      >.
    </figcaption>
    <div class="visually-hidden">
      <table>
        <caption>
          What came out of each level:
          {{
            gauge
          }}
        </caption>
        <thead>
          <tr>
            <th>Level</th>
            <th>Results</th>
            <th>Mean</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="level in result.levels" :key="level.name">
            <th scope="row">{{ level.name }}</th>
            <td>{{ level.points.join(', ') || 'none yet' }}</td>
            <td>{{ mean(level.mean) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </figure>
</template>

<style scoped>
.trial {
  margin: 0;
}

.trial svg {
  width: 100%;
  max-width: 52rem;
  height: auto;
}

.trial text {
  fill: var(--ink-soft);
  font: 14px var(--font-text);
}

.trial .trial-name {
  fill: var(--ink);
  font: 600 16px var(--font-head);
}

.trial-grid {
  stroke: var(--panel-edge);
}

.trial-line {
  stroke: var(--edge-strong);
}

.trial-point {
  fill: var(--active);
  stroke: var(--panel);
  stroke-width: 1.5;
}

.trial-before {
  fill: none;
  stroke: var(--edge-strong);
}

.trial-mean {
  stroke: var(--heat);
  stroke-width: 4;
}
</style>
