<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Plan, PlanRequest } from '@/api/types'
import { fromLocal, toLocal } from './serving'

/** When it is eaten; the plan counts back from there. */
const { request, plan } = defineProps<{ request: PlanRequest; plan: Plan }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
const local = computed(() => (request.serve_at ? toLocal(new Date(request.serve_at)) : ''))
const late = computed(
  () => plan.line.starts_at !== null && Date.parse(plan.line.starts_at) < Date.now() - 60_000,
)

function serve(text: string) {
  const moment = fromLocal(text)
  if (moment) emit('change', { ...request, serve_at: moment })
}

function anytime() {
  const rest = { ...request }
  delete rest.serve_at
  emit('change', rest)
}
</script>

<template>
  <div class="serve">
    <label for="serve-at">Served at</label>
    <div class="row">
      <input
        id="serve-at"
        class="date-field"
        type="datetime-local"
        :value="local"
        @change="serve(($event.target as HTMLInputElement).value)"
      />
      <ElButton v-if="request.serve_at" @click="anytime">When it is ready</ElButton>
    </div>
    <p v-if="late" class="serve-late">
      That wants a start in the past. The stages keep their length; it will be ready later.
    </p>
  </div>
</template>

<style scoped>
.serve label {
  color: var(--ink-soft);
}

.serve-late {
  color: var(--heat);
  font-weight: 600;
}
</style>
