<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import FileField from './FileField.vue'

/** A sheet of the cook's own as CSV: a file, pasted, or an example to see how it goes. */
const { label, file, example } = defineProps<{ label: string; file: string; example: string }>()
const csv = defineModel<string>({ required: true })
const MOST_LETTERS = 400_000

async function open(chosen: File) {
  csv.value = await chosen.text()
}
</script>

<template>
  <div class="sheet-in">
    <ElInput
      v-model="csv"
      type="textarea"
      :rows="4"
      :maxlength="MOST_LETTERS"
      :aria-label="label"
      :placeholder="example"
    />
    <div class="stack">
      <FileField :label="file" accept=".csv,.tsv,.txt,text/csv" @chosen="open" />
      <ElButton v-if="!csv" @click="csv = example">Try it with an example</ElButton>
    </div>
  </div>
</template>

<style scoped>
.sheet-in {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 1rem;
}

@media (max-width: 52rem) {
  .sheet-in {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
