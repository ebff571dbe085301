<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, watch } from 'vue'
import type { Batch, Plan, PlanRequest } from '@/api/types'
import { useHouse } from '@/bench/house'
import WaterColumn from '@/pictures/WaterColumn.vue'
import BenchFold from '@/ui/BenchFold.vue'
import MassInput from '@/ui/MassInput.vue'
import { useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import ActBar from '../ActBar.vue'
import WorkSteps from '../WorkSteps.vue'
import StageHead from '../StageHead.vue'
import LearnedPanel from '../LearnedPanel.vue'
import Warnings from '@/ui/Warnings.vue'
import { jugOf } from './jug'
import { SCALD_STEPS } from './scald'
import WaterFacts from './WaterFacts.vue'
import WaterSliders from './WaterSliders.vue'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const units = useUnits()
const house = useHouse()
const store = useBatch()
const style = computed(() => house.kitchen?.styles.find(one => one.id === plan.style.id))
const request = computed<PlanRequest>(() => store.request ?? batch.request)
const bowl = computed(() => batch.state.bowl)
const begun = computed(() => batch.state.begun)
const toPour = computed(() =>
  begun.value ? bowl.value.reserve_left_grams : plan.water.first_pour_grams.value,
)
const read = ref(toPour.value)
watch(toPour, grams => (read.value = grams))

const says = computed(() => {
  const first = units.text(plan.water.first_pour_grams.value, 'g')
  if (!begun.value && plan.water.by_hand.length)
    return `Pour about ${plan.water.first_pour_spoons} first (${first}), at ${units.text(plan.water.celsius.value, 'celsius')}`
  if (!begun.value) return `Pour ${first} first, at ${units.text(plan.water.celsius.value, 'celsius')}`
  return `${units.text(bowl.value.water_grams, 'g')} is in, that is ${units.text(bowl.value.hydration_percent, 'percent')}`
})
const detail = computed(() =>
  begun.value
    ? `Keep ${units.text(bowl.value.reserve_left_grams, 'g')} by. Mix, then feel the dough.`
    : `Keep ${[units.text(plan.water.reserve_grams.value, 'g') + ' by', plan.water.reserve_spoons].filter(Boolean).join(', ')}. ${SCALD_STEPS[plan.method.scald]}${bowl.value.water.follows_weights ? ' This is for what you weighed in.' : ''}`,
)

function pour() {
  void store.record('poured', { grams: read.value })
}

const jug = computed(() => jugOf(plan.water.parts, units.text))
</script>

<template>
  <StageHead :says="says" :detail="detail" />
  <ActBar :plan="plan" stage="water" :ready="begun">
    <ElButton v-if="!begun" type="primary" size="large" :disabled="!read" @click="pour"
      >Poured {{ units.text(read, 'g') }}</ElButton
    >
  </ActBar>
  <WorkSteps :batch="batch" stage="water" />
  <Warnings :plan="plan" stage="water" :begun="batch.state.begun" @mend="store.mend" />
  <LearnedPanel :plan="plan" :request="request" stage="water" :begun="begun" />
  <div class="water">
    <div class="panel">
      <WaterColumn :plan="plan" :poured="bowl.water_grams" :answers="batch.state.feel_answers" />
    </div>
    <div class="stack paired">
      <div class="panel stack">
        <div class="row">
          <MassInput v-model="read" label="Water poured" @enter="read && pour()" />
          <ElButton v-if="begun" size="large" :disabled="!read" @click="pour"
            >Poured more {{ units.text(read, 'g') }}</ElButton
          >
        </div>
        <div v-if="plan.water.by_hand.length" class="row" role="group" aria-label="Poured by cup and spoon">
          <span class="soft">In went</span>
          <ElButton
            v-for="dip in plan.water.by_hand"
            :key="dip.label"
            @click="store.record('poured', { grams: dip.grams })"
            >{{ dip.label }}</ElButton
          >
        </div>
        <p v-if="!begun && jug">Into the jug: {{ jug }}</p>
      </div>
      <BenchFold name="water" title="Change the water">
        <WaterSliders :request="request" :plan="plan" :kind="style" :locked="begun" @change="store.change" />
      </BenchFold>
      <BenchFold name="water-facts" title="The numbers behind it"><WaterFacts :plan="plan" /></BenchFold>
    </div>
  </div>
</template>

<style scoped>
.water {
  display: grid;
  grid-template-columns: minmax(15rem, 5fr) 7fr;
  gap: var(--gap);
}

.water > .panel {
  align-self: start;
}

@media (max-width: 48rem) {
  :root[data-view='bench'] .water :deep(svg) {
    max-height: 12.5rem;
  }

  .water {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
