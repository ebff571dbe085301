<script setup lang="ts">
import type { BatchState, Plan } from '@/api/types'
import { clock, useUnits } from '@/ui/units'
import CountdownRing from '../CountdownRing.vue'
import { roundWords } from './finish'

/** What is in the oven or under the broiler, and until when; before that, what it will be. */
const { oven, plan } = defineProps<{ oven: NonNullable<BatchState['oven']>; plan: Plan }>()
const units = useUnits()
</script>

<template>
  <section class="panel oven" aria-label="The oven">
    <h2>{{ roundWords(oven.what) }}</h2>
    <CountdownRing v-if="oven.ends_at" :ends-at="oven.ends_at" :seconds="oven.seconds" />
    <p v-else>
      {{ clock(oven.seconds)
      }}<template v-if="plan.griddle.oven_celsius && oven.what !== 'broiler'">
        at {{ units.text(plan.griddle.oven_celsius, 'celsius') }}</template
      >. Have it hot before the first piece comes off.
    </p>
    <p v-if="oven.ends_at" class="soft">Look through the door before the time is up: the eye decides.</p>
  </section>
</template>

<style scoped>
.oven {
  display: grid;
  gap: 0.4rem;
  justify-items: start;
}
</style>
