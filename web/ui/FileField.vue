<script setup lang="ts">
/** A file from this device. */
const { label, accept } = defineProps<{ label: string; accept: string }>()
const emit = defineEmits<{ chosen: [file: File] }>()

function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) emit('chosen', file)
}
</script>

<template>
  <label class="file-field">
    {{ label }}
    <input type="file" :accept="accept" @change="take" />
  </label>
</template>

<style scoped>
.file-field {
  display: grid;
  gap: 0.3rem;
}

input {
  max-width: 100%;
  min-height: 44px;
  font: inherit;
}

input::file-selector-button {
  min-height: 44px;
  margin-right: 0.8rem;
  padding: 0 0.9rem;
  border: 1px solid var(--edge-strong);
  border-radius: var(--round);
  background: var(--panel);
  color: var(--ink);
  font: 600 1rem var(--font-text);
  cursor: pointer;
}
</style>
