<script setup lang="ts">
import { ElButton, ElInputNumber } from 'element-plus'
import { ref } from 'vue'
import { celsiusFrom, useUnits } from './units'

/** A temperature that was read elsewhere, typed in the unit the cook reads; °C to everybody else. */
const { label } = defineProps<{ label: string }>()
const emit = defineEmits<{ read: [celsius: number] }>()
const units = useUnits()
const typed = ref<number | undefined>()

function enter() {
  if (typed.value === undefined) return
  emit('read', celsiusFrom(typed.value, units.choice.temperature))
  typed.value = undefined
}
</script>

<template>
  <form class="heat" @submit.prevent="enter">
    <ElInputNumber
      v-model="typed"
      :controls="false"
      :aria-label="`${label}, in °${units.choice.temperature}`"
    />
    <span aria-hidden="true">°{{ units.choice.temperature }}</span>
    <ElButton native-type="submit" :disabled="typed === undefined">Enter it</ElButton>
  </form>
</template>

<style scoped>
.heat {
  display: flex;
  align-items: center;
  gap: 0.35rem;
}

.heat .el-input-number {
  width: 5.5rem;
}
</style>
