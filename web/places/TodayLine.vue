<script setup lang="ts">
import type { Portrait } from '@/api/types'
import BreadPicture from '@/pictures/BreadPicture.vue'

/** A batch that is under way, and the way to where it stands. */
defineProps<{ batch: string; stage: string; portrait: Portrait | null }>()
</script>

<template>
  <div class="today-line">
    <RouterLink class="today-open" :to="{ name: 'batch', params: { id: batch, stage } }">
      <BreadPicture class="today-picture" :portrait="portrait" />
      <span class="says"><slot name="name" /></span>
      <span><slot /></span>
      <span class="today-go" aria-hidden="true">Go on →</span>
    </RouterLink>
    <slot name="beside" />
  </div>
</template>

<style scoped>
.today-open {
  display: grid;
  grid-template-columns: 5.5rem 1fr auto;
  align-items: center;
  gap: 0.2rem 1rem;
  padding: 1rem 1.2rem;
  border-left: 8px solid var(--heat-fill);
  border-radius: var(--round);
  background: var(--panel);
  color: var(--ink);
  text-decoration: none;
}

.today-line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  gap: 0.6rem;
}

.today-picture {
  grid-row: 1 / 3;
}

.today-go {
  grid-area: 1 / 3 / 3;
  padding: 0.8rem 1.4rem;
  border-radius: var(--round);
  background: var(--active);
  color: var(--active-ink);
  font-weight: 600;
}

@media (max-width: 48rem) {
  .today-line {
    grid-template-columns: minmax(0, 1fr);
    justify-items: start;
  }

  .today-line > .today-open {
    width: 100%;
  }

  .today-open {
    grid-template-columns: 1fr;
  }

  .today-picture {
    display: none;
  }

  .today-go {
    grid-area: auto;
    text-align: center;
  }
}
</style>
