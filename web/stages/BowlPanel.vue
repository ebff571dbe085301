<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed } from 'vue'
import type { Batch, Plan, Stage } from '@/api/types'
import BowlPicture from '@/pictures/BowlPicture.vue'
import Cautions from '@/ui/Cautions.vue'
import { piecesOf } from '@/bench/course'
import { useAppearance } from '@/ui/appearance'
import ForWhom from '@/ui/ForWhom.vue'
import Fold from '@/ui/Fold.vue'
import { useUnits } from '@/ui/units'
import BowlFacts from './BowlFacts.vue'
import Notes from './Notes.vue'

/** What is in the bowl now, told from the events. */
const { batch, plan, stage } = defineProps<{ batch: Batch; plan: Plan; stage: Stage }>()
const units = useUnits()
const bowl = computed(() => batch.state.bowl)
const appearance = useAppearance()
const isNarrow = useMediaQuery('(max-width: 64rem)')
/** At the bench and on a phone the bowl is one line that opens; what must be heeded stands above it. */
const isFolded = computed(() => isNarrow.value || appearance.isBench)
const containsWheat = computed(() => plan.label.gluten.status === 'contains_wheat')
const dryGrams = computed(() => bowl.value.dough_grams - bowl.value.water_grams)
const dry = computed(() => units.text(dryGrams.value, 'g'))
/** What went in without being weighed is unknown, not nothing. */
const isUnweighed = computed(() => dryGrams.value <= 0 && bowl.value.water_grams > 0)
/** Of flour that was not weighed, as planned. */
const hydration = computed(() => {
  const isPlanned = bowl.value.lines.some(one => one.is_flour && !one.measured)
  return units.text(bowl.value.hydration_percent, 'percent') + (isPlanned ? ' planned' : '')
})
const inALine = computed(() => {
  const { water_grams, dough_grams } = bowl.value
  if (dough_grams <= 0) return 'The bowl: empty'
  return water_grams > 0
    ? `The bowl: ${isUnweighed.value ? 'dry not weighed' : `${dry.value} dry`}, ${units.text(water_grams, 'g')} water, ${hydration.value}`
    : `The bowl: ${dry.value} dry`
})
const facts = computed(() => [
  { name: 'Flour and dry', value: isUnweighed.value ? 'not weighed' : dry.value },
  { name: 'Water', value: units.text(bowl.value.water_grams, 'g') },
  { name: 'Hydration', value: bowl.value.water_grams ? hydration.value : '–' },
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
  <aside v-if="isFolded" class="bowl stack is-folded" aria-label="The bowl">
    <Cautions :cautions="plan.cautions" :stage="stage" />
    <ForWhom v-if="containsWheat" class="bowl-eaters" :label="plan.label" />
    <Fold name="bowl" :title="inALine">
      <BowlFacts :facts="facts" />
      <ForWhom v-if="!containsWheat" class="bowl-eaters" :label="plan.label" />
    </Fold>
    <Notes :batch="batch" :stage="stage" panel />
  </aside>
  <aside v-else class="bowl stack" aria-label="The bowl">
    <h2>The bowl</h2>
    <BowlPicture
      :dry="bowl.dough_grams - bowl.water_grams"
      :water="bowl.water_grams"
      :planned="plan.portion.mixed_grams.value"
      :mixed="bowl.feel !== null"
    />
    <BowlFacts :facts="facts" />
    <ForWhom class="bowl-eaters" :label="plan.label" />
    <Cautions :cautions="plan.cautions" :stage="stage" />
    <Notes :batch="batch" :stage="stage" />
  </aside>
</template>

<style scoped>
.bowl.is-folded {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
  align-items: start;
}

.bowl.is-folded > :is(.cautions, .bowl-eaters) {
  grid-column: 1 / -1;
}

.bowl-eaters {
  font-size: 0.95rem;
}
</style>
