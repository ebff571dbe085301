<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Batch, Plan } from '@/api/types'
import Fader from '@/ui/Fader.vue'
import Why from '@/ui/Why.vue'
import Fold from '@/ui/Fold.vue'
import RestFields from '@/ui/RestFields.vue'
import TighteningPicture from '@/pictures/TighteningPicture.vue'
import { duration, useUnits } from '@/ui/units'
import { heatFrom } from '@/bench/course'
import { useBatch } from '../batch'
import CountdownRing from '../CountdownRing.vue'
import FeelAgain from '../FeelAgain.vue'
import ActBar from '../ActBar.vue'
import StageHead from '../StageHead.vue'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const store = useBatch()
const units = useUnits()
const growth = computed(() => units.text(plan.rise?.growth ?? 1, 'share'))
const wanted = computed({
  get: () => plan.rise?.growth ?? 1.5,
  set: value => {
    const request = store.request ?? batch.request
    store.change({ ...request, rise: { growth: value } })
  },
})
const says = computed(() => {
  if (rest.value.ends_at) return plan.rise ? 'Rising under a damp cloth' : 'Resting under a damp cloth'
  return `Cover it and ${plan.rise ? 'let it rise' : 'rest'} ${duration(rest.value.seconds)}`
})
const detail = computed(() => {
  const where =
    plan.rest.place === 'room'
      ? ''
      : ` ${plan.rest.words.charAt(0).toUpperCase()}${plan.rest.words.slice(1)}.`
  return what() + where
})

function what(): string {
  if (plan.rise)
    return 'Warm and covered: mark the bowl where the dough stands, the mark is surer than the clock.'
  return 'Starch and gums go on drinking. A drying skin is a crack later, so keep it covered.'
}

/** Against a mark on the bowl, where the dough stood at first. */
const GROWN = [1.1, 1.25, 1.5, 1.75, 2]
const rest = computed(() => batch.state.rest)
</script>

<template>
  <StageHead :says="says" :detail="detail" />
  <ActBar :plan="plan" stage="rest" :ready="rest.ends_at !== null">
    <ElButton v-if="!rest.ends_at" type="primary" size="large" @click="store.record('rest_started')"
      >Start the {{ plan.rise ? 'rise' : 'rest' }}</ElButton
    >
  </ActBar>
  <div class="panel stack rest">
    <Fader
      v-if="plan.rise && !rest.ends_at"
      v-model="wanted"
      class="rest-growth"
      label="Grown to, of its first size"
      :min="1.2"
      :max="2.5"
      :step="0.1"
      unit="share"
    />
    <CountdownRing v-if="rest.ends_at" :ends-at="rest.ends_at" :seconds="rest.seconds" />
    <p v-if="plan.rise?.minutes">
      Until it has grown to {{ growth }} of its size: about {{ units.text(plan.rise.minutes.value, 'min') }},
      by the eye between {{ units.text(plan.rise.minutes.low, 'min') }} and
      {{ units.text(plan.rise.minutes.high, 'min') }}.
      <Why :figure="plan.rise.minutes" label="Rise" />
    </p>
    <div
      v-if="plan.rise && rest.started_at"
      class="row"
      role="group"
      aria-label="Against the mark it stands at"
    >
      <span>Against the mark it stands at</span>
      <ElButton
        v-for="times in GROWN"
        :key="times"
        :aria-pressed="batch.state.grown?.growth === times"
        @click="store.record('growth_seen', { growth: times })"
        >{{ units.text(times, 'share') }}</ElButton
      >
    </div>
    <p v-if="batch.state.grown" class="soft" role="status">The clock follows what you saw.</p>
    <p>
      Griddle on at <strong>{{ heatFrom(batch, plan) }}</strong>, so that it is steady when the first piece is
      laid.
    </p>
  </div>
  <FeelAgain v-if="rest.started_at && batch.state.begun" :batch="batch" :plan="plan" />
  <Fold v-if="plan.rest.course.length" name="tightens" title="How it changes while it waits">
    <p>{{ plan.rest.tightens }}</p>
    <TighteningPicture :rest="plan.rest" />
  </Fold>
  <Fold v-if="!rest.started_at && !plan.rise" name="rests" title="How it waits">
    <RestFields :request="store.request ?? batch.request" :plan="plan" @change="store.change" />
  </Fold>
</template>

<style scoped>
.rest-growth {
  width: min(30rem, 100%);
}

.rest {
  justify-items: center;
  padding: 2rem;
}
</style>
