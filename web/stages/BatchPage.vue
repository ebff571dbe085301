<script setup lang="ts">
import {
  computed,
  defineAsyncComponent,
  onMounted,
  onScopeDispose,
  watch,
  watchEffect,
  type Component,
} from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Stage } from '@/api/types'
import { Refusal, Unreachable } from '@/api/client'
import { useClocks } from '@/bench/clocks'
import { houseClock } from '@/bench/houseClock'
import { pageTitle } from '@/ui/title'
import { STAGE_NAMES, standingAt } from '@/bench/course'
import { useBatch } from './batch'
import BatchNotices from './BatchNotices.vue'
import BowlPanel from './BowlPanel.vue'
import Course from './Course.vue'
import FirstHint from './FirstHint.vue'
import HalvesStrip from './HalvesStrip.vue'

/** The heart: the course on the left, one stage in the middle, the bowl on the right. */
const STAGES: Record<Stage, Component> = {
  choose: defineAsyncComponent(() => import('./choose/ChooseStage.vue')),
  measure: defineAsyncComponent(() => import('./measure/MeasureStage.vue')),
  water: defineAsyncComponent(() => import('./water/WaterStage.vue')),
  mix: defineAsyncComponent(() => import('./mix/MixStage.vue')),
  rest: defineAsyncComponent(() => import('./rest/RestStage.vue')),
  portion: defineAsyncComponent(() => import('./portion/PortionStage.vue')),
  shape: defineAsyncComponent(() => import('./shape/ShapeStage.vue')),
  griddle: defineAsyncComponent(() => import('./griddle/GriddleStage.vue')),
  stack: defineAsyncComponent(() => import('./stack/StackStage.vue')),
  judge: defineAsyncComponent(() => import('./judge/JudgeStage.vue')),
}

/** Where the two halves of one dough part ways. */
const HALVED = new Set<Stage>(['rest', 'portion', 'shape', 'griddle', 'stack'])

const route = useRoute()
const router = useRouter()
const store = useBatch()
const clocks = useClocks()
const id = computed(() => String(route.params['id']))
const stage = computed<Stage>(() => {
  const named = String(route.params['stage'] ?? '')
  const asked = named in STAGE_NAMES ? (named as Stage) : (store.batch?.state.stage ?? 'choose')
  return store.plan ? standingAt(asked, store.plan) : asked
})

const AGAIN_MILLISECONDS = 3000
const NEWS_MILLISECONDS = 1000
let again: ReturnType<typeof setTimeout> | undefined
const asking = setInterval(() => void store.look(), NEWS_MILLISECONDS)
onScopeDispose(() => {
  clearTimeout(again)
  clearInterval(asking)
})
watch(
  () => store.batch,
  batch => batch && clocks.hear(batch, houseClock.now()),
  { immediate: true },
)
watchEffect(() => {
  pageTitle.value = [STAGE_NAMES[stage.value], store.batch?.bread.name].filter(Boolean).join(', ')
})
onMounted(load)
watch(id, load)
watch(stage, enter)

async function load() {
  try {
    await store.open(id.value)
    await enter()
  } catch (failure) {
    if (failure instanceof Refusal && failure.status === 404) await router.replace('/')
    else if (failure instanceof Unreachable) again = setTimeout(() => void load(), AGAIN_MILLISECONDS)
    else throw failure
  }
}

/** Where the cook is goes into the log, so that another device or a new page comes back to it. */
async function enter() {
  const batch = store.batch
  if (batch && batch.id === id.value && !batch.finished_at && batch.state.stage !== stage.value) {
    await store.record('entered', { stage: stage.value })
  }
}
</script>

<template>
  <!-- What has come is counted for whoever measures how soon. -->
  <div v-if="store.batch && store.plan" class="batch" :data-plans-shown="store.plansShown">
    <Course class="batch-course" :batch="store.batch" :plan="store.plan" :stage="stage" />
    <section class="batch-stage" :aria-label="STAGE_NAMES[stage]">
      <BatchNotices />
      <HalvesStrip v-if="HALVED.has(stage)" />
      <FirstHint v-if="!store.batch.finished_at" :stage="stage" />
      <component :is="STAGES[stage]" :key="stage" :batch="store.batch" :plan="store.plan" />
    </section>
    <BowlPanel class="batch-bowl" :batch="store.batch" :plan="store.plan" :stage="stage" />
  </div>
  <p v-else class="batch-wait" role="status">Fetching the batch…</p>
</template>

<style scoped>
.batch {
  display: grid;
  grid-template-columns: 13rem minmax(0, 1fr) 15.5rem;
  gap: 1rem;
  align-items: start;
  max-width: 100rem;
  margin: 0 auto;
  /* Room for the bar of the act, which lies over the foot of the page. */
  padding: 0.9rem 1rem 6.5rem;
}

.batch-stage {
  display: grid;
  gap: 0.8rem;
  min-width: 0;
}

.batch-wait {
  padding: 2rem;
}

.batch-course,
.batch-bowl {
  position: sticky;
  top: 0.9rem;
}

:root[data-view='bench'] .batch {
  grid-template-columns: 8.5rem minmax(0, 1fr);
  gap: 0.5rem 1rem;
  padding-block: 0.6rem 5.6rem;
}

:root[data-view='bench'] .batch-stage {
  gap: 0.5rem;
}

:root[data-view='bench'] .batch-bowl {
  grid-column: 1 / 3;
  position: static;
}

@media (max-width: 64rem) {
  .batch,
  :root[data-view='bench'] .batch {
    grid-template-columns: minmax(0, 1fr);
    padding: 0.6rem 0.6rem 10rem;
  }

  .batch-course,
  .batch-bowl {
    position: static;
    grid-column: auto;
  }

  :root[data-view='bench'] .batch-bowl {
    grid-column: auto;
  }
}

/* What is shut takes a part of a line on a phone at the bench, and the bar of the act one. */
@media (max-width: 48rem) {
  :root[data-view='bench'] .batch {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    padding-bottom: 5.6rem;
  }

  /* Act, then what to heed, then what waits behind its name, whichever part of the page it is of. */
  :root[data-view='bench'] .batch-stage,
  :root[data-view='bench'] .batch-bowl {
    display: contents;
  }

  :root[data-view='bench'] .batch-course,
  :root[data-view='bench'] .batch-stage > :deep(*),
  :root[data-view='bench'] .batch-bowl > :deep(*) {
    flex: 1 1 100%;
    min-width: 0;
    margin: 0;
  }

  :root[data-view='bench'] .batch-bowl > :deep(*) {
    order: 1;
  }

  :root[data-view='bench'] .batch-stage > :deep(.fold),
  :root[data-view='bench'] .batch-bowl > :deep(.fold) {
    order: 2;
  }

  :root[data-view='bench'] .batch-stage > :deep(.fold.is-shut),
  :root[data-view='bench'] .batch-bowl > :deep(.fold.is-shut) {
    flex-basis: var(--shut);
  }
}
</style>
