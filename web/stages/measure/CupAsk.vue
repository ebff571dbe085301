<script setup lang="ts">
import { computed } from 'vue'
import type { PlanRequest } from '@/api/types'
import Choice from '@/ui/Choice.vue'
import { useBatch } from '../batch'
import { withVolume } from '../requests'

/** Which cup, and how it was filled: unsaid it may be any, and the band of the water covers them all. */
const { request, ingredient } = defineProps<{ request: PlanRequest; ingredient: string }>()
type Volume = NonNullable<NonNullable<NonNullable<PlanRequest['formula']>['lines']>[number]['volume']>
const FILLS = [
  { value: 'spooned', label: 'Spooned in' },
  { value: 'scooped', label: 'Scooped' },
  { value: 'packed', label: 'Packed' },
] satisfies { value: NonNullable<Volume['fill']>; label: string }[]
const CUPS = [
  { value: 'cup_us', label: 'US, 237 mL' },
  { value: 'cup_metric', label: 'Metric, 250 mL' },
] satisfies { value: Volume['unit']; label: string }[]
const store = useBatch()
const volume = computed(() => request.formula?.lines?.find(line => line.ingredient === ingredient)?.volume)
const isCup = computed(() => volume.value?.unit === 'cup_us' || volume.value?.unit === 'cup_metric')
const fill = computed({
  get: () => volume.value?.fill,
  set: value => value && store.change(withVolume(request, ingredient, { fill: value })),
})
const cup = computed({
  get: () => volume.value?.unit,
  set: value => value && store.change(withVolume(request, ingredient, { unit: value })),
})
</script>

<template>
  <div v-if="volume" class="cup">
    <Choice v-model="fill" label="How is it filled?" :options="FILLS" />
    <Choice v-if="isCup" v-model="cup" label="Which cup?" :options="CUPS" />
    <p v-if="!fill" class="soft">Until that is said the water is less sure.</p>
  </div>
</template>

<style scoped>
.cup {
  display: flex;
  flex-wrap: wrap;
  grid-column: 1 / -1;
  gap: 0.4rem 1.4rem;
  align-items: end;
}
</style>
