<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import { api, toldBy } from '@/api/client'
import type { Trial } from '@/api/types'
import { useHouse } from '@/bench/house'
import TrialPicture from '@/pictures/TrialPicture.vue'
import Fold from '@/ui/Fold.vue'
import { useTold } from '@/ui/told'
import { useUnits } from '@/ui/units'
import { day } from '@/bench/batches'
import { nextWords } from './levels'
import TrialNumbers from './TrialNumbers.vue'
import { useTrialBatch } from './useTrialBatch'

/** One trial: what can be said, on top; its points; the next batch; the decision. */
const route = useRoute()
const units = useUnits()
const house = useHouse()
const trial = shallowRef<Trial | null>(null)
const trouble = ref('')
const { begin, trouble: notBegun } = useTrialBatch()
const result = computed(() => trial.value?.result)
const text = useTold()

onMounted(() => look(() => api.trial(String(route.params['id']))))

async function look(asked: () => Promise<Trial>) {
  try {
    trial.value = await asked()
  } catch (failure) {
    trouble.value = toldBy(failure)
  }
}

async function decide(level: number | null) {
  await look(() => api.decideTrial(String(route.params['id']), level))
  await house.refresh()
}
</script>

<template>
  <div class="trial-page">
    <p v-if="trouble || notBegun" role="alert">{{ trouble || notBegun }}</p>
    <template v-if="trial && result">
      <p class="row screen-only">
        <RouterLink :to="{ name: 'trials' }">← Trials</RouterLink>
        <a :href="`/exports/trials/${trial.id}.zip`" download>For another house</a>
      </p>
      <header>
        <h1>{{ trial.question }}</h1>
        <p class="soft">
          {{ trial.bread.name }}. {{ trial.factor.name }}, judged by {{ trial.judged.name }}.
          {{ trial.made }} of {{ trial.total }} batches made.
        </p>
      </header>
      <p class="says trial-words" role="status">{{ result.words }}</p>
      <div v-if="!trial.decided" class="row trial-acts">
        <ElButton v-if="trial.next" type="primary" size="large" @click="begin(trial.id)"
          >Next batch: {{ nextWords({ ...trial, ...trial.next }) }}</ElButton
        >
        <ElButton
          v-for="(level, index) in result.levels"
          :key="level.name"
          size="large"
          :type="!trial.next && index === result.best ? 'primary' : 'default'"
          @click="decide(index)"
          >Decide for {{ level.name }}</ElButton
        >
        <ElButton size="large" @click="decide(null)">End it; the bread stays</ElButton>
      </div>
      <p v-else>
        <strong>{{
          trial.decided.level ? `Decided for ${trial.decided.level}` : 'Ended; the bread stays as it is'
        }}</strong>, {{ day(trial.decided.at) }}.
        <RouterLink v-if="trial.decided.kept" :to="{ name: 'bread', params: { id: trial.bread.id } }"
          >It is the newest version of the bread.</RouterLink
        >
      </p>
      <section class="panel stack">
        <TrialPicture :result="result" :background="trial.background" :gauge="trial.judged.name" />
        <TrialNumbers
          :result="result"
          :of="trial.halves ? 'doughs' : 'of each'"
          :next="
            trial.factor.unit
              ? text(result.next, trial.factor.unit)
              : result.next === null
                ? ''
                : String(result.next)
          "
        />
      </section>
      <Fold name="trial-drags" title="What each level changes of the bread as it stands">
        <div v-for="one in trial.drags" :key="one.level">
          <h3>{{ one.level }}</h3>
          <p v-if="!one.changes.length" class="soft">Nothing: it is so already.</p>
          <ul>
            <li v-for="change in one.changes" :key="change.text">
              {{ units.words(change.text)
              }}<template v-if="change.unit">
                {{ text(change.before, change.unit) }} →
                <strong>{{ text(change.after, change.unit) }}</strong></template
              >
            </li>
          </ul>
        </div>
      </Fold>
      <Fold name="trial-batches" :title="`Its batches (${trial.batches.length})`">
        <ul>
          <li v-for="batch in trial.batches" :key="batch.id">
            <RouterLink :to="{ name: 'made', params: { id: batch.id } }">{{
              day(batch.started_at)
            }}</RouterLink>:
            {{ batch.level ?? (trial.halves ? 'both halves' : 'its level is told once it is judged')
            }}{{ batch.is_judged ? '' : ', not judged yet' }}
          </li>
        </ul>
      </Fold>
    </template>
  </div>
</template>

<style scoped>
.trial-page {
  display: grid;
  gap: var(--gap);
  max-width: 64rem;
  margin: 0 auto;
  padding: 1.2rem;
}

.trial-page h1,
.trial-page p {
  margin: 0;
}

.trial-words {
  font-size: 1.5rem;
}

.trial-acts :deep(.el-button) {
  min-height: 3.5rem;
  margin: 0;
}
</style>
