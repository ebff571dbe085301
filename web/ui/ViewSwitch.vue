<script setup lang="ts">
import { useAppearance } from './appearance'

const appearance = useAppearance()
</script>

<template>
  <button type="button" class="top-button" :aria-pressed="appearance.isBench" @click="appearance.switchView">
    Bench view
  </button>
</template>
