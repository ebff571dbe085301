<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { Batch, Plan } from '@/api/types'
import MassInput from '@/ui/MassInput.vue'
import { duration } from '@/ui/units'
import { useAppearance } from '@/ui/appearance'
import BenchFold from '@/ui/BenchFold.vue'
import KeepWords from '@/ui/KeepWords.vue'
import { useBatch } from '../batch'
import CountdownRing from '../CountdownRing.vue'
import ActBar from '../ActBar.vue'
import StageHead from '../StageHead.vue'
import WorkSteps from '../WorkSteps.vue'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const store = useBatch()
const appearance = useAppearance()
const stack = computed(() => batch.state.stack)
/** What all of them weigh now: it tells what this griddle takes out of this bread. */
const grams = ref(0)

const HOW: Record<Plan['stack']['after'], { says: string; now: string; detail: string }> = {
  stack_in_cloth: {
    says: 'Stack them in a cloth',
    now: 'Steaming soft',
    detail: 'Their own steam makes them soft. Fold the cloth over and leave it shut.',
  },
  stack_to_cool: {
    says: 'Stack them to cool',
    now: 'Cooling',
    detail: 'One on the other, uncovered once they stop steaming.',
  },
  rack: { says: 'Cool them on a rack', now: 'Cooling, crisp', detail: 'Air all round keeps them crisp.' },
  lined_box: {
    says: 'Into the lined box',
    now: 'In the lined box',
    detail: 'Neither dry nor sweating: lid a finger open.',
  },
  low_oven: {
    says: 'Wrapped, into a low oven',
    now: 'Kept warm in the oven',
    detail: 'Keep them wrapped, so that they do not dry.',
  },
}

function keep() {
  if (grams.value) void store.record('stacked', { grams: grams.value })
}
</script>

<template>
  <StageHead
    :says="stack.ends_at ? HOW[plan.stack.after].now : HOW[plan.stack.after].says"
    :detail="HOW[plan.stack.after].detail"
  />
  <ActBar :plan="plan" stage="stack" :ready="stack.ends_at !== null">
    <ElButton v-if="!stack.ends_at" type="primary" size="large" @click="store.record('stacked')"
      >Stacked. Start {{ duration(stack.seconds) }}</ElButton
    >
  </ActBar>
  <WorkSteps :batch="batch" stage="stack" />
  <div class="panel stack steam">
    <CountdownRing v-if="stack.ends_at" :ends-at="stack.ends_at" :seconds="stack.seconds" />
    <p v-else class="steam-time">{{ duration(stack.seconds) }}</p>
  </div>
  <div v-if="batch.state.griddle.lifted" class="panel row">
    <span>All of them on the scale, if you like</span>
    <MassInput v-model="grams" label="The whole stack" @enter="keep" />
    <ElButton :disabled="!grams" @click="keep">Keep the weight</ElButton>
  </div>
  <BenchFold v-if="plan.stack.keep" name="keeping" title="Keep it, and serve it again">
    <section :class="{ panel: !appearance.isBench }" aria-label="Keep it, and serve it again">
      <KeepWords :keep="plan.stack.keep" />
    </section>
  </BenchFold>
</template>

<style scoped>
.steam {
  justify-items: center;
  padding: 2rem;
}
.steam-time {
  font: 600 3rem var(--font-head);
}
</style>
