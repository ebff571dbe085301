<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, PlanRequest } from '@/api/types'
import { useHouse } from '@/bench/house'
import Choice from '@/ui/Choice.vue'
import Fader from '@/ui/Fader.vue'
import { sizeWords } from '@/bench/course'
import { useUnits } from '@/ui/units'
import { linesOf, namesOf } from '@/ui/formula'
import {
  type Likeness,
  LIKENESSES,
  type SizeBy,
  sizedBy,
  withLikeness,
  withPieces,
  withSize,
} from '@/ui/size'

/** How large: by the pieces wanted, the flour at hand, the dough, or the one thing that is scarce. */
const { request, plan } = defineProps<{ request: PlanRequest; plan: Plan }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
const units = useUnits()
const house = useHouse()
const names = computed(() => namesOf(house.kitchen))
const by = computed<SizeBy>({
  get: () => sizedBy(request),
  set: value => emit('change', withSize(request, plan, value)),
})
const scale = computed(() => request.formula?.scale)
const flour = computed({
  get: () => scale.value?.flour_grams ?? 0,
  set: grams => emit('change', withScale({ flour_grams: grams })),
})
const dough = computed({
  get: () => scale.value?.dough_grams ?? 0,
  set: grams => emit('change', withScale({ dough_grams: grams })),
})
const scarce = computed({
  get: () => scale.value?.limit?.ingredient ?? '',
  set: ingredient => emit('change', withScale({ limit: { ingredient, grams: gramsOf(ingredient) } })),
})
const limit = computed({
  get: () => scale.value?.limit?.grams ?? 0,
  set: grams => emit('change', withScale({ limit: { ingredient: scarce.value, grams } })),
})
const count = computed({
  get: () => plan.portion.count,
  set: value => emit('change', withPieces(request, { count: value })),
})
const each = computed({
  get: () => Math.round(plan.portion.piece_grams.value),
  set: grams => emit('change', withPieces(request, { grams_each: grams })),
})

function withScale(wish: NonNullable<NonNullable<PlanRequest['formula']>['scale']>): PlanRequest {
  return { ...request, formula: { ...request.formula, scale: wish } }
}

function gramsOf(ingredient: string): number {
  return Math.max(1, Math.round(plan.ledger.find(row => row.ingredient === ingredient)?.grams ?? 100))
}
const like = computed<Likeness | 'weight'>({
  get: () => request.pieces?.like ?? 'weight',
  set: chosen => emit('change', withLikeness(request, chosen)),
})
</script>

<template>
  <div class="size">
    <div class="stack">
      <Choice
        v-model="by"
        label="As large as"
        :options="[
          { value: 'pieces', label: 'The pieces wanted' },
          { value: 'flour', label: 'The flour at hand' },
          { value: 'dough', label: 'The dough wanted' },
          { value: 'limit', label: 'What is scarce' },
        ]"
      />
      <template v-if="by === 'pieces'">
        <Fader v-model="count" label="Pieces" :min="1" :max="200" :step="1" :unit="null" />
        <Fader v-model="each" label="Each, raw" :min="15" :max="300" :step="1" unit="g" />
        <Choice
          v-model="like"
          label="Or as big as"
          :options="[{ value: 'weight', label: 'That weight' }, ...LIKENESSES]"
        />
      </template>
      <Fader
        v-if="by === 'flour'"
        v-model="flour"
        label="Flour at hand"
        :min="20"
        :max="3000"
        :step="5"
        unit="g"
      />
      <Fader v-if="by === 'dough'" v-model="dough" label="Dough" :min="50" :max="6000" :step="10" unit="g" />
      <template v-if="by === 'limit'">
        <Choice
          v-model="scarce"
          label="There is only so much"
          :options="
            linesOf(request)
              .filter(line => line.ingredient !== 'water')
              .map(line => ({ value: line.ingredient, label: names.get(line.ingredient) ?? line.ingredient }))
          "
        />
        <Fader v-model="limit" label="Of it" :min="1" :max="Math.max(500, limit * 2)" :step="1" unit="g" />
      </template>
    </div>
    <p class="says">
      {{ plan.portion.count }} × {{ units.text(plan.portion.piece_grams.value, 'g') }},
      {{ sizeWords(plan.shape.diameter_mm.value, plan, units.text) }}
    </p>
  </div>
</template>

<style scoped>
.size {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
  gap: 1.5rem;
}
</style>
