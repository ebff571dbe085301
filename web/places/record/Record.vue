<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { ElButton, ElDatePicker, ElInput, ElOption, ElSelect } from 'element-plus'
import { computed, reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { BatchSummary, Sought } from '@/api/types'
import { useHouse } from '@/bench/house'
import BreadPicture from '@/pictures/BreadPicture.vue'
import SymptomPicture from '@/pictures/SymptomPicture.vue'
import WaterOverTime from '@/pictures/WaterOverTime.vue'
import TakeAlongTables from '@/ui/TakeAlongTables.vue'
import WheatMark from '@/ui/WheatMark.vue'
import { useUnits } from '@/ui/units'
import { day, inShort } from '@/bench/batches'
import { useBatches } from '../useBatches'

/** Everything that was made, found again by bread, bag, griddle, cook, day, verdict and words; any two to be held side by side. */
const units = useUnits()
const house = useHouse()
const router = useRouter()
const sought = reactive<Sought>({ done: 'yes', recurring: 'yes' })
const { batches, next, recurring, loading, more, look } = useBatches(() => ({ ...sought }))
const chosen = ref<string[]>([])
const days = computed({
  get: (): [string, string] | null => (sought.from && sought.until ? [sought.from, sought.until] : null),
  set: range => Object.assign(sought, { from: range?.[0], until: range?.[1] }),
})
const VERDICTS = [
  { value: 'good', label: 'To make again' },
  { value: 'not_good', label: 'Not like that again' },
  { value: 'none', label: 'Nobody judged' },
] as const
/** One bread alone is worth a picture. */
const ofOneBread = computed(() => (sought.bread ? (batches.value ?? []) : []))
watchDebounced(sought, () => void look(), { debounce: 250 })

/** What it took; how warm it was is not known of what came out of a sheet. */
function waterOf(batch: BatchSummary): string {
  if (batch.hydration_percent === null) return ''
  const percent = units.text(batch.hydration_percent, 'percent')
  return batch.from_sheet ? percent : `${percent} at ${units.text(batch.water_celsius, 'celsius')}`
}

function choose(id: string) {
  chosen.value = chosen.value.includes(id)
    ? chosen.value.filter(one => one !== id)
    : [...chosen.value.slice(-1), id]
}

function compare() {
  const [a, b] = chosen.value
  void router.push({ name: 'compare', query: { a, b } })
}
</script>

<template>
  <div class="record">
    <header class="record-head">
      <h1>Record</h1>
      <ElInput
        v-model="sought.words"
        class="record-words"
        aria-label="Words in verdict or notes"
        placeholder="Words"
        clearable
        maxlength="120"
      />
      <ElSelect v-model="sought.bread" aria-label="Bread" placeholder="Any bread" clearable>
        <ElOption v-for="one in house.kitchen?.breads" :key="one.id" :value="one.id" :label="one.name" />
      </ElSelect>
      <ElSelect v-model="sought.bag" aria-label="Bag" placeholder="Any bag" clearable filterable>
        <ElOption v-for="one in house.kitchen?.lots" :key="one.id" :value="one.id" :label="one.label" />
      </ElSelect>
      <ElSelect v-model="sought.griddle" aria-label="Griddle" placeholder="Any griddle" clearable>
        <ElOption
          v-for="one in house.kitchen?.gear.filter(tool => tool.kind === 'griddle')"
          :key="one.id"
          :value="one.id"
          :label="one.name"
        />
      </ElSelect>
      <ElSelect
        v-if="(house.kitchen?.cooks.length ?? 0) > 1"
        v-model="sought.cook"
        aria-label="Cook"
        placeholder="Any cook"
        clearable
      >
        <ElOption v-for="one in house.kitchen?.cooks" :key="one.id" :value="one.id" :label="one.name" />
      </ElSelect>
      <ElSelect v-model="sought.verdict" aria-label="Verdict" placeholder="Any verdict" clearable>
        <ElOption v-for="one in VERDICTS" :key="one.value" v-bind="one" />
      </ElSelect>
      <ElDatePicker
        v-model="days"
        type="daterange"
        value-format="YYYY-MM-DD"
        start-placeholder="From"
        end-placeholder="Until"
        range-separator="–"
        unlink-panels
      />
    </header>
    <WaterOverTime v-if="ofOneBread.length > 1" :batches="ofOneBread" />
    <div v-if="recurring.length" class="record-faults" role="group" aria-label="What went wrong in these">
      <p v-for="one in recurring" :key="`${one.symptom} ${one.cause}`">
        <SymptomPicture :symptom="one.symptom" />
        <span
          ><strong>{{ one.name }}</strong
          >, {{ one.batches }} {{ one.batches === 1 ? 'batch' : 'batches'
          }}<template v-if="one.cause_name"
            >: {{ one.cause_name.charAt(0).toLowerCase() + one.cause_name.slice(1) }}</template
          ></span
        >
      </p>
    </div>
    <p class="row" role="status">
      <span v-if="chosen.length === 2"
        ><ElButton type="primary" @click="compare">Hold the two side by side</ElButton></span
      >
      <span v-else-if="chosen.length === 1" class="soft">One more, and they can be held side by side.</span>
      <span v-if="batches && !batches.length" class="soft">{{
        Object.values(sought).filter(Boolean).length > 2
          ? 'Nothing in the record is like that.'
          : 'Nothing here yet. Finish a batch with a verdict and it can be found here for good.'
      }}</span>
    </p>
    <ul class="record-list">
      <li v-for="batch in batches" :key="batch.id">
        <input
          type="checkbox"
          :checked="chosen.includes(batch.id)"
          :aria-label="`Compare ${batch.bread.name} of ${day(batch.started_at)}`"
          @change="choose(batch.id)"
        />
        <RouterLink :to="{ name: 'made', params: { id: batch.id } }">
          <span :class="{ 'is-good': batch.is_good }" aria-hidden="true">{{
            batch.is_good ? '●' : '○'
          }}</span>
          <span>{{ day(batch.started_at) }}</span>
          <BreadPicture :portrait="batch.portrait" />
          <strong>{{ batch.bread.name }} <WheatMark v-if="batch.contains_wheat" /></strong>
          <span>{{ waterOf(batch) }}</span>
          <span>
            {{ batch.verdict ? inShort(batch.verdict) : 'nobody judged' }}
            <em v-if="batch.verdict?.notes" class="soft">{{ batch.verdict.notes }}</em>
            <em v-for="one in batch.faults" :key="one.symptom" class="soft">{{ one.name }}. </em>
            <em v-if="batch.from_sheet" class="soft">Out of a sheet. </em>
            <em v-if="batch.left_out" class="soft">Left out of what is learned.</em>
          </span>
        </RouterLink>
      </li>
    </ul>
    <ElButton v-if="next" :loading="loading" @click="more">Show older batches</ElButton>
    <p class="screen-only">
      <RouterLink :to="{ name: 'batch-sheet' }">Batches from a sheet of your own →</RouterLink>
    </p>
    <TakeAlongTables
      v-if="batches?.length"
      :tables="[
        { name: 'record', label: 'batches and verdicts' },
        { name: 'weighings', label: 'everything weighed' },
      ]"
    />
  </div>
