<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { BatchSummary, Bread } from '@/api/types'
import BreadPicture from '@/pictures/BreadPicture.vue'
import WheatMark from '@/ui/WheatMark.vue'
import { useUnits } from '@/ui/units'
import { day, inShort } from '@/bench/batches'

/** A bread to begin: what it is for, its picture to a common scale, and how it went last time. */
const { bread, last } = defineProps<{ bread: Bread; last: BatchSummary | undefined }>()
const emit = defineEmits<{ start: [] }>()
const units = useUnits()
const pieces = computed(() => bread.request.pieces)
</script>

<template>
  <article class="bread panel">
    <BreadPicture :portrait="bread.portrait" />
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
  grid-template-columns: 7rem 1fr;
  grid-template-rows: auto auto auto 1fr auto;
  gap: 0.15rem 0.8rem;
}

.bread-picture {
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
</style>
