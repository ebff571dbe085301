<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, PlanRequest } from '@/api/types'
import { useHouse } from '@/bench/house'
import Choice from '@/ui/Choice.vue'
import Fader from '@/ui/Fader.vue'
import BenchFold from '@/ui/BenchFold.vue'
import { clock, duration, useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import { stands, withMethod, withThickness, withWish } from '@/api/requests'
import { finishOf } from './finish'
import { TURN_NAMES } from './turns'

/** Heat, thickness, water and the way of turning: what moves the picture of the bake. */
const { request, plan, cooking } = defineProps<{ request: PlanRequest; plan: Plan; cooking: boolean }>()
const units = useUnits()
const house = useHouse()
const store = useBatch()
const style = computed(() => house.kitchen?.styles.find(one => one.id === plan.style.id))
const surface = computed({
  get: () => Math.round(plan.griddle.surface_celsius.value),
  set: value => store.change(withWish(request, 'griddle', { surface_celsius: value })),
})
const thickness = computed({
  get: () => Math.round(plan.shape.thickness_mm.value * 10) / 10,
  set: value => store.change(withThickness(request, plan, value)),
})
const hydration = computed({
  get: () => stands(request.water?.hydration_percent, plan.water.hydration_percent.value),
  set: value => store.change(withWish(request, 'water', { hydration_percent: value })),
})
const turns = computed({
  get: () => plan.method.turns,
  set: value => store.change(withMethod(withWish(request, 'griddle', { own: undefined }), { turns: value })),
})
</script>

<template>
  <div class="panel stack">
    <div class="row">
      <h2>
        Each piece: {{ clock(plan.griddle.lift.at_seconds) }} at
        {{ units.text(plan.griddle.surface_celsius.value, 'celsius') }}
      </h2>
      <span class="soft"
        >Preheat {{ duration(plan.griddle.preheat_seconds) }}. Loses
        {{ units.text(plan.griddle.weight_loss_percent.low, 'percent') }} to
        {{ units.text(plan.griddle.weight_loss_percent.high, 'percent') }} of its weight.
        {{ finishOf(plan) }}</span
      >
    </div>
    <div class="faders">
      <Fader
        v-model="surface"
        label="Griddle surface"
        :min="Math.floor((style?.surface_celsius_range[0] ?? 160) - 25)"
        :max="Math.ceil((style?.surface_celsius_range[1] ?? 250) + 40)"
        :step="5"
        unit="celsius"
        :disabled="cooking"
      />
      <BenchFold name="plan-dough" title="Thickness, water, turning">
        <Fader
          v-model="thickness"
          label="Thickness"
          :min="Math.floor((style?.thickness_range[0] ?? 1) * 8) / 10"
          :max="Math.ceil((style?.thickness_range[1] ?? 4) * 14) / 10"
          :step="0.1"
          unit="mm"
          :disabled="cooking"
        />
        <Fader
          v-model="hydration"
          label="Hydration"
          :min="Math.max(0, Math.floor((style?.hydration_range[0] ?? 80) - 20))"
          :max="Math.ceil((style?.hydration_range[1] ?? 150) + 25)"
          :step="1"
          unit="percent"
          :disabled="cooking"
        />
        <Choice
          v-model="turns"
          class="fader-turns"
          label="How it is turned"
          :disabled="cooking"
          :options="
            (style?.turns ?? []).map(value => ({
              value,
              label: TURN_NAMES[value],
            }))
          "
        />
      </BenchFold>
    </div>
  </div>
</template>

<style scoped>
.faders {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(15rem, 100%), 1fr));
  gap: 0.6rem 1.4rem;
}

.fader-turns {
  grid-column: 1 / -1;
}
</style>
