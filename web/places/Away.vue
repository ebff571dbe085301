<script setup lang="ts">
import { onScopeDispose } from 'vue'
import { useRoute, useRouter } from 'vue-router'

/** The house does not answer and nothing of it is kept here: what was wanted is shown as soon as it answers. */
const AGAIN_MILLISECONDS = 3000
const route = useRoute()
const router = useRouter()
const then = String(route.query['then'] ?? '/')
const again = setInterval(() => void router.replace(then.startsWith('/') ? then : '/'), AGAIN_MILLISECONDS)
onScopeDispose(() => clearInterval(again))
</script>

<template>
  <div class="away-page stack">
    <h1>The house does not answer</h1>
    <p role="status">
      Nothing of it is kept on this device yet. Is it switched on, and is this device on its network? It is
      asked again every few seconds.
    </p>
  </div>
</template>

<style scoped>
.away-page {
  max-width: 40rem;
  margin: 0 auto;
  padding: 1.2rem;
}
</style>
