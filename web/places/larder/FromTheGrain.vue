<script setup lang="ts">
import { ref } from 'vue'
import Choice from '@/ui/Choice.vue'
import Term from '@/ui/Term.vue'
import HomeMilling from './HomeMilling.vue'
import NixtamalPot from './NixtamalPot.vue'

/** Before the flour: dried corn to fresh masa, or grain through the mill at home. */
const from = ref<'corn' | 'mill'>('corn')
</script>

<template>
  <div class="grain">
    <h1>From the grain</h1>
    <Choice
      v-model="from"
      label="Make"
      :options="[
        { value: 'corn', label: 'Masa from whole corn' },
        { value: 'mill', label: 'Flour in a home mill' },
      ]"
    />
    <p v-if="from === 'corn'"><Term word="nixtamal">Nixtamal</Term> from kernels, ground the same day.</p>
    <NixtamalPot v-if="from === 'corn'" />
    <HomeMilling v-else />
  </div>
</template>

<style scoped>
.grain {
  display: grid;
  gap: var(--gap);
  max-width: 76rem;
  margin: 0 auto;
  padding: 1.2rem;
}
</style>
