<script setup lang="ts">
import { ElButton, ElInput, ElOption, ElSelect } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useSettledAsking } from '@/api/asking'
import { api } from '@/api/client'
import type { FormulaQuestion } from '@/api/types'
import { uuid } from '@/api/uuid'
import { useHouse } from '@/bench/house'
import Choice from '@/ui/Choice.vue'
import { CUPS } from '@/ui/cups'
import Field from '@/ui/Field.vue'
import FileField from '@/ui/FileField.vue'
import KeepForm from '@/ui/KeepForm.vue'
import { namesOf, ownDocuments } from '@/ui/formula'
import { measuresOf } from '@/ui/ownMeasures'
import { requestOf } from './inWords'
import ReadPart from './ReadPart.vue'

/** A formula as the cook has it written down, read line by line, settled where it is doubtful, and kept as a bread. */
const EXAMPLE = '2 cups masa harina\n1 ½ tsp salt\n300 ml warm water\na thumb of ghee\noil for the griddle'
const house = useHouse()
const router = useRouter()
const text = ref('')
const measures = computed(() => measuresOf(house.kitchen))
const cup = ref<'us' | 'metric' | 'open'>(measuresOf(house.kitchen).cup ?? 'open')
const settled = ref<NonNullable<FormulaQuestion['settled']>>([])
const name = ref('')
const style = ref('')
const all = computed(() => [...namesOf(house.kitchen)].map(([id, name]) => ({ id, name })))
const question = computed<FormulaQuestion | null>(() =>
  text.value.trim()
    ? {
        text: text.value,
        measures: {
          ...(cup.value === 'open' ? {} : { cup: cup.value }),
          ...(measures.value.spoon ? { spoon: measures.value.spoon } : {}),
        },
        own_ingredients: ownDocuments(house.kitchen),
        settled: settled.value,
      }
    : null,
)
const { answer, refused, about } = useSettledAsking(api.formula, question)
const styles = computed(() => {
  const likest = answer.value?.likest ?? []
  const others = (house.kitchen?.styles ?? []).filter(one => !likest.some(like => like.id === one.id))
  return [...likest, ...others]
})
const isWhole = computed(() => answer.value?.open === 0 && answer.value.formula.lines.length > 0)

// Another text has other parts: what was said of the old ones says nothing of them.
watch(text, () => (settled.value = []))
/** A recipe from elsewhere becomes text, which the cook reads over like any other. */
async function open(file: File) {
  await about({ recipe: await file.text() })
  if (!answer.value) return
  name.value = answer.value.name ?? name.value
  text.value = answer.value.text
}

watch(answer, read => {
  if (read && !style.value) style.value = read.likest[0]?.id ?? ''
})

function settle(part: number, said: { ingredient?: string; grams?: number; note?: boolean }) {
  const before = settled.value.find(one => one.part === part)
  settled.value = [...settled.value.filter(one => one.part !== part), { ...before, part, ...said }]
}

async function keep() {
  if (!answer.value) return
  const id = uuid()
  await api.newBread(id, name.value, requestOf(answer.value, style.value, house.kitchen))
  await house.refresh()
  await router.push({ name: 'bread', params: { id } })
}
</script>

<template>
  <div class="words">
    <section class="stack" aria-labelledby="text-head">
      <h1 id="text-head">A formula in your own words</h1>
      <p class="soft">
        Write or paste it as you have it. Every line says what it was taken for; what is not clear is asked.
      </p>
      <ElInput
        v-model="text"
        type="textarea"
        :rows="11"
        maxlength="8000"
        aria-label="Your formula"
        :placeholder="EXAMPLE"
      />
      <div class="words-measures">
        <Choice
          v-model="cup"
          label="A cup in it is"
          :options="[...CUPS, { value: 'open', label: 'I do not know' }]"
        />
        <ElButton v-if="!text" @click="text = EXAMPLE">Try it with an example</ElButton>
        <FileField
          label="Or open a recipe file (HTML or JSON)"
          accept=".html,.htm,.json,.jsonld,text/html,application/json,application/ld+json"
          @chosen="open"
        />
      </div>
    </section>
    <section class="stack" aria-labelledby="read-head">
      <h2 id="read-head">
        {{ answer?.open ? `${answer.open} to settle` : answer ? 'Read as' : 'What it says stands here' }}
      </h2>
      <p v-if="refused" role="alert">{{ refused }}</p>
      <ol v-if="answer" class="words-parts" aria-live="polite">
        <ReadPart
          v-for="(part, index) in answer.parts"
          :key="`${index} ${part.text} ${part.as} ${part.ingredient}`"
          :part="part"
          :number="index + 1"
          :all="all"
          @settle="said => settle(index + 1, said)"
        />
      </ol>
      <KeepForm v-if="answer" label="Keep it as a bread" :doing="keep" class="words-keep">
        <Field name="name" label="Name of the bread"><ElInput v-model="name" maxlength="80" /></Field>
        <Field name="request.style" label="Made like">
          <ElSelect v-model="style" filterable>
            <ElOption v-for="one in styles" :key="one.id" :value="one.id" :label="one.name" />
          </ElSelect>
        </Field>
        <template #acts>
          <ElButton type="primary" size="large" native-type="submit" :disabled="!isWhole">{{
            isWhole || !answer.open ? 'Keep it as a bread' : `Settle ${answer.open} first`
          }}</ElButton>
        </template>
      </KeepForm>
    </section>
  </div>
</template>

<style scoped>
.words {
  display: grid;
  grid-template-columns: minmax(18rem, 2fr) 3fr;
  align-items: start;
  gap: 1.5rem;
  max-width: 84rem;
  margin: 0 auto;
  padding: 1.2rem;
}

.words-measures {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: var(--gap);
}

.words-parts {
  margin: 0;
  padding: 0;
  list-style: none;
}

.words-keep {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: var(--gap);
}

.words-keep > .field {
  flex: 1 1 14rem;
}

@media (max-width: 52rem) {
  .words {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
