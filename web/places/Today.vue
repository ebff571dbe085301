<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, defineAsyncComponent, onMounted, ref, shallowRef } from 'vue'
import { api, toldBy, Unreachable } from '@/api/client'
import type { Batch, BatchSummary } from '@/api/types'
import { houseAway } from '@/bench/houseAway'
import { prepare, tellAll } from '@/bench/begin'
import { begunHere, lastHeard } from '@/bench/shelf'
import { useHouse } from '@/bench/house'
import AllOrFewer from '@/ui/AllOrFewer.vue'
import WheatMark from '@/ui/WheatMark.vue'
import { STAGE_NAMES } from '@/bench/course'
import { timeOfDay } from '@/ui/timeOfDay'
import { useUnits } from '@/ui/units'
import BreadCard from './BreadCard.vue'
import TodayLine from './TodayLine.vue'
import TodayTrials from './TodayTrials.vue'
import { day, inShort } from '@/bench/batches'
import { useBatches } from './useBatches'
import { useStart } from './useStart'

/** Most days have one batch, and no need of a plan for them. */
const DayPanel = defineAsyncComponent(() => import('./DayPanel.vue'))

const house = useHouse()
const units = useUnits()
const { batches, open, done, next, loading, more, look } = useBatches()
const discarded = shallowRef<BatchSummary | null>(null)
const trouble = ref('')
const { start, trouble: notBegun } = useStart()
/** Begun on this device, and the house has not heard of it. */
const begun = shallowRef<Batch[]>([])
/** A busy kitchen's page stays calm: the few begun last, and the rest on demand. */
const FEW = 3
/** Breads and finished batches that stand here, on a day with little under way and on a busy one. */
const BREADS = { calm: 8, busy: 4 }
const LATELY = { calm: 5, busy: 2 }
/** From here on bread was baked, and a batch is no mistake any more. */
const AT_THE_GRIDDLE = ['griddle', 'stack', 'judge']
const all = ref(false)
const allBreads = ref(false)
/** The day stands above the breads: they are shown where they stay. */
const told = ref(false)
const waits = computed(() => !told.value && open.value.length > 1)
const shown = computed(() => (all.value ? open.value : open.value.slice(0, FEW)))
const pressure = computed(() => (open.value.length > FEW ? 'busy' : 'calm'))
const breads = computed(() => (house.kitchen?.breads ?? []).filter(one => !one.archived))
/** All where they fit; otherwise those that were made last, then those that were written last. */
const toBegin = computed(() => {
  const few = BREADS[pressure.value]
  if (allBreads.value || breads.value.length <= few) return breads.value
  const made = [...new Set((batches.value ?? []).map(batch => batch.bread.id))]
  const place = (id: string) => (made.includes(id) ? made.indexOf(id) : made.length)
  return breads.value
    .toReversed()
    .sort((one, other) => place(one.id) - place(other.id))
    .slice(0, few)
})

onMounted(async () => {
  await showBegun()
  await idle()
  try {
    await tellAll()
    if (begun.value.length) await Promise.all([showBegun(), look()])
    await prepare((house.kitchen?.breads ?? []).filter(one => !one.archived).map(one => one.id))
  } catch (failure) {
    if (!(failure instanceof Unreachable)) throw failure
  }
})

/** What the page shows comes before what the device keeps for later. */
function idle(): Promise<void> {
  return new Promise(then => requestIdleCallback(() => then(), { timeout: 3000 }))
}

async function showBegun() {
  const kept = await Promise.all((await begunHere()).map(one => lastHeard(one.id)))
  begun.value = kept.filter(one => one !== undefined)
}

async function discard(batch: BatchSummary) {
  try {
    await api.discard(batch.id, true)
    discarded.value = batch
    trouble.value = ''
    await look()
  } catch (failure) {
    trouble.value = toldBy(failure)
  }
}

async function bringBack() {
  if (discarded.value) await api.discard(discarded.value.id, false)
  discarded.value = null
  await look()
}

function latest(bread: string): BatchSummary | undefined {
  return done.value.find(batch => batch.bread.id === bread)
}
</script>

