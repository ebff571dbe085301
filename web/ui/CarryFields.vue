<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, PlanRequest } from '@/api/types'
import Choice from './Choice.vue'

/** What a piece is shaped on, and how it gets onto the griddle. */
const { plan, request } = defineProps<{ plan: Plan; request: PlanRequest }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
type Carry = Plan['shape']['carry']
const liner = computed<Carry['liner']>({
  get: () => plan.shape.carry.liner,
  // Another liner lets other ways of carrying through: that is found anew.
  set: value => emit('change', { ...request, carry: { liner: value } }),
})
const over = computed<Carry['over']>({
  get: () => plan.shape.carry.over,
  set: value => emit('change', { ...request, carry: { liner: plan.shape.carry.liner, over: value } }),
})
</script>

<template>
  <div v-if="plan.method.shape !== 'pour'" class="carry">
    <div>
      <Choice v-model="liner" label="Shaped on" :options="plan.shape.carry.liners" />
      <p>{{ plan.shape.carry.liner_words }}</p>
    </div>
    <div>
      <Choice
        v-if="plan.shape.carry.ways.length > 1"
        v-model="over"
        label="Onto the griddle"
        :options="plan.shape.carry.ways"
      />
      <p>{{ plan.shape.carry.over_words }}</p>
    </div>
  </div>
</template>

<style scoped>
.carry {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(18rem, 100%), 1fr));
  gap: 0.6rem 1.4rem;
}

.carry p {
  margin: 0.3rem 0 0;
}
</style>
