<script setup lang="ts">
import { computed } from 'vue'
import type { Batch, Plan, PlanRequest } from '@/api/types'
import { useHouse } from '@/house'
import TrueDisc from '@/pictures/TrueDisc.vue'
import Fader from '@/ui/Fader.vue'
import Why from '@/ui/Why.vue'
import { clock, useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import { withWish } from '../requests'
import StageFoot from '../StageFoot.vue'
import StageHead from '../StageHead.vue'
import Warnings from '../Warnings.vue'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const units = useUnits()
const house = useHouse()
const store = useBatch()
const style = computed(() => house.kitchen?.styles.find(one => one.id === plan.style.id))
const request = computed<PlanRequest>(() => store.request ?? batch.request)
/** While a slider moves, the plan's own; then that of the dough as it came out. */
const diameter = computed(() => (store.preview ? plan.shape.diameter_mm : batch.state.shape.diameter_mm))
const thickness = computed({
  get: () => Math.round(plan.shape.thickness_mm.value * 10) / 10,
  set: value =>
    store.change(withWish(request.value, 'pieces', { thickness_mm: value, diameter_mm: undefined })),
})

const HOW: Record<Plan['method']['shape'], string> = {
  lever_press:
    'Ball a little towards the hinge, since the press throws it away from there. Press, turn the disc, press again.',
  two_plates: 'Between two liners, press from above, turn a quarter, press again.',
  rolling_pin: 'Between two liners, guides on both sides, from the middle outwards.',
  palms: 'Wet palms, turn it as you pat.',
  fingers: 'Oiled fingers, on a sheet, from the middle outwards.',
  cutter: 'Roll between two liners along the guides, then cut with the ring.',
  pour: 'Pour into the middle and let it run, or tilt the pan until it is even.',
}
</script>

<template>
  <StageHead
    :says="`${units.text(diameter.value, 'mm')} wide, ${units.text(plan.shape.thickness_mm.value, 'mm')} ${plan.method.shape === 'pour' ? 'deep' : 'thick'}`"
    :detail="HOW[plan.method.shape]"
  />
  <Warnings :plan="plan" stage="shape" />
  <div class="panel stack">
    <Fader
      v-model="thickness"
      label="Thickness"
      :min="Math.floor((style?.thickness_range[0] ?? 1) * 8) / 10"
      :max="Math.ceil((style?.thickness_range[1] ?? 4) * 12) / 10"
      :step="0.1"
      unit="mm"
    />
    <div class="row">
      <span
        >Wide <strong>{{ units.text(diameter.value, 'mm') }}</strong></span
      >
      <Why :figure="diameter" label="Diameter" />
      <span class="soft">Uncovered no longer than {{ clock(plan.shape.uncovered_seconds) }}.</span>
    </div>
  </div>
  <TrueDisc :diameter="diameter.value" :thickness="plan.shape.thickness_mm.value" />
  <StageFoot :plan="plan" stage="shape" />
</template>
