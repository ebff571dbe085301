<script setup lang="ts">
import Fold from './Fold.vue'
import { useTight } from './tight'

/** What adjusts or explains: behind its name on a phone at the bench, in plain sight wherever there is room. */
const { name, title } = defineProps<{ name: string; title: string }>()
const isTight = useTight()
</script>

<template>
  <Fold v-if="isTight" :name="`bench.${name}`" :title="title"><slot /></Fold>
  <slot v-else />
</template>
