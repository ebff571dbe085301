<script setup lang="ts">
import { ElCheckbox, ElOption, ElSelect } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { useSettledAsking } from '@/api/asking'
import { api } from '@/api/client'
import type { TrialQuestion } from '@/api/types'
import TrialPicture from '@/pictures/TrialPicture.vue'
import SheetColumns from '@/ui/SheetColumns.vue'
import SheetIn from '@/ui/SheetIn.vue'
import TrialNumbers from './TrialNumbers.vue'

/** What was measured and taken down elsewhere, weighed as a trial of this kitchen would be; nothing of it is kept. */
const EXAMPLE = 'Rest;Score\n20 min;6\n60 min;8\n20 min;5\n60 min;7\n60 min;8\n20 min;7\n20 min;6\n60 min;9'
const csv = ref('')
const columns = ref<Record<string, string> | null>(null)
const trial = ref('')
const lessIsBetter = ref(false)
const question = computed<TrialQuestion | null>(() =>
  csv.value.trim()
    ? {
        csv: csv.value,
        ...(columns.value ? { columns: columns.value } : {}),
        ...(trial.value ? { trial: trial.value } : {}),
        gauge: { more_is_better: !lessIsBetter.value },
      }
    : null,
)
const { answer, refused } = useSettledAsking(api.weighTable, question)
const table = computed(() => answer.value?.table)
const measure = computed(() => table.value?.fields.find(one => one.field === 'value')?.head ?? '')

watch(csv, () => {
  columns.value = null
  trial.value = ''
})
</script>

<template>
  <div class="table">
    <p><RouterLink :to="{ name: 'trials' }">← Trials</RouterLink></p>
    <h1>A table of your own</h1>
    <p class="soft">
      A line for each time: what was tried, what came out (a number, or yes or no), and where one dough was
      made in halves, which dough. It is weighed as a trial here would be; nothing of it is kept.
    </p>
    <SheetIn v-model="csv" label="Your table" file="The table as a CSV file" :example="EXAMPLE" />
    <p v-if="refused" role="alert">{{ refused }}</p>
    <template v-if="answer && table">
      <p class="says table-words" role="status">{{ answer.words }}</p>
      <section class="panel stack">
        <TrialPicture :result="answer" :background="[]" :gauge="measure" />
        <TrialNumbers :result="answer" of="of each" :next="String(answer.next ?? '')" />
      </section>
      <div class="row">
        <ElSelect
          v-if="table.trials.length > 1"
          v-model="trial"
          aria-label="Which trial"
          :placeholder="table.trial ?? ''"
        >
          <ElOption v-for="one in table.trials" :key="one" :value="one" :label="one" />
        </ElSelect>
        <ElCheckbox v-model="lessIsBetter">Less is better</ElCheckbox>
      </div>
      <h2>What each column says</h2>
      <SheetColumns v-model="columns" :heads="table.heads" :fields="table.fields" />
    </template>
  </div>
</template>

<style scoped>
.table {
  display: grid;
  gap: var(--gap);
  max-width: 64rem;
  margin: 0 auto;
  padding: 1.2rem;
}

.table > * {
  min-width: 0;
  margin: 0;
}

.table-words {
  font-size: 1.5rem;
}

.row .el-select {
  max-width: 24rem;
}
</style>
