<script setup lang="ts">
import { computed } from 'vue'
import type { Figure } from '@/api/types'
import LatePopover from './LatePopover.vue'
import { useUnits } from './units'

/** The reasons of a number, and how sure it is. */
const { figure, held = false } = defineProps<{
  figure: Figure
  label: string
  held?: boolean
  anchor: HTMLElement | null
}>()
const open = defineModel<boolean>({ required: true })
const units = useUnits()
const text = computed(() => (held ? units.held : units.text))
</script>

<template>
  <LatePopover v-model="open" :anchor="anchor" :width="340">
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
  </LatePopover>
</template>

<style scoped>
.why-reasons {
  margin: 0.5rem 0;
  padding-left: 1.1rem;
}
</style>
