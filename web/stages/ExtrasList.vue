<script setup lang="ts">
import { ElButton } from 'element-plus'
import { reactive } from 'vue'
import type { BatchState } from '@/api/types'
import { useAppearance } from '@/ui/appearance'
import MassInput from '@/ui/MassInput.vue'
import { useUnits } from '@/ui/units'
import { useBatch } from './batch'

type Extra = BatchState['extras'][number]

/** What stands ready beside the dough, to be weighed as its lines are. */
const { extras } = defineProps<{ extras: Extra[] }>()
const units = useUnits()
const store = useBatch()
const appearance = useAppearance()
const key = (extra: Extra) => `${extra.place} ${extra.ingredient}`
const typed = reactive<Record<string, number>>({})

function weigh(extra: Extra) {
  const grams = typed[key(extra)] || extra.planned_grams
  void store.record('extra_weighed', { extra: extra.place, ingredient: extra.ingredient, grams })
}
</script>

<template>
  <section class="panel stack" aria-label="Beside the dough">
    <h2 v-if="!appearance.isBench">Beside the dough</h2>
    <ul class="rows">
      <li v-for="extra in extras" :key="key(extra)" class="extra" :class="{ 'is-in': extra.grams !== null }">
        <span class="extra-name"
          ><strong>{{ extra.name }}</strong> <span class="soft">{{ extra.words }}</span></span
        >
        <span class="extra-grams">{{ units.text(extra.grams ?? extra.planned_grams, 'g') }}</span>
        <MassInput
          v-if="extra.grams === null"
          :model-value="typed[key(extra)] ?? extra.planned_grams"
          :label="`${extra.name} ${extra.words}, on the scale`"
          @update:model-value="grams => (typed[key(extra)] = grams)"
          @enter="weigh(extra)"
        />
        <ElButton
          v-if="extra.grams === null"
          :aria-label="`${extra.name} ${extra.words} stands ready`"
          @click="weigh(extra)"
          >Ready</ElButton
        >
        <span v-else>✓ It is ready</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.extra {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 5.5rem 7.6rem 8.5rem;
  align-items: center;
  gap: 0.3rem 0.8rem;
}

.extra.is-in {
  border-left: 6px solid var(--ready);
  padding-left: 0.5rem;
}

.extra-grams {
  font: 600 1.3rem var(--font-head);
  text-align: right;
  white-space: nowrap;
}

@media (max-width: 48rem) {
  .extra {
    grid-template-columns: minmax(0, 1fr) auto;
  }
}
</style>
