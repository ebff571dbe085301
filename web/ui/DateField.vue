<script setup lang="ts">
import { ElDatePicker } from 'element-plus'

/** A day, or a day and a time in this place: typed, or picked from a calendar. Empty is none. */
const { label, kind = 'date' } = defineProps<{ label: string; kind?: 'date' | 'datetime' }>()
const model = defineModel<string | null | undefined>({ required: true })
/** As it is written down: without an offset, as a clock on the wall shows it. */
const KEPT = { date: 'YYYY-MM-DD', datetime: 'YYYY-MM-DDTHH:mm' }
const SHOWN = { date: 'D MMM YYYY', datetime: 'D MMM YYYY, HH:mm' }
</script>

<template>
  <ElDatePicker
    v-model="model"
    class="date"
    :type="kind"
    :value-format="KEPT[kind]"
    :format="SHOWN[kind]"
    time-format="HH:mm"
    :value-on-clear="null"
    :placeholder="kind === 'date' ? 'No day' : 'No time'"
    :aria-label="label"
  />
</template>

<style scoped>
.date {
  --el-component-size: var(--target);
  --el-date-editor-width: 13.5rem;
}
</style>
