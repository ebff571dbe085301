<script setup lang="ts">
import { ElPopover } from 'element-plus'
import { computed, nextTick, onMounted } from 'vue'
import type { Figure } from '@/api/types'
import { useUnits } from './units'

/** The reasons of a number and how sure it is, beside where it stands. Fetched when somebody asks for the first time. */
const { figure, held = false } = defineProps<{
  figure: Figure
  label: string
  held?: boolean
  anchor: HTMLElement | null
}>()
const open = defineModel<boolean>({ required: true })
const units = useUnits()
const text = computed(() => (held ? units.held : units.text))

// It was asked for before it was here.
onMounted(() => nextTick(() => (open.value = true)))
</script>

<template>
  <ElPopover
    v-model:visible="open"
    virtual-triggering
    :virtual-ref="anchor ?? undefined"
    trigger="click"
    :width="340"
    placement="bottom-start"
  >
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
.why-reasons {
  margin: 0.5rem 0;
  padding-left: 1.1rem;
}
</style>
