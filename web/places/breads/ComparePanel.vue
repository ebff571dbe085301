<script setup lang="ts">
import { ElButton, ElOption, ElSelect } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { useAsking } from '@/api/asking'
import { api } from '@/api/client'
import type { BreadVersions, Change, Plan, PlanRequest } from '@/api/types'
import LedgerBars from '@/pictures/LedgerBars.vue'
import BindingBar from '@/pictures/BindingBar.vue'
import { day } from '@/bench/batches'
import { useTold } from '@/ui/told'
import { useUnits } from '@/ui/units'

/** Two versions side by side, and what differs between them in words and numbers. */
const { bread, request, plan } = defineProps<{ bread: BreadVersions; request: PlanRequest; plan: Plan }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
const units = useUnits()
const number = ref((bread.revisions[1] ?? bread.revisions[0])?.number ?? 1)
const other = computed(() => bread.revisions.find(one => one.number === number.value))
const changes = useAsking(
  ({ before, after }: { before: PlanRequest; after: PlanRequest }, signal: AbortSignal) =>
    api.compare(before, after, signal),
)
const before = useAsking(api.plan)
const text = useTold()
const KINDS: Record<Change['kind'], string> = {
  line: 'Lines',
  school: 'Schools',
  outcome: 'What comes of it',
  label: 'For eaters',
}

watch(
  [other, () => request],
  () => {
    if (!other.value) return
    void changes.about({ before: other.value.request, after: request })
    void before.about(other.value.request)
  },
  { immediate: true },
)
</script>

<template>
  <div class="stack">
    <div class="row">
      <label for="compared">Against</label>
      <ElSelect id="compared" v-model="number" aria-label="Version to compare with" class="compare-select">
        <ElOption
          v-for="one in bread.revisions"
          :key="one.number"
          :value="one.number"
          :label="`Version ${one.number}${one.saved_at ? `, ${day(one.saved_at)}` : ''}`"
        />
      </ElSelect>
      <ElButton v-if="other" @click="emit('change', other.request)"
        >Take version {{ number }} up again</ElButton
      >
    </div>
    <p v-if="other?.reason" class="soft">
      Why version {{ number }} was made: {{ units.words(other.reason) }}
    </p>
    <p v-if="changes.answer.value && !changes.answer.value.length" class="soft">
      Nothing differs. Move a line or a slider, or choose an older version.
    </p>
    <div v-for="(title, kind) in KINDS" :key="kind">
      <table v-if="changes.answer.value?.some(one => one.kind === kind)" class="compare">
        <caption>
          {{
            title
          }}
        </caption>
        <tbody>
          <tr v-for="change in changes.answer.value.filter(one => one.kind === kind)" :key="change.text">
            <th scope="row">{{ change.text }}</th>
            <td>{{ text(change.before, change.unit) }}</td>
            <td aria-hidden="true">{{ change.unit ? '→' : '' }}</td>
            <td>
              <strong>{{ text(change.after, change.unit) }}</strong>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <div v-if="before.answer.value" class="compare-sides">
      <div class="panel">
        <h3>Version {{ number }}</h3>
        <LedgerBars :plan="before.answer.value" />
        <BindingBar :plan="before.answer.value" />
      </div>
      <div class="panel">
        <h3>As it stands</h3>
        <LedgerBars :plan="plan" />
        <BindingBar :plan="plan" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.compare-select {
  width: 16rem;
}

.compare {
  border-collapse: collapse;
}

.compare caption {
  padding: 0.4rem 0;
  font: 600 1rem var(--font-head);
  text-align: left;
}

.compare th,
.compare td {
  padding: 0.25rem 0.9rem 0.25rem 0;
  border-top: 1px solid var(--panel-edge);
  font-weight: 400;
  text-align: left;
}

.compare-sides {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(22rem, 100%), 1fr));
  gap: var(--gap);
}
</style>
