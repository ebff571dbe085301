<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { BatchSummary, Bread } from '@/api/types'
import WheatMark from '@/ui/WheatMark.vue'
import { useUnits } from '@/ui/units'
import { day, inShort } from './batches'

/** A bread to begin: what it is for, its round drawn to a common scale, and how it went last time. */
const { bread, last } = defineProps<{ bread: Bread; last: BatchSummary | undefined }>()
const emit = defineEmits<{ start: [] }>()
const units = useUnits()
const pieces = computed(() => bread.request.pieces)
const radius = computed(() => 9 + Math.sqrt(pieces.value?.grams_each ?? 45) * 2)
const edge = computed(() => (pieces.value?.thickness_mm ?? 2) * 1.6)
</script>

<template>
  <article class="bread panel">
    <svg viewBox="0 0 64 44" aria-hidden="true">
      <ellipse cx="32" :cy="22 + edge" :rx="radius" :ry="radius * 0.55" class="bread-edge" />
      <ellipse cx="32" cy="22" :rx="radius" :ry="radius * 0.55" class="bread-top" />
    </svg>
    <h2>{{ bread.name }}</h2>
    <p class="bread-purpose">{{ bread.purpose }}</p>
    <p class="soft">
      {{ pieces?.count }} × {{ units.text(pieces?.grams_each ?? 0, 'g') }},
      {{ units.text(pieces?.thickness_mm ?? 0, 'mm') }}
    </p>
    <p class="bread-last" :class="{ soft: !last?.verdict }">
      <WheatMark v-if="bread.contains_wheat" />
      <template v-if="last?.verdict">
        Last, {{ day(last.started_at) }}: {{ inShort(last.verdict) }} at
        {{ units.text(last.hydration_percent ?? 0, 'percent') }} water.
      </template>
      <template v-else>Not made yet.</template>
    </p>
    <ElButton type="primary" :aria-label="`Start ${bread.name}`" @click="emit('start')"
      >Start a batch</ElButton
    >
  </article>
</template>

<style scoped>
.bread {
  display: grid;
  grid-template-columns: 5.5rem 1fr;
  grid-template-rows: auto auto auto 1fr auto;
  gap: 0.15rem 0.8rem;
}

.bread svg {
  grid-row: 1 / 4;
}

.bread-purpose {
  grid-column: 2;
}

.bread-last {
  grid-column: 1 / 3;
  padding-top: 0.4rem;
}

.bread .el-button {
  grid-column: 1 / 3;
  margin-top: 0.5rem;
}

.bread-top {
  fill: var(--dough);
  stroke: var(--dough-edge);
}

.bread-edge {
  fill: var(--dough-edge);
}
</style>
