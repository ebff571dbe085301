<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { ref } from 'vue'
import type { Batch, Stage } from '@/api/types'
import Fold from '@/ui/Fold.vue'
import { timeOfDay } from '@/ui/timeOfDay'
import { useBatch } from './batch'
import { STAGE_NAMES } from '@/bench/course'

/** What the cook wrote down while working, and a line to write the next. */
const { batch, stage, panel = false } = defineProps<{ batch: Batch; stage: Stage; panel?: boolean }>()
const store = useBatch()
const text = ref('')

function keep() {
  const written = text.value.trim()
  if (!written) return
  void store.record('noted', { text: written, stage })
  text.value = ''
}
</script>

<template>
  <Fold
    name="notes"
    :title="batch.state.notes.length ? `Notes (${batch.state.notes.length})` : 'Notes'"
    :quiet="!panel"
    :opened="batch.state.notes.length > 0"
  >
    <ul v-if="batch.state.notes.length" class="notes-kept">
      <li v-for="(note, index) in batch.state.notes" :key="index">
        <span class="soft"
          >{{ timeOfDay(note.at) }}{{ note.stage ? ` ${STAGE_NAMES[note.stage]}` : '' }}</span
        >
        {{ note.text }}
      </li>
    </ul>
    <form class="stack" @submit.prevent="keep">
      <ElInput
        v-model="text"
        type="textarea"
        autosize
        maxlength="2000"
        aria-label="A note"
        placeholder="Windy today, cover the dough"
      />
      <ElButton native-type="submit" :disabled="!text.trim()">Write it down</ElButton>
    </form>
  </Fold>
</template>

<style scoped>
.notes-kept {
  margin: 0 0 0.6rem;
  padding: 0;
  list-style: none;
}

.notes-kept li {
  padding: 0.25rem 0;
  border-bottom: 1px solid var(--panel-edge);
  overflow-wrap: anywhere;
  white-space: pre-line;
}
</style>
