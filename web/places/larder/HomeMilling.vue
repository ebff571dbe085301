<script setup lang="ts">
import { ElSwitch } from 'element-plus'
import { computed, reactive, watch } from 'vue'
import { useAsking } from '@/api/asking'
import { api } from '@/api/client'
import type { MillingQuestion } from '@/api/types'
import Choice from '@/ui/Choice.vue'
import Fader from '@/ui/Fader.vue'
import FigureRow from '@/ui/FigureRow.vue'
import { useUnits } from '@/ui/units'

/** Grain through a home mill and a sieve: how much to take, what stays behind, how the flour then drinks. */
const units = useUnits()
const mill = reactive<{
  grain: string
  flour: number
  grind: NonNullable<MillingQuestion['grind']>
  sifted: boolean
}>({
  grain: 'oat',
  flour: 400,
  grind: 'home_medium',
  sifted: true,
})
const { answer, about } = useAsking(api.milling)
const question = computed<MillingQuestion>(() => ({
  grain: mill.grain,
  flour_grams: mill.flour,
  grind: mill.grind,
  sifted: mill.sifted,
}))
const words = { home_fine: 'fine', home_medium: 'medium', home_coarse: 'coarse' }
watch(question, asked => void about(asked), { immediate: true })
</script>

<template>
  <div class="mill">
    <div class="panel stack">
      <Choice
        v-model="mill.grain"
        label="Grain"
        :options="[
          { value: 'oat', label: 'Oats' },
          { value: 'pearl-millet', label: 'Pearl millet' },
          { value: 'finger-millet', label: 'Finger millet' },
          { value: 'foxtail-millet', label: 'Foxtail millet' },
          { value: 'sorghum', label: 'Sorghum' },
          { value: 'rice-white', label: 'White rice' },
          { value: 'rice-brown', label: 'Brown rice' },
          { value: 'teff', label: 'Teff' },
          { value: 'buckwheat', label: 'Buckwheat' },
        ]"
      />
      <Choice
        v-model="mill.grind"
        label="Ground"
        :options="[
          { value: 'home_fine', label: 'Fine' },
          { value: 'home_medium', label: 'Medium' },
          { value: 'home_coarse', label: 'Coarse' },
        ]"
      />
      <div class="row">
        <ElSwitch v-model="mill.sifted" aria-label="Through the sieve" />
        <span>Through the sieve</span>
      </div>
      <Fader v-model="mill.flour" label="Flour wanted" :min="50" :max="3000" :step="10" unit="g" />
    </div>
    <div v-if="answer" class="stack">
      <p class="says">Grind {{ units.text(answer.grain_grams.value, 'g') }}</p>
      <dl class="panel mill-figures">
        <FigureRow label="Flour" :figure="answer.flour_grams" />
        <FigureRow label="Held back by the sieve" :figure="answer.held_back_grams" />
        <FigureRow label="Lost in the mill" :figure="answer.lost_grams" />
      </dl>
      <p>
        Then it is a {{ words[answer.grind] }} home grind: it takes
        {{ units.text(Math.abs(answer.absorption_change_percent), 'percent') }} less water than a shop's flour
        in the time there is, and the need is {{ answer.spread_factor }} times as unsure. Name the grind on
        the line when you measure.
      </p>
    </div>
  </div>
</template>

<style scoped>
.mill {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
  align-items: start;
  gap: var(--gap);
}

.mill-figures {
  margin: 0;
}
</style>
