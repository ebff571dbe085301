<script setup lang="ts">
import { ElButton } from 'element-plus'
import { onMounted, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, toldBy } from '@/api/client'
import type { Trials } from '@/api/types'
import TakeAlongTables from '@/ui/TakeAlongTables.vue'
import TrialCard from './TrialCard.vue'
import TrialForm from './TrialForm.vue'
import { useTrialBatch } from './useTrialBatch'

/** Trials: one thing varied over a few batches, until something can be said. */
const route = useRoute()
const router = useRouter()
const trials = shallowRef<Trials | null>(null)
const trouble = ref('')
const isNew = ref(route.query['bread'] !== undefined)
const { begin, trouble: notBegun } = useTrialBatch()

onMounted(async () => {
  try {
    trials.value = await api.trials()
  } catch (failure) {
    trouble.value = toldBy(failure)
  }
})
</script>

<template>
  <div class="trials">
    <header class="row">
      <h1>Trials</h1>
      <ElButton v-if="trials && !isNew" type="primary" @click="isNew = true">Try one thing</ElButton>
      <RouterLink :to="{ name: 'trial-table' }">A table of your own →</RouterLink>
    </header>
    <p v-if="trouble || notBegun" role="alert">{{ trouble || notBegun }}</p>
    <TrialForm
      v-if="isNew && trials"
      :offered="trials"
      :bread="String(route.query['bread'] ?? '')"
      @begun="id => router.push({ name: 'trial', params: { id } })"
      @leave="isNew = false"
    />
    <p v-if="trials && !trials.trials.length && !isNew" class="soft">
      No trial yet. Choose one thing of one bread, two to four levels of it, and what judges; each batch
      differs in just that.
    </p>
    <TrialCard v-for="trial in trials?.trials" :key="trial.id" :trial="trial" @begin="begin(trial.id)" />
    <TakeAlongTables
      v-if="trials?.trials.length"
      :tables="[{ name: 'trials', label: 'trials and their batches' }]"
    />
    <p v-if="!trials && !trouble" role="status">Fetching the trials…</p>
  </div>
</template>

<style scoped>
.trials {
  display: grid;
  gap: var(--gap);
  max-width: 64rem;
  margin: 0 auto;
  padding: 1.2rem;
}

.trials h1 {
  margin: 0;
}
</style>
