<script setup lang="ts">
import { computed } from 'vue'
import type { Plan } from '@/api/types'
import { useUnits } from '@/ui/units'

/** What each line takes up or brings, in grams of water, and the water still to pour between them. */
const { plan } = defineProps<{ plan: Plan }>()
const units = useUnits()
const rows = computed(() => [
  ...plan.ledger
    .filter(row => Math.max(row.takes_grams, row.brings_grams) >= 0.5)
    .map(row => ({ name: row.name, takes: row.takes_grams, brings: row.brings_grams, poured: false })),
  ...beside(plan.water.beside_lines),
  { name: 'Water to pour', takes: 0, brings: plan.water.grams.value, poured: true },
])
/** Where practice, or the cook, says otherwise than the lines: then the table closes with that. */
function beside(what: Plan['water']['beside_lines']) {
  if (!what || Math.abs(what.grams) < 0.5) return []
  return [
    { name: what.words, takes: Math.max(0, what.grams), brings: Math.max(0, -what.grams), poured: false },
  ]
}

const most = computed(() => Math.max(...rows.value.map(row => Math.max(row.takes, row.brings))))
const width = (grams: number) => (44 * grams) / most.value
</script>

<template>
  <table class="ledger">
    <thead class="visually-hidden">
      <tr>
        <th>Line</th>
        <th>Takes</th>
        <th>Brings</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.name">
        <th scope="row">{{ row.name }}</th>
        <td>{{ row.takes ? `takes ${units.text(row.takes, 'g')}` : '' }}</td>
        <td class="ledger-bar">
          <svg viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true">
            <line x1="50" x2="50" y1="0" y2="8" class="is-middle" />
            <rect :x="50 - width(row.takes)" y="1" :width="width(row.takes)" height="6" class="takes" />
            <rect
              x="50"
              y="1"
              :width="width(row.brings)"
              height="6"
              :class="row.poured ? 'pours' : 'brings'"
            />
          </svg>
        </td>
        <td>{{ row.brings ? `${row.poured ? 'pour' : 'brings'} ${units.text(row.brings, 'g')}` : '' }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.ledger {
  width: 100%;
  border-collapse: collapse;
}

.ledger th,
.ledger td {
  padding: 0.2rem 0.4rem;
  font-weight: 400;
  text-align: left;
  white-space: nowrap;
}

.ledger td:nth-child(2) {
  text-align: right;
}

.ledger th {
  white-space: normal;
}

.ledger-bar {
  width: 30%;
}

.ledger-bar svg {
  display: block;
  width: 100%;
  height: 1.3rem;
}

.takes {
  fill: var(--dough-edge);
}

.brings {
  fill: var(--water);
}

.pours {
  fill: var(--active);
}

.is-middle {
  stroke: var(--edge-strong);
  stroke-width: 0.4;
}
</style>
