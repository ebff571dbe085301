<script setup lang="ts">
import { ElButton, ElCheckbox, ElOption, ElProgress, ElSelect } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { useSettledAsking } from '@/api/asking'
import { api, isFinal, toldBy } from '@/api/client'
import type { PastBatch, PastQuestion, ReadPast } from '@/api/types'
import { day, inShort } from '@/bench/batches'
import { useHouse } from '@/bench/house'
import SheetColumns from '@/ui/SheetColumns.vue'
import SheetIn from '@/ui/SheetIn.vue'
import SheetPage from '@/ui/SheetPage.vue'
import { ownDocuments } from '@/ui/formula'
import { withoutField } from '@/ui/records'
import { useUnits } from '@/ui/units'
import { useTried } from '@/ui/useTried'
import { hereAndNow } from '@/ui/zone'
import { toldOf } from './past'

/** Batches out of the record that a cook kept until now: columns are told, rows looked at, and all of it can be taken back. */
const RECORD =
  'Date;Bread;Flour (g);Water (ml);Dough;Good;Notes\n03.11.2026;Corn tortillas;250;335;right;yes;Soft for two days\n07.11.2026;Corn tortillas;300;380;too dry;no;Cracked at the rim'
const WEIGHINGS =
  'When;Bread;What;Weight (g)\n07.11.2026 09:10;Corn tortillas;Masa harina;301\n07.11.2026 09:14;Corn tortillas;Water;378'
const house = useHouse()
const units = useUnits()
const made = ref('')
const weighed = ref('')
const hasWeighings = ref(false)
const madeColumns = ref<Record<string, string> | null>(null)
const weighedColumns = ref<Record<string, string> | null>(null)
const goodWasReady = ref(false)
/** What the cook says that a row's bread is, by its key, or for all rows that call it so; an empty one leaves the row out. */
const meant = ref<Record<string, string>>({})
const meantBy = ref<Record<string, string>>({})
const { trouble, busy, tried } = useTried()

/** What came of the rows that were to be kept. */
const kept = ref<string[]>([])
const known = ref(0)
const failed = ref<{ said: string; why: string }[]>([])
const done = ref(0)
const total = ref(0)
const isKeeping = ref(false)

const breads = computed(
  () => house.kitchen?.breads.filter(one => !one.archived).map(({ id, name }) => ({ id, name })) ?? [],
)
const question = computed<PastQuestion | null>(() => {
  const sheets = {
    ...(made.value.trim()
      ? { made: { csv: made.value, ...(madeColumns.value ? { columns: madeColumns.value } : {}) } }
      : {}),
    ...(hasWeighings.value && weighed.value.trim()
      ? {
          weighed: { csv: weighed.value, ...(weighedColumns.value ? { columns: weighedColumns.value } : {}) },
        }
      : {}),
  }
  if (!Object.keys(sheets).length || !breads.value.length) return null
  const { zone } = hereAndNow()
  return {
    ...sheets,
    breads: breads.value,
    ...(zone ? { zone } : {}),
    good_was_ready: goodWasReady.value,
    own_ingredients: ownDocuments(house.kitchen),
  }
})
const { answer, refused } = useSettledAsking(api.past, question)
const isOf = (read: ReadPast) =>
  read.batch ? (meant.value[read.batch.key] ?? meantBy.value[read.said] ?? read.bread ?? '') : ''
const taken = computed(
  () => answer.value?.batches.filter(read => read.batch !== null && isOf(read) !== '') ?? [],
)

watch(made, () => (madeColumns.value = null))
watch(weighed, () => (weighedColumns.value = null))

/** Said of one, it is said of all rows that call their bread so; left out is the row alone. */
function say(read: ReadPast, bread: string) {
  if (!read.batch) return
  if (bread && read.said) {
    meantBy.value = { ...meantBy.value, [read.said]: bread }
    meant.value = withoutField(meant.value, read.batch.key)
  } else meant.value = { ...meant.value, [read.batch.key]: bread }
}
const inBowl = (batch: PastBatch) =>
  [
    batch.flour_grams ? `${units.text(batch.flour_grams, 'g')} flour` : '',
    batch.water_grams ? `${units.text(batch.water_grams, 'g')} water` : '',
    batch.hydration_percent ? `${units.text(batch.hydration_percent, 'percent')} water` : '',
    batch.water_celsius ? units.text(batch.water_celsius, 'celsius') : '',
    batch.weighed?.length ? `${batch.weighed.length} weighed` : '',
    batch.felt ?? '',
  ]
    .filter(Boolean)
    .join(', ')

