<script setup lang="ts">
import { ElInput } from 'element-plus'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { api } from '@/api/client'
import type { Ingredient } from '@/api/types'
import Choice from '@/ui/Choice.vue'
import IngredientCard from './IngredientCard.vue'

/** Every ingredient that ships, to look things up in. */
const GROUPS = {
  flour: ['flour', 'starch', 'kernel'],
  binder: ['binder', 'egg', 'potato'],
  wet: ['dairy', 'vegetable', 'acid', 'water'],
  fat: ['fat'],
  filling: ['filling'],
  rest: ['salt', 'sugar', 'leavening', 'spice', 'alkali'],
}
const ingredients = shallowRef<Ingredient[]>([])
const group = ref<keyof typeof GROUPS>('flour')
const sought = ref('')
const shown = computed(() => {
  const words = sought.value.trim().toLowerCase()
  return ingredients.value.filter(one =>
    words ? one.name.toLowerCase().includes(words) : GROUPS[group.value].includes(one.role),
  )
})
onMounted(async () => {
  ingredients.value = await api.catalogue()
})
</script>

<template>
  <div class="stack">
    <div class="row">
      <Choice
        v-model="group"
        label="Among"
        :options="[
          { value: 'flour', label: 'Flours and starches' },
          { value: 'binder', label: 'Binders' },
          { value: 'wet', label: 'Vegetables and dairy' },
          { value: 'fat', label: 'Fats and oils' },
          { value: 'filling', label: 'Fillings' },
          { value: 'rest', label: 'Seasoning and lift' },
        ]"
      />
      <label class="seek">
        <span class="soft">or by name</span>
        <ElInput v-model="sought" clearable aria-label="Find by name" placeholder="millet" />
      </label>
    </div>
    <p class="soft" role="status">{{ shown.length }} shown</p>
    <ul class="shelf">
      <IngredientCard v-for="one in shown" :key="one.id" :ingredient="one" />
    </ul>
  </div>
</template>

<style scoped>
.seek {
  display: grid;
  gap: 0.2rem;
}

.shelf {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(20rem, 100%), 1fr));
  gap: var(--gap);
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
