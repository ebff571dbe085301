<script setup lang="ts">
import { computed } from 'vue'
import type { Gear, PlanRequest } from '@/api/types'
import { useHouse } from '@/bench/house'
import { withWish } from '@/api/requests'
import Choice from './Choice.vue'

/** What a bread is baked on, or, where it is poured, in which pans and how many of them. */
const { request, pours, inherits } = defineProps<{
  request: PlanRequest
  pours: boolean
  /** Where nothing has to be said, since a batch takes what the kitchen has first. */
  inherits?: boolean
}>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
type Tools = NonNullable<PlanRequest['gear']>
const house = useHouse()
const tools = (kind: Gear['kind']) =>
  house.kitchen?.gear.filter(one => one.kind === kind && !one.archived) ?? []
const griddles = computed(() => tools('griddle'))
const pans = computed(() => tools('pan'))

const change = (part: Partial<Tools>) => emit('change', withWish(request, 'gear', part))

const griddle = computed({
  get: () => griddles.value.find(one => one.id === request.gear?.griddle?.id)?.id ?? '',
  set: id => {
    const chosen = griddles.value.find(one => one.id === id)?.request as Tools['griddle']
    if (chosen || inherits) change({ griddle: chosen })
  },
})
/** Two pans alike are one tool with a count: told apart by what the plan knows of them. */
const pan = computed({
  get: () => {
    const own = request.gear?.pan
    if (!own) return 'none'
    const alike = (one: Gear) =>
      one.request.diameter_mm === own.diameter_mm && (one.request.count ?? 1) === (own.count ?? 1)
    return pans.value.find(alike)?.id ?? ''
  },
  set: id => change({ pan: pans.value.find(one => one.id === id)?.request as Tools['pan'] }),
})
const griddleOptions = computed(() => [
  ...(inherits ? [{ value: '', label: 'As the batch has it' }] : []),
  ...griddles.value.map(one => ({ value: one.id, label: one.name })),
])
const panOptions = computed(() => [
  { value: 'none', label: 'On the griddle' },
  ...pans.value.map(one => ({
    value: one.id,
    label: (one.request.count ?? 1) > 1 ? `${one.request.count} × ${one.name}` : one.name,
  })),
])
</script>

<template>
  <Choice v-if="pours && pans.length" v-model="pan" label="Poured into" :options="panOptions" />
  <Choice
    v-if="griddles.length && !(pours && request.gear?.pan)"
    v-model="griddle"
    label="Griddle"
    :options="griddleOptions"
  />
  <p v-if="!griddles.length && !(pours && pans.length)">
    No griddle is kept yet, so the plan takes one that just holds a disc.
    <RouterLink to="/hearth">Tell the hearth what you bake on →</RouterLink>
  </p>
</template>
