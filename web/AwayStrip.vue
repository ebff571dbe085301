<script setup lang="ts">
import { computed, onScopeDispose } from 'vue'
import { useRoute } from 'vue-router'
import { api } from './api/client'
import { houseAway } from './bench/houseAway'

/** While the house does not answer, each place says what can be done in it and what cannot; a batch says so itself, with what is unsent. */
const AGAIN_MILLISECONDS = 4000
const WORDS: Record<string, string> = {
  today:
    'A bread that was opened on this device can be begun, and a batch goes on. Putting a batch away and moving the day wait.',
  breads: 'Your breads stand as they were last heard of. Looking for another and keeping one wait.',
  bread: 'A formula is worked out by the house: it can be changed once it answers.',
  label: 'A label is worked out by the house: it waits.',
  larder: 'The bags stand as they were last heard of. A new one and a changed one wait.',
  grain: 'Nixtamal and milling are worked out by the house: they wait.',
  hearth: 'The tools stand as they were last heard of. A new one, a changed one and a calibration wait.',
  record: 'The newest batches stand as they were last heard of. Looking through the record waits.',
  made: 'A batch of the record is told by the house: it waits.',
  compare: 'Batches of the record are told by the house: they wait.',
  trials: 'Trials are weighed by the house: they wait. A batch of one that was opened here goes on.',
  trial: 'A trial is weighed by the house: it waits. A batch of it that was opened here goes on.',
  'trial-table': 'A table is weighed by the house: it waits.',
  'in-words': 'A formula in your words is read by the house: it waits.',
  'bag-sheet': 'A sheet is read by the house: it waits.',
  'batch-sheet': 'A sheet is read by the house: it waits.',
  people: 'Who cooks here is kept by the house: asking in and showing out wait.',
  you: 'Units and looks change on this device at once; a password and signing out elsewhere wait.',
  practice: 'The practice griddle is worked out by the house: it waits.',
}
const route = useRoute()
const words = computed(() => WORDS[String(route.name)] ?? '')
const again = setInterval(() => {
  if (houseAway.value) void api.hearTheTime()
}, AGAIN_MILLISECONDS)
onScopeDispose(() => clearInterval(again))
</script>

<template>
  <p v-if="houseAway && words" class="away" role="status">
    <strong>The house does not answer.</strong> {{ words }}
  </p>
</template>

<style scoped>
.away {
  margin: 0;
  padding: 0.5rem 1.2rem;
  border-left: 8px solid var(--heat-fill);
  background: var(--panel);
}
</style>
