<script setup lang="ts">
import type { Figure } from '@/api/types'
import { useUnits } from './units'
import Term from './Term.vue'
import Why from './Why.vue'
import type { Word } from './words'

/** A number of the core with its name, in a list of such: it answers "why?". */
const {
  label,
  figure,
  after = '',
  word,
  held = false,
} = defineProps<{
  label: string
  figure: Figure
  after?: string
  word?: Word
  /** What a food holds: in grams, as on labels, whatever the cook weighs in. */
  held?: boolean
}>()
const units = useUnits()
</script>

<template>
  <div class="figure-row">
    <dt>
      <Term v-if="word" :word="word">{{ label }}</Term><template v-else>{{ label }}</template>
    </dt>
    <dd>
      {{ held ? units.held(figure.value, figure.unit) : units.text(figure.value, figure.unit) }}{{ after }}
      <Why :figure="figure" :label="label" :held="held" />
    </dd>
  </div>
</template>

<style scoped>
.figure-row {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 0.6rem;
  border-top: 1px solid var(--panel-edge);
}

.figure-row:first-child {
  border-top: 0;
}

dt {
  color: var(--ink-soft);
}

dd {
  margin: 0;
  font-weight: 600;
  text-align: right;
}
</style>
