<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { computed, watch } from 'vue'
import type { BatchState, VerdictGiven } from '@/api/types'
import { shadeColour } from '@/pictures/shade'
import { useShadeWords } from '@/bench/shades'
import { PLIABILITY, PUFF } from '@/bench/batches'
import Choice from '@/ui/Choice.vue'
import Fader from '@/ui/Fader.vue'
import type { Draft } from './verdict'

/** What is said of so many pieces: how they fold, puffed, cracked and stuck, their colours, and how many were good. */
const { count, asked } = defineProps<{ count: number; asked: BatchState['judged_by'] }>()
const { shadeWord } = useShadeWords()
const verdict = defineModel<Draft>({ required: true })
const named = <T extends string>(names: Record<T, string>) =>
  (Object.entries(names) as [T, string][]).map(([value, label]) => ({ value, label }))
const EXTENT = named<VerdictGiven['cracks']>({ none: 'None', some: 'Some', much: 'Many' })
const STICKING = named<VerdictGiven['sticking']>({ none: 'None', some: 'Some', much: 'A lot' })
const FACES = [
  { key: 'shade_first', label: 'First face' },
  { key: 'shade_second', label: 'Second face' },
] as const
const COUNTS = [
  { key: 'pieces_good', label: 'Good pieces' },
  { key: 'pieces_second', label: 'Seconds' },
  { key: 'pieces_lost', label: 'Lost' },
] as const
const rest = computed(
  () => count - verdict.value.pieces_good - verdict.value.pieces_second - verdict.value.pieces_lost,
)

// What is set aside as a second or lost is no longer good; the cook need not count twice.
watch([() => verdict.value.pieces_second, () => verdict.value.pieces_lost], () => {
  verdict.value.pieces_good = Math.max(0, count - verdict.value.pieces_second - verdict.value.pieces_lost)
})
</script>

<template>
  <div class="judge">
    <div class="panel stack">
      <Choice
        v-if="asked.fold"
        v-model="verdict.pliability"
        label="When folded"
        :options="named(PLIABILITY)"
      />
      <Choice v-if="asked.puff" v-model="verdict.puff" label="Puff" :options="named(PUFF)" />
      <Choice v-model="verdict.cracks" label="Cracks" :options="EXTENT" />
      <Choice v-model="verdict.sticking" label="Sticking" :options="STICKING" />
    </div>
    <div class="panel stack">
      <div v-for="face in FACES" :key="face.key" class="judge-face">
        <svg viewBox="0 0 60 60" aria-hidden="true">
          <circle cx="30" cy="30" r="28" :fill="shadeColour(verdict[face.key])" class="judge-swatch" />
        </svg>
        <Fader
          v-model="verdict[face.key]"
          :label="`${face.label}: ${shadeWord(verdict[face.key])}`"
          :min="0"
          :max="1"
          :step="0.05"
          unit="share"
        />
      </div>
      <Fader
        v-for="one in COUNTS"
        :key="one.key"
        v-model="verdict[one.key]"
        :label="one.label"
        :min="0"
        :max="count"
        :step="1"
        :unit="null"
      />
      <p :class="{ 'judge-off': rest !== 0 }">
        {{
          rest === 0
            ? 'That is all of them.'
            : rest > 0
              ? `${rest} not accounted for.`
              : `${-rest} more than were made.`
        }}
      </p>
    </div>
    <div class="panel stack judge-notes">
      <Fader
        v-if="typeof verdict.score === 'number'"
        v-model="verdict.score"
        label="All in all, from 0 to 10"
        :min="0"
        :max="10"
        :step="1"
        :unit="null"
      />
      <p v-else><ElButton @click="verdict.score = 7">Give it a number from 0 to 10</ElButton></p>
      <label for="notes">Notes for next time</label>
      <ElInput id="notes" v-model="verdict.notes" type="textarea" :rows="3" maxlength="2000" />
    </div>
  </div>
</template>

<style scoped>
.judge {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
  gap: var(--gap);
}

.judge-notes {
  grid-column: 1 / -1;
}

.judge-face {
  display: grid;
  grid-template-columns: 3.6rem 1fr;
  align-items: center;
  gap: 0.8rem;
}

.judge-swatch {
  stroke: var(--edge-strong);
}

.judge-off {
  color: var(--heat);
  font-weight: 600;
}
</style>
