<script setup lang="ts">
import { computed } from 'vue'
import type { Shaping } from '@/api/types'
import { useUnits } from '@/ui/units'

/** A filled bread in section: the walls drawn five times as thick as wide, the weakest marked. */
const { stuffed } = defineProps<{ stuffed: NonNullable<Shaping['stuffed']> }>()
const units = useUnits()
const WIDE = 420
const tall = computed(() => Math.min(110, stuffed.thickness_mm * 9))
const scale = computed(() => tall.value / stuffed.thickness_mm)
const smooth = computed(() => stuffed.walls_mm.smooth * scale.value)
const folded = computed(() => stuffed.walls_mm.folded * scale.value)
const rim = computed(() => Math.max(6, (stuffed.walls_mm.rim / stuffed.diameter_mm) * WIDE * 2))
const burst = computed(() =>
  stuffed.weakest === 'rim'
    ? { x: 20 + rim.value / 2, y: 20 + tall.value / 2 }
    : {
        x: 20 + WIDE / 2,
        y: stuffed.weakest === 'smooth' ? 20 + tall.value - smooth.value / 2 : 20 + folded.value / 2,
      },
)
</script>

<template>
  <svg class="stuffed" :viewBox="`0 0 460 ${tall + 62}`" role="img" :aria-label="stuffed.words">
    <rect x="20" y="20" :width="WIDE" :height="tall" :rx="Math.min(26, tall / 2)" class="dough" />
    <rect
      :x="20 + rim"
      :y="20 + folded"
      :width="Math.max(4, WIDE - 2 * rim)"
      :height="Math.max(2, tall - smooth - folded)"
      rx="8"
      class="filling"
    />
    <path :d="`M${WIDE / 2 + 8} 20 l12 -9 l12 9`" class="fold" />
    <circle :cx="burst.x" :cy="burst.y" r="9" class="weak" :class="{ 'is-harm': !stuffed.holds }" />
    <text x="230" :y="tall + 40" class="middle">
      {{ units.text(stuffed.diameter_mm, 'mm') }} wide, {{ units.text(stuffed.thickness_mm, 'mm') }} thick
    </text>
    <text x="230" :y="tall + 57" class="middle small">
      smooth side {{ units.text(stuffed.walls_mm.smooth, 'mm') }}, folded side
      {{ units.text(stuffed.walls_mm.folded, 'mm') }}, rim {{ units.text(stuffed.walls_mm.rim, 'mm') }}
    </text>
  </svg>
</template>

<style scoped>
.stuffed {
  width: 100%;
  max-width: 34rem;
}

.dough {
  fill: var(--dough);
  stroke: var(--dough-edge);
  stroke-width: 2;
}

.filling {
  fill: var(--ready);
}

.fold {
  fill: var(--dough);
  stroke: var(--dough-edge);
  stroke-width: 2;
}

.weak {
  fill: none;
  stroke: var(--ink);
  stroke-dasharray: 4 3;
  stroke-width: 2.5;
}

.weak.is-harm {
  stroke: var(--harm);
  stroke-dasharray: none;
  stroke-width: 4;
}

text {
  fill: var(--ink);
  font: 600 15px var(--font-text);
}

.middle {
  text-anchor: middle;
}

.small {
  font-size: 13px;
  font-weight: 400;
}
</style>
