<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Plan, PlanRequest } from '@/api/types'
import { useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import { withWish } from '@/api/requests'

/** The heat of the griddle: which setting comes nearest to it, as it was calibrated; how far the flame is turned up under load; what it cannot hold. */
const { plan, request } = defineProps<{ plan: Plan; request: PlanRequest }>()
/** Less than this no hand would notice. */
const SOONER_PERCENT = 4
/** Nearer than this a calibration knows no better. */
const NEAR_KELVIN = 10
const units = useUnits()
const store = useBatch()
const comesTo = computed(() =>
  request.gear?.griddle?.settings?.find(one => one.name === plan.griddle.tool.setting),
)
/** The heat of the empty metal that the plan is made for. */
const held = computed(() => plan.griddle.tool.celsius)
const off = computed(() => (comesTo.value ? comesTo.value.value - held.value : 0))
const isFar = computed(() => Math.abs(off.value) > NEAR_KELVIN)
const stride = computed(() => plan.griddle.stride)
const sooner = computed(() => Math.round(100 * (1 - (stride.value?.first_share ?? 1))))

function follow() {
  if (comesTo.value)
    store.change(withWish(request, 'griddle', { surface_celsius: Math.round(comesTo.value.value) }))
}
</script>

<template>
  <div v-if="stride || comesTo" class="panel knob" :class="{ 'is-far': isFar }">
    <p v-if="comesTo">
      Set it to <strong>{{ comesTo.name }}</strong>: it comes to {{ units.text(comesTo.value, 'celsius')
      }}<template v-if="isFar">
        , {{ off < 0 ? 'cooler' : 'hotter' }} than the {{ units.text(held, 'celsius') }} that the times are
        for</template
      >.
    </p>
    <ElButton v-if="isFar && comesTo" @click="follow"
      >Plan for {{ units.text(comesTo.value, 'celsius') }}</ElButton
    >
    <p v-if="stride">
      Turn up as the first is laid, to about {{ stride.flame_times.toFixed(1) }} times the flame that holds it
      empty: the bare metal stays at {{ units.text(stride.bare_celsius, 'celsius') }}. Turn down when nothing
      lies on it.
      <span v-if="sooner >= SOONER_PERCENT" class="soft"
        >The first on each place come {{ sooner }} % sooner than the later ones.</span
      >
    </p>
  </div>
</template>

<style scoped>
.knob {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1rem;
  align-items: center;
  padding: 0.6rem 1rem;
}

.knob p {
  margin: 0;
}

.knob.is-far {
  border: 2px dashed var(--heat);
}
</style>
