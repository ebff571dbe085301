<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, shallowRef } from 'vue'
import { api } from '@/api/client'
import type { ImportReport } from '@/api/types'
import { useHouse } from '@/bench/house'
import Choice from '@/ui/Choice.vue'
import FileField from '@/ui/FileField.vue'
import { useTried } from '@/ui/useTried'

/** The whole kitchen as a file for another house, and such a file in: looked at first, then brought in. */
const house = useHouse()
const file = shallowRef<File | null>(null)
const differing = ref<'keep' | 'take'>('keep')
const report = shallowRef<ImportReport | null>(null)
const { trouble, busy, tried } = useTried()
const isIn = ref(false)
const WORDS: Record<string, string> = {
  cooks: 'Cooks',
  ingredients: 'Own ingredients',
  bags: 'Bags',
  gear: 'Griddles, presses, pans, scales',
  calibrations: 'Calibrations',
  breads: 'Breads',
  revisions: 'Versions of breads',
  trials: 'Trials',
  batches: 'Batches',
  events: 'Entries in logs',
  verdicts: 'Verdicts',
  verdict_history: 'Verdicts as first said',
  photos: 'Photos',
  riddles: 'Riddles',
}
/** A file of nothing but what is here already needs no table. */
const rows = computed(() =>
  Object.entries(report.value?.parts ?? {}).map(([part, counts]) => ({
    name: WORDS[part] ?? part,
    ...counts,
  })),
)

async function bring(look: boolean) {
  const read = file.value
  if (!read) return
  const isDone = await tried(async () => {
    report.value = await api.bringIn(read, differing.value, look)
    isIn.value = !look
    if (!look) await house.refresh()
  })
  if (!isDone) report.value = null
}

async function chosen(one: File) {
  file.value = one
  isIn.value = false
  report.value = null
  await bring(true)
}
</script>

<template>
  <section class="stack" aria-labelledby="file-head">
    <h2 id="file-head">This kitchen as a file</h2>
    <p class="soft">
      Breads, bags, tools, trials, every batch with its log and photos; no passwords. Another house reads it,
      and so does any program that reads zip and JSON.
    </p>
    <p><a href="/exports/kitchen.zip" download>Take the whole kitchen along</a></p>
    <FileField label="Bring a file in" accept=".zip,application/zip" @chosen="chosen" />
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <template v-if="report">
      <p role="status">{{ isIn ? 'It is in.' : 'This would come in. Nothing is changed yet.' }}</p>
      <table>
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">New</th>
            <th scope="col">The same</th>
            <th scope="col">Kept as here</th>
            <th scope="col">Taken as there</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.name">
            <th scope="row">{{ row.name }}</th>
            <td>{{ row.new }}</td>
            <td>{{ row.same }}</td>
            <td>{{ row.kept }}</td>
            <td>{{ row.taken }}</td>
          </tr>
        </tbody>
      </table>
      <p v-for="note in report.notes" :key="note">{{ note }}</p>
      <div v-if="!isIn" class="row">
        <Choice
          v-model="differing"
          label="What is not alike here and there"
          :options="[
            { value: 'keep', label: 'Stays as it is here' },
            { value: 'take', label: 'Becomes as it is there' },
          ]"
        />
        <ElButton type="primary" :loading="busy" @click="bring(false)">Bring it in</ElButton>
      </div>
    </template>
  </section>
</template>

<style scoped>
.row {
  align-items: end;
}

table {
  border-collapse: collapse;
}

th,
td {
  padding: 0.25rem 0.8rem 0.25rem 0;
  border-top: 1px solid var(--panel-edge);
  text-align: left;
}

td,
thead th + th {
  text-align: right;
}
</style>
