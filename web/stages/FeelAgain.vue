<script setup lang="ts">
import { ElButton } from 'element-plus'
import type { Batch, Plan } from '@/api/types'
import { useUnits } from '@/ui/units'
import { useBatch } from './batch'
import { useFeelAnswer } from './feelAnswer'
import FeelAnswerCard from './mix/FeelAnswerCard.vue'

/** A dough goes on changing while it waits: it is felt once more before it is divided, and mended as it was in the bowl. */
const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const units = useUnits()
const store = useBatch()
const { answer, workedIn } = useFeelAnswer(() => batch)
</script>

<template>
  <section class="panel stack" aria-label="Feel it again">
    <p>
      <strong>Feel it again.</strong>
      <span v-if="plan.rest.tightens" class="soft"> {{ units.words(plan.rest.tightens) }}</span>
    </p>
    <div class="row" role="group" aria-label="How the rested dough feels">
      <ElButton
        v-for="one in batch.state.feel_answers"
        :key="one.grade"
        :aria-pressed="one.grade === batch.state.bowl.feel"
        :title="one.test"
        @click="store.record('felt', { grade: one.grade })"
        >{{ one.name }}</ElButton
      >
    </div>
    <FeelAnswerCard
      v-if="answer && answer.offset_points !== 0"
      :answer="answer"
      :plan="plan"
      :count="batch.state.portion.count"
      @worked-in="workedIn"
    />
    <div v-if="answer && answer.offset_points !== 0">
      <ElButton @click="workedIn(batch.state.portion.count)">Worked in</ElButton>
    </div>
  </section>
</template>
