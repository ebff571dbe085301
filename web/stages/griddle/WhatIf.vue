<script setup lang="ts">
import { computed } from 'vue'
import { useSettledAsking } from '@/api/asking'
import { api } from '@/api/client'
import { withWish } from '@/api/requests'
import type { Plan, PlanRequest } from '@/api/types'
import { useUnits } from '@/ui/units'
import BenchFold from '@/ui/BenchFold.vue'
import FindTurns from './FindTurns.vue'
import OffPlans from './OffPlans.vue'

/** What being a little off does, the heat and the times for another bread, and how far all of it can be trusted. */
const { request, plan, cooking } = defineProps<{ request: PlanRequest; plan: Plan; cooking: boolean }>()
const units = useUnits()
/** The model's plan, whatever times the cook has. */
const modelRequest = computed(() => withWish(request, 'griddle', { own: undefined }))
/** What being a little off does takes eight bakes more: it waits until the hand rests. */
const { answer, refused } = useSettledAsking(
  api.bake,
  computed(() => ({ request: modelRequest.value, sensitivity: true })),
)
const residuals = computed(() => answer.value?.found.residuals ?? null)
</script>

<template>
  <section class="panel stack" aria-label="What if">
    <p v-if="refused" role="alert">{{ refused }}</p>
    <OffPlans v-if="answer?.sensitivity" :off="answer.sensitivity" />
    <FindTurns :request="modelRequest" :plan="plan" :cooking="cooking" />
    <BenchFold v-if="residuals" name="trust" title="How far this can be trusted" headed>
      <p class="soft">
        Unaccounted for: {{ units.text(residuals.heat_percent, 'percent') }} of the heat,
        {{ units.text(residuals.water_percent, 'percent') }} of the water. Contact with the metal, how steam
        moves and how readily a dough colours are planning estimates: expect times to be off by a fifth until
        your griddle is calibrated, and look at the bread.
      </p>
    </BenchFold>
  </section>
</template>
