<script setup lang="ts">
import { computed } from 'vue'
import { houseClock } from '@/bench/houseClock'
import { timeOfDay } from '@/ui/timeOfDay'
import { useBatch } from './batch'
import { clockWords } from './clockWords'
import { unsentWords } from './unsent'

/** What stands between the cook and the house: things unsent, things refused. */
const store = useBatch()
/** Before the griddle has its own line, a batch that runs behind says so; a minute or two is nobody's business. */
const late = computed(() => {
  const line = store.batch?.state.line
  if (!line?.ready_at || !line.planned_at || store.batch?.finished_at) return ''
  const minutes = Math.round((line.late_seconds ?? 0) / 60)
  return minutes >= 3 && !store.batch?.state.griddle.since
    ? `As things stand it is served at ${timeOfDay(line.ready_at)}, ${minutes} min after ${timeOfDay(line.planned_at)}.`
    : ''
})
/** A tablet that is a little off is nobody's business: the house's time is what counts. */
const clockOff = computed(() => clockWords(houseClock.off.value))
const unsent = computed(() => (store.unsent === 1 ? 'One entry is' : `${store.unsent} entries are`))
const kept = computed(() => {
  if (store.unsent)
    return `${unsent.value} kept on this device and will be sent by itself: ${unsentWords(store.waiting)}.`
  return store.judged
    ? 'Your verdict is kept on this device and will be sent by itself.'
    : 'Nothing is unsent.'
})
const trialWords = computed(() => {
  const trial = store.batch?.trial
  if (trial?.halves)
    return `one dough in two halves, first ${trial.halves.map(half => half.level).join(', then ')}`
  return trial?.level ?? 'its level is told once it is judged'
})
</script>

<template>
  <p v-if="store.away" class="notice" role="status">
    Offline: the house does not answer. Work goes on.
    {{ kept }}
  </p>
  <p v-if="store.batch?.trial && !store.batch.state.begun" class="notice" role="note">
    Trial:
    <RouterLink :to="{ name: 'trial', params: { id: store.batch.trial.id } }">{{
      store.batch.trial.question
    }}</RouterLink>
    This batch: {{ trialWords }}.
  </p>
  <p v-if="late" class="notice" role="status">{{ late }}</p>
  <p v-if="clockOff" class="notice" role="status">{{ clockOff }}</p>
  <p v-if="store.trouble" class="notice is-harm" role="alert">
    {{ store.trouble }}
    <button type="button" class="quiet-button" @click="store.trouble = ''">Close</button>
  </p>
</template>
