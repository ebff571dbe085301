<script setup lang="ts">
import { ElOption, ElSelect } from 'element-plus'
import { computed } from 'vue'

/** What each column of a sheet says: as its head speaks for itself, or as the cook says. */
const {
  heads,
  fields,
  of = '',
} = defineProps<{
  heads: string[]
  fields: { field: string; words: string; head: string | null }[]
  /** Of which sheet, where there are two. */
  of?: string
}>()
/** As the cook said, heads by field; null where the heads speak for themselves. */
const columns = defineModel<Record<string, string> | null>({ required: true })
/** What was said shows before the house has answered. */
const shown = computed<Record<string, string>>(
  () => columns.value ?? Object.fromEntries(fields.flatMap(one => (one.head ? [[one.field, one.head]] : []))),
)
const saying = (head: string) => fields.find(one => shown.value[one.field] === head)?.field ?? ''

/** No two columns say one thing, and no column says two. */
function says(head: string, field: string) {
  const others = Object.entries(shown.value).filter(([of, name]) => name !== head && of !== field)
  columns.value = Object.fromEntries(field ? [...others, [field, head]] : others)
}
</script>

<template>
  <div class="columns">
    <div v-for="(head, index) in heads" :key="index">
      <strong aria-hidden="true">{{ head }}</strong>
      <ElSelect
        :model-value="saying(head)"
        placeholder="Not read"
        filterable
        :aria-label="`What ${head} says${of}`"
        @update:model-value="(field: string) => says(head, field)"
      >
        <ElOption value="" label="Not read" />
        <ElOption v-for="one in fields" :key="one.field" :value="one.field" :label="one.words" />
      </ElSelect>
    </div>
  </div>
</template>

<style scoped>
.columns > div {
  display: grid;
  gap: 0.2rem;
}

.columns strong {
  overflow-wrap: anywhere;
}

.columns {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(12rem, 1fr));
  gap: 0.6rem;
}
</style>
