<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, reactive } from 'vue'
import type { Batch, Plan } from '@/api/types'
import LedgerBars from '@/pictures/LedgerBars.vue'
import Fold from '@/ui/Fold.vue'
import { useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import ActBar from '../ActBar.vue'
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

/** What was typed for a line that is not in yet: the bar puts in just that. */
const typed = reactive<Record<string, number>>({})
const grams = (ingredient: string) => typed[ingredient] || planned(ingredient)

function putIn(ingredient: string) {
  void store.record('measured', { ingredient, grams: grams(ingredient) })
}

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
      @typed="weight => (typed[line.ingredient] = weight)"
      @measured="weight => store.record('measured', { ingredient: line.ingredient, grams: weight })"
    />
  </ul>
  <Fold name="ledger" title="Who takes water, who brings it">
    <LedgerBars :plan="plan" />
  </Fold>
  <ActBar :plan="plan" stage="measure" :ready="!next">
    <ElButton v-if="next && !batch.state.begun" type="primary" size="large" @click="putIn(next.ingredient)"
      >Weighed: {{ units.text(grams(next.ingredient), 'g') }} {{ next.name.toLowerCase() }}</ElButton
    >
  </ActBar>
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
