<script setup lang="ts">
import { useRoute } from 'vue-router'

/** An address that leads nowhere: says so, and the way back. */
const route = useRoute()
</script>

<template>
  <div class="nowhere stack">
    <h1>There is no such page</h1>
    <p class="soft">{{ route.path }} leads nowhere in this house.</p>
    <p><RouterLink to="/">To today</RouterLink></p>
  </div>
</template>

<style scoped>
.nowhere {
  max-width: 40rem;
  margin: 0 auto;
  padding: 1.2rem;
  overflow-wrap: anywhere;
}
</style>
