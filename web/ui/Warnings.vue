<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Plan, Stage } from '@/api/types'
import BenchFold from './BenchFold.vue'
import { useUnits } from './units'

/** What is unusual about the plan, where it can be mended, each with what mends it in one tap. Without a stage, all of it. */
const {
  plan,
  stage,
  begun,
  busy = false,
} = defineProps<{
  plan: Plan
  stage?: Stage
  begun?: boolean
  /** Hands are at work: at the bench it waits behind its name. */
  busy?: boolean
}>()
const emit = defineEmits<{ mend: [change: Record<string, unknown>] }>()
const units = useUnits()
const shown = computed(() => plan.warnings.filter(warning => !stage || warning.stage === stage))
/** Once water is in the flour, only what happens at the griddle can still be mended. */
const mends = (change: Record<string, unknown>) =>
  !begun || Object.keys(change).every(field => field === 'griddle')
/** What one tap mends for two of them is offered once. */
const offered = computed(() => {
  const seen = new Set<string>()
  return new Set(
    shown.value.filter(
      ({ mend }) => mend && mends(mend.change) && !seen.has(mend.text) && seen.add(mend.text),
    ),
  )
})
</script>

<template>
  <BenchFold v-if="shown.length" name="worth-a-look" :title="`Worth a look (${shown.length})`" :phone="!busy">
    <div role="status" aria-label="Worth a look">
      <ul class="warnings">
        <li v-for="warning in shown" :key="warning.id">
          <span>
            {{ units.words(warning.text) }}
            <strong>{{ units.beside(warning.value, warning.limit, warning.unit) }}</strong>, limit
            {{ units.text(warning.limit, warning.unit) }}.
          </span>
          <ElButton
            v-if="warning.mend && offered.has(warning)"
            plain
            @click="emit('mend', warning.mend.change)"
          >
            {{ units.words(warning.mend.text) }}
          </ElButton>
        </li>
      </ul>
    </div>
  </BenchFold>
</template>

<style scoped>
.warnings {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
  gap: 0.5rem 1.6rem;
  margin: 0;
  padding: 0.6rem 0.8rem;
  border: 2px dashed var(--heat);
  border-radius: var(--round);
  list-style: none;
}

.warnings li {
  display: flex;
  gap: 0.4rem 1rem;
  align-items: center;
  justify-content: space-between;
}

.warnings .el-button {
  flex: none;
}

@media (max-width: 40rem) {
  .warnings li {
    flex-wrap: wrap;
  }
}
</style>
