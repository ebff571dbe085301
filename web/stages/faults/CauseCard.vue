<script setup lang="ts">
import { ElButton } from 'element-plus'
import type { Act, Suspect } from '@/api/types'
import Fold from '@/ui/Fold.vue'
import { useTold } from '@/ui/told'
import { useUnits } from '@/ui/units'
import { chanceWords } from './chance'

/** One cause: why it is thought of, what to do now, and what to plan otherwise. */
const { suspect, over } = defineProps<{ suspect: Suspect; over: boolean }>()
const emit = defineEmits<{ act: [act: Act]; keep: [] }>()
const units = useUnits()
const lower = (words: string) => words.charAt(0).toLowerCase() + words.slice(1)
const text = useTold()
</script>

<template>
  <article class="cause">
    <header class="cause-head">
      <h3>{{ suspect.name }}</h3>
      <span class="soft">{{ chanceWords(suspect.chance) }}</span>
    </header>
    <meter
      class="cause-chance"
      min="0"
      max="1"
      :value="suspect.chance"
      :aria-label="`How likely: ${suspect.name}`"
    >
      {{ Math.round(100 * suspect.chance) }} %
    </meter>
    <p>{{ suspect.says }}</p>
    <ul v-if="suspect.evidence.length || suspect.tried.length" class="cause-evidence">
      <li v-for="one in suspect.evidence" :key="one.text" :class="{ 'is-against': !one.speaks_for }">
        <span class="cause-sign">{{ one.speaks_for ? 'for' : 'against' }}</span>{{ units.words(one.text) }}
      </li>
      <li v-for="(helped, index) in suspect.tried" :key="index" :class="{ 'is-against': !helped }">
        <span class="cause-sign">{{ helped ? 'for' : 'against' }}</span>Tried for this bread before:
        {{ helped ? 'it went away.' : 'it was there again.' }}
      </li>
    </ul>
    <div v-if="!over && suspect.now.length" class="cause-now">
      <ElButton
        v-for="(act, index) in suspect.now"
        :key="act.kind"
        :type="index === 0 ? 'primary' : 'default'"
        size="large"
        @click="emit('act', act)"
        >{{ units.words(act.text) }}</ElButton
      >
    </div>
    <p v-else-if="!over" class="soft">Nothing more can be done about it in this batch.</p>
    <Fold
      v-if="suspect.next"
      name="next-time"
      :title="`Next time: ${lower(units.words(suspect.next.text))}`"
      quiet
      :opened="over"
      class="cause-next"
    >
      <table>
        <thead>
          <tr>
            <th scope="col">What changes</th>
            <th scope="col">as planned</th>
            <th scope="col">next time</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="change in suspect.next.changes" :key="change.text">
            <th scope="row">{{ units.words(change.text) }}</th>
            <td>{{ change.unit ? text(change.before, change.unit) : '' }}</td>
            <td>
              <strong>{{ change.unit ? text(change.after, change.unit) : '' }}</strong>
            </td>
          </tr>
        </tbody>
      </table>
      <ElButton @click="emit('keep')">Keep as a version of the bread</ElButton>
    </Fold>
    <p v-else class="soft">Next time: keep to the plan.</p>
  </article>
</template>

<style scoped>
.cause {
  display: grid;
  gap: 0.5rem;
}

.cause p,
.cause h3 {
  margin: 0;
}

.cause-head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.8rem;
  align-items: baseline;
  justify-content: space-between;
}

.cause-chance {
  width: 100%;
  height: 0.6rem;
}

.cause-evidence {
  display: grid;
  gap: 0.3rem;
  margin: 0;
  padding: 0;
  list-style: none;
}

.cause-evidence li {
  padding-left: 0.7rem;
  border-left: 4px solid var(--ready);
}

.cause-evidence .is-against {
  border-left-color: var(--edge-strong);
  border-left-style: dotted;
}

.cause-sign {
  margin-right: 0.5rem;
  color: var(--ink-soft);
  font-size: 0.9rem;
}

.cause-now {
  display: grid;
  gap: 0.5rem;
}

.cause-now :deep(.el-button) {
  height: auto;
  min-height: 3.5rem;
  margin: 0;
  padding: 0.6rem 1rem;
  font-size: 1.1rem;
  line-height: 1.3;
  text-align: left;
  white-space: normal;
  justify-content: start;
}

.cause-next table {
  width: 100%;
  margin-bottom: 0.6rem;
  border-collapse: collapse;
}

.cause-next th,
.cause-next td {
  padding: 0.25rem 0.6rem 0.25rem 0;
  border-top: 1px solid var(--panel-edge);
  font-weight: 400;
  text-align: left;
}
</style>
