<script setup lang="ts">
import { computed, reactive, watch } from 'vue'
import { useAsking } from '@/api/asking'
import { api } from '@/api/client'
import type { NixtamalQuestion } from '@/api/types'
import { fromLocal } from '@/bench/serving'
import DateField from '@/ui/DateField.vue'
import Fader from '@/ui/Fader.vue'
import FigureRow from '@/ui/FigureRow.vue'
import { timeOfDay } from '@/ui/timeOfDay'
import { useUnits } from '@/ui/units'

/** Corn, lime, water, simmer, steep, rinse, grind: what goes in, what comes out, and when to begin. */
const units = useUnits()
const pot = reactive({
  masa: 1000,
  lime: 1,
  simmer: 40,
  steep: 12,
  moisture: 55,
  ready: null as string | null,
})
const { answer, refused, about } = useAsking(api.nixtamal)
const readyAt = computed(() => fromLocal(pot.ready ?? ''))
const question = computed<NixtamalQuestion>(() => ({
  masa_grams: pot.masa,
  lime_percent: pot.lime,
  simmer_minutes: pot.simmer,
  steep_hours: pot.steep,
  masa_moisture_percent: pot.moisture,
  ...(readyAt.value ? { ready_at: readyAt.value } : {}),
}))
const says = computed(() =>
  answer.value
    ? `${units.text(answer.value.corn_grams.value, 'g')} corn, ${units.text(answer.value.lime_grams.value, 'g')} lime, ${units.text(answer.value.pot_water_grams.value, 'g')} water`
    : '',
)
watch(question, asked => void about(asked), { immediate: true })
</script>

<template>
  <div class="pot">
    <div class="panel stack">
      <Fader v-model="pot.masa" label="Fresh masa wanted" :min="200" :max="5000" :step="50" unit="g" />
      <Fader v-model="pot.moisture" label="Masa moisture" :min="52" :max="57" :step="0.5" unit="percent" />
      <Fader v-model="pot.lime" label="Lime, of the corn" :min="0.5" :max="2" :step="0.1" unit="percent" />
      <Fader v-model="pot.simmer" label="Simmer" :min="15" :max="90" :step="5" unit="min" />
      <Fader v-model="pot.steep" label="Steep" :min="6" :max="18" :step="1" unit="h" />
      <div class="pot-ready">
        <span>Masa wanted at</span>
        <DateField v-model="pot.ready" kind="datetime" label="Masa wanted at" />
      </div>
    </div>
    <div v-if="answer" class="stack">
      <p class="says">{{ says }}</p>
      <dl class="panel pot-figures">
        <FigureRow label="Moisture after the simmer" :figure="answer.simmered_moisture_percent" />
        <FigureRow label="Moisture after the steep" :figure="answer.steeped_moisture_percent" />
        <FigureRow label="Drained and rinsed" :figure="answer.drained_grams" />
        <FigureRow label="Lost with hull and liquor" :figure="answer.dry_loss_percent" />
        <FigureRow label="Water at the mill" :figure="answer.grind_water_grams" />
        <FigureRow label="Fresh masa" :figure="answer.masa_grams" />
      </dl>
      <ol class="panel pot-clock">
        <li v-for="step in answer.clock" :key="step.step">
          <strong v-if="step.at">{{ timeOfDay(step.at) }}</strong>
          {{ step.step }}
          <span class="soft">{{ units.text(step.minutes * 60, 's') }}</span>
        </li>
      </ol>
    </div>
    <aside v-if="answer" class="pot-cautions" aria-label="Take care">
      <p v-for="caution in answer.cautions" :key="caution"><span aria-hidden="true">▲</span> {{ caution }}</p>
    </aside>
    <p v-if="refused" role="alert">{{ refused }}</p>
  </div>
</template>

<style scoped>
.pot {
  display: grid;
  grid-template-columns: minmax(17rem, 4fr) 6fr minmax(12rem, 3fr);
  align-items: start;
  gap: var(--gap);
}

.pot-figures {
  margin: 0;
}

.pot-ready {
  display: grid;
  gap: 0.2rem;
  color: var(--ink-soft);
}

.pot-clock {
  display: grid;
  gap: 0.4rem;
  margin: 0;
  padding-left: 2.2rem;
}

.pot-cautions {
  display: grid;
  gap: 0.5rem;
  padding: 0.7rem 0.8rem;
  border-left: 5px solid var(--harm);
  background: var(--harm-wash);
}

@media (max-width: 60rem) {
  .pot {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
