<script setup lang="ts">
import { computed } from 'vue'
import type { Batch, Plan } from '@/api/types'
import { timeOfDay } from '@/ui/timeOfDay'
import { clock } from '@/ui/units'

/** How the touches were kept so far, and when all is served as things stand. */
const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const kept = computed(() => batch.state.griddle.kept)
const ready = computed(() => {
  const { ready_at, late_seconds } = batch.state.line
  if (!ready_at || batch.state.griddle.since === null) return ''
  const when = `Served about ${timeOfDay(ready_at)}`
  if (late_seconds === null || Math.abs(late_seconds) < 60) return `${when}.`
  const minutes = Math.round(Math.abs(late_seconds) / 60)
  return `${when}, ${minutes} min ${late_seconds > 0 ? 'late' : 'early'} for ${timeOfDay(plan.line.ready_at ?? ready_at)}.`
})
const touches = computed(() => {
  const { on_time, early, late, missed, worst } = kept.value
  if (on_time + early + late + missed === 0) return ''
  const parts = [
    `${on_time} in time`,
    early ? `${early} early` : '',
    late ? `${late} late` : '',
    missed ? `${missed} missed` : '',
  ].filter(Boolean)
  const most = worst
    ? ` Furthest off: piece ${worst.piece}, ${clock(Math.abs(worst.off_seconds))} ${worst.off_seconds > 0 ? 'late' : 'early'}.`
    : ''
  return `Touches: ${parts.join(', ')}.${most}`
})
</script>

<template>
  <p v-if="ready || touches" class="kept soft">{{ ready }} {{ touches }}</p>
</template>

<style scoped>
.kept {
  margin: 0;
}
</style>
