<script setup lang="ts">
import type { Plan } from '@/api/types'
import FigureRow from '@/ui/FigureRow.vue'

/** The numbers that follow lines and sliders. */
const { plan } = defineProps<{ plan: Plan }>()
</script>

<template>
  <dl class="numbers">
    <FigureRow label="Water to pour" :figure="plan.water.grams" />
    <FigureRow label="First pour" :figure="plan.water.first_pour_grams" />
    <FigureRow label="Dough" :figure="plan.mix.celsius" />
    <FigureRow label="Starch swollen" :figure="plan.mix.swollen_share" />
    <FigureRow label="Piece" :figure="plan.portion.piece_grams" :after="` × ${plan.portion.count}`" />
    <FigureRow label="Wide" :figure="plan.shape.diameter_mm" />
  </dl>
  <p v-if="plan.mix.scald" class="soft">{{ plan.mix.scald.advice }}</p>
</template>

<style scoped>
.numbers {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(13rem, 100%), 1fr));
  gap: 0 1.2rem;
  margin: 0;
}
</style>
