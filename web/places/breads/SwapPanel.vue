<script setup lang="ts">
import { ElButton, ElOption, ElSelect } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { useAsking } from '@/api/asking'
import { api } from '@/api/client'
import type { Allergen, PlanRequest } from '@/api/types'
import { useHouse } from '@/bench/house'
import AllOrFewer from '@/ui/AllOrFewer.vue'
import AllergenChoice from '@/ui/AllergenChoice.vue'
import Choice from '@/ui/Choice.vue'
import Field from '@/ui/Field.vue'
import Why from '@/ui/Why.vue'
import { useUnits } from '@/ui/units'
import { atHand, linesOf, namesOf } from '@/ui/formula'

/** Something else in place of a line, at equal binding and feel, from what the larder holds. */
const { request, replacing } = defineProps<{ request: PlanRequest; replacing?: string | undefined }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
const units = useUnits()
const house = useHouse()
const names = computed(() => namesOf(house.kitchen))
const lines = computed(() => linesOf(request).filter(line => line.ingredient !== 'water'))
const options = computed(() =>
  lines.value.map(line => ({
    value: line.ingredient,
    label: names.value.get(line.ingredient) ?? line.ingredient,
  })),
)
/** Of more lines the names would be a wall of buttons. */
const MOST_BUTTONS = 5
const chosen = ref(replacing ?? lines.value[0]?.ingredient ?? '')
const without = ref<Allergen[]>([])
const { answer, refused, about } = useAsking(api.swap)
/** One row of the closest; the others when they are asked for. */
const CLOSEST = 4
const all = ref(false)
const shown = computed(() => answer.value?.options.slice(0, all.value ? undefined : CLOSEST) ?? [])
watch(chosen, () => (all.value = false))
const larder = computed(() => atHand(house.kitchen?.lots ?? []))

watch(
  () => replacing,
  ingredient => ingredient && (chosen.value = ingredient),
)
watch(
  [chosen, without, () => request],
  () => {
    if (!lines.value.some(line => line.ingredient === chosen.value))
      chosen.value = lines.value[0]?.ingredient ?? ''
    if (chosen.value)
      void about({ request, replace: chosen.value, larder: larder.value, without: without.value })
  },
  { immediate: true },
)
</script>

<template>
  <div class="stack">
    <div class="swaps-asked">
      <Field v-if="options.length > MOST_BUTTONS" name="replace" label="Replace">
        <ElSelect v-model="chosen" aria-label="Replace">
          <ElOption v-for="one in options" :key="one.value" :value="one.value" :label="one.label" />
        </ElSelect>
      </Field>
      <Choice v-else v-model="chosen" label="Replace" :options="options" />
      <AllergenChoice v-model="without" label="By something without" />
    </div>
    <p v-if="refused" role="alert">{{ refused }}</p>
    <p v-if="answer && !answer.options.length" class="soft">
      Nothing can stand in for this as it stands. Let fewer things be kept out, or change another line first.
    </p>
    <ol v-if="answer" class="swaps" :aria-label="`In place of ${answer.name}`">
      <li v-for="option in shown" :key="option.ingredient" class="panel">
        <div class="swaps-name">
          <strong>{{ option.name }}</strong>
          <span :class="option.at_hand ? 'is-there' : 'soft'">{{
            option.at_hand ? '✓ in the larder' : 'not in the larder'
          }}</span>
        </div>
        <p>
          {{ units.text(option.percent, 'percent') }} of the flour,
          {{ units.text(option.water_grams.value, 'g') }} water
          <Why :figure="option.water_grams" :label="`Water with ${option.name}`" />
        </p>
        <ul>
          <li v-for="(difference, index) in option.differences" :key="index">
            {{ difference.text
            }}<template v-if="difference.value !== null"
              >: {{ units.text(difference.value, difference.unit) }}</template
            >
          </li>
        </ul>
        <p class="soft">
          {{ units.held(option.net_carbohydrate_per_piece_grams.value, 'g') }} net carbohydrate a piece
          <Why
            :figure="option.net_carbohydrate_per_piece_grams"
            :label="`Net carbohydrate with ${option.name}`"
          />
          {{ option.gluten }}.
        </p>
        <ElButton :aria-label="`Take ${option.name}`" @click="emit('change', option.request)"
          >Take it</ElButton
        >
      </li>
    </ol>
    <p v-if="(answer?.options.length ?? 0) > CLOSEST">
      <AllOrFewer v-model="all" :all="`${(answer?.options.length ?? 0) - CLOSEST} more`" />
    </p>
  </div>
</template>

<style scoped>
.swaps-asked {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap) 1.4rem;
  align-items: start;
}

.swaps-asked > :last-child {
  flex: 1 1 40rem;
}

.swaps-asked :deep(.field) {
  display: block;
  flex: 0 1 24rem;
}

.swaps {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(17rem, 100%), 1fr));
  gap: var(--gap);
  margin: 0;
  padding: 0;
  list-style: none;
}

.swaps > li {
  display: grid;
  grid-template-rows: auto auto 1fr auto auto;
  gap: 0.2rem;
  padding: 0.6rem 0.8rem;
}

.swaps-name {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0.4rem;
}

.swaps ul {
  margin: 0;
  padding-left: 1.1rem;
}

.is-there {
  color: var(--ready);
}
</style>
