<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '@/api/client'
import { useAsking } from '@/api/asking'
import type { Gear, PlanRequest } from '@/api/types'
import { useHouse } from '@/bench/house'
import { shadeColour } from '@/pictures/shade'
import { useShadeWords } from '@/bench/shades'
import Choice from '@/ui/Choice.vue'
import Fader from '@/ui/Fader.vue'
import { duration, useUnits } from '@/ui/units'

/** What one full load after another does to the metal and to the bread: why the first pieces differ from the last. */
const { gear } = defineProps<{ gear: Gear }>()
const { shadeWord } = useShadeWords()
const house = useHouse()
const units = useUnits()
const loads = useAsking(api.loads)
const gap = ref(12)
const begun = ref<'hot' | 'soon'>('hot')
const bread = ref(house.kitchen?.breads[0]?.id ?? '')
const request = computed<PlanRequest | null>(() => {
  const own = house.kitchen?.breads.find(one => one.id === bread.value)?.request
  return own
    ? {
        ...own,
        gear: {
          ...own.gear,
          griddle: gear.request as NonNullable<NonNullable<PlanRequest['gear']>['griddle']>,
        },
      }
    : null
})
watch(
  [request, gap, begun],
  () => {
    if (request.value)
      void loads.about({
        request: request.value,
        gap_seconds: gap.value,
        ...(begun.value === 'soon' ? { first_celsius: 160 } : {}),
      })
  },
  { immediate: true },
)
</script>

<template>
  <section class="panel stack" :aria-label="`Loads on ${gear.name}`">
    <h2>One load after another on {{ gear.name }}</h2>
    <Choice
      v-model="bread"
      label="Of which bread"
      :options="(house.kitchen?.breads ?? []).map(one => ({ value: one.id, label: one.name }))"
    />
    <Fader
      v-model="gap"
      label="From lifting a load to laying the next"
      :min="0"
      :max="240"
      :step="4"
      unit="s"
    />
    <Choice
      v-model="begun"
      label="The first is laid"
      :options="[
        { value: 'hot', label: 'once it is hot' },
        { value: 'soon', label: 'too soon, at 160 °C' },
      ]"
    />
    <p v-if="loads.refused.value" role="alert">{{ loads.refused.value }}</p>
    <template v-if="loads.answer.value">
      <div class="loads-scroll" tabindex="0" role="region" aria-label="Loads">
        <table class="loads">
          <thead>
            <tr>
              <th scope="col">Load</th>
              <th scope="col">Laid on</th>
              <th scope="col">Cools to</th>
              <th scope="col">Lighter by</th>
              <th scope="col">Faces</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in loads.answer.value.loads" :key="row.load">
              <th scope="row">{{ row.load }}</th>
              <td>{{ units.text(row.laid_on_celsius, 'celsius') }}</td>
              <td>{{ units.text(row.lowest_celsius, 'celsius') }}</td>
              <td>{{ units.text(row.weight_loss_percent, 'percent') }}</td>
              <td>
                <svg v-for="(shade, face) in row.shades" :key="face" viewBox="0 0 20 20" aria-hidden="true">
                  <circle cx="10" cy="10" r="9" :fill="shadeColour(shade)" class="swatch" />
                </svg>
                {{ row.shades.map(shadeWord).join(', ') }}
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <ul class="loads-words">
        <li v-for="word in loads.answer.value.words" :key="word">{{ units.words(word) }}</li>
        <li v-if="loads.answer.value.wait_seconds > gap && loads.answer.value.wait_seconds < 600">
          Wait {{ duration(loads.answer.value.wait_seconds) }} to have each load alike.
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.loads-scroll {
  overflow-x: auto;
}

.loads {
  width: 100%;
  border-collapse: collapse;
}

.loads th,
.loads td {
  padding: 0.3rem 0.8rem 0.3rem 0;
  border-bottom: 1px solid var(--panel-edge);
  text-align: left;
  white-space: nowrap;
}

.loads svg {
  width: 1.2rem;
  margin-right: 0.2rem;
  vertical-align: middle;
}

.swatch {
  stroke: var(--edge-strong);
}

.loads-words {
  margin: 0;
  padding-left: 1.2rem;
}
</style>
