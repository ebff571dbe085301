<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import WaterOverTime from '@/pictures/WaterOverTime.vue'
import { useUnits } from '@/ui/units'
import { byBread, day, inShort, isGood } from './batches'
import { useBatches } from './useBatches'

const units = useUnits()
const { batches, done, next, loading, more } = useBatches()
const breads = computed(() => byBread(done.value))
</script>

<template>
  <div class="record">
    <h1>Record</h1>
    <p v-if="batches && !breads.size" class="soft">
      Nothing here yet. Finish a batch with a verdict and it can be found here for good.
    </p>
    <section v-for="[name, made] in breads" :key="name" class="panel record-bread" :aria-label="name">
      <div>
        <h2>{{ name }}</h2>
        <p class="soft">
          Water that the dough had in the end, in % of the flour. Filled: bends, no cracks, none lost.
        </p>
        <WaterOverTime :batches="made" />
      </div>
      <ul>
        <li v-for="batch in made" :key="batch.id">
          <RouterLink :to="{ name: 'batch', params: { id: batch.id, stage: 'judge' } }">
            <span :class="{ 'is-good': batch.verdict && isGood(batch.verdict) }" aria-hidden="true">{{
              batch.verdict && isGood(batch.verdict) ? '●' : '○'
            }}</span>
            <span>{{ day(batch.started_at) }}</span>
            <span
              >{{ units.text(batch.hydration_percent ?? 0, 'percent') }} at
              {{ units.text(batch.water_celsius, 'celsius') }}</span
            >
            <span v-if="batch.verdict">
              {{ inShort(batch.verdict) }}
              <em v-if="batch.verdict.notes" class="soft">{{ batch.verdict.notes }}</em>
            </span>
          </RouterLink>
        </li>
      </ul>
    </section>
    <ElButton v-if="next" :loading="loading" @click="more">Show older batches</ElButton>
  </div>
</template>

<style scoped>
.record {
  display: grid;
  gap: 1rem;
  max-width: 76rem;
  margin: 0 auto;
  padding: 1.2rem;
}

.record-bread {
  display: grid;
  grid-template-columns: minmax(16rem, 24rem) 1fr;
  gap: 1.5rem;
}

.record-bread ul {
  display: grid;
  align-content: start;
  margin: 0;
  padding: 0;
  list-style: none;
}

.record-bread a {
  display: grid;
  grid-template-columns: 1.2rem 6.5rem 8.5rem 1fr;
  align-items: center;
  gap: 0 0.6rem;
  min-height: var(--target);
  border-top: 1px solid var(--panel-edge);
  color: var(--ink);
  text-decoration: none;
}

.record-bread li:first-child a {
  border-top: 0;
}

.record-bread a:hover {
  background: var(--active-wash);
}

.record-bread em {
  display: block;
}

.is-good {
  color: var(--ready);
}

@media (max-width: 56rem) {
  .record-bread {
    grid-template-columns: 1fr;
  }

  .record-bread a {
    grid-template-columns: 1.2rem 1fr;
    padding: 0.3rem 0;
  }

  .record-bread a > span:nth-child(n + 3) {
    grid-column: 2;
  }
}
</style>
