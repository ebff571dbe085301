<script setup lang="ts">
import { ElInput, ElInputNumber, ElOption, ElSelect, ElSwitch } from 'element-plus'
import { computed, reactive, ref, watch } from 'vue'
import { api } from '@/api/client'
import type { Plan, Trials, TrialToBegin } from '@/api/types'
import { uuid } from '@/api/uuid'
import { useHouse } from '@/bench/house'
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
  rounds: offered.fewest.each.count,
  seed: Math.floor(2_000_000_000 * Math.random()),
  blind: false,
  halves: false,
})
const factor = computed(() => offered.factors.find(one => one.factor === trial.factor))
const numbers = ref<number[]>([])
const choices = ref<string[]>([])
const step = computed(() => stepOf(trial.factor))

/** Of the bags, those of what is in the bread. */
const offeredLevels = computed(() => {
  const all = factor.value?.choices ?? []
  if (trial.factor !== 'bag') return all
  const lines = breads.value.find(one => one.id === trial.bread)?.request.formula?.lines ?? []
  const inIt = new Set(lines.map(line => line.ingredient))
  const bags = new Set(house.kitchen?.lots.filter(lot => inIt.has(lot.ingredient)).map(lot => lot.id))
  return all.filter(one => bags.has(one.choice))
})

/** As the bread stands, and a step beside it. */
watch(
  () => [trial.bread, trial.factor] as const,
  async () => {
    choices.value = []
    numbers.value = []
    const of = breads.value.find(one => one.id === trial.bread)
    if (!of || !factor.value?.unit) return
    const plan: Plan = await api.plan(of.request)
    numbers.value = besides(trial.factor, plan)
  },
  { immediate: true },
)

const levels = computed(() => (factor.value?.unit ? numbers.value : choices.value))
const canHalve = computed(() => factor.value?.halves === true && levels.value.length === 2)
const inHalves = computed(() => trial.halves === true && canHalve.value)

// Fewer doughs than these cannot decide.
watch(inHalves, halved => {
  if (halved) trial.rounds = Math.max(offered.fewest.doughs.count, trial.rounds)
})

async function begin() {
  await api.beginTrial({
    ...trial,
    question: trial.question.trim(),
    levels: levels.value,
    halves: inHalves.value,
    blind: trial.blind === true && !inHalves.value,
  })
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
      <ElSelect
        v-model="choices"
        multiple
        filterable
        :multiple-limit="4"
        aria-label="Levels"
        placeholder="Two to four"
      >
        <ElOption v-for="one in offeredLevels" :key="one.choice" :value="one.choice" :label="one.name" />
      </ElSelect>
    </Field>
    <label v-if="canHalve" class="row"
      ><ElSwitch v-model="trial.halves" aria-label="Both in each batch: halves of one dough" /> Both in each
      batch: halves of one dough, so that doughs and days do not decide</label
    >
    <Fader
      v-model="trial.rounds"
      :label="inHalves ? 'Batches' : 'Batches of each level'"
      :min="1"
      :max="12"
      :step="1"
      :unit="null"
    />
    <p class="soft">
      {{ (inHalves ? offered.fewest.doughs : offered.fewest.each).words }}
    </p>
    <label v-if="!inHalves" class="row"
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
