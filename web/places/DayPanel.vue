<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { api, toldBy } from '@/api/client'
import type { Clash, Day } from '@/api/types'
import { uuid } from '@/api/uuid'
import DayLanes from '@/pictures/DayLanes.vue'
import { fromLocal, toLocal } from '@/bench/serving'
import AllOrFewer from '@/ui/AllOrFewer.vue'
import Choice from '@/ui/Choice.vue'
import { useNow } from '@/ui/now'
import { useUnits } from '@/ui/units'

/** Batches that share hands and griddles, where they clash, and the move that would mend it. */
const emit = defineEmits<{ told: [] }>()
const HANDS = 'mill.hands'
const day = shallowRef<Day | null>(null)
const hands = ref(localStorage.getItem(HANDS) ?? '1')
const trouble = ref('')
const now = useNow(5000)
const units = useUnits()
/** A crowded day is told by its first clashes; each move is offered once, however many it would mend. */
const CLASHES = 2
const LANES = 3
const MOVES = 2
const shown = computed(() => day.value?.clashes.slice(0, CLASHES) ?? [])
const all = ref(false)
/** The day as it is drawn: of many batches those that clash first, in the order of the day. */
const drawn = computed(() => {
  if (!day.value || all.value || day.value.batches.length <= LANES) return day.value
  const named = new Set(shown.value.flatMap(clash => clash.batches))
  const first = [...day.value.batches].sort(
    (one, other) => Number(named.has(other.id)) - Number(named.has(one.id)),
  )
  const few = new Set(first.slice(0, LANES).map(one => one.id))
  return { ...day.value, batches: day.value.batches.filter(one => few.has(one.id)) }
})
const moves = computed(() => {
  const all = (day.value?.clashes ?? []).flatMap(clash => clash.moves)
  return [...new Map(all.map(one => [one.words, one])).values()].slice(0, MOVES)
})

onMounted(look)
watch(hands, value => {
  localStorage.setItem(HANDS, value)
  void look()
})

async function look() {
  try {
    day.value = await api.day(Number(hands.value))
  } catch (failure) {
    trouble.value = toldBy(failure)
  } finally {
    emit('told')
  }
}

/** Serves one batch earlier or later; what it is made of stays. */
async function move(to: Clash['moves'][number]) {
  trouble.value = ''
  try {
    const batch = await api.batch(to.batch)
    const serve_at = fromLocal(toLocal(new Date(to.ready_at)))
    const request = { ...batch.request, ...(serve_at ? { serve_at } : {}) }
    delete request.begin_at
    await api.replan(batch.id, batch.version, request, uuid())
  } catch (failure) {
    trouble.value = toldBy(failure)
  }
  await look()
}
</script>

<template>
  <p v-if="day?.lacks.length" class="panel day-lacks" role="status">
    <strong>To buy:</strong>
    {{ day.lacks.map(one => `${units.text(one.lacks_grams, 'g')} ${one.name}`).join(', ') }}.
    <span class="soft">The batches still to be weighed take more than is on the shelf.</span>
  </p>
  <section v-if="day && day.batches.length > 1" class="panel stack" aria-labelledby="the-day">
    <div class="row">
      <h2 id="the-day">The day</h2>
      <span class="day-key soft"><i class="is-hands" /> hands <i class="is-griddle" /> griddle</span>
      <AllOrFewer
        v-if="day.batches.length > LANES"
        v-model="all"
        :all="`All ${day.batches.length} batches`"
      />
      <Choice
        v-model="hands"
        class="day-hands"
        label="Pairs of hands in the kitchen"
        :options="['1', '2', '3', '4'].map(value => ({ value, label: value }))"
      />
    </div>
    <DayLanes v-if="drawn" :day="drawn" :now="now" />
    <p v-if="!day.clashes.length" role="status">Nothing is in the way of anything.</p>
    <div v-else class="day-clash">
      <p v-for="clash in shown" :key="`${clash.kind} ${clash.batches.join()}`">{{ clash.words }}</p>
      <p v-if="day.clashes.length > shown.length" class="soft">
        And {{ day.clashes.length - shown.length }} more between them.
      </p>
      <div class="row">
        <ElButton v-for="to in moves" :key="to.words" @click="move(to)">{{ to.words }}</ElButton>
        <span v-if="!moves.length" class="soft"
          >They are under way, or no time within half a day is free.</span
        >
      </div>
    </div>
    <p v-if="trouble" class="day-trouble" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
.day-lacks {
  margin: 0;
  border-left: 5px solid var(--heat-fill);
}

.day-hands {
  margin-left: auto;
}

.day-key i {
  display: inline-block;
  width: 1.4rem;
  height: 0.7rem;
  margin-left: 0.6rem;
}

.is-hands {
  background: var(--active);
}

.is-griddle {
  background: var(--heat-fill);
}

.day-clash {
  display: grid;
  gap: 0.4rem;
  padding: 0.6rem 0.9rem;
  border-left: 5px solid var(--harm);
  background: var(--harm-wash);
}

.day-clash :deep(.el-button) {
  height: auto;
  min-height: var(--target);
  padding: 0.4rem 0.9rem;
  white-space: normal;
  text-align: left;
  line-height: 1.3;
}

.day-clash p {
  margin: 0;
  font-weight: 600;
}

.day-trouble {
  color: var(--harm);
}
</style>
