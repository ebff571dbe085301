<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Plan, PlanRequest } from '@/api/types'
import { useHouse } from '@/house'
import { useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import { withWish } from '../requests'

/** The setting of the chosen griddle that comes nearest to the heat of the plan, as it was calibrated; far from it, the plan can follow. */
const { plan, request } = defineProps<{ plan: Plan; request: PlanRequest }>()
/** Nearer than this a calibration knows no better. */
const NEAR_KELVIN = 10
const units = useUnits()
const house = useHouse()
const store = useBatch()
const planned = computed(() => plan.griddle.surface_celsius.value)
const setting = computed(() => {
  const own = JSON.stringify(request.gear?.griddle)
  const gear = house.kitchen?.gear.find(one => JSON.stringify(one.request) === own)
  const far = (celsius: number) => Math.abs(celsius - planned.value)
  return [...(gear?.calibrations ?? [])].sort(
    (one, other) => far(one.answer.surface_celsius.value) - far(other.answer.surface_celsius.value),
  )[0]
})
const comesTo = computed(() => setting.value?.answer.surface_celsius)
const off = computed(() => (comesTo.value ? comesTo.value.value - planned.value : 0))
const isFar = computed(() => Math.abs(off.value) > NEAR_KELVIN)

function follow() {
  if (comesTo.value)
    store.change(withWish(request, 'griddle', { surface_celsius: Math.round(comesTo.value.value) }))
}
</script>

<template>
  <p v-if="setting && comesTo" class="panel knob" :class="{ 'is-far': isFar }">
    <span
      >Set it to <strong>{{ setting.setting }}</strong>: it comes to
      {{ units.text(comesTo.value, 'celsius') }}
      <span class="soft"
        >({{ units.text(comesTo.low, 'celsius') }} to {{ units.text(comesTo.high, 'celsius') }})</span
      ><template v-if="isFar">
        , {{ off < 0 ? 'cooler' : 'hotter' }} than the {{ units.text(planned, 'celsius') }} that the times are
        for</template
      >.</span
    >
    <ElButton v-if="isFar" @click="follow">Plan for {{ units.text(comesTo.value, 'celsius') }}</ElButton>
  </p>
</template>

<style scoped>
.knob {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1rem;
  align-items: center;
  padding: 0.6rem 1rem;
}

.knob.is-far {
  border: 2px dashed var(--heat);
}
</style>
