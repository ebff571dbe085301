<script setup lang="ts">
import type { Section } from '@/api/types'
import { useUnits } from './units'

/** What the model says of a bake; harm is told by its mark and its word, not by colour alone. */
defineProps<{ words: Section['words'] }>()
const units = useUnits()
</script>

<template>
  <ul class="bake-words" aria-live="polite">
    <li v-for="word in words" :key="word.id + word.text" :class="{ 'is-harm': word.harm }">
      <span aria-hidden="true">{{ word.harm ? '▲' : '·' }}</span> {{ units.words(word.text) }}
    </li>
    <li v-if="!words.length" class="soft">Nothing to mend.</li>
  </ul>
</template>

<style scoped>
.bake-words {
  display: grid;
  gap: 0.2rem;
  margin: 0;
  padding: 0;
  list-style: none;
}

.is-harm {
  color: var(--harm);
  font-weight: 600;
}
</style>
