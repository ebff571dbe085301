<script setup lang="ts">
import { ElButton, ElInputNumber } from 'element-plus'
import { ref } from 'vue'
import { celsiusFrom, celsiusTo, useUnits } from './units'

/** A temperature that was read elsewhere, typed in the unit the cook reads; °C to everybody else. */
const { label, most = 400 } = defineProps<{
  label: string
  /** Hotter than this, in °C, is a slip of the finger. */
  most?: number
}>()
const LEAST_CELSIUS = -20
const emit = defineEmits<{ read: [celsius: number] }>()
const units = useUnits()
const typed = ref<number | undefined>()

const inUnit = (celsius: number) => celsiusTo(celsius, units.choice.temperature)

function enter() {
  if (typed.value === undefined) return
  emit('read', celsiusFrom(typed.value, units.choice.temperature))
  typed.value = undefined
}
</script>

<template>
  <form class="heat" @submit.prevent.stop="enter">
    <span class="heat-label" aria-hidden="true">{{ label }}</span>
    <ElInputNumber
      v-model="typed"
      :controls="false"
      :min="Math.ceil(inUnit(LEAST_CELSIUS))"
      :max="Math.floor(inUnit(most))"
      :aria-label="`${label}, in °${units.choice.temperature}`"
    />
    <span aria-hidden="true">°{{ units.choice.temperature }}</span>
    <ElButton native-type="submit" :disabled="typed === undefined">Enter it</ElButton>
  </form>
</template>

<style scoped>
.heat {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.35rem;
}

.heat .el-input-number {
  width: 5.5rem;
}
</style>
