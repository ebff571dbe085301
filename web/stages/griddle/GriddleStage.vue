<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { ElButton } from 'element-plus'
import { computed, onMounted, useTemplateRef } from 'vue'
import type { Batch, Plan, PlanRequest } from '@/api/types'
import { useWakeLock } from '@/bench/wakeLock'
import GriddleMap from '@/pictures/GriddleMap.vue'
import { useAppearance } from '@/ui/appearance'
import BenchFold from '@/ui/BenchFold.vue'
import Fold from '@/ui/Fold.vue'
import { useNow } from '@/ui/now'
import { remembered } from '@/ui/remembered'
import { useTight } from '@/ui/tight'
import Views from '@/ui/Views.vue'
import { useBatch } from '../batch'
import ActBar from '../ActBar.vue'
import ExtrasNow from '../ExtrasNow.vue'
import SomethingWrong from '../faults/SomethingWrong.vue'
import LearnedPanel from '../LearnedPanel.vue'
import Warnings from '@/ui/Warnings.vue'
import BakeBench from './BakeBench.vue'
import CuePanel from './CuePanel.vue'
import GriddleFaders from './GriddleFaders.vue'
import GriddleSay from './GriddleSay.vue'
import HeatWatch from './HeatWatch.vue'
import KeptLine from './KeptLine.vue'
import KnobSetting from './KnobSetting.vue'
import OvenFaders from './OvenFaders.vue'
import OvenPanel from './OvenPanel.vue'
import ProbePanel from './ProbePanel.vue'
import WhatIf from './WhatIf.vue'
import { roundWords } from './finish'
import { useHands } from './useHands'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
/** Thinner breads leave no room for a probe. */
const PROBE_MILLIMETRES = 6
/** Working a griddle, planning its heat and asking what else could be are three things: one at a time. */
const VIEWS = [
  { value: 'work', label: 'Work' },
  { value: 'plan', label: 'Plan the heat' },
  { value: 'if', label: 'What if' },
] as const
const view = remembered<(typeof VIEWS)[number]['value']>('griddle', 'work')
// With bread on the metal hands come first, however the page was left.
if (batch.state.griddle.pieces.length) view.value = 'work'
const store = useBatch()
const now = useNow(200)
const bench = useTemplateRef('bench')
const { griddle, next, said, reason, poured, press, tap, pause, see, signs } = useHands(
  () => batch,
  () => plan,
  now,
)
const request = computed<PlanRequest>(() => store.request ?? batch.request)
const oven = computed(() => batch.state.oven)
const usesOven = computed(() => ['oven', 'broiler_then_oven'].includes(plan.griddle.finish))
const cooking = computed(() => griddle.value.pieces.length > 0)
const thick = computed(() => plan.shape.thickness_mm.value >= PROBE_MILLIMETRES)
const isTight = useTight()
const { isBench } = storeToRefs(useAppearance())
useWakeLock()
onMounted(() => bench.value?.focus({ preventScroll: true }))
</script>

