<script setup lang="ts">
import { computed } from 'vue'
import type { PlanRequest } from '@/api/types'
import { useHouse } from '@/bench/house'
import Choice from '@/ui/Choice.vue'
import { CUPS, type Cup } from '@/ui/cups'
import { ownCup } from '@/ui/ownMeasures'
import { useBatch } from '../batch'
import { withCup, withVolume } from '@/api/requests'

/** Which cup, and how it was filled: unsaid it may be any, and the band of the water covers them all. The cup is said once for the kitchen. */
const { request, ingredient } = defineProps<{ request: PlanRequest; ingredient: string }>()
type Volume = NonNullable<NonNullable<NonNullable<PlanRequest['formula']>['lines']>[number]['volume']>
const FILLS = [
  { value: 'spooned', label: 'Spooned in' },
  { value: 'scooped', label: 'Scooped' },
  { value: 'packed', label: 'Packed' },
] satisfies { value: NonNullable<Volume['fill']>; label: string }[]
const store = useBatch()
const house = useHouse()
const volume = computed(() => request.formula?.lines?.find(line => line.ingredient === ingredient)?.volume)
const isCup = computed(() => volume.value?.unit.startsWith('cup') ?? false)
const fill = computed({
  get: () => volume.value?.fill,
  set: value => value && store.change(withVolume(request, ingredient, { fill: value })),
})
const cup = computed({
  get: () => {
    if (volume.value?.unit === 'cup_us') return 'us'
    if (volume.value?.unit === 'cup_metric') return 'metric'
    return request.gear?.cup
  },
  set: (value?: Cup) => {
    if (!value) return
    store.change(withVolume(withCup(request, value), ingredient, { unit: 'cup' }))
    if (ownCup.value !== 'kitchen') ownCup.value = value
    else if (house.kitchen?.cup !== value) void house.keepMeasure({ cup: value })
  },
})
</script>

<template>
  <div v-if="volume" class="cup">
    <Choice v-model="fill" label="How is it filled?" :options="FILLS" />
    <Choice v-if="isCup" v-model="cup" label="Which cup does this kitchen use?" :options="CUPS" />
    <p v-if="!fill || (isCup && !cup)" class="soft">Until that is said the water is less sure.</p>
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
