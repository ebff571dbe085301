<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Batch, FeelAnswer, Plan } from '@/api/types'
import BenchFold from '@/ui/BenchFold.vue'
import HeatInput from '@/ui/HeatInput.vue'
import { useAppearance } from '@/ui/appearance'
import Why from '@/ui/Why.vue'
import { clock, useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import { useFeelAnswer } from '../feelAnswer'
import ActBar from '../ActBar.vue'
import WorkSteps from '../WorkSteps.vue'
import StageHead from '../StageHead.vue'
import Warnings from '@/ui/Warnings.vue'
import FeelAnswerCard from './FeelAnswerCard.vue'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const units = useUnits()
const store = useBatch()
const appearance = useAppearance()
const feel = computed(() => batch.state.bowl.feel)
const { answer, workedIn } = useFeelAnswer(() => batch)
const says = computed(() => {
  if (!batch.state.begun) return 'Pour the water first'
  if (!answer.value) return 'How does it feel?'
  if (answer.value.grade !== 'ready') return sentence(answer.value)
  return plan.rest.seconds > 0 ? 'It is ready. Cover it.' : 'It is ready. Go on at once.'
})
const isBatter = computed(() => plan.water.texture === 'batter')
const isUnsure = computed(() => plan.method.measure !== 'weight')
const kneading = computed(() => batch.state.clocks.find(one => one.started_by === 'knead_started'))
const handWarm = computed(() => plan.mix.hand_warm_minutes.value)
const detail = computed(() => {
  const machine = plan.mix.worked === 'machine'
  const knead = isBatter.value
    ? `Stir ${clock(plan.mix.knead_seconds)}, then let it run off the spoon.`
    : `Knead ${clock(plan.mix.knead_seconds)}${machine ? ' by machine' : ''}, then press a thumb into it.`
  if (machine && handWarm.value > 0.5)
    return `The machine can have it hot; hands in about ${units.text(handWarm.value, 'min')}. ${knead}`
  return handWarm.value > 0.5
    ? `Spoon it apart; hand-warm in about ${units.text(handWarm.value, 'min')}. ${knead}`
    : knead
})

function sentence(one: FeelAnswer): string {
  if (isBatter.value)
    return `${one.offset_points < 0 ? 'Too thick: stir in' : 'Too thin: whisk in'} ${amount(one)}`
  return `${one.offset_points < 0 ? 'Too dry' : 'Too wet'}: work in ${amount(one)}`
}

/** What is to be worked in, in the same words wherever it is said. */
function amount(one: FeelAnswer): string {
  return one.offset_points < 0
    ? `${units.text(one.water_grams?.value ?? 0, 'g')} water`
    : `${units.text(mixGrams(one), 'g')} dry mix`
}

function mixGrams(one: FeelAnswer): number {
  return one.dry_mix.reduce((sum, line) => sum + line.grams, 0)
}
</script>

<template>
  <StageHead :says="says" :detail="detail" />
  <ActBar :plan="plan" stage="mix" :ready="feel === 'ready'">
    <RouterLink v-if="!batch.state.begun" :to="{ name: 'batch', params: { id: batch.id, stage: 'water' } }"
      ><ElButton type="primary" tag="span" size="large">To the water</ElButton></RouterLink
    >
    <ElButton
      v-else-if="kneading && !kneading.ends_at && !answer"
      size="large"
      @click="store.record('knead_started')"
      >Start {{ isBatter ? 'stirring' : 'kneading' }}, {{ clock(kneading.seconds) }}</ElButton
    >
    <ElButton
      v-else-if="answer && answer.offset_points !== 0"
      type="primary"
      size="large"
      @click="workedIn(batch.state.portion.count)"
      >{{ isBatter ? 'Stirred in' : 'Worked in' }} {{ amount(answer) }}</ElButton
    >
  </ActBar>
  <WorkSteps v-if="batch.state.begun && !answer" :batch="batch" stage="mix" />
  <p v-if="plan.rest.tightens && batch.state.begun" class="panel">{{ units.words(plan.rest.tightens) }}</p>
  <Warnings :plan="plan" stage="mix" :begun="batch.state.begun" @mend="store.mend" />
  <div
    v-if="batch.state.begun || !appearance.isBench"
    class="feel"
    role="group"
    aria-label="How the dough feels"
  >
    <button
      v-for="one in batch.state.feel_answers"
      :key="one.grade"
      type="button"
      class="feel-grade"
      :class="{ 'is-ready': one.grade === 'ready', 'is-wet': one.offset_points > 0 }"
      :disabled="!batch.state.begun"
      :aria-pressed="one.grade === feel"
      @click="store.record('felt', { grade: one.grade })"
    >
      <strong>{{ one.name }}</strong>
      <span>{{ one.test }}</span>
    </button>
  </div>
  <p v-if="batch.state.bowl.rescue" class="rescue" role="alert">{{ units.words(batch.state.bowl.rescue) }}</p>
  <FeelAnswerCard
    v-if="answer"
    :answer="answer"
    :plan="plan"
    :count="batch.state.portion.count"
    @worked-in="workedIn"
  />
  <p v-if="batch.state.begun && isUnsure" class="panel">
    The flour was not weighed: the hydration may be anything from
    {{ units.text(batch.state.bowl.hydration_low_percent, 'percent') }} to
    {{ units.text(batch.state.bowl.hydration_high_percent, 'percent') }}.
  </p>
  <BenchFold name="dough-heat" title="The dough by thermometer">
    <div class="panel row">
      <span
        >Dough planned at <strong>{{ units.text(plan.mix.celsius.value, 'celsius') }}</strong></span
      >
      <Why :figure="plan.mix.celsius" label="Dough temperature" />
      <span v-if="batch.state.bowl.celsius !== null"
        >, read at <strong>{{ units.text(batch.state.bowl.celsius, 'celsius') }}</strong></span
      >
      <HeatInput
        label="The dough by your thermometer"
        :most="100"
        @read="celsius => store.record('temperature_taken', { celsius })"
      />
      <template v-if="handWarm > 0.5">
        <span
          >hand-warm after <strong>{{ units.text(handWarm, 'min') }}</strong></span
        >
        <Why :figure="plan.mix.hand_warm_minutes" label="Hand-warm" />
      </template>
    </div>
  </BenchFold>
</template>

<style scoped>
.feel {
  display: grid;
  grid-template-columns: repeat(7, minmax(0, 1fr));
  gap: 0.4rem;
}

.rescue {
  padding: 0.7rem 0.9rem;
  border-left: 6px solid var(--harm);
  background: var(--harm-wash);
}

.feel-grade {
  display: grid;
  align-content: start;
  gap: 0.3rem;
  min-height: 9rem;
  padding: 0.7rem 0.5rem;
  border: 2px solid var(--edge-strong);
  border-top: 10px solid var(--dough-edge);
  border-radius: var(--round);
  background: var(--panel);
  color: var(--ink);
  font: inherit;
  font-size: 0.92rem;
  text-align: left;
  cursor: pointer;
}

.feel-grade strong {
  font: 600 1.02rem var(--font-head);
}

.feel-grade.is-wet {
  border-top-color: var(--water);
}

.feel-grade.is-ready {
  border-top-color: var(--ready);
}

.feel-grade[aria-pressed='true'] {
  border-color: var(--active);
  background: var(--active-wash);
  outline: 2px solid var(--active);
}

.feel-grade:disabled {
  opacity: 0.6;
  cursor: default;
}

:root[data-view='bench'] .feel {
  grid-template-columns: repeat(4, minmax(0, 1fr));
}

@media (max-width: 60rem) {
  .feel,
  :root[data-view='bench'] .feel {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }

  .feel-grade {
    min-height: var(--target);
  }

  :root[data-view='bench'] .feel-grade {
    gap: 0.1rem;
    padding: 0.3rem 0.5rem;
    border-top-width: 7px;
    font-size: 0.88rem;
    line-height: 1.25;
  }
}
</style>
