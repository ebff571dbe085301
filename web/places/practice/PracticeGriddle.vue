<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted, ref, watch } from 'vue'
import type { PracticeQuestion } from '@/api/types'
import { useKey } from '@/bench/keys'
import { surfaceRange, useHouse } from '@/bench/house'
import SectionPicture from '@/pictures/SectionPicture.vue'
import BakeWords from '@/ui/BakeWords.vue'
import Choice from '@/ui/Choice.vue'
import Fader from '@/ui/Fader.vue'
import { useNow } from '@/ui/now'
import { clock, useUnits } from '@/ui/units'
import PracticePlate from './PracticePlate.vue'
import { usePractice } from './session'

/** A griddle to learn on: the cook decides when to turn, and sees afterwards what it did inside the bread. */
type Puzzle = PracticeQuestion['puzzle']
const units = useUnits()
const puzzle = ref<Puzzle>('steady')
const pace = ref<'1' | '10'>('10')
const practice = usePractice(() => Number(pace.value))
const now = useNow(200)
const knob = ref(230)
const knobs = surfaceRange(useHouse().kitchen)
const covered = ref(false)
const puzzles = computed(() => practice.seen.value?.puzzles ?? [])
const task = computed(() => practice.seen.value?.puzzle ?? null)
const lifted = computed(() => practice.seen.value?.lifted ?? null)
const passed = computed(() =>
  practice.running.value && now.value ? practice.seconds() : (lifted.value?.section.lifted_at_seconds ?? 0),
)

async function choose() {
  await practice.show(puzzle.value)
  knob.value = Math.round(task.value?.surface_celsius ?? 230)
  covered.value = false
}

function lay() {
  covered.value = false
  knob.value = Math.round(task.value?.surface_celsius ?? 230)
  practice.lay()
}

function cover() {
  covered.value = !covered.value
  practice.act(covered.value ? 'cover' : 'uncover')
}

onMounted(choose)
watch(puzzle, choose)
watch(knob, value => {
  if (practice.running.value && Math.abs(value - (task.value?.surface_celsius ?? value)) > 0.5)
    practice.act('knob', value)
})
useKey(' ', () => (practice.running.value ? practice.act('turn') : lay()))
</script>

<template>
  <div class="stack">
    <div class="practice-head">
      <Choice
        v-model="puzzle"
        label="What to learn on"
        :options="puzzles.map(one => ({ value: one.id, label: one.title }))"
        :disabled="practice.running.value"
      />
    </div>
    <p v-if="practice.trouble.value" role="alert">{{ practice.trouble.value }}</p>
    <div class="practice-bench">
      <div class="panel stack">
        <p class="says">{{ task?.task }}</p>
        <p class="practice-clock" role="timer">{{ clock(passed) }}</p>
        <p v-if="task" class="soft">
          {{ units.text(task.thickness_mm, 'mm') }} thick. The metal under it:
          {{ units.text(practice.seen.value?.seen.metal_celsius ?? 0, 'celsius') }}.
        </p>
        <div class="row">
          <ElButton
            v-if="!practice.running.value"
            type="primary"
            size="large"
            class="practice-act"
            @click="lay"
          >
            {{ lifted ? 'Lay another' : 'Lay it' }}<kbd>Space</kbd>
          </ElButton>
          <template v-else>
            <ElButton type="primary" size="large" class="practice-act" @click="practice.act('turn')"
              >Turn<kbd>Space</kbd></ElButton
            >
            <ElButton size="large" @click="practice.act('press')">Turn and press</ElButton>
            <ElButton size="large" @click="cover">{{
              covered ? 'Take the lid off' : 'Put a lid on'
            }}</ElButton>
            <ElButton size="large" @click="practice.act('lift')">Lift</ElButton>
          </template>
        </div>
        <Fader
          v-model="knob"
          label="Knob: the heat it would come to"
          :min="knobs[0]"
          :max="knobs[1]"
          :step="10"
          unit="celsius"
          :disabled="!practice.running.value"
        />
        <Choice
          v-model="pace"
          label="Pace"
          :disabled="practice.running.value"
          :options="[
            { value: '1', label: 'As it is' },
            { value: '10', label: 'Ten-fold' },
          ]"
        />
      </div>
      <div class="panel stack">
        <PracticePlate
          :seen="practice.seen.value?.seen ?? null"
          :laid="practice.running.value || (lifted !== null && practice.acts.value.length > 0)"
        />
        <ul class="practice-words" aria-live="polite">
          <li v-for="word in practice.seen.value?.seen.words ?? []" :key="word">{{ units.words(word) }}</li>
        </ul>
      </div>
    </div>
    <section v-if="lifted" class="panel stack" aria-label="What it did">
      <div class="row">
        <h2>What it did</h2>
        <strong>{{ lifted.points }} of 100</strong>
      </div>
      <SectionPicture :section="lifted.section" title="Your bread, from the side" :windows="false" />
      <BakeWords :words="lifted.section.words" />
    </section>
  </div>
</template>

<style scoped>
.practice-head {
  display: grid;
  gap: 0.6rem;
}

.practice-bench {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: var(--gap);
}

.practice-clock {
  font: 600 3.4rem/1 var(--font-head);
}

.practice-act {
  min-height: 4.4rem;
  min-width: 9rem;
  font-size: 1.3rem;
}

.practice-act kbd {
  margin-left: 0.6rem;
  padding: 0.1rem 0.5rem;
  border: 1px solid currentcolor;
  border-radius: 4px;
  font: 400 0.9rem var(--font-text);
}

.practice-words {
  min-height: 3rem;
  margin: 0;
  padding: 0;
  font-size: 1.15rem;
  list-style: none;
}

@media (max-width: 48rem) {
  .practice-bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
