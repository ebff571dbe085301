<script setup lang="ts">
import { computed } from 'vue'
import { useAppearance } from './appearance'
import Fold from './Fold.vue'
import { useTight } from './tight'

/** What adjusts or explains: in plain sight at the desk, behind its name at the bench, where the act needs the room. */
const {
  name,
  title,
  phone = false,
  headed = false,
} = defineProps<{
  name: string
  title: string
  /** Behind its name on a phone only: a tablet has room for it. */
  phone?: boolean
  /** In plain sight its title is the heading above it. */
  headed?: boolean
}>()
const appearance = useAppearance()
const isTight = useTight()
const isFolded = computed(() => (phone ? isTight.value : appearance.isBench))
</script>

<template>
  <Fold v-if="isFolded" :name="`bench.${name}`" :title="title"><slot /></Fold>
  <template v-else>
    <h3 v-if="headed">{{ title }}</h3>
    <slot />
  </template>
</template>
