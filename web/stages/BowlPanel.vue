<script setup lang="ts">
import { computed } from 'vue'
import type { Batch, Plan, Stage } from '@/api/types'
import BowlPicture from '@/pictures/BowlPicture.vue'
import Cautions from '@/ui/Cautions.vue'
import { piecesOf } from './course'
import Term from '@/ui/Term.vue'
import { useUnits } from '@/ui/units'
import Notes from './Notes.vue'

/** What is in the bowl now, told from the events. */
const { batch, plan, stage } = defineProps<{ batch: Batch; plan: Plan; stage: Stage }>()
const units = useUnits()
const bowl = computed(() => batch.state.bowl)
const facts = computed(() => [
  { name: 'Flour and dry', value: units.text(bowl.value.dough_grams - bowl.value.water_grams, 'g') },
  { name: 'Water', value: units.text(bowl.value.water_grams, 'g') },
  {
    name: 'Hydration',
    value: bowl.value.water_grams ? units.text(bowl.value.hydration_percent, 'percent') : '–',
  },
  {
    name: 'Dough',
    value:
      units.text(bowl.value.celsius ?? plan.mix.celsius.value, 'celsius') +
      (bowl.value.celsius === null ? ' planned' : ''),
  },
  { name: 'Feel', value: batch.state.feel_answers.find(one => one.grade === bowl.value.feel)?.name ?? '–' },
  { name: 'Pieces', value: piecesOf(batch, plan, units.text) },
])
</script>

<template>
  <aside class="bowl stack" aria-label="The bowl">
    <h2>The bowl</h2>
    <BowlPicture
      :dry="bowl.dough_grams - bowl.water_grams"
      :water="bowl.water_grams"
      :planned="plan.portion.mixed_grams.value"
      :mixed="bowl.feel !== null"
    />
    <dl>
      <template v-for="fact in facts" :key="fact.name">
        <dt>
          <Term v-if="fact.name === 'Hydration'" word="hydration">{{ fact.name }}</Term><template v-else>{{
            fact.name
          }}</template>
        </dt>
        <dd>{{ fact.value }}</dd>
      </template>
    </dl>
    <p class="bowl-eaters" :class="{ 'is-harm': plan.label.gluten.status === 'contains_wheat' }">
      <strong>{{ plan.label.gluten.words }}.</strong>
      {{
        plan.label.allergens.length
          ? `Contains ${plan.label.allergens.map(one => one.words).join(', ')}.`
          : 'None of the allergens we list.'
      }}
    </p>
    <Cautions :cautions="plan.cautions" :stage="stage" />
    <Notes :batch="batch" :stage="stage" />
  </aside>
</template>

<style scoped>
.bowl dl {
  display: grid;
  grid-template-columns: auto 1fr;
  margin: 0;
}

.bowl dt {
  color: var(--ink-soft);
}

.bowl dd {
  margin: 0;
  text-align: right;
  font-weight: 600;
}

.bowl dt,
.bowl dd {
  padding: 0.22rem 0;
  border-bottom: 1px solid var(--panel-edge);
}

.bowl-eaters {
  font-size: 0.95rem;
}

.bowl-eaters.is-harm {
  color: var(--harm);
}
</style>
