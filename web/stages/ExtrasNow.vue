<script setup lang="ts">
import { computed } from 'vue'
import type { Batch, Stage } from '@/api/types'
import { useUnits } from '@/ui/units'

/** What goes onto or into the pieces at this stage, in one line. */
const { batch, stage } = defineProps<{ batch: Batch; stage: Stage }>()
const units = useUnits()
const now = computed(() => batch.state.extras.filter(extra => extra.stage === stage))
const each = (grams: number) => units.text(grams / Math.max(1, batch.state.portion.count), 'g')
</script>

<template>
  <p v-if="now.length" class="now">
    <template v-for="(extra, index) in now" :key="`${extra.place} ${extra.ingredient}`"
      >{{ index ? ' · ' : '' }}<strong>{{ extra.name }}</strong> {{ extra.words }}:
      {{ each(extra.grams ?? extra.planned_grams) }} a piece</template
    >
  </p>
</template>

<style scoped>
.now {
  padding: 0.2rem 0.7rem;
  border-left: 5px solid var(--active);
  background: var(--panel);
}
:root[data-view='bench'] .now {
  font-size: 0.92rem;
}
</style>
