<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import SectionPicture from '@/pictures/SectionPicture.vue'
import { useShadeWords } from '@/bench/shades'
import PhotoShelf from '@/ui/PhotoShelf.vue'
import { day, inShort } from '@/bench/batches'
import PlannedAndDone from './PlannedAndDone.vue'
import { useMade } from './useMade'

/** Any two batches side by side: planned and done, both bakes, both verdicts. */
const route = useRoute()
const { facesInWords } = useShadeWords()
const one = useMade(() => String(route.query.a ?? ''))
const other = useMade(() => String(route.query.b ?? ''))
const areNamed = computed(() => Boolean(route.query.a && route.query.b))
const both = computed(() =>
  [one, other].flatMap(({ batch, bakes }) =>
    batch.value ? [{ batch: batch.value, bakes: bakes.value }] : [],
  ),
)
const trouble = computed(() => one.trouble.value || other.trouble.value)
</script>

<template>
  <div class="compare">
    <p class="screen-only"><RouterLink :to="{ name: 'record' }">← Record</RouterLink></p>
    <h1>Two batches side by side</h1>
    <p v-if="!areNamed">
      Mark two batches in the record; what was planned, done and judged of both stands here.
    </p>
    <p v-else-if="trouble" role="alert">{{ trouble }}</p>
    <PlannedAndDone v-if="both.length === 2" :batches="both.map(made => made.batch)" />
    <div class="compare-two">
      <section v-for="{ batch, bakes } in both" :key="batch.id" class="panel stack">
        <h2>
          <RouterLink :to="{ name: 'made', params: { id: batch.id } }"
            >{{ batch.bread.name }}, {{ day(batch.started_at) }}</RouterLink
          >
        </h2>
        <p v-if="batch.verdict">
          <strong>{{ inShort(batch.verdict) }}.</strong> {{ facesInWords(batch.verdict) }}
          {{ batch.verdict.notes }}
        </p>
        <p v-else class="soft">Nobody judged it.</p>
        <SectionPicture v-if="bakes" :section="bakes.own ?? bakes.found" :title="batch.bread.name" narrow />
        <PhotoShelf v-if="batch.photos?.length" :batch="batch.id" :photos="batch.photos" still />
      </section>
    </div>
  </div>
</template>

<style scoped>
.compare {
  display: grid;
  gap: var(--gap);
  max-width: 76rem;
  margin: 0 auto;
  padding: 1.2rem;
}

.compare-two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(22rem, 100%), 1fr));
  gap: var(--gap);
}
</style>
