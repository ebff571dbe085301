<script setup lang="ts" generic="T extends string">
import { ElRadioButton, ElRadioGroup } from 'element-plus'
import Term from './Term.vue'
import type { Word } from './words'

/** A few named choices side by side, one of them taken. */
const { label, options } = defineProps<{
  label: string
  options: { value: T; label: string }[]
  disabled?: boolean
  /** Where the options say it all, the label is only for those who hear it. */
  quiet?: boolean
  /** Where the label is a word that a newcomer would ask about. */
  word?: Word
}>()
const model = defineModel<T | undefined>({ required: true })
</script>

<template>
  <div class="choice">
    <span class="choice-label" :class="{ 'visually-hidden': quiet }">
      <Term v-if="word" :word="word">{{ label }}</Term><template v-else>{{ label }}</template>
    </span>
    <ElRadioGroup v-model="model" :disabled="disabled" :aria-label="label">
      <ElRadioButton v-for="option in options" :key="option.value" :value="option.value">{{
        option.label
      }}</ElRadioButton>
    </ElRadioGroup>
  </div>
</template>

<style scoped>
.choice-label {
  display: block;
  margin-bottom: 0.2rem;
  color: var(--ink-soft);
}

.choice-label.visually-hidden {
  margin: 0;
}

.choice :deep(.el-radio-group) {
  gap: 0.35rem;
  font-size: inherit;
}

/* The whole button is the radio: it takes the touch, the key and the focus. */
.choice :deep(.el-radio-button__original-radio) {
  z-index: 1;
  width: 100%;
  height: 100%;
  margin: 0;
  cursor: pointer;
}

.choice :deep(.el-radio-button) {
  --el-radio-button-checked-bg-color: var(--active);
  --el-radio-button-checked-text-color: var(--active-ink);
  --el-radio-button-checked-border-color: var(--active);
}

.choice :deep(.el-radio-button .el-radio-button__inner) {
  display: grid;
  place-items: center;
  min-height: var(--target);
  padding: 0 0.9rem;
  border: 1px solid var(--edge-strong);
  border-radius: var(--round);
  background: var(--panel);
  color: var(--ink);
  font: inherit;
  line-height: 1.2;
  outline: none;
  white-space: normal;
  box-shadow: none;
}

.choice :deep(.el-radio-button.is-disabled .el-radio-button__inner) {
  color: var(--ink-soft);
}

.choice :deep(.el-radio-button.is-disabled.is-active .el-radio-button__inner) {
  background: var(--active-wash);
  color: var(--ink);
}

.choice :deep(.el-radio-button.is-active .el-radio-button__inner) {
  font-weight: 600;
}

.choice :deep(.is-active .el-radio-button__inner)::before {
  content: '✓ ' / '';
  position: absolute;
  top: 0.1rem;
  left: 0.3rem;
  font-size: 0.75rem;
}

.choice :deep(.el-radio-button__original-radio:focus-visible + .el-radio-button__inner) {
  outline: 3px solid var(--active);
  outline-offset: 2px;
}
</style>
