<script setup lang="ts">
import { computed } from 'vue'
import type { Plan } from '@/api/types'
import FigureRow from '@/ui/FigureRow.vue'
import { useUnits } from '@/ui/units'

/** What the water makes of the dough, each number with its reasons. */
const { plan } = defineProps<{ plan: Plan }>()
const units = useUnits()
const needed = computed(() => ` of ${units.text(plan.binding.needed.value, 'index')} needed`)
const yeast = computed(() => plan.rise?.bloom_celsius)
</script>

<template>
  <div class="panel stack">
    <dl class="facts">
      <FigureRow label="All the water" :figure="plan.water.grams" />
      <FigureRow label="First pour" word="first pour" :figure="plan.water.first_pour_grams" />
      <FigureRow label="Dough will be" :figure="plan.mix.celsius" />
      <FigureRow label="Starch swollen" word="swollen" :figure="plan.mix.swollen_share" />
      <FigureRow label="Binding" word="binding" :figure="plan.binding.index" :after="needed" />
    </dl>
    <p v-if="plan.mix.scald">{{ plan.mix.scald.advice }}</p>
    <p v-if="yeast">
      Yeast wakes at {{ units.text(yeast.low, 'celsius') }} to {{ units.text(yeast.high, 'celsius') }}; from
      {{ units.text(plan.rise?.harmed_celsius ?? 50, 'celsius') }} it is harmed.
    </p>
    <p v-if="plan.water.drawn.length">
      Salt draws water out of the vegetables:
      <template v-for="(drawn, index) in plan.water.drawn.slice(1)" :key="drawn.minutes"
        >{{ index ? ', ' : '' }}{{ units.text(drawn.grams, 'g') }} after
        {{ units.text(drawn.minutes, 'min') }}</template
      >.
    </p>
  </div>
</template>

<style scoped>
.facts {
  margin: 0;
}
</style>
