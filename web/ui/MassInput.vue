<script setup lang="ts">
import { ElInputNumber } from 'element-plus'
import { computed } from 'vue'
import { gramsFrom, massFor, useUnits } from './units'

/** A weight to type, in the unit the cook reads; grams to everybody else. */
const { label, disabled = false } = defineProps<{ label: string; disabled?: boolean }>()
const model = defineModel<number>({ required: true })
const emit = defineEmits<{ enter: [] }>()
const units = useUnits()
const typed = computed({
  get: () => massFor(model.value, units.choice.mass),
  set: (value: number | null) => {
    model.value = gramsFrom(value ?? 0, units.choice.mass)
  },
})
</script>

<template>
  <div class="mass">
    <ElInputNumber
      v-model="typed"
      :min="0"
      :max="50000"
      :controls="false"
      :disabled="disabled"
      :aria-label="`${label}, in ${units.choice.mass === 'g' ? 'grams' : 'ounces'}`"
      @keyup.enter="emit('enter')"
    />
    <span aria-hidden="true">{{ units.choice.mass }}</span>
  </div>
</template>

<style scoped>
.mass {
  display: flex;
  align-items: center;
  gap: 0.35rem;
}

.mass .el-input-number {
  width: 6.2rem;
}
</style>
