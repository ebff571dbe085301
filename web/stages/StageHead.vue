<script setup lang="ts">
/** The head of a stage: the one thing to do, in words that carry two metres. */
const { says, detail } = defineProps<{ says: string; detail?: string }>()
</script>

<template>
  <div class="head">
    <h1 class="says">{{ says }}</h1>
    <p v-if="detail" class="soft">{{ detail }}</p>
  </div>
</template>

<style scoped>
:root[data-view='bench'] .head .says {
  font-size: 2.4rem;
}
</style>
