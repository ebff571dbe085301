<script setup lang="ts">
import { ElOption, ElSelect } from 'element-plus'
import { computed, ref } from 'vue'
import type { Plan, PlanRequest } from '@/api/types'
import { useHouse } from '@/bench/house'
import AllOrFewer from '@/ui/AllOrFewer.vue'
import FormulaLine from './FormulaLine.vue'
import Choice from '@/ui/Choice.vue'
import {
  linesOf,
  namesOf,
  withAmount,
  withFlourShare,
  withGrind,
  withMore,
  without,
  withWay,
} from '@/ui/formula'
import { measureOf, writtenIn, type MeasureOf } from '@/ui/measures'

/** The lines of a formula, each to slide, to swap or to take out, and one more to put in. */
const { request, plan } = defineProps<{ request: PlanRequest; plan: Plan | null }>()
const emit = defineEmits<{ change: [request: PlanRequest]; swap: [ingredient: string] }>()
const FIRST_PERCENT = 5
const house = useHouse()
const names = computed(() => namesOf(house.kitchen))
const flours = computed(
  () =>
    new Set([
      ...(house.kitchen?.ingredients ?? [])
        .filter(one => one.role === 'flour' || one.role === 'starch')
        .map(one => one.id),
      ...(plan?.ledger ?? [])
        .filter(row => row.role === 'flour' || row.role === 'starch')
        .map(row => row.ingredient),
    ]),
)
const lines = computed(() => linesOf(request).filter(line => line.ingredient !== 'water'))
/** Of a long formula the first lines stand there, and the others a press away; on paper all of them. */
const FIRST = 4
const areAllShown = ref(false)
const more = computed(() =>
  [...names.value].filter(
    ([id]) => id !== 'water' && id !== 'dent-corn' && !lines.value.some(line => line.ingredient === id),
  ),
)
const measure = computed<MeasureOf>({
  get: () => measureOf(request),
  set: value => plan && emit('change', writtenIn(request, value, plan)),
})
const isShared = (ingredient: string) =>
  flours.value.has(ingredient) &&
  lines.value.every(line => !flours.value.has(line.ingredient) || line.percent !== undefined)

function move(ingredient: string, amount: number) {
  emit(
    'change',
    isShared(ingredient)
      ? withFlourShare(request, ingredient, amount, id => flours.value.has(id))
      : withAmount(request, ingredient, amount),
  )
}

/** A flour that comes in shares the hundred with the others; anything else stands beside them. */
function add(ingredient: string) {
  areAllShown.value = true
  const added = withMore(request, ingredient, FIRST_PERCENT)
  emit(
    'change',
    flours.value.has(ingredient)
      ? withFlourShare(added, ingredient, FIRST_PERCENT, id => flours.value.has(id))
      : added,
  )
}

function remove(ingredient: string) {
  const lone = flours.value.has(ingredient) && isShared(ingredient)
  const cleared = lone ? withFlourShare(request, ingredient, 0, id => flours.value.has(id)) : request
  emit('change', without(cleared, ingredient))
}

function isLastFlour(ingredient: string): boolean {
  return (
    flours.value.has(ingredient) && lines.value.filter(line => flours.value.has(line.ingredient)).length === 1
  )
}
</script>

<template>
  <section class="panel stack" aria-label="Lines of the formula">
    <h2>The formula, written in</h2>
    <Choice
      v-model="measure"
      label="Written in"
      quiet
      :options="[
        { value: 'percent', label: '% of flour' },
        { value: 'grams', label: 'Weights' },
        { value: 'volume', label: 'Cups, spoons' },
      ]"
    />
    <ul class="lines">
      <FormulaLine
        v-for="(line, index) in lines"
        :key="line.ingredient"
        :class="{ 'is-beyond': index >= FIRST && !areAllShown }"
        :line="line"
        :name="names.get(line.ingredient) ?? line.ingredient"
        :row="plan?.ledger.find(row => row.ingredient === line.ingredient)"
        :most="flours.has(line.ingredient) ? 100 : Math.max(10, (line.percent ?? 0) * 2)"
        :fixed="isLastFlour(line.ingredient)"
        @move="amount => move(line.ingredient, amount)"
        @grind="grind => emit('change', withGrind(request, line.ingredient, grind))"
        @way="way => emit('change', withWay(request, line.ingredient, way))"
        @swap="emit('swap', line.ingredient)"
        @remove="remove(line.ingredient)"
      />
    </ul>
    <AllOrFewer
      v-if="lines.length > FIRST"
      v-model="areAllShown"
      class="screen-only"
      :all="`All ${lines.length} lines`"
    />
    <ElSelect
      class="screen-only"
      :model-value="''"
      filterable
      placeholder="Put something in"
      aria-label="Put something in"
      @change="add"
    >
      <ElOption v-for="[id, name] in more" :key="id" :value="id" :label="name" />
    </ElSelect>
  </section>
</template>

<style scoped>
@media screen {
  .is-beyond {
    display: none;
  }
}

.lines {
  display: grid;
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
