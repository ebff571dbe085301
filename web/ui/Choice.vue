<script setup lang="ts" generic="T extends string">
import Term from './Term.vue'
import type { Word } from './words'

/** A few named choices side by side, one of them taken. A radio group in all but size. */
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
const name = `choice-${Math.random().toString(36).slice(2)}`
</script>

<template>
  <fieldset class="choice" :disabled="disabled">
    <legend :class="{ 'visually-hidden': quiet }">
      <Term v-if="word" :word="word">{{ label }}</Term><template v-else>{{ label }}</template>
    </legend>
    <label v-for="option in options" :key="option.value" class="choice-option">
      <input v-model="model" type="radio" :name="name" :value="option.value" />
      <span>{{ option.label }}</span>
    </label>
  </fieldset>
</template>

<style scoped>
.choice {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
  margin: 0;
  padding: 0;
  border: 0;
}

.choice legend:not(.visually-hidden) {
  float: left;
  width: 100%;
  margin-bottom: 0.2rem;
  padding: 0;
  color: var(--ink-soft);
}

.choice-option {
  position: relative;
  cursor: pointer;
}

.choice-option input {
  position: absolute;
  inset: 0;
  margin: 0;
  opacity: 0;
  cursor: pointer;
}

.choice-option span {
  display: grid;
  place-items: center;
  min-height: var(--target);
  padding: 0 0.9rem;
  border: 1px solid var(--edge-strong);
  border-radius: var(--round);
  background: var(--panel);
}

.choice-option input:checked + span {
  border-color: var(--active);
  background: var(--active);
  color: var(--active-ink);
  font-weight: 600;
}

.choice-option input:checked + span::before {
  content: '✓ ' / '';
  position: absolute;
  top: 0.1rem;
  left: 0.3rem;
  font-size: 0.75rem;
}

.choice-option input:focus-visible + span {
  outline: 3px solid var(--active);
  outline-offset: 2px;
}
</style>
