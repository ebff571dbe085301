<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { useHouse } from '@/bench/house'
import { nextWords } from './trials/levels'
import { useTrialBatch } from './trials/useTrialBatch'

/** The next batch of each trial that goes on, its level already set. */
const house = useHouse()
const { begin, trouble } = useTrialBatch()
const trials = computed(() => house.kitchen?.trials ?? [])
</script>

<template>
  <section v-if="trials.length" aria-labelledby="today-trials">
    <h2 id="today-trials">Trials</h2>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <p v-for="trial in trials" :key="trial.id" class="today-trial">
      <RouterLink :to="{ name: 'trial', params: { id: trial.id } }">{{ trial.question }}</RouterLink>
      <span class="soft">{{ trial.bread }}, {{ trial.made }} of {{ trial.total }} made.</span>
      <ElButton @click="begin(trial.id)">Next: {{ nextWords(trial) }}</ElButton>
    </p>
  </section>
</template>

<style scoped>
.today-trial {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 1rem;
  align-items: center;
  margin: 0;
}

.today-trial :deep(.el-button) {
  margin-left: auto;
}
</style>
