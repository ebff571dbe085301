<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Plan, PlanRequest } from '@/api/types'
import BenchFold from './BenchFold.vue'
import Choice from './Choice.vue'
import Fader from './Fader.vue'
import ForWhom from './ForWhom.vue'
import FigureRow from './FigureRow.vue'
import { useUnits } from './units'
import WishFader from './WishFader.vue'
import { CONVENTIONS, factsOf, type Basis, type Convention } from './label'
import { withPieces } from './size'

/** What a piece holds and costs, for whom it is, and whether it keeps to a budget. */
const {
  request,
  plan,
  locked = false,
  bread,
  cautioned = false,
} = defineProps<{
  request: PlanRequest
  plan: Plan
  locked?: boolean
  bread?: { id: string }
  /** The page says beside it what such figures are not good for. */
  cautioned?: boolean
}>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
const units = useUnits()
const PAPERS = { a5: 'A5', a4: 'A4', letter: 'Letter' }
const basis = ref<Basis>('per_piece')
const convention = ref<Convention>('apart')
const bases = computed<{ value: Basis; label: string }[]>(() => [
  { value: 'per_piece', label: 'One piece' },
  ...(plan.label.serving.each > 1
    ? [{ value: 'per_serving' as const, label: `A serving of ${plan.label.serving.each}` }]
    : []),
  { value: 'per_100_g', label: '100 g as eaten' },
  { value: 'per_100_g_raw', label: '100 g raw' },
])
const facts = computed(() => factsOf(plan.label[basis.value], convention.value))
const budget = computed({
  get: () => request.budget?.net_carbohydrate_grams,
  set: grams =>
    emit(
      'change',
      grams === undefined
        ? { ...request, budget: {} }
        : { ...request, budget: { net_carbohydrate_grams: Math.max(0.1, grams) } },
    ),
})

const eachTakes = computed({
  get: () => plan.label.serving.each,
  set: value => emit('change', { ...request, pieces: { ...request.pieces, each_takes: value } }),
})

function fit() {
  const largest = plan.label.budget?.largest_piece_grams.value
  if (largest) emit('change', withPieces(request, { grams_each: Math.max(5, Math.floor(largest)) }))
}
</script>

<template>
  <div class="label">
    <div class="stack">
      <BenchFold name="label-facts" title="What it holds">
        <Choice v-model="basis" label="In" :options="bases" />
        <Choice v-model="convention" label="Carbohydrate on the label" :options="CONVENTIONS" />
        <Fader
          v-model="eachTakes"
          label="Pieces that one eater takes"
          :min="1"
          :max="8"
          :step="1"
          :unit="null"
        />
        <dl class="label-facts">
          <FigureRow v-for="fact in facts" :key="fact.name" held :label="fact.name" :figure="fact.figure" />
        </dl>
      </BenchFold>
    </div>
    <div class="stack paired">
      <h3>For whom</h3>
      <ForWhom :label="plan.label">
        <template v-if="plan.label.gluten.uncertified.length">
          Not from a certified bag: {{ plan.label.gluten.uncertified.join(', ') }}.</template
        >
      </ForWhom>
      <BenchFold name="label-cost" title="Cost, by the prices of your bags" headed>
        <dl v-if="plan.label.cost.is_known" class="label-facts">
          <FigureRow label="A piece" :figure="plan.label.cost.per_piece" />
          <FigureRow label="The batch" :figure="plan.label.cost.batch" />
        </dl>
        <p v-else>Not known: no bag that it is weighed from has a price.</p>
        <p v-if="plan.label.cost.is_known && plan.label.cost.unpriced.length" class="soft">
          Not counted, since no bag has a price: {{ plan.label.cost.unpriced.join(', ') }}.
        </p>
      </BenchFold>
      <BenchFold name="label-budget" title="Carbohydrate budget" headed>
        <WishFader v-model="budget" label="Net carbohydrate in a piece, at most" :start="5" :max="60" />
        <p v-if="plan.label.budget">
          {{ plan.label.budget.met ? 'A piece keeps to it.' : 'A piece goes over it.' }} The largest piece
          that does weighs {{ units.text(plan.label.budget.largest_piece_grams.value, 'g') }}, raw.
          <button v-if="!plan.label.budget.met && !locked" type="button" class="link-button" @click="fit">
            Make pieces of that size
          </button>
        </p>
      </BenchFold>
      <BenchFold v-if="bread" name="label-papers" title="On paper, and for others">
        <p class="row screen-only">
          <RouterLink :to="{ name: 'label', params: { id: bread.id } }"
            >Label and portions on paper →</RouterLink
          >
          <span
            >As a card:
            <a
              v-for="(name, paper) in PAPERS"
              :key="paper"
              class="label-paper"
              :href="`/breads/${bread.id}/recipe-card.pdf?paper=${paper}&${units.inAddress}`"
              >{{ name }}</a
            ></span
          >
          <a :href="`/breads/${bread.id}/recipe.jsonld`" download>As a recipe for other programs</a>
          <a :href="`/exports/breads/${bread.id}.zip`" download>For another house</a>
        </p>
      </BenchFold>
      <p v-if="!cautioned" class="soft">Figures are estimates and no advice on insulin or treatment.</p>
    </div>
  </div>
</template>

<style scoped>
.label-paper {
  margin-left: 0.5rem;
}

.label {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
  gap: 1.5rem;
}

:root[data-view='bench'] .label {
  gap: var(--gap);
}

.label-facts {
  margin: 0;
}
</style>
