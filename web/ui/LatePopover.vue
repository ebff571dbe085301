<script setup lang="ts">
import { ElPopover } from 'element-plus'
import { nextTick, onMounted } from 'vue'

/** What is said of something beside where it stands, fetched when somebody asks for the first time: it opens as soon as it is here. */
const { anchor, width } = defineProps<{ anchor: HTMLElement | null; width: number }>()
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
    :width="width"
    placement="bottom-start"
  >
    <slot />
  </ElPopover>
</template>
