<script setup lang="ts">
import { watch } from 'vue'
import type { Batch } from '@/api/types'
import DiagnosisView from './DiagnosisView.vue'
import { useFaults } from './useFaults'

/** What is judged badly is explained without being asked. */
const { batch } = defineProps<{ batch: Batch }>()
const { diagnosis, done, ...faults } = useFaults()
watch(
  () => batch.version,
  () => void faults.explain(batch),
  { immediate: true },
)
</script>

<template>
  <section v-if="diagnosis" class="panel stack" aria-label="Why it came out so">
    <h2>Why it came out so</h2>
    <p v-if="done" role="status">{{ done }}</p>
    <DiagnosisView :diagnosis="diagnosis" over @keep="faults.keepVersion(batch, $event)" />
    <p>
      <RouterLink :to="{ name: 'trials', query: { bread: batch.bread.id } }"
        >Find it out by a trial</RouterLink
      >
    </p>
  </section>
</template>
