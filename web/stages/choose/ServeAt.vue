<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Plan, PlanRequest } from '@/api/types'
import { houseClock } from '@/bench/houseClock'
import { withPieces } from '@/ui/size'
import DateField from '@/ui/DateField.vue'
import { timeOfDay } from '@/ui/timeOfDay'
import { useUnits } from '@/ui/units'
import { fromLocal, meantFrom, toLocal } from '@/bench/serving'

/** When it is eaten; the plan counts back from there, and says what would fit where that is too soon. */
const { request, plan } = defineProps<{ request: PlanRequest; plan: Plan; begun: boolean }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
const units = useUnits()
const local = computed(() => (request.serve_at ? toLocal(new Date(request.serve_at)) : ''))
const served = computed({ get: () => local.value || null, set: text => (text ? serve(text) : anytime()) })
const fit = computed(() => (plan.line.fit && !plan.line.fit.fits ? plan.line.fit : null))
const meant = computed(() => meantFrom(new Date(houseClock.now())))
const late = computed(
  () =>
    !fit.value && plan.line.starts_at !== null && Date.parse(plan.line.starts_at) < houseClock.now() - 60_000,
)

function serve(text: string) {
  const moment = fromLocal(text)
  if (moment) emit('change', { ...request, serve_at: moment, ...fromNow() })
}

/** Nothing can begin before now, so that the plan can say whether it still fits. */
function fromNow(): { begin_at?: string } {
  const begin_at = fromLocal(toLocal(new Date(houseClock.now())))
  return begin_at ? { begin_at } : {}
}

function anytime() {
  const rest = { ...request }
  delete rest.serve_at
  delete rest.begin_at
  emit('change', rest)
}
</script>

<template>
  <div class="serve">
    <span>Served at</span>
    <div class="row">
      <DateField v-model="served" kind="datetime" label="Served at" />
      <ElButton :disabled="!request.serve_at" @click="anytime">When it is ready</ElButton>
      <ElButton
        v-for="one in meant"
        :key="one.label"
        :aria-pressed="one.local === local"
        @click="serve(one.local)"
        >{{ one.label }}</ElButton
      >
    </div>
    <template v-if="late">
      <p class="serve-late">It should have been begun at {{ timeOfDay(plan.line.starts_at ?? '') }}.</p>
      <ElButton @click="emit('change', { ...request, ...fromNow() })">What fits from now?</ElButton>
    </template>
    <template v-if="fit?.nearest">
      <p v-for="line in fit.words" :key="line" class="serve-late">{{ units.words(line) }}</p>
      <div class="row">
        <ElButton
          v-if="fit.nearest.ready_at"
          @click="emit('change', { ...request, serve_at: fit.nearest.ready_at })"
          >Serve at {{ timeOfDay(fit.nearest.ready_at) }}</ElButton
        >
        <ElButton
          v-if="fit.nearest.pieces && !begun"
          @click="emit('change', withPieces(request, { count: fit.nearest.pieces }))"
          >Make {{ fit.nearest.pieces }}</ElButton
        >
        <ElButton v-if="fit.nearest.hands" @click="emit('change', { ...request, hands: fit.nearest.hands })"
          >{{ fit.nearest.hands }} pairs of hands</ElButton
        >
      </div>
    </template>
  </div>
</template>

<style scoped>
/* Three hours from now stand in one line of a phone. */
@media (max-width: 48rem) {
  :root[data-view='bench'] .serve .row {
    gap: 0.4rem;
  }

  :root[data-view='bench'] .serve .el-button {
    padding-inline: 0.6rem;
    font-size: 1rem;
  }

  /* What cannot be taken back yet takes no room. */
  :root[data-view='bench'] .serve .el-button.is-disabled {
    display: none;
  }
}

.serve label {
  color: var(--ink-soft);
}

.serve-late {
  color: var(--heat);
  font-weight: 600;
}
</style>
