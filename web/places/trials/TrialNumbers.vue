<script setup lang="ts">
import { computed } from 'vue'
import type { TrialResult } from '@/api/types'

/** How sure the better one is the better, by how much, how many more would tell, and what to try next. */
const { result, next } = defineProps<{ result: TrialResult; of: string; next: string }>()
const chance = computed(() => result.difference?.chance ?? null)
</script>

<template>
  <dl v-if="result.difference" class="trial-numbers">
    <div>
      <dt>Chance that {{ result.levels[result.best ?? 0]?.name }} is the better</dt>
      <dd>{{ chance === null ? '–' : `${Math.round(100 * Math.min(0.99, Math.max(0.01, chance)))} %` }}</dd>
    </div>
    <div>
      <dt>Better by{{ result.difference.in_ranks ? ', in ranks' : '' }}</dt>
      <dd>
        {{ Math.abs(result.difference.value).toFixed(2) }}
        <span class="soft">{{
          result.difference.ninety_five.low === null
            ? 'too few for a margin'
            : `(95 %: ${result.difference.ninety_five.low.toFixed(2)} to ${result.difference.ninety_five.high?.toFixed(2) ?? '–'})`
        }}</span>
      </dd>
    </div>
    <div v-if="result.more">
      <dt>More {{ of }} that would tell</dt>
      <dd>{{ result.more }}</dd>
    </div>
    <div v-if="next && result.next !== null">
      <dt>Next level worth a try</dt>
      <dd>{{ next }}</dd>
    </div>
  </dl>
</template>

<style scoped>
.trial-numbers {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 2rem;
  margin: 0;
}

.trial-numbers dt {
  color: var(--ink-soft);
}

.trial-numbers dd {
  margin: 0;
  font: 600 1.15rem var(--font-head);
}
</style>
