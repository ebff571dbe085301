<script setup lang="ts">
import { defineAsyncComponent, ref, useTemplateRef } from 'vue'
import type { Figure } from '@/api/types'

/** A number of the core that answers "why?": its reasons and how sure it is. */
const { figure, label, held = false } = defineProps<{ figure: Figure; label: string; held?: boolean }>()
const WhyPopover = defineAsyncComponent(() => import('./WhyPopover.vue'))
const anchor = useTemplateRef('anchor')
const asked = ref(false)
const open = ref(false)
</script>

<template>
  <button
    ref="anchor"
    class="why"
    type="button"
    :aria-label="`Why ${label}?`"
    @click="asked = true"
    @keydown.esc="open = false"
  >
    why?
  </button>
  <WhyPopover v-if="asked" v-model="open" :figure="figure" :label="label" :held="held" :anchor="anchor" />
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
</style>
