<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { FeelAnswer, Plan } from '@/api/types'
import Why from '@/ui/Why.vue'
import { useUnits } from '@/ui/units'

/** What to do about a feel: grams, spoons, and what it makes of the pieces. */
const { answer, plan, count } = defineProps<{ answer: FeelAnswer; plan: Plan; count: number }>()
const emit = defineEmits<{ workedIn: [pieces: number] }>()
const units = useUnits()
const dry = computed(() => answer.offset_points < 0)
const figure = computed(() => (dry.value ? answer.water_grams : answer.flour_grams))
const low = computed(() => units.text(figure.value?.low ?? 0, 'g'))
const high = computed(() => units.text(figure.value?.high ?? 0, 'g'))
const names = computed(() => new Map(plan.ledger.map(row => [row.ingredient, row.name])))
</script>

<template>
  <section class="answer panel" aria-live="polite">
    <template v-if="answer.offset_points === 0">
      <p>{{ answer.instruction }}</p>
    </template>
    <template v-else>
      <div class="stack">
        <p>{{ answer.instruction }}</p>
        <ul v-if="!dry">
          <li v-for="line in answer.dry_mix" :key="line.ingredient">
            {{ names.get(line.ingredient) }} <strong>{{ units.text(line.grams, 'g') }}</strong>
          </li>
        </ul>
        <p class="soft">
          <template v-if="low !== high"
            >Between {{ low }} and {{ high }}, as far as a hand can tell.</template
          >
          <Why v-if="figure" :figure="figure" :label="dry ? 'Water to work in' : 'Flour to work in'" />
        </p>
        <p>
          Then there are {{ units.text(answer.dough_grams_after, 'g') }} of dough: {{ count }} ×
          {{ units.text(answer.same_count_piece_grams, 'g') }}.
        </p>
      </div>
      <div class="stack answer-done">
        <ElButton
          v-if="answer.same_weight_count > count"
          size="large"
          @click="emit('workedIn', answer.same_weight_count)"
          >Worked in, and make {{ answer.same_weight_count }} of the weight as now</ElButton
        >
      </div>
    </template>
  </section>
</template>

<style scoped>
.answer {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 1rem;
  border-left: 6px solid var(--active);
}

.answer ul {
  margin: 0;
}
</style>
