<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, ref } from 'vue'
import { useAskingBehind } from '@/api/asking'
import { api } from '@/api/client'
import type { Batch, Plan, PlanRequest } from '@/api/types'
import { useHouse } from '@/bench/house'
import StuffedPicture from '@/pictures/StuffedPicture.vue'
import TrueDisc from '@/pictures/TrueDisc.vue'
import Choice from '@/ui/Choice.vue'
import BenchFold from '@/ui/BenchFold.vue'
import Fader from '@/ui/Fader.vue'
import Fold from '@/ui/Fold.vue'
import Why from '@/ui/Why.vue'
import { duration, useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import { discOf, sizeWords } from '@/bench/course'
import { withThickness, withWish } from '@/api/requests'
import ActBar from '../ActBar.vue'
import ExtrasNow from '../ExtrasNow.vue'
import StageHead from '../StageHead.vue'
import LearnedPanel from '../LearnedPanel.vue'
import Warnings from '@/ui/Warnings.vue'
import DiscInput from './DiscInput.vue'
import HandlingCard from './HandlingCard.vue'
import WayCard from './WayCard.vue'
import { questionOf, usualMeasures, usualWay, WAYS } from './ways'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const units = useUnits()
const house = useHouse()
const store = useBatch()
const style = computed(() => house.kitchen?.styles.find(one => one.id === plan.style.id))
const request = computed<PlanRequest>(() => store.request ?? batch.request)
/** While a slider moves, the plan's own; then that of the dough as it came out. */
const diameter = computed(() => discOf(batch, plan))
const thickness = computed({
  get: () => Math.round(plan.shape.thickness_mm.value * 10) / 10,
  set: value => store.change(withThickness(request.value, plan, value)),
})

const longer = computed({
  get: () => request.value.pieces?.long_over_wide ?? 1,
  set: value =>
    store.change(withWish(request.value, 'pieces', { long_over_wide: value > 1 ? value : undefined })),
})

const says = computed(
  () =>
    `${sizeWords(diameter.value.value, plan, units.text)}, ${units.text(plan.shape.thickness_mm.value, 'mm')} ${plan.method.shape === 'pour' ? 'deep' : 'thick'}`,
)
/** What a plan with a filling says itself is not worked out beside it. */
const ways = computed(() => WAYS.filter(one => one.value !== 'stuffed' || !plan.shape.stuffed))
/** A filled bread is opened, closed and pressed; any other is handled as its way of shaping asks. */
const detail = computed(() => {
  const filled = plan.shape.stuffed
  if (!filled) return shaping.answer.value?.handling.steps[0] ?? ''
  return `Open a piece to ${units.text(filled.opening_mm, 'mm')}, close it over ${units.text(filled.filling_grams, 'g')} of filling, then press.`
})
const way = ref(usualWay(plan))
const measures = ref(
  usualMeasures(plan, request.value.gear?.pan?.diameter_mm ?? request.value.gear?.griddle?.diameter_mm),
)
const question = computed(() => ({ request: request.value, ...questionOf(way.value, measures.value) }))
const shaping = useAskingBehind(api.shape, question, storeToRefs(store).isPlanning)
const guideSheet = computed(() => {
  const guide = shaping.answer.value?.handling.guide_mm ?? plan.shape.thickness_mm.value
  return (paper: 'a4' | 'letter') =>
    `/guides/ring?diameter_mm=${diameter.value.value.toFixed(1)}&thickness_mm=${guide.toFixed(2)}&paper=${paper}`
})
</script>

<template>
  <StageHead :says="says" :detail="detail" />
  <ActBar :plan="plan" stage="shape" />
  <ExtrasNow :batch="batch" stage="shape" />
  <Warnings :plan="plan" stage="shape" :begun="batch.state.begun" @mend="store.mend" />
  <LearnedPanel :plan="plan" :request="request" stage="shape" :begun="batch.state.griddle.since !== null" />
  <div class="panel stack">
    <div class="shape-faders">
      <Fader
        v-model="thickness"
        label="Thickness"
        :min="Math.floor((style?.thickness_range[0] ?? 1) * 8) / 10"
        :max="Math.ceil((style?.thickness_range[1] ?? 4) * 12) / 10"
        :step="0.1"
        unit="mm"
      />
      <Fader
        v-if="plan.method.shape !== 'pour' && plan.method.shape !== 'cutter'"
        v-model="longer"
        label="As long as wide"
        :min="1"
        :max="4"
        :step="0.1"
        :unit="null"
        :words="value => (value > 1 ? `${value.toFixed(1)} times` : 'round')"
      />
      <div class="row">
        <span
          ><strong>{{ sizeWords(diameter.value, plan, units.text) }}</strong></span
        >
        <Why :figure="diameter" label="Diameter" />
        <span class="soft">Uncovered no longer than {{ duration(plan.shape.uncovered_seconds) }}.</span>
      </div>
    </div>
  </div>
  <div v-if="plan.shape.stuffed" class="panel stack">
    <StuffedPicture :stuffed="plan.shape.stuffed" />
    <p :class="{ 'is-harm': !plan.shape.stuffed.holds }">{{ units.words(plan.shape.stuffed.words) }}</p>
  </div>
  <BenchFold name="handling" title="By hand, press or pin">
    <HandlingCard
      v-if="shaping.answer.value"
      :plan="plan"
      :request="request"
      :shaping="shaping.answer.value"
    />
  </BenchFold>
  <BenchFold name="ways" title="How the dough becomes pieces">
    <div class="panel stack">
      <Choice v-model="way" label="How the dough becomes pieces" :options="ways" />
      <p v-if="shaping.refused.value" role="alert">{{ shaping.refused.value }}</p>
      <WayCard
        v-if="shaping.answer.value && way !== 'disc'"
        v-model="measures"
        :way="way"
        :shaping="shaping.answer.value"
      />
    </div>
  </BenchFold>
  <Fold
    v-if="plan.method.shape !== 'pour' && plan.shape.length_share === 1"
    name="measured-disc"
    title="Measure one"
  >
    <DiscInput
      :planned="diameter.value"
      @measured="value => store.record('disc_measured', { diameter_mm: value })"
    />
  </Fold>
  <Fold name="true-disc" title="The disc at true size">
    <TrueDisc
      :diameter="diameter.value"
      :thickness="plan.shape.thickness_mm.value"
      :long="plan.shape.length_share"
      :wide="plan.shape.width_share"
    />
    <p class="row">
      <span class="soft">To print to true size, with a ruler to check the printer:</span>
      <a :href="guideSheet('a4')" target="_blank" rel="noopener">ring and guide, A4</a>
      <a :href="guideSheet('letter')" target="_blank" rel="noopener">ring and guide, letter</a>
    </p>
  </Fold>
</template>

<style scoped>
.shape-faders {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(18rem, 100%), 1fr));
  gap: 0.4rem 1.4rem;
}

/* Beside two faders what comes of them has a line of its own. */
.shape-faders > :nth-child(3) {
  grid-column: 1 / -1;
}
</style>
