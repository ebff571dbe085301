<script setup lang="ts">
import { ElSlider } from 'element-plus'
import { computed } from 'vue'
import type { Unit } from '@/api/types'
import { whileSliding } from './slid'
import { useUnits } from './units'

/** A slider with its name, its value in the cook's units and a step down and up for wet knuckles. */
const {
  label,
  min,
  max,
  step,
  unit,
  disabled = false,
  words,
} = defineProps<{
  label: string
  min: number
  max: number
  step: number
  unit: Unit | null
  disabled?: boolean
  /** Says the value another way than its unit would. */
  words?: (value: number) => string
}>()
const model = defineModel<number>({ required: true })
const slid = computed({
  get: () => model.value,
  set: to => {
    const from = model.value
    const next = kept(to + Math.sign(to - from) * step)
    whileSliding({ from, to, next: next === to ? null : next }, () => (model.value = to))
  },
})
const units = useUnits()
const said = (value: number) => (words ? words(value) : units.text(value, unit))

/** On a step, and within the ends. */
function kept(value: number): number {
  return Number(Math.min(max, Math.max(min, Math.round(value / step) * step)).toFixed(4))
}

function nudge(by: number) {
  slid.value = kept(model.value + by * step)
}
</script>

<template>
  <div class="fader">
    <span class="fader-label" aria-hidden="true">{{ label }}</span>
    <strong class="fader-value">{{ said(model) }}</strong>
    <button
      type="button"
      class="fader-step"
      :disabled="disabled"
      :aria-label="`Less: ${label}`"
      @click="nudge(-1)"
    >
      −
    </button>
    <ElSlider
      v-model="slid"
      :min="min"
      :max="max"
      :step="step"
      :disabled="disabled"
      :aria-label="label"
      :format-value-text="said"
      :show-tooltip="false"
    />
    <button
      type="button"
      class="fader-step"
      :disabled="disabled"
      :aria-label="`More: ${label}`"
      @click="nudge(1)"
    >
      +
    </button>
  </div>
</template>

<style scoped>
.fader {
  display: grid;
  grid-template-columns: var(--target) 1fr var(--target);
  align-items: center;
  column-gap: 0.9rem;
}

.fader-label {
  grid-area: 1 / 1 / 2 / 3;
  color: var(--ink-soft);
}

.fader-value {
  grid-area: 1 / 2 / 2 / 4;
  justify-self: end;
  text-align: right;
  white-space: nowrap;
}

.fader-step {
  width: var(--target);
  height: var(--target);
  border: 1px solid var(--edge-strong);
  border-radius: var(--round);
  background: var(--panel);
  color: var(--ink);
  font: 600 1.3rem var(--font-text);
  cursor: pointer;
}

.fader-step:disabled {
  opacity: 0.5;
  cursor: default;
}
</style>
