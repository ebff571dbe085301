<script setup lang="ts">
import { ElSlider } from 'element-plus'
import type { Unit } from '@/api/types'
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
const units = useUnits()
const said = (value: number) => (words ? words(value) : units.text(value, unit))

function nudge(by: number) {
  const moved = Math.round((model.value + by * step) / step) * step
  model.value = Number(Math.min(max, Math.max(min, moved)).toFixed(4))
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
      v-model="model"
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
