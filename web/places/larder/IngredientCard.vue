<script setup lang="ts">
import { computed } from 'vue'
import type { Ingredient } from '@/api/types'
import { useUnits } from '@/ui/units'
import { partsOf } from './parts'

/** What is known of one ingredient: what it is made of, how it drinks, how it holds, and from where we know. */
const { ingredient } = defineProps<{ ingredient: Ingredient }>()
const units = useUnits()
const parts = computed(() => partsOf(ingredient.per_100_g))
const cold = computed(() => ingredient.absorption_g_per_g.cold)
const hot = computed(() => ingredient.absorption_g_per_g.hot)
const drinks = computed(() => (cold.value[1] ?? 0) > 0)
</script>

<template>
  <li class="card panel">
    <h3>{{ ingredient.name }}</h3>
    <p>{{ ingredient.note }}</p>
    <svg viewBox="0 0 100 6" preserveAspectRatio="none" class="card-bar" aria-hidden="true">
      <rect
        v-for="part in parts"
        :key="part.name"
        :x="part.from"
        y="0"
        :width="part.grams"
        height="6"
        :class="`is-${part.name}`"
      />
    </svg>
    <p class="soft">
      <template v-for="(part, index) in parts" :key="part.name"
        >{{ index ? ', ' : '' }}{{ part.name }} {{ units.text(part.grams, 'g') }}</template
      >
      in 100 g
    </p>
    <p v-if="drinks">
      Takes {{ units.text(cold[1] ?? 0, 'g/g') }} cold ({{ cold[0] }}–{{ cold[2] }}),
      {{ units.text(hot[1] ?? 0, 'g/g') }} with its starch swollen.
      <template v-if="ingredient.swelling_celsius">
        Swells from {{ units.text(ingredient.swelling_celsius.onset, 'celsius') }} to
        {{ units.text(ingredient.swelling_celsius.end, 'celsius') }}.</template
      >
    </p>
    <p v-if="ingredient.smoke_celsius !== null">
      Smokes from about {{ units.text(ingredient.smoke_celsius, 'celsius') }}; sooner once it was used or has
      crumbs in it. Smoking fat is close to fire.
    </p>
    <p v-if="ingredient.allergens.length || ingredient.gluten !== 'free_by_nature'" class="card-mark">
      {{ ingredient.allergens.map(one => one.replace('_', ' ')).join(', ') }}
      <template v-if="ingredient.gluten === 'needs_certification'"
        >Needs a certificate to be gluten-free.</template
      >
      <template v-if="ingredient.gluten === 'contains_wheat'">Contains gluten.</template>
    </p>
    <p v-if="ingredient.cautions.includes('caustic')" class="card-mark">
      Caustic: eye protection, gloves, rinse at once.
    </p>
    <p class="soft card-source">{{ ingredient.source }}</p>
  </li>
</template>

<style scoped>
.card {
  display: grid;
  align-content: start;
  gap: 0.3rem;
}

.card-bar {
  width: 100%;
  height: 0.9rem;
}

.is-water {
  fill: var(--water);
}

.is-protein {
  fill: var(--active);
}

.is-fat {
  fill: var(--heat-fill);
}

.is-carbohydrate {
  fill: var(--dough);
}

.is-fibre {
  fill: var(--ready);
}

.is-minerals {
  fill: var(--edge-strong);
}

.card-mark {
  font-weight: 600;
}

.card-source {
  font-size: 0.85rem;
}
</style>
