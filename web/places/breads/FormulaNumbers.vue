<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, PlanRequest, Style } from '@/api/types'
import { withWish } from '@/api/requests'
import Choice from '@/ui/Choice.vue'
import Fader from '@/ui/Fader.vue'

/** The sliders that everything hangs on. */
const { request, plan, kind } = defineProps<{ request: PlanRequest; plan: Plan; kind: Style }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()

const hydration = computed({
  get: () => Math.round(plan.water.hydration_percent.value),
  set: value => emit('change', withWish(request, 'water', { hydration_percent: value })),
})
const celsius = computed({
  get: () => Math.round(plan.water.celsius.value),
  set: value => emit('change', withWish(request, 'water', { celsius: value, dough_celsius: undefined })),
})
const pot = computed({
  get: () => Math.round(plan.mix.pot_share * 100),
  set: value => emit('change', withWish(request, 'water', { pot_share: value / 100 })),
})
const texture = computed({
  get: () => plan.water.texture,
  set: value => emit('change', { ...request, formula: { ...request.formula, texture: value } }),
})
const isOwn = computed(() => request.water?.hydration_percent !== undefined)
</script>

<template>
  <section class="panel stack" aria-label="Water and hold">
    <h2>Water and hold</h2>
    <Fader
      v-model="hydration"
      label="Water, in % of the flour"
      :min="Math.floor((kind.hydration_range[0] ?? 20) * 0.6)"
      :max="Math.ceil((kind.hydration_range[1] ?? 200) * 1.25)"
      :step="1"
      unit="percent"
    />
    <button
      v-if="isOwn"
      type="button"
      class="link-button numbers-back"
      @click="emit('change', withWish(request, 'water', { hydration_percent: undefined }))"
    >
      Back to what the flour wants
    </button>
    <Fader v-model="celsius" label="Water temperature" :min="2" :max="100" :step="1" unit="celsius" />
    <Fader v-model="pot" label="Flour cooked in the pot" :min="0" :max="100" :step="5" unit="percent" />
    <Choice
      v-model="texture"
      label="Made to"
      :options="[
        { value: 'batter', label: 'Pour' },
        { value: 'soft', label: 'Soft' },
        { value: 'press', label: 'Press' },
        { value: 'pat', label: 'Pat' },
        { value: 'roll', label: 'Roll' },
      ]"
    />
  </section>
</template>

<style scoped>
.numbers-back {
  justify-self: start;
}
</style>
