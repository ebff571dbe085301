<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Plan, PlanRequest } from '@/api/types'
import { useHouse } from '@/house'
import { useUnits } from '@/ui/units'
import { withLearned } from '../requests'

/** What the record says of these bags, what it changes here, and the way to do without it this once. */
const { plan, request, begun } = defineProps<{ plan: Plan; request: PlanRequest; begun: boolean }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
const units = useUnits()
const house = useHouse()
const learned = computed(() => plan.water.learned ?? [])
/** Bags of this dough that something is known of and that this batch does without. */
const without = computed(() =>
  plan.ledger.flatMap(row => {
    const lot = house.kitchen?.lots.find(one => one.id === row.lot)
    const isUsed = learned.value.some(one => one.lot === row.lot)
    return lot?.water && !lot.set_aside && !isUsed ? [{ lot, name: row.name }] : []
  }),
)
</script>

<template>
  <div v-if="learned.length || without.length" class="panel learned">
    <p v-for="one in learned" :key="one.ingredient">
      <strong>{{ one.name }}.</strong> {{ one.words }}. Without it:
      {{ units.text(plan.water.catalogue_grams ?? plan.water.grams.value, 'g') }}.
      <ElButton v-if="!begun && one.lot" @click="emit('change', withLearned(request, one.lot, null))"
        >Leave it out this time</ElButton
      >
    </p>
    <p v-for="{ lot, name } in without" :key="lot.id">
      <strong>{{ name }}.</strong> What was learned of this bag is left out.
      <ElButton v-if="!begun" @click="emit('change', withLearned(request, lot.id, lot))">Use it</ElButton>
    </p>
  </div>
</template>

<style scoped>
.learned {
  display: grid;
  gap: 0.4rem;
  border-left: 6px solid var(--active);
}

.learned p {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.8rem;
  align-items: center;
}
</style>
