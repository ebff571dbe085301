<script setup lang="ts">
import { ElInputNumber } from 'element-plus'
import { computed } from 'vue'

/** One row of a package's table. */
const { label, unit, inset } = defineProps<{ label: string; unit: string; inset: boolean }>()
const model = defineModel<number | undefined>({ required: true })
const typed = computed({
  get: () => model.value ?? 0,
  set: (value: number | null) => (model.value = value ?? 0),
})
</script>

<template>
  <div class="number" :class="{ 'is-inset': inset }">
    <span>{{ label }}</span>
    <ElInputNumber
      v-model="typed"
      :min="0"
      :max="unit === 'kJ' ? 3800 : 100"
      :controls="false"
      :aria-label="`${label}, in ${unit}`"
    />
    <span class="soft">{{ unit }}</span>
  </div>
</template>

<style scoped>
.number {
  display: grid;
  grid-template-columns: 1fr 5.5rem 1.6rem;
  align-items: center;
  gap: 0.4rem;
  border-top: 1px solid var(--panel-edge);
}

.number.is-inset span:first-child {
  padding-left: 1.2rem;
  color: var(--ink-soft);
}

.number .el-input-number {
  width: 5.5rem;
}
</style>
