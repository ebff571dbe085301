<script setup lang="ts">
import { computed } from 'vue'
import { useBatch } from './batch'

/** What stands between the cook and the house: things unsent, things refused. */
const store = useBatch()
const unsent = computed(() => (store.unsent === 1 ? 'One entry is' : `${store.unsent} entries are`))
</script>

<template>
  <p v-if="store.away" class="notice" role="status">
    Offline: the house does not answer. Work goes on.
    {{ store.unsent ? `${unsent} kept on this device and will be sent by itself.` : 'Nothing is unsent.' }}
  </p>
  <p v-if="store.trouble" class="notice is-harm" role="alert">
    {{ store.trouble }}
    <button type="button" @click="store.trouble = ''">Close</button>
  </p>
</template>

<style scoped>
.notice {
  display: flex;
  align-items: center;
  gap: 1rem;
  padding: 0.5rem 0.9rem;
  border-left: 5px solid var(--heat-fill);
  background: var(--panel);
}

.notice.is-harm {
  border-color: var(--harm);
  background: var(--harm-wash);
}

.notice button {
  min-height: 44px;
  margin-left: auto;
  padding: 0 0.8rem;
  border: 1px solid var(--edge-strong);
  border-radius: var(--round);
  background: var(--panel);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
</style>
