<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Batch, Stage } from '@/api/types'
import { useAppearance } from '@/ui/appearance'
import { clock } from '@/ui/units'
import { useBatch } from './batch'

/** What there is to do at this stage besides its one act: the step at hand with its check, and what comes after it. */
const { batch, stage } = defineProps<{ batch: Batch; stage: Stage }>()
const store = useBatch()
/** At the bench one thing at a time. */
const { isBench } = storeToRefs(useAppearance())
const steps = computed(() => batch.state.steps.filter(step => step.stage === stage))
const at = computed(() => steps.value.find(step => !step.done_at))
const rest = computed(() => steps.value.filter(step => !step.done_at && step !== at.value))
const done = computed(() => steps.value.filter(step => step.done_at))
const names = (of: typeof steps.value) =>
  of.map(step => step.name.charAt(0).toLowerCase() + step.name.slice(1)).join(' · ')
</script>

<template>
  <section
    v-if="steps.length && (at || !isBench)"
    class="steps panel"
    :aria-label="stage === 'stack' ? 'After the bread' : 'How it comes together'"
  >
    <div v-if="at" class="steps-at">
      <p>
        <strong>{{ at.name }}.</strong> {{ at.check }}
      </p>
      <ElButton
        v-if="at.seconds && !at.begun_at"
        :aria-label="`Start: ${at.name}, ${clock(at.seconds)}`"
        @click="store.record('step_begun', { step: at.id })"
        >Start {{ clock(at.seconds) }}</ElButton
      >
      <ElButton :aria-label="`Done: ${at.name}`" @click="store.record('step_done', { step: at.id })"
        >Done</ElButton
      >
    </div>
    <p v-if="rest.length && !isBench" class="soft">Then {{ names(rest) }}.</p>
    <p v-if="done.length && !isBench" class="soft"><span class="steps-done">✓</span> {{ names(done) }}</p>
  </section>
</template>

<style scoped>
.steps {
  display: grid;
  gap: 0.2rem;
  padding: 0.5rem 0.9rem;
}

.steps-at {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 0.8rem;
}

.steps-at p {
  flex: 1;
  min-width: 14rem;
}

.steps-done {
  color: var(--ready);
}

@media (max-width: 48rem) {
  :root[data-view='bench'] .steps-at p {
    min-width: 8rem;
  }
}

:root[data-view='bench'] .steps {
  padding: 0.25rem 0.7rem;
  font-size: 0.95rem;
}
</style>
