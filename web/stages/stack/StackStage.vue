<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Batch, Plan } from '@/api/types'
import { clock } from '@/ui/units'
import { useBatch } from '../batch'
import CountdownRing from '../CountdownRing.vue'
import StageFoot from '../StageFoot.vue'
import StageHead from '../StageHead.vue'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const store = useBatch()
const stack = computed(() => batch.state.stack)

const HOW: Record<Plan['stack']['after'], { says: string; detail: string }> = {
  stack_in_cloth: {
    says: 'Stack them in a cloth',
    detail: 'Their own steam makes them soft. Fold the cloth over and leave it shut.',
  },
  stack_to_cool: {
    says: 'Stack them to cool',
    detail: 'One on the other, uncovered once they stop steaming.',
  },
  rack: { says: 'Cool them on a rack', detail: 'Air all round keeps them crisp.' },
  lined_box: { says: 'Into the lined box', detail: 'Neither dry nor sweating: lid a finger open.' },
  low_oven: { says: 'Wrapped, into a low oven', detail: 'Keep them wrapped, so that they do not dry.' },
}
</script>

<template>
  <StageHead
    :says="stack.ends_at ? 'Steaming soft' : HOW[plan.stack.after].says"
    :detail="HOW[plan.stack.after].detail"
  />
  <div class="panel stack steam">
    <CountdownRing v-if="stack.ends_at" :ends-at="stack.ends_at" :seconds="stack.seconds" />
    <ElButton v-else type="primary" size="large" @click="store.record('stacked')"
      >Stacked. Start {{ clock(stack.seconds) }}</ElButton
    >
  </div>
  <StageFoot :plan="plan" stage="stack" :ready="stack.ends_at !== null" />
</template>

<style scoped>
.steam {
  justify-items: center;
  padding: 2rem;
}
</style>
