<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, PlanRequest } from '@/api/types'
import Choice from '@/ui/Choice.vue'
import { withOrder, withWorked } from '@/ui/formula'
import CarryFields from '@/ui/CarryFields.vue'
import ForWhat from '@/ui/ForWhat.vue'
import OnWhat from '@/ui/OnWhat.vue'
import RestFields from '@/ui/RestFields.vue'

/** What the bread is for, what it is baked on, how a piece gets there, and how it waits. */
const { request, plan } = defineProps<{ request: PlanRequest; plan: Plan }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
const order = computed({
  get: () => request.formula?.order ?? 'water_into_flour',
  set: value => emit('change', withOrder(request, value)),
})
const worked = computed({
  get: () => request.formula?.worked ?? 'hand',
  set: value => emit('change', withWorked(request, value)),
})
</script>

<template>
  <div class="row">
    <Choice
      v-model="order"
      label="Which comes to which"
      :options="[
        { value: 'water_into_flour', label: 'Water into flour' },
        { value: 'flour_into_water', label: 'Flour into water' },
      ]"
    />
    <Choice
      v-model="worked"
      label="Worked"
      :options="[
        { value: 'hand', label: 'By hand' },
        { value: 'machine', label: 'By machine' },
      ]"
    />
  </div>
  <div class="use">
    <ForWhat :request="request" @change="emit('change', $event)" />
    <div class="stack">
      <OnWhat
        :request="request"
        :pours="plan.method.shape === 'pour'"
        inherits
        @change="emit('change', $event)"
      />
    </div>
  </div>
  <template v-if="plan.method.shape !== 'pour'">
    <h3>From the board to the griddle</h3>
    <CarryFields :plan="plan" :request="request" @change="emit('change', $event)" />
  </template>
  <h3>Rests</h3>
  <RestFields :request="request" :plan="plan" @change="emit('change', $event)" />
</template>

<style scoped>
.use {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(18rem, 100%), 1fr));
  gap: 0.4rem 1.4rem;
}
</style>
