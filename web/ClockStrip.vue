<script setup lang="ts">
import { computed, onMounted, onScopeDispose, ref, watch, watchEffect } from 'vue'
import { useRoute } from 'vue-router'
import { useClocks, type Clock } from '@/bench/clocks'
import { ring, wakeSound } from '@/bench/sound'
import { speak } from '@/bench/speech'
import { useWakeLock } from '@/bench/wakeLock'
import { useAppearance } from '@/ui/appearance'
import { useNow } from '@/ui/now'
import { pageTitle, titleOf } from '@/ui/title'
import { timeOfDay } from '@/ui/timeOfDay'
import { clock, duration } from '@/ui/units'

/** What is waited for, on every page: in a line, in the title, aloud when it is over. */
const clocks = useClocks()
const appearance = useAppearance()
const route = useRoute()
const now = useNow(500)
const told = ref('')
const left = (one: Clock) => Math.ceil((Date.parse(one.ends_at) - now.value) / 1000)
/** A stage shows its own clock large. */
const isShownThere = (one: Clock) =>
  route.params['id'] === one.batch &&
  route.params['stage'] === one.stage &&
  one.kind !== 'preheat' &&
  one.stage !== 'mix'
const shown = computed(() => clocks.running.filter(one => !isShownThere(one)))

onMounted(clocks.open)
useWakeLock(() => clocks.running.length > 0)
window.addEventListener('pointerdown', wakeSound)
window.addEventListener('keydown', wakeSound)
onScopeDispose(() => {
  window.removeEventListener('pointerdown', wakeSound)
  window.removeEventListener('keydown', wakeSound)
})

watch(now, () => {
  for (const one of clocks.due(now.value)) {
    told.value = `${one.over}: ${one.bread}.`
    if (!appearance.muted) ring()
    if (appearance.spoken) speak(one.over)
  }
})
watchEffect(() => {
  const first = clocks.running[0]
  document.title = titleOf(pageTitle.value, first ? words(first) : '')
})

function words(one: Clock): string {
  const seconds = left(one)
  if (seconds <= 0) return one.over
  return `${one.name} ${one.kind === 'preheat' ? 'in ' : ''}${clock(seconds)}`
}

/** Two batches of one bread are told apart by when they were begun, and so is another than the one that is open. */
function whose(one: Clock): string {
  const isAnother = route.name === 'batch' && route.params['id'] !== one.batch
  const isOneOfTwo = clocks.running.some(other => other.bread === one.bread && other.batch !== one.batch)
  return one.begun && (isAnother || isOneOfTwo) ? `${one.bread} of ${timeOfDay(one.begun)}` : one.bread
}

function since(one: Clock): string {
  const seconds = -left(one)
  return seconds >= 60 ? `, ${duration(seconds)} ago` : ''
}
</script>

<template>
  <nav v-if="shown.length" class="clocks" aria-label="Clocks">
    <span v-for="one in shown" :key="`${one.batch} ${one.kind}`" class="clocks-one">
      <RouterLink
        :to="{ name: 'batch', params: { id: one.batch, stage: one.stage } }"
        :class="{ 'is-over': left(one) <= 0 }"
      >
        <strong>{{ words(one) }}{{ since(one) }}</strong>
        <span class="clocks-bread">{{ whose(one) }}</span>
      </RouterLink>
      <button
        v-if="left(one) <= 0"
        type="button"
        class="quiet-button"
        :aria-label="`Done: ${one.over}`"
        @click="clocks.putAway(one)"
      >
        Done
      </button>
    </span>
  </nav>
  <p class="visually-hidden" role="status">{{ told }}</p>
</template>

<style scoped>
.clocks {
  display: flex;
  gap: 0.5rem;
  padding: 0 0.8rem;
  overflow-x: auto;
  border-bottom: 1px solid var(--panel-edge);
  background: var(--heat-wash);
}

.clocks-one {
  display: flex;
  flex: none;
  align-items: center;
}

.clocks a {
  display: inline-flex;
  flex: none;
  gap: 0.5rem;
  align-items: center;
  min-height: var(--target);
  padding: 0 0.6rem;
  color: var(--ink);
  text-decoration: none;
  white-space: nowrap;
}

.clocks a.is-over {
  border-bottom: 3px solid var(--active);
}

.clocks strong {
  font-variant-numeric: tabular-nums;
}

.clocks-bread {
  color: var(--ink-soft);
}

@media (max-width: 48rem) {
  .clocks-bread {
    display: none;
  }
}
</style>
