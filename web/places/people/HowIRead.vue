<script setup lang="ts">
import { hours } from '@/ui/timeOfDay'
import Choice from '@/ui/Choice.vue'
import { ownCup, ownSpoon, OWN_CUPS, OWN_SPOONS } from '@/ui/ownMeasures'
import { useUnits } from '@/ui/units'
import { weekStart } from '@/ui/week'

/** How this person reads numbers, days and hours, on every device. */
const units = useUnits()
const MASS = [
  { value: 'g', label: 'Grams' },
  { value: 'oz', label: 'Ounces' },
]
const TEMPERATURE = [
  { value: 'C', label: '°C' },
  { value: 'F', label: '°F' },
]
const LENGTH = [
  { value: 'mm', label: 'mm' },
  { value: 'in', label: 'Inches' },
]
const ENERGY = [
  { value: 'both', label: 'kJ and kcal' },
  { value: 'kJ', label: 'kJ' },
  { value: 'kcal', label: 'kcal' },
]
const HOURS = [
  { value: '24', label: '18:05' },
  { value: '12', label: '6:05 pm' },
]
const WEEK = [
  { value: 'monday', label: 'Monday' },
  { value: 'sunday', label: 'Sunday' },
  { value: 'saturday', label: 'Saturday' },
]
</script>

<template>
  <section class="stack" aria-labelledby="read-head">
    <h2 id="read-head">How you read</h2>
    <p class="soft">Kept by the house, for every tablet that you sign in on.</p>
    <dl class="choices">
      <dt>Weights</dt>
      <dd><Choice v-model="units.choice.mass" quiet label="Weights" :options="MASS" /></dd>
      <dt>Temperatures</dt>
      <dd><Choice v-model="units.choice.temperature" quiet label="Temperatures" :options="TEMPERATURE" /></dd>
      <dt>Lengths</dt>
      <dd><Choice v-model="units.choice.length" quiet label="Lengths" :options="LENGTH" /></dd>
      <dt>Energy</dt>
      <dd><Choice v-model="units.choice.energy" quiet label="Energy" :options="ENERGY" /></dd>
      <dt>Your cup</dt>
      <dd><Choice v-model="ownCup" quiet label="Your cup" :options="OWN_CUPS" /></dd>
      <dt>Your spoons</dt>
      <dd><Choice v-model="ownSpoon" quiet label="Your spoons" :options="OWN_SPOONS" /></dd>
      <dt>Times of day</dt>
      <dd><Choice v-model="hours" quiet label="Times of day" :options="HOURS" /></dd>
      <dt>Weeks begin on</dt>
      <dd><Choice v-model="weekStart" quiet label="Weeks begin on" :options="WEEK" /></dd>
    </dl>
  </section>
</template>

<style scoped>
.choices {
  display: grid;
  grid-template-columns: max-content 1fr;
  align-items: center;
  gap: 0.5rem 1rem;
  margin: 0;
}

.choices dd {
  margin: 0;
}
</style>
