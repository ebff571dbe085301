<script setup lang="ts">
import { onMounted, ref } from 'vue'
import SomethingWrong from './faults/SomethingWrong.vue'

/** The head of a stage: the one thing to do, in words that carry two metres. A cook who comes to a stage by keyboard begins here. */
const { says, detail } = defineProps<{ says: string; detail?: string }>()
const head = ref<HTMLElement>()
onMounted(() => head.value?.focus({ preventScroll: true }))
</script>

<template>
  <div class="head">
    <div>
      <h1 ref="head" class="says" tabindex="-1">{{ says }}</h1>
      <p v-if="detail" class="soft">{{ detail }}</p>
    </div>
    <SomethingWrong />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  gap: 0.8rem;
  align-items: start;
  justify-content: space-between;
}

.says:focus {
  outline: none;
}

:root[data-view='bench'] .head .says {
  font-size: 2.4rem;
}

@media (max-width: 36rem) {
  :root[data-view='bench'] .head .says {
    font-size: 1.9rem;
  }
}
</style>
