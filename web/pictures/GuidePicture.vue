<script setup lang="ts">
import { computed } from 'vue'
import { useUnits } from '@/ui/units'

/** Thickness in section, ten times as large: the disc between its guides or plates, and how thin this dough could go. */
const { thickness, guide, thinnest } = defineProps<{
  thickness: number
  guide: number | null
  thinnest: number
}>()
const units = useUnits()
const FLOOR = 96
const scale = computed(() => Math.min(10, 76 / Math.max(thickness, guide ?? 0, thinnest)))
const top = (millimetres: number) => FLOOR - millimetres * scale.value
/** The picture begins just above what stands highest. */
const ceiling = computed(() => top(Math.max(thickness, guide ?? 0, thinnest)) - (guide === null ? 8 : 20))
</script>

<template>
  <svg
    class="guide"
    :viewBox="`0 ${ceiling} 460 ${128 - ceiling}`"
    role="img"
    :aria-label="`${units.text(thickness, 'mm')} thick${guide === null ? '' : `, guides of ${units.text(guide, 'mm')}`}; this dough holds down to ${units.text(thinnest, 'mm')}`"
  >
    <rect x="0" :y="FLOOR" width="460" height="6" class="board" />
    <template v-if="guide !== null">
      <rect x="22" :y="top(guide)" width="46" :height="guide * scale" class="strip" />
      <rect x="392" :y="top(guide)" width="46" :height="guide * scale" class="strip" />
      <rect x="8" :y="top(guide) - 14" width="444" height="12" rx="6" class="pin" />
    </template>
    <rect x="96" :y="top(thickness)" width="268" :height="thickness * scale" rx="5" class="dough" />
    <line x1="84" x2="376" :y1="top(thinnest)" :y2="top(thinnest)" class="thinnest" />
    <text x="230" :y="FLOOR + 24" class="middle">
      disc {{ units.text(thickness, 'mm') }}{{ guide === null ? '' : `, guides ${units.text(guide, 'mm')}` }},
      no thinner than {{ units.text(thinnest, 'mm') }}
    </text>
  </svg>
</template>

<style scoped>
.guide {
  width: 100%;
  max-width: 34rem;
}

.board {
  fill: var(--edge-strong);
}

.strip {
  fill: var(--active);
}

.pin {
  fill: var(--panel-edge);
  stroke: var(--edge-strong);
}

.dough {
  fill: var(--dough);
  stroke: var(--dough-edge);
}

.thinnest {
  stroke: var(--harm);
  stroke-dasharray: 6 4;
  stroke-width: 2;
}

text {
  fill: var(--ink);
  font: 400 17px var(--font-text);
}

.middle {
  text-anchor: middle;
}
</style>
