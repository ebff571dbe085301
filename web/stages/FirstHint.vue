<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted, ref } from 'vue'
import type { Stage } from '@/api/types'
import { useHouse } from '@/bench/house'
import { remembered } from '@/ui/remembered'
import { HINTS } from './hints'

/** A kitchen's first batch is accompanied: one hint a stage, gone once a batch was judged or the cook waves it away. */
const { stage } = defineProps<{ stage: Stage }>()
const waved = remembered<string>('hints', '')
const house = useHouse()
const isFirst = ref(false)
const seen = computed(() => waved.value.split(' '))
const isShown = computed(() => isFirst.value && !seen.value.includes('all') && !seen.value.includes(stage))

onMounted(async () => {
  if (seen.value.includes('all')) return
  try {
    isFirst.value = await house.isAtItsFirst()
  } catch {
    // Where the house is away nobody needs a hint more than the next number.
  }
})
</script>

<template>
  <p v-if="isShown" class="hint" role="note">
    <span>{{ HINTS[stage] }}</span>
    <ElButton @click="waved = `${waved} ${stage}`.trim()">I see</ElButton>
    <ElButton @click="waved = 'all'">No more hints</ElButton>
  </p>
</template>

<style scoped>
.hint {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  margin: 0;
  padding: 0.4rem 0.9rem;
  border-left: 5px solid var(--active);
  background: var(--active-wash);
}

.hint span {
  flex: 1 1 18rem;
}

.hint :deep(.el-button) {
  margin: 0;
}
</style>
