<script setup lang="ts">
import { computed, onMounted, useTemplateRef } from 'vue'
import type { Batch, Plan, PlanRequest } from '@/api/types'
import { useWakeLock } from '@/bench/wakeLock'
import GriddleMap from '@/pictures/GriddleMap.vue'
import { useNow } from '@/ui/now'
import { useBatch } from '../batch'
import StageFoot from '../StageFoot.vue'
import Warnings from '../Warnings.vue'
import BakeBench from './BakeBench.vue'
import CuePanel from './CuePanel.vue'
import GriddleFaders from './GriddleFaders.vue'
import GriddleSay from './GriddleSay.vue'
import HeatWatch from './HeatWatch.vue'
import KeptLine from './KeptLine.vue'
import ProbePanel from './ProbePanel.vue'
import { useHands } from './useHands'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
/** Thinner breads leave no room for a probe. */
const PROBE_MILLIMETRES = 6
const store = useBatch()
const now = useNow(200)
const bench = useTemplateRef('bench')
const { griddle, next, said, reason, act, tap, pause } = useHands(
  () => batch,
  () => plan,
  now,
)
const request = computed<PlanRequest>(() => store.request ?? batch.request)
const cooking = computed(() => griddle.value.pieces.length > 0)
const thick = computed(() => plan.shape.thickness_mm.value >= PROBE_MILLIMETRES)
useWakeLock()
onMounted(() => bench.value?.focus())
</script>

<template>
  <div ref="bench" class="griddle" tabindex="-1" aria-label="At the griddle: Space does the next thing">
    <GriddleSay :griddle="griddle" :next="next" :said="said" :reason="reason" @act="act()" @pause="pause" />
    <GriddleMap :plan="plan" :request="request" :griddle="griddle" :next="next" :now="now" @tap="tap" />
    <KeptLine class="griddle-wide" :batch="batch" :plan="plan" />
    <CuePanel class="griddle-wide" />
  </div>
  <Warnings :plan="plan" stage="griddle" :begun="batch.state.begun" @mend="store.mend" />
  <div class="griddle-heat">
    <HeatWatch :plan="plan" :request="request" :surface="batch.state.griddle.surface" />
    <ProbePanel v-if="thick && plan.griddle.done_celsius" :plan="plan" :griddle="griddle" />
  </div>
  <GriddleFaders :plan="plan" :request="request" :cooking="cooking" />
  <BakeBench :request="request" :plan="plan" :cooking="cooking" />
  <StageFoot :plan="plan" stage="griddle" :ready="!next && !griddle.paused_at" />
</template>

<style scoped>
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

.griddle-wide {
  grid-column: 1 / -1;
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
</style>
