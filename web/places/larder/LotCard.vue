<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Lot } from '@/api/types'
import { useUnits } from '@/ui/units'
import { historyOf } from './lots'

/** One bag: what is in it, since when, and what may be said of it. */
const { lot, name } = defineProps<{ lot: Lot; name: string }>()
const emit = defineEmits<{ edit: [] }>()
const units = useUnits()
const history = computed(() => historyOf(lot, units.text))
</script>

<template>
  <li class="lot panel" :class="{ 'is-empty': lot.emptied_on }">
    <strong>{{ lot.label }}</strong>
    <span>{{ name }}</span>
    <span :class="lot.certified_gluten_free ? 'is-certified' : 'soft'">{{
      lot.certified_gluten_free ? '✓ certified gluten-free' : 'no certificate'
    }}</span>
    <span v-if="history" class="soft">{{ history }}</span>
    <span v-if="lot.price_per_kg !== null">{{ units.text(lot.price_per_kg, 'money') }} a kilogram</span>
    <p v-if="lot.notes">{{ lot.notes }}</p>
    <ElButton :aria-label="`Change ${lot.label}`" @click="emit('edit')">Change</ElButton>
  </li>
</template>

<style scoped>
.lot {
  display: grid;
  align-content: start;
  gap: 0.2rem;
}

.lot .el-button {
  justify-self: start;
  margin-top: 0.4rem;
}

.lot.is-empty {
  border-style: dashed;
}

.is-certified {
  color: var(--ready);
}
</style>
