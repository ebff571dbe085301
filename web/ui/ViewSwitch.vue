<script setup lang="ts">
import { useAppearance } from './appearance'

const appearance = useAppearance()
</script>

<template>
  <button
    type="button"
    class="view"
    :aria-pressed="appearance.view === 'bench'"
    @click="appearance.switchView"
  >
    Bench view
  </button>
</template>

<style scoped>
.view {
  min-height: 44px;
  padding: 0 0.8rem;
  border: 1px solid var(--edge-strong);
  border-radius: var(--round);
  background: none;
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
</style>
