<script setup lang="ts">
import { ElInput, ElInputNumber, ElOption, ElSelect, ElSwitch } from 'element-plus'
import { computed, reactive, ref, watch } from 'vue'
import { api } from '@/api/client'
import type { Plan, Trials, TrialToBegin } from '@/api/types'
import { uuid } from '@/api/uuid'
import { useHouse } from '@/house'
import Fader from '@/ui/Fader.vue'
import Field from '@/ui/Field.vue'
import KeepForm from '@/ui/KeepForm.vue'
import KeepOrLeave from '@/ui/KeepOrLeave.vue'
import { besides, stepOf } from './levels'

/** A trial to set up: of which bread, which one thing, which levels of it, judged by what, how often. */
const { offered, bread = '' } = defineProps<{ offered: Trials; bread?: string }>()
const emit = defineEmits<{ begun: [id: string]; leave: [] }>()
const house = useHouse()
const breads = computed(() => house.kitchen?.breads.filter(one => !one.archived) ?? [])
const trial = reactive<TrialToBegin>({
  id: uuid(),
  bread: bread || (breads.value[0]?.id ?? ''),
  question: '',
  factor: 'hydration',
  levels: [],
  judged: 'pliability',
  rounds: 4,
  seed: Math.floor(2_000_000_000 * Math.random()),
  blind: false,
})
const factor = computed(() => offered.factors.find(one => one.factor === trial.factor))
const numbers = ref<number[]>([])
const schools = ref<string[]>([])
const step = computed(() => stepOf(trial.factor))

/** As the bread stands, and a step beside it. */
watch(
  () => [trial.bread, trial.factor] as const,
  async () => {
    schools.value = []
    numbers.value = []
    const of = breads.value.find(one => one.id === trial.bread)
    if (!of || !factor.value?.unit) return
    const plan: Plan = await api.plan(of.request)
    numbers.value = besides(trial.factor, plan)
  },
  { immediate: true },
)

async function begin() {
  const levels = factor.value?.unit ? numbers.value : schools.value
  await api.beginTrial({ ...trial, question: trial.question.trim(), levels })
  await house.refresh()
}
</script>

<template>
  <KeepForm class="panel stack" label="A new trial" :doing="begin" @kept="emit('begun', trial.id)">
    <Field name="question" label="What do you want to find out?"
      ><ElInput v-model="trial.question" maxlength="120" placeholder="More water, or a longer rest?"
    /></Field>
    <div class="trial-form">
      <Field name="bread" label="Bread"
        ><ElSelect v-model="trial.bread" aria-label="Bread"
          ><ElOption v-for="one in breads" :key="one.id" :value="one.id" :label="one.name" /></ElSelect
      ></Field>
      <Field name="factor" label="What differs"
        ><ElSelect v-model="trial.factor" aria-label="What differs"
          ><ElOption
            v-for="one in offered.factors"
            :key="one.factor"
            :value="one.factor"
            :label="one.name" /></ElSelect
      ></Field>
      <Field name="judged" label="Judged by"
        ><ElSelect v-model="trial.judged" aria-label="Judged by"
          ><ElOption
            v-for="one in offered.judged"
            :key="one.judged"
            :value="one.judged"
            :label="one.name" /></ElSelect
      ></Field>
    </div>
    <Field v-if="factor?.unit" name="levels" label="Levels">
      <div class="row">
        <template v-for="(_, index) in numbers" :key="index">
          <Field :name="`levels[${index}]`" :label="`Level ${index + 1}`"
            ><ElInputNumber
              v-model="numbers[index]"
              :aria-label="`Level ${index + 1}`"
              :min="factor.least"
              :max="factor.most"
              :step="step"
          /></Field>
        </template>
        <button
          v-if="numbers.length < 4"
          type="button"
          class="top-button"
          @click="numbers = [...numbers, (numbers.at(-1) ?? 0) + step]"
        >
          One more level
        </button>
      </div>
    </Field>
    <Field v-else name="levels" label="Levels">
      <ElSelect v-model="schools" multiple :multiple-limit="4" aria-label="Levels" placeholder="Two to four">
        <ElOption v-for="one in factor?.schools" :key="one.school" :value="one.school" :label="one.name" />
      </ElSelect>
    </Field>
    <Fader v-model="trial.rounds" label="Batches of each level" :min="1" :max="12" :step="1" :unit="null" />
    <p class="soft">Four of each are the fewest that can decide. The order is drawn, so that days do not.</p>
    <label class="row"
      ><ElSwitch v-model="trial.blind" aria-label="Keep me from knowing the level until it is judged" /> Keep
      me from knowing the level until it is judged (the plan of each batch still shows its own numbers)</label
    >
    <template #acts><KeepOrLeave keep="Begin the trial" @leave="emit('leave')" /></template>
  </KeepForm>
</template>

<style scoped>
.trial-form {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(14rem, 100%), 1fr));
  gap: var(--gap);
}
</style>
