<script setup lang="ts">
import { ElOption, ElSelect } from 'element-plus'
import { computed, ref, watch } from 'vue'
import type { Plan } from '@/api/types'
import Fader from '@/ui/Fader.vue'
import { useUnits } from '@/ui/units'
import { WAYS } from '@/ui/ways'
import type { Line } from '@/ui/formula'
import { amountOf, inParts, partOf, VOLUME_NAMES } from '@/ui/measures'

/** One line: its share to slide, what that weighs, and the ways to be rid of it. */
const { line, name, row, most, fixed } = defineProps<{
  line: Line
  name: string
  row: Plan['ledger'][number] | undefined
  most: number
  fixed: boolean
}>()
const emit = defineEmits<{
  move: [amount: number]
  grind: [grind: NonNullable<Line['grind']>]
  way: [way: NonNullable<Line['goes_in']>]
  swap: []
  remove: []
}>()
const GRINDS = [
  { value: 'shop', label: 'as sold' },
  { value: 'home_fine', label: 'home, fine' },
  { value: 'home_medium', label: 'home, medium' },
  { value: 'home_coarse', label: 'home, coarse' },
] as const
const units = useUnits()
const inPercent = computed(() => line.percent !== undefined)
// The reach of the slider stays while it is moved, or it would run away from the hand.
const reach = ref(most)
watch(
  () => line.ingredient,
  () => (reach.value = most),
)
const amount = computed({
  // Cups are slid through what they can measure, thirds and quarters.
  get: () => line.percent ?? (line.volume && partOf(line.volume.amount)) ?? line.grams ?? row?.grams ?? 0,
  set: value => emit('move', line.volume ? amountOf(value) : value),
})
const slider = computed(() => {
  if (line.volume)
    return {
      label: `${name}, ${VOLUME_NAMES[line.volume.unit]}`,
      min: 1,
      max: Math.max(partOf(4), amount.value * 2),
      step: 1,
      unit: null,
      words: (part: number) => inParts(amountOf(part)),
    }
  if (!inPercent.value)
    return {
      label: name,
      min: 1,
      max: Math.max(100, Math.ceil(amount.value * 2)),
      step: 1,
      unit: 'g' as const,
    }
  return {
    label: name,
    min: 0.5,
    max: reach.value,
    step: reach.value > 40 ? 1 : 0.5,
    unit: 'percent' as const,
  }
})
const grind = computed({
  get: () => line.grind ?? 'shop',
  set: value => emit('grind', value),
})
const way = computed({
  get: () => row?.goes_in ?? 'dry',
  set: value => emit('way', value),
})
</script>

<template>
  <li class="line">
    <Fader v-model="amount" v-bind="slider" :disabled="fixed && inPercent" />
    <div class="line-foot">
      <span class="soft">{{ units.text(row?.grams ?? 0, 'g') }}, or {{ row?.spoons ?? '–' }}</span>
      <ElSelect
        v-if="row?.role === 'flour'"
        v-model="grind"
        class="line-grind"
        :aria-label="`How ${name} is ground`"
      >
        <ElOption v-for="one in GRINDS" :key="one.value" :value="one.value" :label="one.label" />
      </ElSelect>
      <ElSelect
        v-if="row && row.role !== 'flour' && row.role !== 'starch'"
        v-model="way"
        class="line-way"
        :aria-label="`How ${name} goes in`"
      >
        <ElOption v-for="one in WAYS" :key="one.value" :value="one.value" :label="one.label" />
      </ElSelect>
      <button type="button" class="link-button" :aria-label="`Swap ${name}`" @click="emit('swap')">
        Swap
      </button>
      <button
        type="button"
        class="link-button"
        :aria-label="`Take out ${name}`"
        :disabled="fixed"
        @click="emit('remove')"
      >
        Take out
      </button>
    </div>
  </li>
</template>

<style scoped>
.line {
  padding: 0.35rem 0;
  border-top: 1px solid var(--panel-edge);
}

.line:first-child {
  border-top: 0;
}

.line-foot {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.3rem;
}

.line-foot span {
  flex: 1;
  min-width: 4rem;
}

.line-grind,
.line-way {
  flex: none;
  width: 7rem;
}

.line-way {
  width: 7.8rem;
}
</style>
