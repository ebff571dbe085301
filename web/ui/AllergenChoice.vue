<script setup lang="ts">
import type { Allergen } from '@/api/types'
import ToggleRow from './ToggleRow.vue'

/** Which allergens to do without: any number of them. */
const { label } = defineProps<{ label: string }>()
const model = defineModel<Allergen[]>({ required: true })
const ALLERGENS: { id: Allergen; name: string }[] = [
  { id: 'egg', name: 'Egg' },
  { id: 'milk', name: 'Milk' },
  { id: 'tree_nuts', name: 'Tree nuts' },
  { id: 'peanut', name: 'Peanut' },
  { id: 'sesame', name: 'Sesame' },
  { id: 'soy', name: 'Soy' },
  { id: 'lupin', name: 'Lupin' },
  { id: 'legume', name: 'Legumes' },
]
</script>

<template>
  <ToggleRow v-model="model" :label="label" :options="ALLERGENS" />
</template>
