<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { api, toldBy } from '@/api/client'
import type { Riddle, RiddleTally } from '@/api/types'
import BreadPicture from '@/pictures/BreadPicture.vue'
import SymptomPicture from '@/pictures/SymptomPicture.vue'
import { useUnits } from '@/ui/units'

/** A batch that went wrong: the cook looks, asks and decides what it was; then it is told, and how it could have been seen. */
const MOST_SEED = 1_000_000
const units = useUnits()
const riddle = shallowRef<Riddle | null>(null)
const tally = shallowRef<RiddleTally | null>(null)
const looked = ref<Riddle['looks'][number]['look'][]>([])
const trouble = ref('')
const outcome = computed(() => riddle.value?.outcome ?? null)
const says = computed(() => {
  if (!outcome.value) return 'What went wrong here?'
  return outcome.value.right ? `Right: ${lower(outcome.value.name)}.` : `It was ${lower(outcome.value.name)}.`
})

const lower = (words: string) => words.charAt(0).toLowerCase() + words.slice(1)

async function tried(doing: () => Promise<unknown>) {
  try {
    await doing()
    trouble.value = ''
  } catch (failure) {
    trouble.value = toldBy(failure)
  }
}

const pose = (seed = Math.floor(MOST_SEED * Math.random())) =>
  tried(async () => {
    looked.value = []
    riddle.value = await api.riddle({ seed })
  })

const look = (at: Riddle['looks'][number]['look']) =>
  tried(async () => {
    if (!riddle.value) return
    looked.value = [...looked.value, at]
    riddle.value = await api.riddle({ seed: riddle.value.seed, looked: looked.value })
  })

const decide = (cause: string) =>
  tried(async () => {
    if (!riddle.value) return
    const told = await api.answerRiddle({ seed: riddle.value.seed, looked: looked.value, answer: cause })
    riddle.value = told.riddle
    tally.value = told.tally
  })

onMounted(async () => {
  await pose()
  await tried(async () => (tally.value = await api.riddles()))
})
</script>

<template>
  <section class="riddle" aria-label="What went wrong">
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <template v-if="riddle">
      <div class="panel stack">
        <p class="says" role="status">{{ says }}</p>
        <div class="row">
          <BreadPicture class="riddle-bread" :portrait="riddle.portrait" />
          <strong>{{ riddle.bread }}</strong>
          <span v-for="one in riddle.symptoms" :key="one.symptom" class="riddle-shows">
            <SymptomPicture :symptom="one.symptom" />
            <span
              ><strong>{{ one.name }}</strong> {{ one.shows }}</span
            >
          </span>
        </div>
        <div v-if="!outcome" class="row riddle-choices">
          <ElButton v-for="one in riddle.choices" :key="one.cause" size="large" @click="decide(one.cause)">{{
            one.name
          }}</ElButton>
        </div>
        <template v-else>
          <p>{{ outcome.says }}</p>
          <p v-if="outcome.given.length">
            <strong>It could be seen:</strong> {{ outcome.given.map(one => units.words(one)).join(' ') }}
          </p>
          <p class="soft">{{ outcome.look }}</p>
          <div class="row">
            <ElButton type="primary" size="large" @click="pose()">Another one</ElButton>
            <ElButton size="large" @click="pose(riddle.seed)">The same again</ElButton>
          </div>
        </template>
        <p v-if="tally?.answered" class="soft">
          {{ tally.right }} of {{ tally.answered }} right so far, after looking {{ tally.mean_looks }} times
          on average. This is number {{ riddle.seed }}.
        </p>
      </div>
      <ul class="panel riddle-looks" aria-label="What can be looked into">
        <li v-for="one in riddle.looks" :key="one.look">
          <ElButton v-if="!one.told" :disabled="outcome !== null" @click="look(one.look)">{{
            one.question
          }}</ElButton>
          <p v-else>
            <span class="soft">{{ one.question }}</span>
            <strong v-for="words in one.told" :key="words">{{ units.words(words) }}</strong>
          </p>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.riddle {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: var(--gap);
  align-items: start;
}

.riddle-bread {
  width: 7rem;
}

.riddle-shows {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  max-width: 18rem;
}

.riddle-shows :deep(.symptom) {
  flex: 0 0 4.5rem;
}

.riddle-choices :deep(.el-button) {
  min-height: 3.5rem;
  margin: 0;
}

.riddle-looks {
  display: grid;
  gap: 0.4rem;
  margin: 0;
  list-style: none;
}

.riddle-looks :deep(.el-button) {
  width: 100%;
  min-height: var(--target);
  justify-content: start;
}

.riddle-looks p {
  display: grid;
  margin: 0;
  padding: 0.4rem 0.8rem;
  border-left: 4px solid var(--active);
}

@media (max-width: 48rem) {
  .riddle {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
