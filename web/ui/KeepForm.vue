<script setup lang="ts">
import { ElForm } from 'element-plus'
import { nextTick, onMounted, useTemplateRef } from 'vue'
import { FormProblem, provideProblem } from './problem'

/**
 * A form to keep something with: what the house has against a field stands beside it, and the first such field has the focus. Nothing is
 * lost where it refuses: the form stays as it is.
 */
const { label, doing } = defineProps<{ label: string; doing: () => Promise<unknown> }>()
const emit = defineEmits<{ kept: [] }>()
const problem = new FormProblem()
provideProblem(problem)
const form = useTemplateRef('form')

/** It may open far from what was pressed for it. */
onMounted(() => (form.value?.$el as HTMLElement | undefined)?.scrollIntoView({ block: 'nearest' }))

async function keep() {
  if (await problem.tried(doing)) {
    emit('kept')
    return
  }
  await nextTick()
  const root = form.value?.$el as HTMLElement | undefined
  root?.querySelector<HTMLElement>('.is-error :is(input, textarea, [tabindex="0"])')?.focus()
}
</script>

<template>
  <ElForm ref="form" label-position="top" novalidate :aria-label="label" @submit.prevent="keep">
    <slot />
    <p v-for="words in problem.others" :key="words" class="keep-trouble" role="alert">{{ words }}</p>
    <slot name="acts" />
  </ElForm>
</template>

<style scoped>
.keep-trouble {
  grid-column: 1 / -1;
  color: var(--harm);
  font-weight: 600;
}
</style>
