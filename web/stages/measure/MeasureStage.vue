<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, reactive, ref } from 'vue'
import type { Batch, Plan } from '@/api/types'
import LedgerBars from '@/pictures/LedgerBars.vue'
import AllOrFewer from '@/ui/AllOrFewer.vue'
import BenchFold from '@/ui/BenchFold.vue'
import Fold from '@/ui/Fold.vue'
import { useAppearance } from '@/ui/appearance'
import { useTight } from '@/ui/tight'
import { useUnits } from '@/ui/units'
import { wayWords } from '@/ui/ways'
import { useBatch } from '../batch'
import ActBar from '../ActBar.vue'
import WorkSteps from '../WorkSteps.vue'
import ExtrasList from '../ExtrasList.vue'
import StageHead from '../StageHead.vue'
import MeasureLine from './MeasureLine.vue'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const units = useUnits()
const store = useBatch()
const appearance = useAppearance()
/** The heading has its name; a phone has room for one of them. */
const isTight = useTight()
const lines = computed(() => batch.state.bowl.lines)
const next = computed(() => lines.value.find(line => !line.measured))
/** A phone at the bench shows the line at hand and those that come after it; a short list is shown whole. */
const NEAR = 5
const areAllShown = ref(false)
const isLong = computed(() => isTight.value && lines.value.length > NEAR)
const shown = computed(() => {
  if (!isLong.value || areAllShown.value) return lines.value
  const at = next.value ? lines.value.indexOf(next.value) : 0
  const from = Math.min(at, lines.value.length - NEAR)
  return lines.value.slice(from, from + NEAR)
})
const isWeighed = computed(() => plan.method.measure === 'weight')
const HOW: Record<Plan['method']['measure'], string> = {
  weight: 'By weight',
  cup: 'By cup and spoon',
  feel: 'By hand and eye',
}
const says = computed(() => {
  if (!next.value) return isWeighed.value ? 'All weighed' : 'All measured'
  const how = isWeighed.value ? 'Weigh' : plan.method.measure === 'cup' ? 'Measure' : 'Take about'
  return `${how} ${amount(next.value, planned(next.value.ingredient))}`
})
const detail = computed(() => {
  if (!next.value) return 'Next is the water.'
  // At the bench each line says where it goes.
  if (appearance.isBench) return ''
  const where = plan.mix.pot_share > 0 ? 'into pot and bowl' : 'into the bowl'
  return `${HOW[plan.method.measure]}, one after the other ${where}. Tap a line when it is in.`
})

/** What was typed for a line that is not in yet: the bar puts in just that. */
const typed = reactive<Record<string, number>>({})
const grams = (ingredient: string) => typed[ingredient] || planned(ingredient)

function putIn(ingredient: string) {
  void store.record('measured', { ingredient, grams: grams(ingredient) })
}

/** As it is measured: by the scale, or by the cup with the grams left out. */
function amount(line: Batch['state']['bowl']['lines'][number], weight: number): string {
  const spoons = isWeighed.value ? '' : row(line.ingredient)?.spoons
  return `${spoons || units.text(weight, 'g')} ${line.name.toLowerCase()}`
}

function planned(ingredient: string): number {
  return row(ingredient)?.grams ?? 0
}

function row(ingredient: string) {
  return plan.ledger.find(one => one.ingredient === ingredient)
}
</script>

<template>
  <StageHead :says="says" :detail="detail" />
  <ActBar :plan="plan" stage="measure" :ready="!next">
    <ElButton v-if="next && !batch.state.begun" type="primary" size="large" @click="putIn(next.ingredient)"
      >{{ isWeighed ? 'Weighed' : 'It is in' }}:
      {{
        isTight && isWeighed ? units.text(grams(next.ingredient), 'g') : amount(next, grams(next.ingredient))
      }}</ElButton
    >
  </ActBar>
  <ul class="measure" aria-label="Lines to measure">
    <MeasureLine
      v-for="line in shown"
      :key="line.ingredient"
      :line="line"
      :planned="planned(line.ingredient)"
      :spoons="isWeighed ? undefined : row(line.ingredient)?.spoons"
      :pot="row(line.ingredient)?.pot_grams ?? 0"
      :way="wayWords(row(line.ingredient)?.goes_in)"
      :percent="row(line.ingredient)?.percent ?? 0"
      :is-next="line.ingredient === next?.ingredient"
      :locked="batch.state.begun"
      @typed="weight => (typed[line.ingredient] = weight)"
      @measured="weight => store.record('measured', { ingredient: line.ingredient, grams: weight })"
    />
  </ul>
  <AllOrFewer v-if="isLong" v-model="areAllShown" :all="`All ${lines.length} lines`" />
  <WorkSteps :batch="batch" stage="measure" />
  <BenchFold v-if="batch.state.extras.length" name="beside" title="Beside the dough">
    <ExtrasList :extras="batch.state.extras" />
  </BenchFold>
  <Fold name="ledger" :title="isTight ? 'Who takes water' : 'Who takes water, who brings it'">
    <LedgerBars :plan="plan" />
  </Fold>
</template>

<style scoped>
.measure {
  display: grid;
  gap: 0.5rem;
  margin: 0;
  padding: 0;
  list-style: none;
}

@media (max-width: 48rem) {
  :root[data-view='bench'] .measure {
    gap: 0.2rem;
  }
}

:root[data-view='bench'] .measure {
  grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
}
</style>