</template>

<style scoped>
.record-faults {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1.2rem;
}

.record-faults p {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  margin: 0;
}

.record-faults :deep(.symptom) {
  width: 3rem;
}

.record {
  display: grid;
  gap: 0.7rem;
  max-width: 76rem;
  margin: 0 auto;
  padding: 1.2rem;
}

.record-head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem;
}

.record-head h1 {
  margin-right: 0.6rem;
}

.record-head .el-select {
  flex: 1 1 7.5rem;
  max-width: 11rem;
}

.record-words {
  flex: 2 1 10rem;
}

.record-head :deep(.el-date-editor) {
  flex: 1 1 13rem;
  max-width: 18rem;
}

.record-head :deep(.el-range-input) {
  font: inherit;
}

.record-list {
  display: grid;
  margin: 0;
  padding: 0;
  list-style: none;
}

.record-list li {
  display: grid;
  grid-template-columns: auto 1fr;
  align-items: center;
  gap: 0.6rem;
  border-top: 1px solid var(--panel-edge);
}

.record-list input {
  width: 1.3rem;
  height: 1.3rem;
}

.record-list a {
  display: grid;
  grid-template-columns: 1.2rem 7rem 4rem 12rem 8.5rem 1fr;
  align-items: center;
  gap: 0 0.6rem;
  min-height: var(--target);
  color: var(--ink);
  text-decoration: none;
}

.record-list a:hover {
  background: var(--active-wash);
}

.record-list em {
  display: block;
}

.is-good {
  color: var(--ready);
}

@media (max-width: 56rem) {
  .record-list a {
    grid-template-columns: 1.2rem 1fr;
    padding: 0.3rem 0;
  }

  .record-list a > :nth-child(n + 3) {
    grid-column: 2;
  }

  .record-list .bread-picture {
    display: none;
  }
}
</style>
