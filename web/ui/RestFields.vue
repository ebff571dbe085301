<script setup lang="ts">
import type { Plan, PlanRequest } from '@/api/types'
import { computed } from 'vue'
import Choice from './Choice.vue'
import Fader from './Fader.vue'

type Formula = NonNullable<PlanRequest['formula']>
type Place = NonNullable<NonNullable<Formula['rest']>['place']>

/** How the dough waits: standing after the pour, resting as one, resting as pieces; for how long and where. */
const { request, plan } = defineProps<{ request: PlanRequest; plan: Plan }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
const PLACES: { value: Place; label: string }[] = [
  { value: 'room', label: 'In the room' },
  { value: 'warm', label: 'Warm' },
  { value: 'cool', label: 'Cool' },
  { value: 'fridge', label: 'Fridge' },
]
const MINUTES = 120
const formula = computed<Formula>(() => request.formula ?? {})

function change(part: Partial<Formula>) {
  emit('change', { ...request, formula: { ...formula.value, ...part } })
}

const stand = computed({
  get: () => plan.rest.stand_seconds / 60,
  set: stand_minutes => change({ stand_minutes }),
})
const rest = computed({
  get: () => Math.round(plan.rest.seconds / 60),
  set: minutes => change({ rest: { ...formula.value.rest, minutes } }),
})
const place = computed<Place>({
  get: () => plan.rest.place,
  set: where => change({ rest: { ...formula.value.rest, place: where } }),
})
const second = computed({
  get: () => plan.rest.second_seconds / 60,
  set: minutes => change({ second_rest: { ...formula.value.second_rest, minutes } }),
})
const secondPlace = computed<Place>({
  get: () => formula.value.second_rest?.place ?? 'room',
  set: where => change({ second_rest: { ...formula.value.second_rest, place: where } }),
})
const most = (minutes: number) => Math.max(MINUTES, Math.ceil(minutes))
</script>

<template>
  <div class="rests">
    <Fader
      v-model="stand"
      label="Stands covered after the pour"
      :min="0"
      :max="most(stand)"
      :step="5"
      unit="min"
    />
    <Fader
      v-model="rest"
      :label="plan.rise ? 'Rises' : 'Rests once mixed'"
      :min="0"
      :max="most(rest)"
      :step="5"
      unit="min"
    />
    <Choice v-model="place" label="Where it waits" :options="PLACES" />
    <Fader v-model="second" label="Pieces rest" :min="0" :max="most(second)" :step="5" unit="min" />
    <Choice v-if="second > 0" v-model="secondPlace" label="Where the pieces wait" :options="PLACES" />
  </div>
</template>

<style scoped>
.rests {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(20rem, 100%), 1fr));
  gap: var(--gap) 1.2rem;
}
</style>
