<script setup lang="ts">
import { ElPopover } from 'element-plus'
import { nextTick, onMounted } from 'vue'
import { WORDS, type Word } from './words'

/** What a word means, beside where it stands. Fetched when somebody asks for the first time. */
const { word, anchor } = defineProps<{ word: Word; anchor: HTMLElement | null }>()
const open = defineModel<boolean>({ required: true })

// It was asked for before it was here.
onMounted(() => nextTick(() => (open.value = true)))
</script>

<template>
  <ElPopover
    v-model:visible="open"
    virtual-triggering
    :virtual-ref="anchor ?? undefined"
    trigger="click"
    :width="320"
    placement="bottom-start"
  >
    {{ WORDS[word] }}
  </ElPopover>
</template>
