<script setup lang="ts">
import type { OffPlan } from '@/api/types'
import { clock, useUnits } from '@/ui/units'

/** What a griddle or a disc that is a little off makes of the plan. */
defineProps<{ off: OffPlan[] }>()
const units = useUnits()

function change(one: OffPlan): string {
  const much = Math.abs(one.by)
  if (one.what === 'heat') return `${units.apart(much)} ${one.by > 0 ? 'hotter' : 'cooler'}`
  return `${units.text(much, 'mm')} ${one.by > 0 ? 'thicker' : 'thinner'}`
}

function faces(words: string[]): string {
  return new Set(words).size === 1 ? `both faces ${words[0]}` : `faces ${words.join(' and ')}`
}

function lift(one: OffPlan): string {
  const seconds = Math.round(one.later_by_seconds)
  return seconds === 0
    ? 'at the same time'
    : `${clock(Math.abs(seconds))} ${seconds > 0 ? 'later' : 'sooner'}`
}
</script>

<template>
  <table class="off">
    <caption class="soft">
      If the griddle or the disc is a little off
    </caption>
    <thead>
      <tr>
        <th scope="col">Off by</th>
        <th scope="col">Lift it</th>
        <th scope="col">Or, with the times kept</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="one in off" :key="one.what + one.by">
        <th scope="row">{{ change(one) }}</th>
        <td>{{ lift(one) }}</td>
        <td>
          {{ units.text(one.kept.weight_loss_percent, 'percent') }} lighter, {{ faces(one.kept.words) }}
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.off {
  width: 100%;
  border-collapse: collapse;
}

caption {
  text-align: left;
}

th,
td {
  padding: 0.25rem 0.8rem 0.25rem 0;
  border-bottom: 1px solid var(--panel-edge);
  font-weight: 400;
  text-align: left;
}

@media (max-width: 36rem) {
  th,
  td {
    padding-right: 0.4rem;
    font-size: 0.9rem;
  }
}
</style>
