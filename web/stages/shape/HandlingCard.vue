<script setup lang="ts">
import type { Plan, PlanRequest, Shaping } from '@/api/types'
import GuidePicture from '@/pictures/GuidePicture.vue'
import PackingMap from '@/pictures/PackingMap.vue'
import CarryFields from '@/ui/CarryFields.vue'
import { useUnits } from '@/ui/units'
import { useBatch } from '../batch'

/** How the disc is made, with what limits: guide, press, griddle, and how thin this dough can go. */
defineProps<{ plan: Plan; request: PlanRequest; shaping: Shaping }>()
const units = useUnits()
const store = useBatch()
</script>

<template>
  <div class="panel handling">
    <div class="stack">
      <h2>By hand</h2>
      <ol class="steps">
        <li v-for="step in shaping.handling.steps" :key="step">{{ step }}</li>
      </ol>
      <p v-if="!shaping.handling.holds" class="is-harm">
        ▲ Thinner than this dough holds: {{ units.text(shaping.handling.thinnest_mm, 'mm') }} at least, or
        more binder.
      </p>
      <p v-if="shaping.handling.press">
        Press of {{ units.text(shaping.handling.press.plate_mm, 'mm') }}:
        <template v-if="shaping.handling.press.fits"
          >it fits. Up to {{ units.text(shaping.handling.press.most_grams, 'g') }} at this
          thickness.</template
        >
        <template v-else-if="shaping.handling.press.presses"
          >{{ shaping.handling.press.presses }} presses in a ring. In one go it makes
          {{ units.text(shaping.handling.press.widest_mm, 'mm') }}.</template
        >
        <strong v-else class="is-harm"
          >▲ too wide for it. At most {{ units.text(shaping.handling.press.most_grams, 'g') }}, or not thinner
          than {{ units.text(shaping.handling.press.thinnest_of_piece_mm, 'mm') }}.</strong
        >
      </p>
      <p v-if="shaping.handling.ball_mm !== null" class="soft">
        A ball of it is {{ units.text(shaping.handling.ball_mm, 'mm') }} across.
      </p>
      <GuidePicture
        :thickness="shaping.thickness_mm"
        :guide="shaping.handling.guide_mm"
        :thinnest="shaping.handling.thinnest_mm"
      />
    </div>
    <PackingMap :plan="plan" :request="request" />
    <CarryFields class="handling-carry" :plan="plan" :request="request" @change="store.change" />
  </div>
</template>

<style scoped>
.handling {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 1rem;
}

.handling-carry {
  grid-column: 1 / -1;
}

.steps {
  display: grid;
  gap: 0.2rem;
  margin: 0;
  padding-left: 1.3rem;
}

.is-harm {
  color: var(--harm);
}

@media (max-width: 48rem) {
  .handling {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
