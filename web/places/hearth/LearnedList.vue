<script setup lang="ts">
import { ElButton } from 'element-plus'
import type { LearnedThing } from '@/api/types'
import { useHouse } from '@/bench/house'
import { useUnits } from '@/ui/units'

/** Things that the record taught, each to be set aside or used again. */
const { things } = defineProps<{ things: LearnedThing[] }>()
const house = useHouse()
const units = useUnits()
/** A way of shaping by its name, where something was learned of that way alone. */
const shapeOf = (id: string | null) =>
  house.kitchen?.schools.find(school => school.step === 'shape')?.options.find(one => one.id === id)?.name
</script>

<template>
  <ul class="learned-list">
    <li v-for="one in things" :key="one.aside">
      <span :class="{ soft: one.set_aside }"
        ><strong v-if="shapeOf(one.shape)">{{ shapeOf(one.shape) }}: </strong>{{ units.words(one.words)
        }}<template v-if="one.set_aside"> Set aside: plans do without it.</template></span
      >
      <ElButton
        :aria-label="`${one.set_aside ? 'Use' : 'Set aside'}: ${one.words}`"
        @click="house.setAside(one.aside, !one.set_aside)"
        >{{ one.set_aside ? 'Use it' : 'Set it aside' }}</ElButton
      >
    </li>
  </ul>
</template>

<style scoped>
.learned-list {
  display: grid;
  gap: 0.3rem;
  margin: 0;
  padding: 0;
  list-style: none;
}

.learned-list li {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 0.6rem;
}
</style>
