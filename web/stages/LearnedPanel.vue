<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Plan, PlanRequest } from '@/api/types'
import { useHouse } from '@/bench/house'
import BenchFold from '@/ui/BenchFold.vue'
import Fold from '@/ui/Fold.vue'
import Term from '@/ui/Term.vue'
import { useTight } from '@/ui/tight'
import { useUnits } from '@/ui/units'
import { useBatch } from './batch'
import { leftOut, withLearnedAgain, withoutLearned } from './learned'

/** What the record changed in this plan, where it applies, and the way to do without it this once. */
const {
  plan,
  request,
  stage = null,
  begun,
} = defineProps<{ plan: Plan; request: PlanRequest; stage?: string | null; begun: boolean }>()
const store = useBatch()
const units = useUnits()
const house = useHouse()
const here = computed(() => plan.learned.filter(one => stage === null || one.stage === stage))
/** What is known and this batch does without. */
const without = computed(() =>
  leftOut(plan, request, house.kitchen, house.session?.user?.id ?? '').filter(
    one => stage === null || one.stage === stage,
  ),
)
const isTight = useTight()
const title = computed(
  () => `${isTight.value ? 'From the record' : 'What the record changed'} (${here.value.length})`,
)
</script>

<template>
  <component
    :is="stage === null ? Fold : BenchFold"
    v-if="here.length || without.length"
    name="learned"
    :title="title"
  >
    <div class="panel learned">
      <p v-for="(one, index) in here" :key="one.key">
        <span
          >{{ units.words(one.words) }} <span class="soft">{{ units.words(one.without) }}</span><template
            v-if="index === 0 && one.words.includes('points')"
            >{{ ' ' }}<Term word="points">Points?</Term></template
          ></span
        >
        <ElButton
          v-if="!begun"
          :aria-label="`Leave it out this time: ${one.words}`"
          @click="store.change(withoutLearned(request, one.key))"
          >Leave it out this time</ElButton
        >
      </p>
      <p v-for="one in without" :key="one.key">
        <span class="soft">Left out this time: {{ units.words(one.words) }}</span>
        <ElButton
          v-if="!begun"
          :aria-label="`Use it: ${one.words}`"
          @click="store.change(withLearnedAgain(request, one.key, one.value))"
          >Use it</ElButton
        >
      </p>
    </div>
  </component>
</template>

<style scoped>
.learned {
  display: grid;
  gap: 0.4rem;
  border-left: 6px solid var(--active);
}

.learned p {
  display: flex;
  gap: 0.3rem 0.8rem;
  align-items: center;
  justify-content: space-between;
  margin: 0;
}

@media (max-width: 48rem) {
  .learned p {
    flex-wrap: wrap;
  }
}
</style>