<template>
  <div class="griddle-head">
    <Views v-model="view" label="At the griddle" :options="[...VIEWS]" />
    <ElButton
      v-if="view === 'work' && !isTight"
      class="griddle-pause"
      :aria-pressed="griddle.paused_at !== null"
      @click="pause"
      >{{ griddle.paused_at ? 'Go on' : 'Pause' }}</ElButton
    >
    <SomethingWrong />
  </div>
  <div
    v-if="view === 'work'"
    ref="bench"
    class="griddle"
    tabindex="-1"
    aria-label="At the griddle: Space does the next thing"
  >
    <GriddleSay
      :griddle="griddle"
      :next="next"
      :said="said"
      :reason="reason"
      :poured="poured"
      :signs="signs"
      :over="plan.shape.carry.over_words"
      @see="see"
    >
      <ExtrasNow :batch="batch" stage="griddle" />
      <template #beside>
        <ElButton v-if="isTight" :aria-pressed="griddle.paused_at !== null" @click="pause">{{
          griddle.paused_at ? 'Go on' : 'Pause'
        }}</ElButton>
      </template>
    </GriddleSay>
    <GriddleMap :plan="plan" :request="request" :griddle="griddle" :next="next" :now="now" @tap="tap" />
    <KeptLine class="griddle-wide" :batch="batch" :plan="plan" />
    <CuePanel v-if="!isBench" class="griddle-wide" />
  </div>
  <ActBar :plan="plan" stage="griddle" :ready="!next && !griddle.paused_at && !oven">
    <ElButton v-if="next" type="primary" size="large" class="griddle-act" @click="press"
      >{{ said.says }}<kbd>Space</kbd></ElButton
    >
    <ElButton
      v-if="oven && !oven.started_at && (!next || griddle.lifted > 0)"
      :type="next ? 'default' : 'primary'"
      size="large"
      @click="store.record('oven_in')"
      >{{ roundWords(oven.what) }}</ElButton
    >
    <ElButton
      v-if="oven?.started_at"
      :type="next ? 'default' : 'primary'"
      size="large"
      @click="store.record('oven_out')"
      >It is done: out of it</ElButton
    >
  </ActBar>
  <OvenPanel v-if="oven && (!next || oven.started_at)" :oven="oven" :plan="plan" />
  <div class="griddle-folds paired">
    <Fold v-if="view === 'work' && isBench" name="cues" title="Sound, voice, pedal"><CuePanel /></Fold>
    <KnobSetting v-if="view === 'plan'" :plan="plan" :request="request" />
    <!-- It goes on reading while the heat is planned anew. -->
    <div v-show="view === 'work'" class="stack griddle-hot">
      <BenchFold name="heat" title="How hot it is">
        <KnobSetting :plan="plan" :request="request" />
        <div class="griddle-heat">
          <HeatWatch :plan="plan" :request="request" :surface="batch.state.griddle.surface" />
          <ProbePanel v-if="thick && plan.griddle.done_celsius" :plan="plan" :griddle="griddle" />
        </div>
      </BenchFold>
    </div>
    <Warnings
      :plan="plan"
      stage="griddle"
      :begun="batch.state.begun"
      :busy="view === 'work'"
      @mend="store.mend"
    />
  </div>
  <div v-if="view === 'plan'" class="griddle-plan paired">
    <GriddleFaders :plan="plan" :request="request" :cooking="cooking" />
    <OvenFaders v-if="usesOven" :plan="plan" :request="request" />
    <BenchFold name="inside" title="Inside the bread">
      <BakeBench :request="request" :plan="plan" :cooking="cooking" />
    </BenchFold>
  </div>
  <template v-if="view === 'if'">
    <LearnedPanel :plan="plan" :request="request" stage="griddle" :begun="cooking" />
    <WhatIf :request="request" :plan="plan" :cooking="cooking" />
  </template>
</template>

<style scoped>
.griddle-head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.8rem;
  align-items: center;
  justify-content: space-between;
}

.griddle-pause {
  min-height: var(--target);
  margin: 0 0 0 auto;
}

@media (max-width: 48rem) {
  :root[data-view='bench'] .griddle-hot {
    flex: 1 1 var(--shut);
  }
}

@media (max-width: 36rem) {
  .griddle-head {
    gap: 0.25rem;
  }

  /* Three views and what is wrong stand in one line of a phone. */
  :root[data-view='bench'] .griddle-head :deep(.views) {
    font-size: 0.9rem;
  }

  :root[data-view='bench'] .griddle-head :deep(.el-segmented__item-label) {
    padding: 0;
  }

  :root[data-view='bench'] .griddle-head :deep(.wrong) {
    padding-inline: 0.5rem;
    font-size: 0.9rem;
  }
}

.griddle {
  display: grid;
  grid-template-columns: minmax(13rem, 5fr) 6fr;
  gap: 0.8rem 1rem;
  align-items: center;
  padding: 0.8rem 1rem;
  border: 1px solid var(--panel-edge);
  border-radius: var(--round);
  background: var(--panel);
}

:root[data-view='bench'] .griddle {
  gap: 0.3rem 1rem;
  padding-block: 0.2rem;
}

.griddle-wide {
  grid-column: 1 / -1;
}

.griddle-folds {
  display: grid;
  gap: 0.8rem;
}

:root[data-view='bench'] .griddle-folds {
  grid-template-columns: repeat(auto-fit, minmax(min(15rem, 100%), 1fr));
  align-items: start;
}

.griddle-plan {
  display: grid;
  gap: var(--gap);
  align-items: start;
}

.griddle-heat {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
  gap: var(--gap);
}

@media (max-width: 48rem) {
  .griddle {
    grid-template-columns: minmax(0, 1fr);
  }
}
/* Who has only a finger has no key. */
@media (max-width: 48rem) {
  .griddle-act kbd {
    display: none;
  }
}

.griddle-act kbd {
  margin-left: 0.8rem;
  padding: 0.1rem 0.5rem;
  border: 1px solid currentcolor;
  border-radius: 4px;
  font: 400 0.9rem var(--font-text);
}
</style>
