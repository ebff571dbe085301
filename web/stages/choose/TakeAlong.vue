<script setup lang="ts">
import { zoneInAddress } from '@/ui/zone'
import { useUnits } from '@/ui/units'
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { Batch } from '@/api/types'

/** The timeline as a calendar, as one printed page, and as plain text. */
const { batch } = defineProps<{ batch: Batch }>()
const copied = ref('')
const base = computed(() => `/batches/${batch.id}`)
const units = useUnits()
/** By this place's clock, in this cook's units. */
const here = computed(() => `${zoneInAddress()}&${units.inAddress}`)

async function copy() {
  const answer = await fetch(`${base.value}/run-sheet.txt?${here.value}`, {
    credentials: 'same-origin',
  }).catch(() => null)
  if (!answer?.ok) {
    copied.value = 'The house does not answer.'
    return
  }
  try {
    await navigator.clipboard.writeText(await answer.text())
    copied.value = 'Copied.'
  } catch {
    copied.value = 'This browser does not let it be copied; open the text instead.'
  }
}
</script>

<template>
  <div class="row along" role="group" aria-label="Take it along">
    <span class="soft">Take it along</span>
    <a :href="`${base}/timeline.ics?${here}`">Calendar</a>
    <a :href="`${base}/timeline.ics?keep=yes&${here}`">Calendar, with keeping</a>
    <a :href="`${base}/run-sheet.pdf?paper=a4&${here}`" target="_blank">Run sheet, A4</a>
    <a :href="`${base}/run-sheet.pdf?paper=letter&${here}`" target="_blank">Run sheet, letter</a>
    <a :href="`${base}/run-sheet.txt?${here}`" target="_blank">Plain text</a>
    <ElButton @click="copy">Copy as text</ElButton>
    <span role="status">{{ copied }}</span>
  </div>
</template>

<style scoped>
.along a {
  display: inline-flex;
  align-items: center;
  min-height: var(--target);
}
</style>
