<script setup lang="ts">
import { defineAsyncComponent, ref, useTemplateRef } from 'vue'
import type { Word } from './words'

/** A word of the work that explains itself where it stands. */
const { word } = defineProps<{ word: Word }>()
const TermPopover = defineAsyncComponent(() => import('./TermPopover.vue'))
const anchor = useTemplateRef('anchor')
const asked = ref(false)
const open = ref(false)
</script>

<template>
  <button ref="anchor" class="term" type="button" @click="asked = true" @keydown.esc="open = false">
    <slot /><span class="visually-hidden">, what is that?</span>
  </button>
  <TermPopover v-if="asked" v-model="open" :word="word" :anchor="anchor" />
</template>

<style scoped>
.term {
  min-height: 24px;
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  text-decoration: underline dotted;
  text-underline-offset: 0.2em;
  cursor: help;
}
</style>
