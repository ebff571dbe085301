<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, Stage, Unit } from '@/api/types'
import { useUnits } from '@/ui/units'

/** What is unusual about the plan, where it can be mended. Without a stage, all of it. */
const { plan, stage } = defineProps<{ plan: Plan; stage?: Stage }>()
const units = useUnits()
const shown = computed(() => plan.warnings.filter(warning => !stage || warning.stage === stage))
const text = (value: number, unit: string) => units.text(value, unit as Unit)
</script>

<template>
  <ul v-if="shown.length" class="warnings" role="status" aria-label="Worth a look">
    <li v-for="warning in shown" :key="warning.id">
      {{ warning.text }} <strong>{{ text(warning.value, warning.unit) }}</strong>, limit
      {{ text(warning.limit, warning.unit) }}.
    </li>
  </ul>
</template>

<style scoped>
.warnings {
  margin: 0;
  padding: 0.6rem 0.8rem 0.6rem 2rem;
  border: 2px dashed var(--heat);
  border-radius: var(--round);
}
</style>
