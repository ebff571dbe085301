<script setup lang="ts">
import LatePopover from './LatePopover.vue'
import { WORDS, type Word } from './words'

/** What a word means. */
const { word, anchor } = defineProps<{ word: Word; anchor: HTMLElement | null }>()
const open = defineModel<boolean>({ required: true })
</script>

<template>
  <LatePopover v-model="open" :anchor="anchor" :width="320">{{ WORDS[word] }}</LatePopover>
</template>
