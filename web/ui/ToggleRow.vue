<script setup lang="ts" generic="T extends string">
/** Any number of named things, each on or off. */
const { label, options } = defineProps<{ label: string; options: { id: T; name: string }[] }>()
const model = defineModel<T[]>({ required: true })

function toggle(id: T) {
  model.value = model.value.includes(id) ? model.value.filter(one => one !== id) : [...model.value, id]
}
</script>

<template>
  <div class="toggles" role="group" :aria-label="label">
    <span class="soft">{{ label }}</span>
    <button
      v-for="option in options"
      :key="option.id"
      type="button"
      class="quiet-button"
      :aria-pressed="model.includes(option.id)"
      @click="toggle(option.id)"
    >
      {{ option.name }}
    </button>
  </div>
</template>

<style scoped>
.toggles {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
}

.toggles span {
  width: 100%;
}

.toggles button[aria-pressed='true'] {
  border-color: var(--active);
  background: var(--active);
  color: var(--active-ink);
  font-weight: 600;
}

.toggles button[aria-pressed='true']::before {
  content: '✓ ' / '';
}
</style>
