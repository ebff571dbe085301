<script setup lang="ts">
import type { Plan } from '@/api/types'
import { useUnits } from '@/ui/units'

/** How portions are set out: what goes into a piece, into what one eater takes, and into all of them. */
defineProps<{ serving: Plan['label']['serving']; pieces: number }>()
const units = useUnits()
const much = (grams: number) => units.text(grams, 'g')
</script>

<template>
  <article class="portions">
    <h2>
      {{ serving.count }} {{ serving.count === 1 ? 'serving' : 'servings' }} of {{ serving.each }}
      <span v-if="serving.over" class="soft">and {{ serving.over }} over</span>
    </h2>
    <table>
      <thead>
        <tr>
          <th scope="col"><span class="visually-hidden">What</span></th>
          <th scope="col">a piece</th>
          <th v-if="serving.each > 1" scope="col">a serving</th>
          <th scope="col">all {{ pieces }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, index) in serving.rows" :key="index">
          <th scope="row">
            {{ row.name }} <span class="soft">{{ row.words }}</span>
          </th>
          <td>{{ much(row.piece_grams) }}</td>
          <td v-if="serving.each > 1">{{ much(row.serving_grams) }}</td>
          <td>{{ much(row.batch_grams) }}</td>
        </tr>
      </tbody>
    </table>
  </article>
</template>

<style scoped>
.portions {
  padding: 1.2rem 1.4rem;
  border: 2px solid var(--ink);
  border-radius: var(--round);
  background: var(--panel);
}

table {
  width: 100%;
  margin-top: 0.4rem;
  border-collapse: collapse;
}

th,
td {
  padding: 0.3rem 0;
  border-top: 1px solid var(--edge-strong);
  font-weight: 400;
  text-align: right;
}

th:first-child {
  text-align: left;
}
</style>
