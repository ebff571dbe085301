<script setup lang="ts">
import { ElFormItem } from 'element-plus'
import { computed, onScopeDispose } from 'vue'
import { injectProblem } from './problem'

/** One field of a form with its label, and under it what the house has against what stands there. */
const { name, label } = defineProps<{
  /** Its path in what is sent. */
  name: string
  label: string
}>()
const problem = injectProblem()
problem?.knows(name)
onScopeDispose(() => problem?.forgets(name))
const error = computed(() => problem?.of(name) ?? '')
</script>

<template>
  <ElFormItem :label="label" :error="error" class="field">
    <slot />
    <template #error="{ error: words }">
      <p class="field-error" role="alert">{{ words }}</p>
    </template>
  </ElFormItem>
</template>

<style scoped>
.field {
  margin: 0;
}

.field :deep(.el-form-item__label) {
  margin: 0 0 0.2rem;
  color: var(--ink-soft);
  font: inherit;
  line-height: 1.3;
}

.field :deep(.el-form-item__content) {
  font: inherit;
  line-height: inherit;
}

.field-error {
  width: 100%;
  margin: 0.2rem 0 0;
  color: var(--harm);
  font-weight: 600;
}
</style>
