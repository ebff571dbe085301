<script setup lang="ts">
import { ElOption, ElSelect } from 'element-plus'
import { computed } from 'vue'
import type { Plan, PlanRequest, School } from '@/api/types'
import { useHouse } from '@/bench/house'
import { withMethod, withWish } from '@/api/requests'
import { withFat } from '@/ui/formula'

/** The choices that cooks disagree on: each named, and what it buys said in a line. */
const { request, plan } = defineProps<{ request: PlanRequest; plan: Plan }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
const house = useHouse()
const schools = computed(() => house.kitchen?.schools ?? [])
const style = computed(() => house.kitchen?.styles.find(one => one.id === plan.style.id))

function optionsOf(school: School) {
  if (school.step !== 'turns') return school.options
  const [possible, usual] = [
    new Set<string>(style.value?.turns_possible),
    new Set<string>(style.value?.turns),
  ]
  return school.options
    .filter(one => possible.has(one.id))
    .map(one => (usual.has(one.id) ? one : { ...one, name: `${one.name} (not usual for it)` }))
}

function buys(school: School): string {
  return school.options.find(one => one.id === plan.method[school.step])?.buys ?? ''
}

function fatOf(id: string) {
  return schools.value.find(school => school.step === 'fat')?.options.find(one => one.id === id)
}

/** A named school takes the place of a temperature or a share that was slid by hand. */
function choose(step: School['step'], id: string) {
  const chosen = withMethod(request, { [step]: id })
  if (step === 'water') {
    emit('change', withWish(chosen, 'water', { celsius: undefined, dough_celsius: undefined }))
    return
  }
  // So does a named rest of minutes that were slid by hand.
  if (step === 'rest') {
    emit('change', { ...chosen, formula: { ...chosen.formula, rest: undefined } })
    return
  }
  if (step === 'fat') {
    emit('change', withFat(chosen, fatOf(id), house.kitchen))
    return
  }
  emit('change', step === 'scald' ? withWish(chosen, 'water', { pot_share: undefined }) : chosen)
}
</script>

<template>
  <ul class="schools">
    <li v-for="school in schools" :key="school.step">
      <label :for="`school-${school.step}`">{{ school.name }}</label>
      <ElSelect
        :id="`school-${school.step}`"
        :model-value="plan.method[school.step]"
        :aria-label="school.name"
        @change="(id: string) => choose(school.step, id)"
      >
        <ElOption
          v-for="option in optionsOf(school)"
          :key="option.id"
          :value="option.id"
          :label="option.name"
        />
      </ElSelect>
      <span class="soft">{{ buys(school) }}</span>
    </li>
  </ul>
</template>

<style scoped>
.schools {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(13rem, 100%), 1fr));
  gap: var(--gap) 1.2rem;
  margin: 0;
  padding: 0;
  list-style: none;
}

.schools li {
  display: grid;
  align-content: start;
  gap: 0.2rem;
}
</style>
