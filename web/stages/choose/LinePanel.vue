<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, ref } from 'vue'
import type { Batch, Plan, PlanRequest } from '@/api/types'
import LineLanes from '@/pictures/LineLanes.vue'
import Choice from '@/ui/Choice.vue'
import { useUnits } from '@/ui/units'
import { lineWords } from './lineWords'
import { fromLocal, toLocal } from '@/bench/serving'
import { useAppearance } from '@/ui/appearance'
import { useTight } from '@/ui/tight'
import BenchFold from '@/ui/BenchFold.vue'
import TakeAlong from './TakeAlong.vue'

/** How the batch will go: lanes, what holds it up, what would help, and the serving time to drag. */
const { batch, plan, request } = defineProps<{ batch: Batch; plan: Plan; request: PlanRequest }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
const units = useUnits()
const { isBench } = storeToRefs(useAppearance())
const isTight = useTight()
const inAll = computed(() => {
  const long = `${units.text(plan.line.length_seconds, 's')} in all`
  return isTight.value ? long : `${plan.griddle.places.length} on the griddle at a time, ${long}`
})
const part = ref<'all' | 'pieces'>('all')
const start = computed(() => plan.line.starts_at ?? batch.started_at)
const words = computed(() => lineWords(plan, value => units.text(value, 's'), request.pace))

function serve(shiftSeconds: number) {
  const ready = Date.parse(start.value) + (plan.line.length_seconds + shiftSeconds) * 1000
  const serve_at = fromLocal(toLocal(new Date(ready)))
  if (serve_at) emit('change', { ...request, serve_at })
}
</script>

<template>
  <BenchFold name="line" :title="`How it will go: ${inAll}`">
    <div class="panel stack">
      <div class="row">
        <template v-if="!isBench">
          <h2>How it will go</h2>
          <span class="soft">{{ inAll }}</span>
        </template>
        <Choice
          v-model="part"
          class="line-part"
          label="Show"
          :quiet="isBench"
          :options="[
            { value: 'all', label: 'From the start' },
            { value: 'pieces', label: 'From the first piece' },
          ]"
        />
      </div>
      <LineLanes :plan="plan" :start="start" :close="part === 'pieces'" @serve="serve" />
      <div class="line-folds paired">
        <BenchFold name="line-words" title="What holds it up, and what would help">
          <ul class="line-words">
            <li v-for="line in words" :key="line">{{ line }}</li>
          </ul>
        </BenchFold>
        <BenchFold name="along" title="Take it along"><TakeAlong :batch="batch" /></BenchFold>
      </div>
    </div>
  </BenchFold>
</template>

<style scoped>
.line-part {
  margin-left: auto;
}

.line-folds {
  display: grid;
  gap: 0.6rem;
}

:root[data-view='bench'] .line-folds {
  grid-template-columns: repeat(auto-fit, minmax(min(17rem, 100%), 1fr));
  align-items: start;
}

.line-words {
  display: grid;
  gap: 0.2rem;
  margin: 0;
  padding-left: 1.2rem;
}
</style>
