<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, watch } from 'vue'
import type { Batch, Plan, PlanRequest } from '@/api/types'
import { useHouse } from '@/house'
import WaterColumn from '@/pictures/WaterColumn.vue'
import Choice from '@/ui/Choice.vue'
import Fader from '@/ui/Fader.vue'
import MassInput from '@/ui/MassInput.vue'
import Why from '@/ui/Why.vue'
import { useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import { withMethod, withWish } from '../requests'
import StageFoot from '../StageFoot.vue'
import StageHead from '../StageHead.vue'
import Warnings from '../Warnings.vue'
import { SCALD_STEPS } from './scald'

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
  if (!begun.value)
    return `Pour ${units.text(plan.water.first_pour_grams.value, 'g')} first, at ${units.text(plan.water.celsius.value, 'celsius')}`
  return `${units.text(bowl.value.water_grams, 'g')} is in, that is ${units.text(bowl.value.hydration_percent, 'percent')}`
})
const detail = computed(() =>
  begun.value
    ? `Keep ${units.text(bowl.value.reserve_left_grams, 'g')} by. Mix, then feel the dough.`
    : `Keep ${units.text(plan.water.reserve_grams.value, 'g')} by. ${SCALD_STEPS[plan.method.scald]}`,
)

const hydration = computed({
  get: () => Math.round(plan.water.hydration_percent.value),
  set: value => store.change(withWish(request.value, 'water', { hydration_percent: value })),
})
const celsius = computed({
  get: () => Math.round(plan.water.celsius.value),
  set: value => store.change(withWish(request.value, 'water', { celsius: value, dough_celsius: undefined })),
})
const risk = computed({
  get: () => Math.round((request.value.water?.overshoot_risk ?? 0.1) * 100),
  set: value => store.change(withWish(request.value, 'water', { overshoot_risk: value / 100 })),
})
const scald = computed({
  get: () => plan.method.scald,
  set: value => store.change(withMethod(request.value, { scald: value })),
})
const isOwn = computed(
  () => request.value.water?.hydration_percent !== undefined || request.value.water?.celsius !== undefined,
)
</script>

<template>
  <StageHead :says="says" :detail="detail" />
  <Warnings :plan="plan" stage="water" />
  <div class="water">
    <div class="panel">
      <WaterColumn :plan="plan" :poured="bowl.water_grams" :answers="batch.state.feel_answers" />
    </div>
    <div class="stack">
      <div class="panel stack">
        <div class="row">
          <MassInput v-model="read" label="Water poured" />
          <ElButton
            type="primary"
            size="large"
            :disabled="!read"
            @click="store.record('poured', { grams: read })"
          >
            {{ begun ? 'Poured more' : 'Poured' }} {{ units.text(read, 'g') }}
          </ElButton>
        </div>
      </div>
      <div class="panel stack">
        <Fader
          v-model="hydration"
          label="Water, in % of the flour"
          :min="Math.floor((style?.hydration_range[0] ?? 20) * 0.8)"
          :max="Math.ceil((style?.hydration_range[1] ?? 200) * 1.15)"
          :step="1"
          unit="percent"
          :disabled="begun"
        />
        <Fader
          v-model="celsius"
          label="Water temperature"
          :min="5"
          :max="100"
          :step="1"
          unit="celsius"
          :disabled="begun"
        />
        <Fader
          v-model="risk"
          label="Chance that the first pour is too much"
          :min="2"
          :max="40"
          :step="1"
          unit="percent"
          :disabled="begun"
        />
        <Choice
          v-model="scald"
          label="Scald"
          :disabled="begun"
          :options="[
            { value: 'none', label: 'None' },
            { value: 'pour_over', label: 'Pour over' },
            { value: 'half_in_pot', label: 'Half in the pot' },
            { value: 'all_in_pot', label: 'All in the pot' },
          ]"
        />
        <ElButton
          v-if="isOwn && !begun"
          @click="
            store.change(
              withWish(request, 'water', {
                hydration_percent: undefined,
                celsius: undefined,
                dough_celsius: undefined,
              }),
            )
          "
        >
          Back to what the flour wants
        </ElButton>
      </div>
      <dl class="panel water-facts">
        <div>
          <dt>All the water</dt>
          <dd>
            {{ units.text(plan.water.grams.value, 'g') }}
            <Why :figure="plan.water.grams" label="All the water" />
          </dd>
        </div>
        <div>
          <dt>First pour</dt>
          <dd>
            {{ units.text(plan.water.first_pour_grams.value, 'g') }}
            <Why :figure="plan.water.first_pour_grams" label="First pour" />
          </dd>
        </div>
        <div>
          <dt>Dough will be</dt>
          <dd>
            {{ units.text(plan.mix.celsius.value, 'celsius') }}
            <Why :figure="plan.mix.celsius" label="Dough temperature" />
          </dd>
        </div>
        <div>
          <dt>Starch swollen</dt>
          <dd>
            {{ units.text(plan.mix.swollen_share.value, 'share') }}
            <Why :figure="plan.mix.swollen_share" label="Starch swollen" />
          </dd>
        </div>
        <div>
          <dt>Binding</dt>
          <dd>
            {{ units.text(plan.binding.index.value, 'index') }} of
            {{ units.text(plan.binding.needed.value, 'index') }} needed
            <Why :figure="plan.binding.index" label="Binding" />
          </dd>
        </div>
      </dl>
    </div>
  </div>
  <StageFoot :plan="plan" stage="water" :ready="begun" />
</template>

<style scoped>
.water {
  display: grid;
  grid-template-columns: minmax(15rem, 5fr) 7fr;
  gap: var(--gap);
}

.water-column {
  align-self: start;
}

.water-facts {
  margin: 0;
}

.water-facts div {
  display: flex;
  align-items: center;
  justify-content: space-between;
  border-top: 1px solid var(--panel-edge);
}

.water-facts div:first-child {
  border-top: 0;
}

.water-facts dt {
  color: var(--ink-soft);
}

.water-facts dd {
  margin: 0;
  font-weight: 600;
}

@media (max-width: 48rem) {
  .water {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
