<script setup lang="ts">
import { ElPopover } from 'element-plus'
import { computed, ref } from 'vue'
import type { Figure } from '@/api/types'
import { useUnits } from './units'

/** A number of the core that answers "why?": its reasons and how sure it is. */
const { figure, label, held = false } = defineProps<{ figure: Figure; label: string; held?: boolean }>()
const units = useUnits()
const text = computed(() => (held ? units.held : units.text))
const open = ref(false)
</script>

<template>
  <ElPopover v-model:visible="open" trigger="click" :width="340" placement="bottom-start">
    <template #reference>
      <button class="why" type="button" :aria-label="`Why ${label}?`" @keydown.esc="open = false">
        why?
      </button>
    </template>
    <h3>{{ label }}: {{ text(figure.value, figure.unit) }}</h3>
    <ul class="why-reasons">
      <li v-for="(reason, index) in figure.because" :key="index">
        {{ units.words(reason.text) }}
        <strong v-if="reason.value !== null">{{ text(reason.value, reason.unit) }}</strong>
      </li>
    </ul>
    <p v-if="figure.low < figure.high" class="soft">
      Eight times in ten between {{ text(figure.low, figure.unit) }} and {{ text(figure.high, figure.unit) }}.
    </p>
  </ElPopover>
</template>

<style scoped>
.why {
  min-width: var(--target);
  min-height: var(--target);
  padding: 0 0.4rem;
  border: 0;
  background: none;
  color: var(--active);
  font: 400 0.95rem var(--font-text);
  text-decoration: underline dotted;
  cursor: help;
}

.why-reasons {
  margin: 0.5rem 0;
  padding-left: 1.1rem;
}
</style>
