<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import type { Batch, NextAction, Plan, PlanRequest } from '@/api/types'
import { useKey } from '@/bench/keys'
import { sound, wakeSound } from '@/bench/sound'
import { useWakeLock } from '@/bench/wakeLock'
import GriddleMap from '@/pictures/GriddleMap.vue'
import { useAppearance } from '@/ui/appearance'
import { useNow } from '@/ui/now'
import { clock } from '@/ui/units'
import { useBatch } from '../batch'
import BakeBench from './BakeBench.vue'
import GriddleFaders from './GriddleFaders.vue'
import StageFoot from '../StageFoot.vue'
import Warnings from '../Warnings.vue'
import { ACTION_WORDS, EVENT_OF, nextNow, sayNext } from './hands'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const store = useBatch()
const appearance = useAppearance()
const now = useNow(200)
const bench = useTemplateRef('bench')
const cued = ref('')
useWakeLock()

const request = computed<PlanRequest>(() => store.request ?? batch.request)
const griddle = computed(() => batch.state.griddle)
const next = computed(() => nextNow(griddle.value.next, now.value))
const said = computed(() => sayNext(next.value, now.value))
const due = computed(() => (next.value?.due_at ? dueWords(said.value.inSeconds) : next.value ? 'now' : ''))
const cooking = computed(() => griddle.value.pieces.length > 0)

function dueWords(seconds: number): string {
  return seconds >= 1 ? `in ${clock(seconds)}` : seconds > -3 ? 'now' : `${clock(-seconds)} late`
}

function act(action: NextAction | undefined = next.value) {
  wakeSound()
  if (!action) return
  void store.record(
    EVENT_OF[action.action],
    action.action === 'lay' ? { piece: action.piece, place: action.place } : { piece: action.piece },
  )
}

/** A tap on a piece touches that piece; a tap on an empty place lays the next one there. */
function tap(place: number) {
  const piece = griddle.value.pieces.find(one => one.place === place)
  if (piece?.next) act({ action: piece.next.action, piece: piece.piece, place, due_at: null, until: null })
  else if (!piece && griddle.value.next[0]?.action === 'lay') act({ ...griddle.value.next[0], place })
}

useKey(' ', () => act())
onMounted(() => bench.value?.focus())
watch(due, () => {
  const action = next.value
  if (!action?.due_at || Date.parse(action.due_at) > now.value || appearance.muted) return
  const cue = `${action.piece} ${action.due_at}`
  if (cued.value !== cue) sound(action.action)
  cued.value = cue
})
</script>

<template>
  <div ref="bench" class="griddle" tabindex="-1" aria-label="At the griddle: Space does the next thing">
    <div class="griddle-say">
      <h1 class="says" aria-live="assertive">{{ said.says }}</h1>
      <span class="griddle-due" :class="{ 'is-late': said.inSeconds < -3 }">{{ due }}</span>
      <ElButton v-if="next" type="primary" size="large" class="griddle-act" @click="act()"
        >{{ ACTION_WORDS[next.action] }} {{ next.piece }}<kbd>Space</kbd></ElButton
      >
      <p class="soft">
        {{ griddle.lifted }} off, {{ griddle.pieces.length }} on, {{ griddle.to_lay }} to lay.
      </p>
      <button
        type="button"
        class="griddle-mute"
        :aria-pressed="appearance.muted"
        @click="appearance.muted = !appearance.muted"
      >
        {{ appearance.muted ? 'Sound is off' : 'Sound is on' }}
      </button>
    </div>
    <GriddleMap :plan="plan" :request="request" :pieces="griddle.pieces" :next="next" :now="now" @tap="tap" />
  </div>
  <Warnings :plan="plan" stage="griddle" />
  <GriddleFaders :plan="plan" :request="request" :cooking="cooking" />
  <BakeBench :request="request" :plan="plan" :cooking="cooking" />
  <StageFoot :plan="plan" stage="griddle" :ready="!next" />
</template>

<style scoped>
.griddle {
  display: grid;
  grid-template-columns: minmax(13rem, 4fr) 6fr;
  gap: 1rem;
  align-items: center;
  padding: 0.8rem 1rem;
  border: 1px solid var(--panel-edge);
  border-radius: var(--round);
  background: var(--panel);
}

.griddle-say {
  display: grid;
  justify-items: start;
  gap: 0.6rem;
}

.griddle-say .says {
  font-size: 3.1rem;
}

.griddle-due {
  font: 600 2.2rem var(--font-head);
  color: var(--heat);
}

.griddle-due.is-late {
  color: var(--harm);
}

.griddle-act {
  min-height: 5rem;
  width: 100%;
  font-size: 1.4rem;
}

.griddle-act kbd {
  margin-left: 0.8rem;
  padding: 0.1rem 0.5rem;
  border: 1px solid currentcolor;
  border-radius: 4px;
  font: 400 0.9rem var(--font-text);
}

.griddle-mute {
  min-height: var(--target);
  padding: 0 0.9rem;
  border: 1px solid var(--edge-strong);
  border-radius: var(--round);
  background: var(--panel);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}

:root[data-view='bench'] .griddle-say .says {
  font-size: 4.2rem;
}

@media (max-width: 48rem) {
  .griddle {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