/** One after the other; what the house refuses of a row is said of that row, and the others go on. */
async function keep() {
  const rows = taken.value.flatMap(read => (read.batch ? [{ read, batch: read.batch }] : []))
  kept.value = []
  failed.value = []
  known.value = done.value = 0
  total.value = rows.length
  isKeeping.value = true
  await tried(async () => {
    for (const { read, batch } of rows) {
      try {
        const answered = await api.keepPast(isOf(read), batch)
        if (answered.is_new) kept.value = [...kept.value, answered.id]
        else known.value++
      } catch (failure) {
        if (!isFinal(failure)) throw failure
        failed.value = [...failed.value, { said: `${read.said} ${day(batch.at)}`, why: toldBy(failure) }]
      }
      done.value++
    }
    made.value = weighed.value = ''
  })
  isKeeping.value = false
}

const takeBack = () =>
  tried(async () => {
    for (const id of kept.value) await api.discard(id, true)
    kept.value = []
  })
</script>

<template>
  <SheetPage back="record" place="Record" title="Batches from a sheet of your own">
    <p class="soft">
      Save the record that you kept until now as CSV, with heads in the first row and a batch in each other,
      and open it here. Nothing is kept before you say so; what was never written stays unknown.
    </p>
    <div v-if="isKeeping" class="sheet-goes-on" role="status">
      <ElProgress :percentage="Math.round((100 * done) / total)" :show-text="false" />
      {{ done }} of {{ total }}
    </div>
    <p v-else-if="kept.length" class="row" role="status">
      {{ kept.length }} {{ kept.length === 1 ? 'batch is' : 'batches are' }} in the record.
      <ElButton @click="takeBack">Take them out again</ElButton>
    </p>
    <p v-if="!busy && known" role="status">
      {{ known }} {{ known === 1 ? 'was there already and stays' : 'were there already and stay' }} as
      {{ known === 1 ? 'it is' : 'they are' }}.
    </p>
    <ul v-if="failed.length" role="alert">
      <li v-for="one in failed" :key="one.said">{{ one.said }}: {{ one.why }}</li>
    </ul>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <SheetIn v-model="made" label="Your record" file="The record as a CSV file" :example="RECORD" />
    <ElCheckbox v-model="hasWeighings">What was weighed stands in a sheet of its own</ElCheckbox>
    <SheetIn
      v-if="hasWeighings"
      v-model="weighed"
      label="What was weighed"
      file="The weighings as a CSV file"
      :example="WEIGHINGS"
    />
    <p v-if="refused" role="alert">{{ refused }}</p>
    <template v-if="answer">
      <h2>What each column says</h2>
      <SheetColumns
        v-if="answer.made"
        v-model="madeColumns"
        :heads="answer.made.heads"
        :fields="answer.made.fields"
      />
      <template v-if="answer.weighed">
        <h3>Of the weighings</h3>
        <SheetColumns
          v-model="weighedColumns"
          :heads="answer.weighed.heads"
          :fields="answer.weighed.fields"
          of=" of the weighings"
        />
      </template>
      <ElCheckbox v-model="goodWasReady"
        >A bread to make again had a dough that was right, where nothing else is said of it</ElCheckbox
      >
      <h2>What would be kept</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">Made</th>
            <th scope="col">Bread</th>
            <th scope="col">In the bowl</th>
            <th scope="col">How it came out</th>
            <th scope="col">To look at</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="(read, index) in answer.batches"
            :key="read.batch?.key ?? index"
            :class="{ 'is-left': !isOf(read) }"
          >
            <th scope="row">{{ read.batch ? day(read.batch.at) : 'No day' }}</th>
            <td>
              <ElSelect
                v-if="read.batch"
                :model-value="isOf(read)"
                filterable
                placeholder="Left out"
                :aria-label="`Which bread ${read.said} of ${day(read.batch.at)} is`"
                @update:model-value="(id: string) => say(read, id)"
              >
                <ElOption value="" label="Left out" />
                <ElOption v-for="one in breads" :key="one.id" :value="one.id" :label="one.name" />
              </ElSelect>
              <template v-else>{{ read.said }}, left out</template>
            </td>
            <td>{{ read.batch ? inBowl(read.batch) : '' }}</td>
            <td>
              {{ read.batch?.verdict ? inShort(toldOf(read.batch.verdict)) : '' }}
              <em v-if="read.batch?.notes" class="soft">{{ read.batch.notes }}</em>
            </td>
            <td>
              <strong v-if="read.batch && !isOf(read)">Say which bread “{{ read.said }}” is.</strong>
              {{ units.words(read.doubts.join(' ')) }}
            </td>
          </tr>
        </tbody>
      </table>
      <p>
        <ElButton type="primary" size="large" :loading="busy" :disabled="!taken.length" @click="keep">{{
          `Keep ${taken.length} ${taken.length === 1 ? 'batch' : 'batches'}`
        }}</ElButton>
      </p>
    </template>
  </SheetPage>
</template>

<style scoped>
.sheet-goes-on {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0.8rem;
  align-items: center;
}
</style>
