<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, Stage } from '@/api/types'
import { useUnits } from './units'

/** The cautions that belong to one stage, beside the action and calm. */
const { cautions, stage } = defineProps<{ cautions: Plan['cautions']; stage: Stage }>()
const units = useUnits()
const here = computed(() => cautions.filter(caution => caution.stage === stage))
</script>

<template>
  <ul v-if="here.length" class="cautions" aria-label="Take care">
    <li v-for="caution in here" :key="caution.id">
      <span aria-hidden="true">▲</span> {{ units.words(caution.text) }}
    </li>
  </ul>
</template>

<style scoped>
.cautions {
  display: grid;
  gap: 0.3rem;
  margin: 0;
  padding: 0.6rem 0.8rem;
  border-left: 4px solid var(--harm);
  border-radius: 0 var(--round) var(--round) 0;
  background: var(--harm-wash);
  list-style: none;
}

:root[data-view='bench'] .cautions {
  grid-template-columns: repeat(auto-fit, minmax(min(17rem, 100%), 1fr));
  gap: 0.3rem 1rem;
}

@media (max-width: 48rem) {
  :root[data-view='bench'] .cautions {
    gap: 0.15rem;
    padding: 0.35rem 0.6rem;
    font-size: 0.85rem;
    line-height: 1.25;
  }
}

.cautions span {
  color: var(--harm);
}
</style>
