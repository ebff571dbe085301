<script setup lang="ts">
import { remembered } from '@/ui/remembered'
import Choice from '@/ui/Choice.vue'
import PracticeGriddle from './PracticeGriddle.vue'
import RiddlePanel from './RiddlePanel.vue'

/** Where nothing is lost: a griddle to learn turning on, and batches that went wrong to learn looking on. */
const what = remembered<'griddle' | 'faults'>('practice.what', 'griddle')
</script>

<template>
  <div class="practice stack">
    <header class="row">
      <h1>Practice</h1>
      <Choice
        v-model="what"
        label="What to practise"
        quiet
        :options="[
          { value: 'griddle', label: 'At the griddle' },
          { value: 'faults', label: 'What went wrong' },
        ]"
      />
    </header>
    <PracticeGriddle v-if="what === 'griddle'" />
    <RiddlePanel v-else />
  </div>
</template>

<style scoped>
.practice {
  max-width: 76rem;
  margin: 0 auto;
  padding: 1rem 1.2rem;
}
</style>
