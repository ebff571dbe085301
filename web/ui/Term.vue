<script setup lang="ts">
import { ElPopover } from 'element-plus'
import { ref } from 'vue'
import { WORDS, type Word } from './words'

/** A word of the work that explains itself where it stands. */
const { word } = defineProps<{ word: Word }>()
const open = ref(false)
</script>

<template>
  <ElPopover v-model:visible="open" trigger="click" :width="320" placement="bottom-start">
    <template #reference>
      <button class="term" type="button" @keydown.esc="open = false">
        <slot /><span class="visually-hidden">, what is that?</span>
      </button>
    </template>
    {{ WORDS[word] }}
  </ElPopover>
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
