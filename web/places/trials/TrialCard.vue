<script setup lang="ts">
import { ElButton } from 'element-plus'
import type { TrialSummary } from '@/api/types'
import { nextWords } from './levels'

/** A trial in a few lines: what is asked, what can be said, what comes next. */
const { trial } = defineProps<{ trial: TrialSummary }>()
const emit = defineEmits<{ begin: [] }>()
</script>

<template>
  <article class="panel trial-card">
    <div>
      <h2>
        <RouterLink :to="{ name: 'trial', params: { id: trial.id } }">{{ trial.question }}</RouterLink>
      </h2>
      <p class="soft">
        {{ trial.bread.name }}. {{ trial.factor.name }}:
        {{ trial.result.levels.map(one => one.name).join(' or ') }}. {{ trial.made }} of
        {{ trial.total }} batches made.
      </p>
      <p v-if="trial.decided">
        <strong>{{
          trial.decided.level ? `Decided: ${trial.decided.level}.` : 'Ended: the bread stays as it is.'
        }}</strong>
        {{ trial.result.words }}
      </p>
      <p v-else>{{ trial.result.words }}</p>
    </div>
    <ElButton v-if="trial.next" type="primary" size="large" @click="emit('begin')"
      >Next batch: {{ nextWords({ ...trial, ...trial.next }) }}</ElButton
    >
  </article>
</template>

<style scoped>
.trial-card {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1.2rem;
  align-items: center;
  justify-content: space-between;
}

.trial-card > div {
  flex: 1 1 24rem;
}

.trial-card h2,
.trial-card p {
  margin: 0 0 0.3rem;
}

.trial-card :deep(.el-button) {
  min-height: 3.5rem;
}
</style>
