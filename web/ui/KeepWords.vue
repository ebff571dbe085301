<script setup lang="ts">
import type { Plan } from '@/api/types'
import { useUnits } from './units'

/** How a bread keeps once it has left the griddle, is put by, and is warmed again. */
defineProps<{ keep: Plan['stack']['keep'] }>()
const units = useUnits()
</script>

<template>
  <dl class="keep-words">
    <div v-for="line in keep.lines" :key="line.id">
      <dt>{{ line.name }}</dt>
      <dd>{{ units.words(line.words) }}</dd>
    </div>
  </dl>
</template>

<style scoped>
.keep-words {
  display: grid;
  gap: 0.5rem;
  margin: 0;
}

.keep-words div {
  display: grid;
  grid-template-columns: minmax(7rem, 10rem) 1fr;
  gap: 0.2rem 1rem;
}

.keep-words dt {
  color: var(--ink-soft);
}

.keep-words dd {
  margin: 0;
}

@media (max-width: 36rem) {
  .keep-words div {
    grid-template-columns: 1fr;
  }
}
</style>
