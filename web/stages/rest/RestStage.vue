<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Batch, Plan } from '@/api/types'
import { clock } from '@/ui/units'
import { heatFrom } from '../course'
import { useBatch } from '../batch'
import CountdownRing from '../CountdownRing.vue'
import StageFoot from '../StageFoot.vue'
import StageHead from '../StageHead.vue'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const store = useBatch()
const rest = computed(() => batch.state.rest)
</script>

<template>
  <StageHead
    :says="rest.ends_at ? 'Resting under a damp cloth' : `Cover it and rest ${clock(rest.seconds)}`"
    detail="Starch and gums go on drinking. A drying skin is a crack later, so keep it covered."
  />
  <div class="panel stack rest">
    <CountdownRing v-if="rest.ends_at" :ends-at="rest.ends_at" :seconds="rest.seconds" />
    <ElButton v-else type="primary" size="large" @click="store.record('rest_started')"
      >Start the rest</ElButton
    >
    <p>
      Griddle on at <strong>{{ heatFrom(batch, plan) }}</strong>, so that it is steady when the first piece is
      laid.
    </p>
  </div>
  <StageFoot :plan="plan" stage="rest" :ready="rest.ends_at !== null" />
</template>

<style scoped>
.rest {
  justify-items: center;
  padding: 2rem;
}
</style>
