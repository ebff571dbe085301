<script setup lang="ts">
import { computed } from 'vue'
import type { Plan } from '@/api/types'

/** For whom a bread is not: gluten first, then what it contains. */
const { label } = defineProps<{ label: Plan['label'] }>()
const containsWheat = computed(() => label.gluten.status === 'contains_wheat')
</script>

<template>
  <p class="for-whom" :class="{ 'is-harm': containsWheat }">
    <strong>{{ label.gluten.words }}.</strong> {{ label.contains }}
    <slot />
  </p>
</template>

<style scoped>
.for-whom.is-harm {
  color: var(--harm);
}
</style>
