<script setup lang="ts">
import { ElButton, ElOption, ElSelect } from 'element-plus'
import { computed, ref, watch } from 'vue'
import type { BatchState } from '@/api/types'
import { useHouse } from '@/bench/house'
import { useAppearance } from '@/ui/appearance'
import MassInput from '@/ui/MassInput.vue'
import { useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import { withLot } from '@/api/requests'
import CupAsk from './CupAsk.vue'

type Line = BatchState['bowl']['lines'][number]

/** One line: what to weigh, from which bag, and what the scale really said. */
const { line, planned, spoons, pot, percent, way, isNext, locked } = defineProps<{
  line: Line
  planned: number
  spoons: string | undefined
  pot: number
  percent: number
  /** How it goes in, where not with the flour. */
  way: string
  isNext: boolean
  locked: boolean
}>()
const emit = defineEmits<{ measured: [grams: number]; typed: [grams: number] }>()
const units = useUnits()
const house = useHouse()
const appearance = useAppearance()
const store = useBatch()
const grams = ref(line.measured ? line.grams : planned)
watch(
  () => planned,
  value => {
    if (!line.measured) grams.value = value
  },
)

/** At the bench how it goes in says more than its share. */
const share = computed(() => {
  const part = `${units.text(percent, 'percent')} of the flour`
  if (!way) return part
  return appearance.isBench ? way : `${part}, ${way}`
})
/** At the bench a hand sees to one line at a time; the others say only what they want. */
const isAtHand = computed(() => isNext || !appearance.isBench)
watch(grams, weight => emit('typed', weight))

/** What there is to weigh from; an emptied bag stays only where it is the one that was weighed from. */
const bags = computed(
  () =>
    house.kitchen?.lots.filter(
      lot => lot.ingredient === line.ingredient && (!lot.emptied_on || lot.id === bag.value),
    ) ?? [],
)
const bag = computed({
  get: () => store.request?.formula?.lines?.find(one => one.ingredient === line.ingredient)?.lot ?? '',
  set: id => {
    if (store.request)
      store.change(withLot(store.request, line.ingredient, bags.value.find(one => one.id === id) ?? null))
  },
})
</script>

<template>
  <li class="line panel" :class="{ 'is-next': isNext, 'is-in': line.measured }">
    <div class="line-name">
      <strong :class="{ 'unseen-on-phone': isNext }">{{ line.name }}</strong>
      <span class="soft" :class="{ 'unseen-on-phone': !isNext && !way }">{{ share }}</span>
      <span v-if="pot > 0" class="line-pot"
        >{{ units.text(pot, 'g') }} into the pot{{
          pot < planned ? `, ${units.text(planned - pot, 'g')} into the bowl` : ''
        }}</span
      >
    </div>
    <ElSelect
      v-if="bags.length && isAtHand"
      v-model="bag"
      class="line-bag"
      :aria-label="`Bag of ${line.name}`"
      placeholder="Bag"
    >
      <ElOption
        v-for="lot in bags"
        :key="lot.id"
        :value="lot.id"
        :label="lot.label + (lot.certified_gluten_free ? ' (certified)' : '')"
      />
      <ElOption value="" label="No bag named" />
    </ElSelect>
    <span class="line-grams"
      >{{ units.text(planned, 'g') }}<small v-if="spoons" class="soft"> {{ spoons }}</small></span
    >
    <MassInput
      v-if="isAtHand"
      v-model="grams"
      class="line-read"
      :label="`${line.name} on the scale`"
      @enter="emit('measured', grams || planned)"
    />
    <ElButton :plain="isNext" @click="emit('measured', grams || planned)"
      ><span
        >{{ line.measured ? '✓' : way ? 'Ready' : 'In'
        }}<span v-if="line.measured || !way" class="unseen-on-phone">{{
          line.measured ? (way ? ' It is ready' : ' It is in') : ' the bowl'
        }}</span></span
      ></ElButton
    >
    <CupAsk
      v-if="!locked && !line.measured && store.request"
      :request="store.request"
      :ingredient="line.ingredient"
    />
  </li>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 1fr minmax(0, 12rem) 5.5rem 7.6rem 8.5rem;
  align-items: center;
  gap: 0.4rem 0.8rem;
  padding: 0.6rem 0.9rem;
}

.line-name {
  display: grid;
}

/* Where there is no bag to choose its place is the name's. */
.line-name:not(:has(+ .line-bag)) {
  grid-column: 1 / 3;
}

.line-grams {
  grid-column: 3;
  font: 600 1.5rem var(--font-head);
  text-align: right;
  white-space: nowrap;
}

.line-grams small {
  display: block;
  font: 400 0.9rem var(--font-text);
}

.line.is-next {
  border-color: var(--active);
  border-width: 2px;
}

.line.is-in {
  border-left: 6px solid var(--ready);
}

@media (max-width: 48rem) {
  .line {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }

  .line-read {
    min-width: 0;
  }

  .line-name:not(:has(+ .line-bag)),
  .line-grams {
    grid-column: auto;
  }

  .line-bag {
    grid-column: 1 / 3;
  }
}

/* On a phone at the bench only the line at hand is told whole; the others are a line each. */
@media (max-width: 48rem) {
  :root[data-view='bench'] .line:not(.is-next) {
    grid-template-columns: minmax(0, 1fr) auto 5rem;
    padding: 0.2rem 0.6rem;
  }

  :root[data-view='bench'] .line:not(.is-next) :is(.line-name, .line-grams) {
    grid-column: auto;
  }

  :root[data-view='bench'] .line-grams {
    font-size: 1.3rem;
  }

  :root[data-view='bench'] .line.is-next {
    grid-template-columns: minmax(0, 1fr) auto 7.5rem;
    gap: 0.3rem 0.6rem;
    padding: 0.4rem 0.7rem;
  }

  :root[data-view='bench'] .line.is-next :is(.line-bag, .line-name:has(.line-pot)) {
    grid-column: 1 / -1;
  }

  :root[data-view='bench'] .line.is-next .line-bag {
    order: 1;
  }

  :root[data-view='bench'] .line.is-next .line-name:has(.line-pot) ~ .line-grams {
    grid-column: 1 / 3;
  }

  /* The bar has the act of the line at hand. */
  :root[data-view='bench'] .line.is-next > .el-button {
    display: none;
  }
}

/* At the bench a line is a line: where no bag is asked for, its place is the name's. */
@media (min-width: 48.01rem) {
  :root[data-view='bench'] .line {
    display: flex;
    padding-block: 0.2rem;
  }

  :root[data-view='bench'] .line.is-next {
    grid-column: 1 / -1;
  }

  :root[data-view='bench'] .line-name {
    flex: 1;
    min-width: 0;
    overflow-wrap: anywhere;
  }

  :root[data-view='bench'] .line-bag {
    flex: 0 1 12rem;
  }

  :root[data-view='bench'] .line .el-button {
    flex: none;
    padding-inline: 0.7rem;
  }
}
</style>
