<script setup lang="ts">
import { useAppearance } from './appearance'
import Fold from './Fold.vue'

/** What adjusts or explains: in plain sight at the desk, behind its name at the bench, where the act needs the room. */
const { name, title } = defineProps<{ name: string; title: string }>()
const appearance = useAppearance()
</script>

<template>
  <Fold v-if="appearance.view === 'bench'" :name="`bench.${name}`" :title="title"><slot /></Fold>
  <slot v-else />
</template>
