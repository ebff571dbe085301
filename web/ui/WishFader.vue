<script setup lang="ts">
import { computed } from 'vue'
import type { Unit } from '@/api/types'
import Fader from './Fader.vue'

/** A limit that may be wished for or not; switched on it slides. */
const {
  label,
  start,
  max,
  unit = 'g',
} = defineProps<{ label: string; start: number; max: number; unit?: Unit }>()
const model = defineModel<number | undefined>({ required: true })
const value = computed({
  get: () => model.value ?? start,
  set: grams => (model.value = grams),
})
</script>

<template>
  <div class="wish">
    <Fader
      v-if="model !== undefined"
      v-model="value"
      :label="label"
      :min="0"
      :max="max"
      :step="1"
      :unit="unit"
    />
    <button
      type="button"
      :aria-pressed="model !== undefined"
      @click="model = model === undefined ? start : undefined"
    >
      {{ model === undefined ? label : 'Drop this wish' }}
    </button>
  </div>
</template>

<style scoped>
.wish button {
  min-height: var(--target);
  padding: 0 0.8rem;
  border: 1px dashed var(--edge-strong);
  border-radius: var(--round);
  background: none;
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
</style>
