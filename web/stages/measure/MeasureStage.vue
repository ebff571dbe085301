<script setup lang="ts">
import { computed } from 'vue'
import type { Batch, Plan } from '@/api/types'
import LedgerBars from '@/pictures/LedgerBars.vue'
import { useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import StageFoot from '../StageFoot.vue'
import StageHead from '../StageHead.vue'
import MeasureLine from './MeasureLine.vue'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const units = useUnits()
const store = useBatch()
const lines = computed(() => batch.state.bowl.lines)
const next = computed(() => lines.value.find(line => !line.measured))
const says = computed(() =>
  next.value
    ? `Weigh ${units.text(planned(next.value.ingredient), 'g')} ${next.value.name.toLowerCase()}`
    : 'All weighed',
)

function planned(ingredient: string): number {
  return row(ingredient)?.grams ?? 0
}

function row(ingredient: string) {
  return plan.ledger.find(one => one.ingredient === ingredient)
}
</script>

<template>
  <StageHead
    :says="says"
    :detail="
      next ? 'By weight, one after the other into the bowl. Tap a line when it is in.' : 'Next is the water.'
    "
  />
  <ul class="measure" aria-label="Lines to weigh">
    <MeasureLine
      v-for="line in lines"
      :key="line.ingredient"
      :line="line"
      :planned="planned(line.ingredient)"
      :spoons="plan.method.measure === 'weight' ? undefined : row(line.ingredient)?.spoons"
      :percent="row(line.ingredient)?.percent ?? 0"
      :is-next="line.ingredient === next?.ingredient"
      :locked="batch.state.begun"
      @measured="grams => store.record('measured', { ingredient: line.ingredient, grams })"
    />
  </ul>
  <div class="panel stack">
    <h2>Who takes water, who brings it</h2>
    <LedgerBars :plan="plan" />
  </div>
  <StageFoot :plan="plan" stage="measure" :ready="!next" />
</template>

<style scoped>
.measure {
  display: grid;
  gap: 0.5rem;
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