<template>
  <!-- All at once, so that nothing moves under a finger; a house that is away tells nothing more than the breads. -->
  <div v-if="batches || houseAway" class="today">
    <section v-if="open.length || begun.length || discarded" aria-labelledby="under-way">
      <div class="row">
        <h2 id="under-way">Under way</h2>
        <AllOrFewer
          v-if="open.length > FEW"
          v-model="all"
          class="today-rest"
          :all="`All ${open.length} that are under way`"
        />
      </div>
      <p v-if="discarded" class="row" role="status">
        {{ discarded.bread.name }} is out of sight.
        <ElButton @click="bringBack">Bring it back</ElButton>
      </p>
      <p v-if="trouble" role="alert">{{ trouble }}</p>
      <TodayLine
        v-for="batch in begun"
        :key="batch.id"
        :batch="batch.id"
        :stage="batch.state.stage"
        :portrait="batch.plan.portrait"
      >
        <template #name>{{ batch.bread.name }}</template>
        Begun on this device {{ day(batch.started_at) }} {{ timeOfDay(batch.started_at) }}. The house has not
        heard of it yet.
      </TodayLine>
      <TodayLine
        v-for="batch in shown"
        :key="batch.id"
        :batch="batch.id"
        :stage="batch.stage"
        :portrait="batch.portrait"
      >
        <template #name>{{ batch.bread.name }} <WheatMark v-if="batch.contains_wheat" /></template>
        Stands at <strong>{{ STAGE_NAMES[batch.stage] }}</strong>, begun
        {{ day(batch.started_at) }}
        {{ timeOfDay(batch.started_at) }}. {{ batch.piece_count }} ×
        {{ units.text(batch.piece_grams, 'g') }}
        <template #beside>
          <ElButton
            v-if="!AT_THE_GRIDDLE.includes(batch.stage)"
            :aria-label="`${batch.bread.name} of ${timeOfDay(batch.started_at)} was begun by mistake`"
            @click="discard(batch)"
            >Begun by mistake</ElButton
          >
        </template>
      </TodayLine>
    </section>
    <TodayTrials />
    <DayPanel @told="told = true" />
    <section :class="{ 'is-waiting': waits }" aria-labelledby="begin">
      <div class="row">
        <h1 id="begin">What will it be?</h1>
        <AllOrFewer
          v-if="breads.length > BREADS[pressure]"
          v-model="allBreads"
          class="today-rest"
          :all="`All ${breads.length} breads`"
        />
      </div>
      <p v-if="notBegun" role="alert">{{ notBegun }}</p>
      <div class="today-breads">
        <BreadCard
          v-for="bread in toBegin"
          :key="bread.id"
          :bread="bread"
          :last="latest(bread.id)"
          @start="start(bread.id)"
        />
      </div>
    </section>
    <section :class="{ 'is-waiting': waits }" aria-labelledby="lately">
      <h2 id="lately">Lately</h2>
      <p v-if="batches && !done.length" class="soft">
        No batch is finished yet. Start a bread above; what came out stands here tomorrow.
      </p>
      <p v-if="batches && next && open.length === batches.length">
        <ElButton :loading="loading" @click="more">Show more batches</ElButton>
      </p>
      <ul class="today-done">
        <li v-for="batch in done.slice(0, LATELY[pressure])" :key="batch.id">
          <RouterLink :to="{ name: 'made', params: { id: batch.id } }">
            <span class="today-mark" :class="{ 'is-good': batch.is_good }" aria-hidden="true">{{
              batch.is_good ? '●' : '○'
            }}</span>
            <span class="soft">{{ day(batch.started_at) }}</span>
            <strong>{{ batch.bread.name }}</strong>
            <span v-if="batch.verdict">{{ inShort(batch.verdict) }}</span>
            <span class="today-water">{{ units.text(batch.hydration_percent ?? 0, 'percent') }} water</span>
          </RouterLink>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.today {
  display: grid;
  gap: 1.4rem;
  max-width: 76rem;
  margin: 0 auto;
  padding: 1.2rem;
}

.today .is-waiting {
  visibility: hidden;
}

.today section {
  display: grid;
  gap: 0.7rem;
}

.today-rest {
  margin-left: auto;
}

.today-breads {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
  gap: var(--gap);
}

.today-done {
  display: grid;
  margin: 0;
  padding: 0;
  list-style: none;
}

.today-done a {
  display: grid;
  grid-template-columns: 1.4rem 7rem 15rem 1fr auto;
  align-items: center;
  gap: 0 0.6rem;
  min-height: var(--target);
  border-top: 1px solid var(--panel-edge);
  color: var(--ink);
  text-decoration: none;
}

.today-done a:hover {
  background: var(--active-wash);
}

.today-mark.is-good {
  color: var(--ready);
}

@media (max-width: 48rem) {
  .today-done a {
    grid-template-columns: 1.4rem 6rem 1fr;
    padding: 0.4rem 0;
  }
}
</style>
