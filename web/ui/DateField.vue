<script setup lang="ts">
import { ElDatePicker } from 'element-plus'
import dayjs from 'dayjs'
import { computed, watchEffect } from 'vue'
import { hours } from './timeOfDay'
import { DAY_OF, weekStart } from './week'

/** A day, or a day and a time in this place: typed, or picked from a calendar. Empty is none. */
const { label, kind = 'date' } = defineProps<{ label: string; kind?: 'date' | 'datetime' }>()
const model = defineModel<string | null | undefined>({ required: true })
/** As it is written down: without an offset, as a clock on the wall shows it. */
const KEPT = { date: 'YYYY-MM-DD', datetime: 'YYYY-MM-DDTHH:mm' }
/** The calendar counts by the language of its days. */
watchEffect(() => {
  const english = dayjs.Ls['en']
  if (english) english.weekStart = DAY_OF[weekStart.value]
})
const time = computed(() => (hours.value === '24' ? 'HH:mm' : 'h:mm a'))
const shown = computed(() => (kind === 'date' ? 'D MMM YYYY' : `D MMM YYYY, ${time.value}`))
</script>

<template>
  <ElDatePicker
    :key="weekStart"
    v-model="model"
    class="date"
    :type="kind"
    :value-format="KEPT[kind]"
    :format="shown"
    :time-format="time"
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
