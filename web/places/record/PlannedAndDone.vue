<script setup lang="ts">
import { computed } from 'vue'
import type { Batch } from '@/api/types'
import { useUnits } from '@/ui/units'
import { day } from '@/bench/batches'
import { plannedAndDone } from './made'

/** Planned against done, of one batch or of two side by side; where two differ, the row says so by its weight. */
const { batches } = defineProps<{ batches: Batch[] }>()
const units = useUnits()
const columns = computed(() => batches.map(batch => plannedAndDone(batch, units.text)))
const rows = computed(() => [...new Set(columns.value.flat().map(row => row.what))])
const cell = (column: number, what: string) => columns.value[column]?.find(row => row.what === what)
const differs = (what: string) =>
  batches.length > 1 && new Set(batches.map((_, column) => cell(column, what)?.done)).size > 1
</script>

<template>
  <div class="done panel" role="region" tabindex="0" aria-label="Planned and done">
    <table>
      <thead>
        <tr v-if="batches.length > 1">
          <td />
          <th v-for="batch in batches" :key="batch.id" scope="colgroup" colspan="2">
            {{ batch.bread.name }}, {{ day(batch.started_at) }}
          </th>
        </tr>
        <tr>
          <td />
          <template v-for="batch in batches" :key="batch.id">
            <th scope="col">Planned</th>
            <th scope="col">Done</th>
          </template>
        </tr>
      </thead>
      <tbody>
        <tr v-for="what in rows" :key="what" :class="{ differs: differs(what) }">
          <th scope="row">{{ what }}</th>
          <template v-for="(batch, column) in batches" :key="batch.id">
            <td class="soft">{{ cell(column, what)?.planned ?? '–' }}</td>
            <td>{{ cell(column, what)?.done ?? '–' }}</td>
          </template>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.done {
  overflow-x: auto;
}

.done table {
  width: 100%;
  border-collapse: collapse;
}

.done th,
.done td {
  padding: 0.35rem 0.8rem 0.35rem 0;
  border-bottom: 1px solid var(--panel-edge);
  text-align: left;
}

.differs td:not(.soft) {
  font-weight: 700;
}
</style>
