<script setup lang="ts">
import { ElButton, ElOption, ElSelect } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { useSettledAsking } from '@/api/asking'
import { api, toldBy } from '@/api/client'
import type { ReadBag } from '@/api/types'
import { uuid } from '@/api/uuid'
import { useHouse } from '@/bench/house'
import SheetColumns from '@/ui/SheetColumns.vue'
import SheetIn from '@/ui/SheetIn.vue'
import SheetPage from '@/ui/SheetPage.vue'
import { withoutField } from '@/ui/records'
import { useUnits } from '@/ui/units'
import { namesOf, ownDocuments } from '@/ui/formula'

/** Bags out of the sheet in which a cook already keeps them: columns are told, rows looked at, and all of it can be taken back. */
const EXAMPLE =
  'Flour;Weight (kg);Price per kg;Bought\nMasa harina;5;2,90;03.11.2026\nRice flour, brown;1;3,20;'
const house = useHouse()
const units = useUnits()
const csv = ref('')
const columns = ref<Record<string, string> | null>(null)
/** What the cook says that a row is, by its number; an empty name leaves the row out. */
const meant = ref<Record<number, string>>({})
const kept = ref<string[]>([])
const trouble = ref('')
const busy = ref(false)
const all = computed(() => [...namesOf(house.kitchen)].map(([id, name]) => ({ id, name })))
const question = computed(() =>
  csv.value.trim()
    ? {
        csv: csv.value,
        ...(columns.value ? { columns: columns.value } : {}),
        own_ingredients: ownDocuments(house.kitchen),
        lots: (house.kitchen?.lots ?? [])
          .filter(one => !one.archived)
          .map(({ label, bought_on, grams }) => ({ label, bought_on, grams })),
      }
    : null,
)
const { answer, refused } = useSettledAsking(api.bags, question)
/** What is in the larder already is left out, unless the cook says otherwise. */
const isOf = (bag: ReadBag) => meant.value[bag.row] ?? (bag.in_larder ? '' : (bag.ingredient ?? ''))
const taken = computed(() => answer.value?.bags.filter(bag => isOf(bag) !== '') ?? [])

watch(csv, () => {
  columns.value = null
  meant.value = {}
})

/** One after the other, so that what was kept before something went wrong is known, can be taken back, and is not kept twice. */
async function keep() {
  busy.value = true
  trouble.value = ''
  try {
    for (const bag of taken.value) {
      const id = uuid()
      await api.keepLot(id, {
        version: 0,
        ingredient: isOf(bag),
        label: bag.label,
        certified_gluten_free: bag.certified_gluten_free,
        ...(bag.grams === null ? {} : { grams: bag.grams }),
        ...(bag.price_per_kg === null ? {} : { price_per_kg: bag.price_per_kg }),
        ...(bag.bought_on ? { bought_on: bag.bought_on } : {}),
        ...(bag.opened_on ? { opened_on: bag.opened_on } : {}),
        ...(bag.best_before ? { best_before: bag.best_before } : {}),
        ...(bag.notes ? { notes: bag.notes } : {}),
      })
      kept.value = [...kept.value, id]
      meant.value = withoutField(meant.value, bag.row)
    }
    csv.value = ''
  } catch (failure) {
    trouble.value = toldBy(failure)
  } finally {
    busy.value = false
    await house.refresh()
  }
}

async function takeBack() {
  try {
    for (const id of kept.value) await house.archive('lots', id, true)
    kept.value = []
  } catch (failure) {
    trouble.value = toldBy(failure)
  }
}
</script>

<template>
  <SheetPage back="larder" place="Larder" title="Bags from a sheet of your own">
    <p class="soft">
      Save it as CSV, with heads in the first row, and open it here, or paste it. Nothing is kept before you
      say so.
    </p>
    <p v-if="kept.length" class="row" role="status">
      {{ kept.length }} {{ kept.length === 1 ? 'bag is' : 'bags are' }} in the larder.
      <ElButton @click="takeBack">Put them away again</ElButton>
    </p>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <SheetIn v-model="csv" label="Your sheet" file="A CSV file" :example="EXAMPLE" />
    <p v-if="refused" role="alert">{{ refused }}</p>
    <template v-if="answer">
      <h2>What each column says</h2>
      <SheetColumns v-model="columns" :heads="answer.heads" :fields="answer.fields" />
      <h2>What would be kept</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">Bag</th>
            <th scope="col">What it is</th>
            <th scope="col">Bought</th>
            <th scope="col">A kilogram</th>
            <th scope="col">Best before</th>
            <th scope="col">To look at</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="bag in answer.bags" :key="bag.row" :class="{ 'is-left': !isOf(bag) }">
            <th scope="row">{{ bag.label }}</th>
            <td>
              <ElSelect
                :model-value="isOf(bag)"
                filterable
                placeholder="Left out"
                :aria-label="`What ${bag.label} is`"
                @update:model-value="(id: string) => (meant = { ...meant, [bag.row]: id })"
              >
                <ElOption value="" label="Left out" />
                <ElOption
                  v-for="one in bag.choices"
                  :key="`likely ${one.id}`"
                  :value="one.id"
                  :label="one.name"
                />
                <ElOption
                  v-for="one in all.filter(one => !bag.choices.some(choice => choice.id === one.id))"
                  :key="one.id"
                  :value="one.id"
                  :label="one.name"
                />
              </ElSelect>
            </td>
            <td>
              {{ bag.grams === null ? '' : units.text(bag.grams, 'g') }} {{ bag.bought_on }}
              <template v-if="bag.certified_gluten_free">✓ certified</template>
            </td>
            <td>{{ bag.price_per_kg === null ? '' : units.text(bag.price_per_kg, 'money') }}</td>
            <td>{{ bag.best_before }}</td>
            <td>{{ bag.doubts.join(' ') }}</td>
          </tr>
        </tbody>
      </table>
      <p>
        <ElButton type="primary" size="large" :loading="busy" :disabled="!taken.length" @click="keep">{{
          `Keep ${taken.length} ${taken.length === 1 ? 'bag' : 'bags'}`
        }}</ElButton>
      </p>
    </template>
  </SheetPage>
</template>
