<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, PlanRequest } from '@/api/types'
import { useAppearance } from '@/ui/appearance'
import BenchFold from '@/ui/BenchFold.vue'
import Choice from '@/ui/Choice.vue'
import Fader from '@/ui/Fader.vue'
import { useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import { withWish } from '@/api/requests'

/** The oven and its broiler: how hot, how near, how the pan gets its heat, what is put on for a second round. */
const { request, plan } = defineProps<{ request: PlanRequest; plan: Plan }>()
type Oven = NonNullable<NonNullable<PlanRequest['gear']>['oven']>
/** Where nothing was said the plan stands by these. */
const USUAL = { rack_mm: 130, pan: 'hob', topping_grams: 0 } as const
const PANS = [
  { value: 'hob', label: 'On the hob first' },
  { value: 'heated', label: 'Heated in the oven' },
  { value: 'cold', label: 'Cold' },
] satisfies { value: NonNullable<Oven['pan']>; label: string }[]
const units = useUnits()
const store = useBatch()
const appearance = useAppearance()
const broils = computed(() => plan.griddle.finish === 'broiler_then_oven')
const oven = computed<Oven>(() => request.gear?.oven ?? {})

function wish(part: Oven) {
  store.change(withWish(request, 'gear', { oven: { ...oven.value, ...part } }))
}

const celsius = computed({
  get: () => Math.round(oven.value.celsius ?? plan.griddle.oven_celsius ?? 180),
  set: value => wish({ celsius: value }),
})
const rack = computed({
  get: () => oven.value.rack_mm ?? USUAL.rack_mm,
  set: value => wish({ rack_mm: value }),
})
const pan = computed<NonNullable<Oven['pan']>>({
  get: () => oven.value.pan ?? USUAL.pan,
  set: value => wish({ pan: value }),
})
const holds = computed({
  get: () => oven.value.holds ?? plan.griddle.finish_holds,
  set: value => wish({ holds: value }),
})
const topping = computed({
  get: () => oven.value.topping_grams ?? USUAL.topping_grams,
  set: value => wish({ topping_grams: value }),
})
</script>

<template>
  <BenchFold name="oven" title="The oven">
    <div class="panel stack">
      <h2 v-if="!appearance.isBench">The oven</h2>
      <div class="oven-faders">
        <Fader v-model="celsius" label="Oven" :min="120" :max="280" :step="5" unit="celsius" />
        <Fader
          v-if="broils"
          v-model="rack"
          label="Below the broiler"
          :min="50"
          :max="350"
          :step="10"
          unit="mm"
        />
        <Fader v-model="holds" label="In it at once" :min="1" :max="12" :step="1" :unit="null" />
        <Fader
          v-model="topping"
          label="Put on for a second round, each"
          :min="0"
          :max="300"
          :step="5"
          unit="g"
          :words="value => (value ? units.text(value, 'g') : 'nothing')"
        />
      </div>
      <Choice v-if="broils" v-model="pan" label="The pan" :options="PANS" />
    </div>
  </BenchFold>
</template>

<style scoped>
.oven-faders {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(15rem, 100%), 1fr));
  gap: 0.6rem 1.4rem;
}
</style>
