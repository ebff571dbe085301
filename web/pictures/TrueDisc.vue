<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import Fold from '@/ui/Fold.vue'
import { useUnits } from '@/ui/units'

/** The disc drawn to true size, once a known length has been measured on this screen. */
const {
  diameter,
  thickness,
  long = 1,
  wide = 1,
} = defineProps<{ diameter: number; thickness: number; long?: number; wide?: number }>()
const STORED = 'mill.pixels-per-millimetre'
const CSS_PIXELS_PER_MILLIMETRE = 96 / 25.4
const RULER_MILLIMETRES = 50

const units = useUnits()
const stored = Number(localStorage.getItem(STORED))
const perMillimetre = ref(stored > 1 && stored < 20 ? stored : CSS_PIXELS_PER_MILLIMETRE)
const calibrated = ref(stored > 1)
const size = computed(() => diameter * long * perMillimetre.value)
const deep = computed(() => diameter * wide * perMillimetre.value)
const edge = computed(() => thickness * perMillimetre.value)

watch(perMillimetre, value => {
  localStorage.setItem(STORED, String(value))
  calibrated.value = true
})
</script>

<template>
  <div class="true stack">
    <Fold
      name="screen"
      :title="calibrated ? 'This screen has been measured. Measure again' : 'Measure this screen once'"
      :opened="!calibrated"
    >
      <label for="ruler"
        >Hold a ruler to the bar and move the slider until it is
        {{ units.text(RULER_MILLIMETRES, 'mm') }} long.</label
      >
      <svg class="true-ruler" :width="RULER_MILLIMETRES * perMillimetre" height="16" aria-hidden="true">
        <rect x="0" y="4" width="100%" height="8" class="true-bar" />
      </svg>
      <input id="ruler" v-model.number="perMillimetre" type="range" min="2" max="9" step="0.01" />
    </Fold>
    <div class="true-scroll" tabindex="0" role="region" aria-label="The disc">
      <svg
        :width="size + 40"
        :height="deep + 12"
        role="img"
        :aria-label="`Disc of ${units.text(diameter * long, 'mm')} to true size`"
      >
        <ellipse :cx="size / 2 + 4" :cy="deep / 2 + 4" :rx="size / 2" :ry="deep / 2" class="true-disc" />
        <line :x1="4" :x2="size + 4" :y1="deep / 2 + 4" :y2="deep / 2 + 4" class="true-line" />
        <text :x="size / 2 + 4" :y="deep / 2 - 6" text-anchor="middle">
          {{ units.text(diameter * long, 'mm') }}, {{ calibrated ? 'to true size' : 'about true size' }}
        </text>
        <rect :x="size + 24 - edge / 2" y="4" :width="edge" :height="deep" class="true-disc" :rx="edge / 2" />
      </svg>
    </div>
    <p class="soft">
      The strip at the right is the disc from the side, as thick as it should be. A guide of the same
      thickness keeps the pin honest.
    </p>
  </div>
</template>

<style scoped>
.true input {
  display: block;
  width: 100%;
  min-height: 44px;
  accent-color: var(--active);
}

.true-ruler {
  max-width: 100%;
}

.true-bar {
  fill: var(--active);
}

.true-scroll {
  overflow-x: auto;
}

.true-disc {
  fill: var(--dough);
  stroke: var(--dough-edge);
  stroke-width: 2;
}

.true-line {
  stroke: var(--dough-edge);
  stroke-dasharray: 6 5;
}

text {
  fill: #2b2418;
  font: 600 18px var(--font-text);
}
</style>
