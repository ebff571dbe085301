<script setup lang="ts">
import { ElOption, ElSelect } from 'element-plus'
import { computed } from 'vue'
import type { PlanRequest } from '@/api/types'
import { PURPOSES, withPurpose, type Purpose } from './purposes'

/** What the bread is for: it decides how dry, how dark and how thick it is made, and what is done with it after. */
const { request } = defineProps<{ request: PlanRequest }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
const purpose = computed<Purpose | 'usual'>({
  get: () => request.purpose ?? 'usual',
  set: chosen => emit('change', withPurpose(request, chosen)),
})
</script>

<template>
  <div class="what">
    <label for="for-what">What it is for</label>
    <ElSelect id="for-what" v-model="purpose" aria-label="What it is for">
      <ElOption value="usual" label="As this bread usually is" />
      <ElOption v-for="one in PURPOSES" :key="one.value" :value="one.value" :label="one.label" />
    </ElSelect>
    <span class="soft">How dry, how dark, how thick, and what is done with it after.</span>
  </div>
</template>

<style scoped>
.what {
  display: grid;
  gap: 0.2rem;
  max-width: 22rem;
}
</style>
