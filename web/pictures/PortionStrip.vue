<script setup lang="ts">
import { computed } from 'vue'
import type { BatchState } from '@/api/types'
import { useUnits } from '@/ui/units'

/** The pieces in a row: height above or below the mean, and a word for those outside the tolerance. */
const { portion } = defineProps<{ portion: BatchState['portion'] }>()
const units = useUnits()
const tolerance = computed(() => portion.tolerance_grams ?? 1)
const slots = computed(() =>
  Array.from({ length: portion.count }, (_, index) => portion.pieces[index] ?? null),
)

function tone(deviation: number | null): string {
  if (deviation === null) return 'is-unsent'
  if (Math.abs(deviation) <= tolerance.value) return 'is-even'
  return deviation > 0 ? 'is-big' : 'is-small'
}

/** A piece that the house has not heard of is neither even nor odd yet. */
function word(deviation: number | null): string {
  if (deviation === null) return 'unsent'
  if (Math.abs(deviation) <= tolerance.value) return ''
  return deviation > 0 ? 'big' : 'small'
}
</script>

<template>
  <ol class="strip" aria-label="Pieces">
    <li v-for="(piece, index) in slots" :key="index" :class="piece ? tone(piece.deviation_grams) : 'is-open'">
      <span v-if="piece">{{ units.text(piece.grams, 'g') }}</span>
      <span v-else class="soft">{{ index + 1 }}</span>
      <small v-if="piece">{{ word(piece.deviation_grams) }}</small>
    </li>
  </ol>
</template>

<style scoped>
.strip {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(3.6rem, 1fr));
  gap: 0.3rem;
  margin: 0;
  padding: 0;
  list-style: none;
}

.strip li {
  display: grid;
  place-items: center;
  align-content: center;
  min-height: 3.2rem;
  border: 2px solid var(--panel-edge);
  border-radius: 50% / 42%;
  line-height: 1.1;
}

@media (max-width: 48rem) {
  :root[data-view='bench'] .strip {
    grid-template-columns: repeat(auto-fill, minmax(2.7rem, 1fr));
  }

  :root[data-view='bench'] .strip li {
    min-height: 2.5rem;
  }
}

.strip small {
  font-size: 0.8rem;
}

.strip .is-unsent {
  border-style: dashed;
  border-color: var(--edge-strong);
}

.strip .is-even {
  border-color: var(--ready);
  background: var(--ready-wash);
}

.strip .is-big,
.strip .is-small {
  border-color: var(--harm);
  border-style: dashed;
  background: var(--harm-wash);
}
</style>
