<script setup lang="ts">
import { ElButton, ElOption, ElSelect } from 'element-plus'
import { computed, ref } from 'vue'
import type { FormulaPart } from '@/api/types'
import MassInput from '@/ui/MassInput.vue'
import { useUnits } from '@/ui/units'

/** A part of a cook's text, what it was taken for, and a way to say it better. */
const { part, number, all } = defineProps<{
  part: FormulaPart
  number: number
  /** Everything that there is to choose from, by its name. */
  all: { id: string; name: string }[]
}>()
const emit = defineEmits<{ settle: [said: { ingredient?: string; grams?: number; note?: boolean }] }>()
const units = useUnits()
const opened = ref(false)
const grams = ref(part.grams?.likely ?? 0)
const isOpen = computed(() => part.as === 'asked' || opened.value)
const isOfTheBread = computed(() => ['dough', 'water', 'extra', 'asked'].includes(part.as))
/** What is likely comes first, then everything. */
const choices = computed(() => [
  ...part.choices,
  ...all.filter(one => !part.choices.some(choice => choice.id === one.id)),
])
const weight = computed(() => {
  if (part.percent !== null) return `${part.percent} %`
  if (!part.grams) return part.as === 'water' ? 'as the plan finds it' : 'as much as is usual'
  const { low, likely, high } = part.grams
  return high - low > 0.02 * likely
    ? `about ${units.text(likely, 'g')} (${units.text(low, 'g')} to ${units.text(high, 'g')})`
    : units.text(likely, 'g')
})
</script>

<template>
  <li class="part" :class="{ 'is-asked': part.as === 'asked', 'is-quiet': !isOfTheBread }">
    <q>{{ part.text }}</q>
    <div v-if="isOfTheBread" class="part-taken">
      <p v-if="part.as !== 'asked'">
        <strong>{{ part.name }}</strong>
        {{ weight }}<template v-if="part.where">, {{ part.where }}</template
        ><template v-if="part.celsius !== null">, at {{ units.text(part.celsius, 'celsius') }}</template>
      </p>
      <p v-for="doubt in part.doubts" :key="doubt" class="part-doubt">{{ doubt }}</p>
      <div v-if="isOpen" class="part-say">
        <ElSelect
          :model-value="part.as === 'asked' && part.choices.length ? '' : (part.ingredient ?? '')"
          filterable
          placeholder="What is it?"
          :aria-label="`What is meant by ${part.text}`"
          @update:model-value="(id: string) => emit('settle', { ingredient: id })"
        >
          <ElOption v-for="one in choices" :key="one.id" :value="one.id" :label="one.name" />
        </ElSelect>
        <MassInput v-model="grams" :label="`Weight of ${part.text}`" @enter="emit('settle', { grams })" />
        <ElButton :disabled="grams <= 0" @click="emit('settle', { grams })">That much</ElButton>
        <ElButton @click="emit('settle', { note: true })">Only a note</ElButton>
      </div>
      <button
        v-else
        type="button"
        class="link-button"
        :aria-label="`Change what ${part.text} was taken for`"
        @click="opened = true"
      >
        Change
      </button>
    </div>
    <p v-else class="soft">
      {{ part.as === 'yield' ? 'pieces' : part.as === 'heading' ? 'heading' : 'kept as a note' }}
    </p>
    <span class="visually-hidden">Part {{ number }}</span>
  </li>
</template>

<style scoped>
.part {
  display: grid;
  grid-template-columns: minmax(8rem, 1fr) minmax(0, 3fr);
  gap: 0.2rem 1rem;
  padding: 0.35rem 0 0.35rem 0.6rem;
  border-top: 1px solid var(--panel-edge);
  border-left: 4px solid transparent;
}

.part.is-asked {
  border-left-color: var(--soon);
}

.part.is-quiet {
  color: var(--ink-soft);
}

.part q {
  overflow-wrap: anywhere;
  quotes: none;
}

.part p {
  margin: 0;
}

.part-taken {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0.15rem 0.8rem;
}

.part-taken > :not(button):not(:first-child) {
  grid-column: 1 / -1;
}

.part-taken > button {
  grid-row: 1;
  grid-column: 2;
  align-self: start;
  margin-block: -0.55rem;
}

.part-doubt::before {
  content: '? ' / '';
  font-weight: 700;
}

.part-say {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  min-width: 0;
}

.part-say .el-select {
  flex: 1 1 9rem;
}

@media (max-width: 40rem) {
  .part {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
