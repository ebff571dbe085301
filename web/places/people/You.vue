<script setup lang="ts">
import { onMounted, shallowRef } from 'vue'
import { api } from '@/api/client'
import type { People } from '@/api/types'
import HowIRead from './HowIRead.vue'
import OwnDoor from './OwnDoor.vue'

/** What is this person's own: how numbers are read, the kitchens, the calendar, the password, the other devices. */
const people = shallowRef<People | null>(null)

onMounted(async () => {
  // Without the house the calendar's address is not told; all else is here.
  people.value = await api.people().catch(() => null)
})
</script>

<template>
  <div class="you">
    <OwnDoor :calendar="people?.calendar ?? null" @changed="changed => (people = changed)" />
    <HowIRead />
  </div>
</template>

<style scoped>
.you {
  display: grid;
  grid-template-columns: 1fr 1fr;
  align-items: start;
  gap: 1.5rem 3rem;
  max-width: 76rem;
  margin: 0 auto;
  padding: 1.2rem;
}

@media (max-width: 60rem) {
  .you {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
