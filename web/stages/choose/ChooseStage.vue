<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed } from 'vue'
import type { Batch, Plan, PlanRequest } from '@/api/types'
import { useHouse } from '@/bench/house'
import Choice from '@/ui/Choice.vue'
import BenchFold from '@/ui/BenchFold.vue'
import Fader from '@/ui/Fader.vue'
import ForWhat from '@/ui/ForWhat.vue'
import OnWhat from '@/ui/OnWhat.vue'
import { remembered } from '@/ui/remembered'
import { useAppearance } from '@/ui/appearance'
import Views from '@/ui/Views.vue'
import LabelPanel from '@/ui/LabelPanel.vue'
import { withPieces } from '@/ui/size'
import { useBatch } from '../batch'
import ActBar from '../ActBar.vue'
import StageHead from '../StageHead.vue'
import LearnedPanel from '../LearnedPanel.vue'
import Warnings from '@/ui/Warnings.vue'
import LinePanel from './LinePanel.vue'
import ServeAt from './ServeAt.vue'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const VIEWS = [
  { value: 'much', label: 'How much' },
  { value: 'when', label: 'When' },
  { value: 'what', label: 'What is in it' },
] as const
type View = (typeof VIEWS)[number]['value']
const view = remembered<View>('choose', 'much')
/** At the bench the bread is decided: what it is good for was read before. */
const { isBench } = storeToRefs(useAppearance())
const house = useHouse()
const store = useBatch()
const style = computed(() => house.kitchen?.styles.find(one => one.id === plan.style.id))
const request = computed<PlanRequest>(() => store.request ?? batch.request)
const newer = computed(() => {
  const newest = house.kitchen?.breads.find(one => one.id === batch.bread.id)?.revision ?? 0
  return newest > batch.bread.revision ? newest : 0
})
const count = computed({
  // What was last wished for, not what was last worked out: a quick hand is not made to wait.
  get: () => request.value.pieces?.count ?? plan.portion.count,
  set: value => store.change(withPieces(request.value, { count: value })),
})
const eaters = computed({
  get: () => request.value.pieces?.eaters ?? 0,
  set: value =>
    store.change(withPieces(request.value, value > 0 ? { eaters: value } : { count: count.value })),
})
const grams = computed({
  get: () => request.value.pieces?.grams_each ?? plan.portion.piece_grams.value,
  set: value => store.change(withPieces(request.value, { grams_each: value })),
})
const hands = computed({
  get: () => String(request.value.hands ?? 1),
  set: value => store.change({ ...request.value, hands: Number(value) }),
})
</script>

<template>
  <StageHead :says="`${plan.portion.count} × ${batch.bread.name}`" :detail="isBench ? '' : style?.purpose" />
  <ActBar :plan="plan" stage="choose" />
  <Views v-model="view" label="What to choose" :options="[...VIEWS]" />
  <Warnings v-if="view === 'much'" :plan="plan" :begun="batch.state.begun" @mend="store.mend" />
  <div v-if="view === 'much'" class="choose paired">
    <div class="panel stack choose-much">
      <h2>How many, how big</h2>
      <Fader
        v-model="count"
        label="Pieces"
        :min="1"
        :max="200"
        :step="1"
        :unit="null"
        :disabled="batch.state.begun"
      />
      <BenchFold name="eaters" title="Or for how many eaters" phone>
        <Fader
          v-model="eaters"
          label="Or for how many eaters"
          :min="0"
          :max="30"
          :step="1"
          :unit="null"
          :words="value => (value ? String(value) : 'not said')"
          :disabled="batch.state.begun"
        />
      </BenchFold>
      <Fader
        v-model="grams"
        label="Each, raw"
        :min="Math.floor((style?.piece_grams_range[0] ?? 20) * 0.8)"
        :max="Math.ceil((style?.piece_grams_range[1] ?? 90) * 1.2)"
        :step="1"
        unit="g"
        :disabled="batch.state.begun"
      />
      <p v-if="batch.state.begun" class="soft">
        Water is in the flour: number and size are settled when you portion.
      </p>
    </div>
    <BenchFold name="on-what" title="On what, with whom">
      <div class="panel stack">
        <h2 v-if="!isBench">On what, with whom</h2>
        <OnWhat :request="request" :pours="plan.method.shape === 'pour'" @change="store.change" />
        <Choice
          v-model="hands"
          label="Pairs of hands"
          :options="['1', '2', '3', '4'].map(value => ({ value, label: value }))"
        />
        <ForWhat :request="request" @change="store.change" />
        <p v-if="!batch.state.begun" class="soft">
          Made by version {{ batch.bread.revision
          }}{{ newer ? `; version ${newer} was saved since and counts from the next batch on` : '' }}.
          <RouterLink
            :to="{
              name: 'bread',
              params: { id: batch.bread.id },
              query: { batch: batch.id, by: batch.bread.revision },
            }"
            >Change the formula of this bread →</RouterLink
          >
        </p>
      </div>
    </BenchFold>
    <LearnedPanel class="choose-learned" :plan="plan" :request="request" :begun="batch.state.begun" />
  </div>
  <template v-else-if="view === 'when'">
    <div class="panel stack">
      <h2 v-if="!isBench">For when</h2>
      <ServeAt :request="request" :plan="plan" :begun="batch.state.begun" @change="store.change" />
    </div>
    <LinePanel :batch="batch" :plan="plan" :request="request" @change="store.change" />
  </template>
  <div v-else class="panel stack">
    <h2 v-if="!isBench">What is in it, for whom, for how much</h2>
    <LabelPanel
      :request="request"
      :plan="plan"
      :locked="batch.state.begun"
      :bread="batch.bread"
      :cautioned="plan.cautions.some(one => one.id === 'net-carbohydrate')"
      @change="store.change"
    />
  </div>
  <LearnedPanel v-if="view !== 'much'" :plan="plan" :request="request" :begun="batch.state.begun" />
</template>

<style scoped>
.choose {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(19rem, 100%), 1fr));
  gap: var(--gap);
}

.choose-learned {
  grid-column: 1 / -1;
}

:root[data-view='bench'] .choose {
  align-items: start;
}

:root[data-view='bench'] .choose-learned {
  grid-column: auto;
}

:root[data-view='bench'] .choose-much {
  display: grid;
  grid-column: 1 / -1;
  grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
}

:root[data-view='bench'] .choose-much > h2 {
  display: none;
}

:root[data-view='bench'] .choose-much > p {
  grid-column: 1 / -1;
}
</style>
