<script setup lang="ts">
import { computed } from 'vue'
import { useUnits } from './units'

const units = useUnits()

/** Each switch shows the unit in use and turns to the other one. */
const switches = computed(() => [
  {
    name: 'Weight in',
    shown: units.choice.mass,
    turn: () => (units.choice.mass = units.choice.mass === 'g' ? 'oz' : 'g'),
  },
  {
    name: 'Temperature in',
    shown: `°${units.choice.temperature}`,
    turn: () => (units.choice.temperature = units.choice.temperature === 'C' ? 'F' : 'C'),
  },
  {
    name: 'Length in',
    shown: units.choice.length === 'mm' ? 'mm' : 'inch',
    turn: () => (units.choice.length = units.choice.length === 'mm' ? 'in' : 'mm'),
  },
])
</script>

<template>
  <div class="units" role="group" aria-label="Units">
    <button v-for="entry in switches" :key="entry.name" type="button" @click="entry.turn">
      <span class="visually-hidden">{{ entry.name }}</span> {{ entry.shown }}
    </button>
  </div>
</template>

<style scoped>
.units {
  display: flex;
}

.units button {
  min-width: 44px;
  min-height: 44px;
  border: 1px solid var(--edge-strong);
  background: var(--panel);
  color: var(--ink);
  font: 600 1rem var(--font-text);
  cursor: pointer;
}

.units button + button {
  border-left: 0;
}

.units button:first-child {
  border-radius: var(--round) 0 0 var(--round);
}

.units button:last-child {
  border-radius: 0 var(--round) var(--round) 0;
}
</style>
