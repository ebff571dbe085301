<script setup lang="ts">
import { computed } from 'vue'
import type { Act, Diagnosis, Suspect } from '@/api/types'
import Fold from '@/ui/Fold.vue'
import CauseCard from './CauseCard.vue'

/** The likeliest cause in full, what would tell it from the second, the others behind their names. */
const { diagnosis, over = false } = defineProps<{
  diagnosis: Diagnosis
  /** The batch is done: only the next one can be better. */
  over?: boolean
}>()
const emit = defineEmits<{ act: [suspect: Suspect, act: Act]; keep: [suspect: Suspect] }>()
const first = computed(() => diagnosis.causes[0])
const others = computed(() => diagnosis.causes.slice(1))
</script>

<template>
  <div class="diagnosis">
    <p v-if="!first">No cause is known for this with such a bread.</p>
    <template v-else>
      <p v-if="diagnosis.tell_apart" class="diagnosis-apart">
        <strong>To be surer:</strong> {{ diagnosis.tell_apart.first.look }}
      </p>
      <CauseCard
        :suspect="first"
        :over="over"
        @act="emit('act', first, $event)"
        @keep="emit('keep', first)"
      />
      <Fold
        v-for="one in others"
        :key="one.cause"
        :name="`cause-${one.cause}`"
        :title="`Or: ${one.name.charAt(0).toLowerCase()}${one.name.slice(1)}`"
        quiet
      >
        <p class="soft">{{ one.look }}</p>
        <CauseCard :suspect="one" :over="over" @act="emit('act', one, $event)" @keep="emit('keep', one)" />
      </Fold>
    </template>
  </div>
</template>

<style scoped>
.diagnosis {
  display: grid;
  gap: 0.6rem;
}

.diagnosis-apart {
  margin: 0;
  padding: 0.5rem 0.8rem;
  background: var(--active-wash);
}
</style>
