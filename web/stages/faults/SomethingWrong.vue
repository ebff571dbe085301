<script setup lang="ts">
import { ElButton, ElDrawer } from 'element-plus'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import type { Act, Stage, Suspect, Symptom } from '@/api/types'
import SymptomPicture from '@/pictures/SymptomPicture.vue'
import { useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import DiagnosisView from './DiagnosisView.vue'
import { useFaults } from './useFaults'

/** Quiet until something is wrong; then what it is, in two touches, what may be the cause and what to do. */
const STAGES: Stage[] = ['mix', 'portion', 'shape', 'griddle', 'stack', 'judge']
const route = useRoute()
const store = useBatch()
const units = useUnits()
const { causes, diagnosis, symptom, piece, trouble, done, after, ...faults } = useFaults()
const open = ref(false)
const stage = computed(() => STAGES.find(one => one === (route.params['stage'] ?? store.batch?.state.stage)))
const isShown = computed(
  () => stage.value && store.batch && (store.batch.state.begun || store.batch.state.griddle.since),
)
const named = computed(() => causes.value?.symptoms.find(one => one.symptom === symptom.value))
const lying = computed(() => (stage.value === 'griddle' ? (store.batch?.state.griddle.pieces ?? []) : []))
const title = computed(() => named.value?.name ?? 'What is wrong?')

function start() {
  open.value = true
  if (store.batch && stage.value) void faults.open(store.batch, stage.value)
}

function see(seen: Symptom) {
  if (store.batch && stage.value) void faults.see(store.batch, stage.value, seen)
}

async function act(suspect: Suspect, now: Act) {
  if (store.batch) await faults.act(store.batch, suspect, now)
}

async function keep(suspect: Suspect) {
  if (store.batch) await faults.keepVersion(store.batch, suspect)
}
</script>

<template>
  <ElButton v-if="isShown" class="wrong" aria-label="Something is wrong" @click="start"
    ><span class="wrong-long">Something is wrong</span><span class="wrong-short">Wrong?</span></ElButton
  >
  <ElDrawer
    v-model="open"
    :title="title"
    direction="rtl"
    size="min(36rem, 100vw)"
    append-to-body
    class="wrong-drawer"
  >
    <div class="wrong-sheet">
      <p v-if="trouble" role="status">{{ trouble }}</p>
      <div v-if="done" class="wrong-done" role="status">
        <p>{{ units.words(done) }}</p>
        <p class="soft">{{ after }}</p>
        <ElButton type="primary" size="large" @click="open = false">Back to the work</ElButton>
      </div>
      <template v-else-if="symptom">
        <p v-if="named" class="soft">{{ named.shows }}</p>
        <DiagnosisView v-if="diagnosis" :diagnosis="diagnosis" @act="act" @keep="keep" />
        <ElButton @click="symptom = null">It is something else</ElButton>
        <RouterLink :to="{ name: 'trials', query: { bread: store.batch?.bread.id } }"
          >Find it out by a trial</RouterLink
        >
      </template>
      <template v-else>
        <div v-if="lying.length" class="row" role="group" aria-label="Which piece">
          <ElButton
            :aria-pressed="piece === null"
            :type="piece === null ? 'primary' : 'default'"
            @click="piece = null"
            >All of them</ElButton
          >
          <ElButton
            v-for="one in lying"
            :key="one.piece"
            :aria-pressed="piece === one.piece"
            :type="piece === one.piece ? 'primary' : 'default'"
            @click="piece = one.piece"
            >Piece {{ one.piece }}</ElButton
          >
        </div>
        <ul class="wrong-tiles">
          <li v-for="one in causes?.symptoms ?? []" :key="one.symptom">
            <button type="button" class="wrong-tile" @click="see(one.symptom)">
              <SymptomPicture :symptom="one.symptom" />
              <strong>{{ one.name }}</strong>
              <span>{{ one.shows }}</span>
            </button>
          </li>
        </ul>
      </template>
    </div>
  </ElDrawer>
</template>

<style>
/* The drawer is hung at the end of the page. */
.wrong-drawer .el-drawer__header {
  margin-bottom: 0;
  color: var(--ink);
}

.wrong-drawer .el-drawer__title {
  font: 600 1.5rem var(--font-head);
}

.wrong-drawer .el-drawer__close-btn {
  min-width: var(--target);
  min-height: var(--target);
}
</style>

<style scoped>
.wrong {
  min-height: var(--target);
  margin: 0;
}

.wrong-short {
  display: none;
}

@media (max-width: 48rem) {
  .wrong-long {
    display: none;
  }

  .wrong-short {
    display: inline;
  }
}

.wrong-sheet {
  display: grid;
  gap: 0.8rem;
}

.wrong-done {
  display: grid;
  gap: 0.6rem;
  padding: 0.8rem;
  border-left: 5px solid var(--ready);
  background: var(--ready-wash);
}

.wrong-done p {
  margin: 0;
}

.wrong-tiles {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(9.5rem, 1fr));
  gap: 0.6rem;
  margin: 0;
  padding: 0;
  list-style: none;
}

.wrong-tile {
  display: grid;
  align-content: start;
  gap: 0.25rem;
  width: 100%;
  height: 100%;
  padding: 0.5rem 0.6rem 0.7rem;
  border: 2px solid var(--edge-strong);
  border-radius: var(--round);
  background: var(--panel);
  color: var(--ink);
  font: inherit;
  font-size: 0.9rem;
  text-align: left;
  cursor: pointer;
}

.wrong-tile strong {
  font: 600 1.02rem var(--font-head);
}
</style>
