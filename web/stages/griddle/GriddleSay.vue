<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed } from 'vue'
import type { Griddle, Step } from '@/api/types'
import { useAppearance } from '@/ui/appearance'
import { timeOfDay } from '@/ui/timeOfDay'
import { clock, useUnits } from '@/ui/units'
import type { Said } from '@/bench/hands'

/** The next thing in huge type, with its count, its reason and its time. */
const { griddle, next, said, reason, poured, signs, over } = defineProps<{
  griddle: Griddle
  next: Step | undefined
  said: Said
  reason: string
  poured: boolean
  /** What tells beside the clock. */
  signs: Griddle['signs'][number] | undefined
  /** How a shaped piece gets onto the metal. */
  over: string
}>()
const emit = defineEmits<{ see: [sign: 'not_yet' | 'now' | 'too_dark'] }>()
const { isBench } = storeToRefs(useAppearance())
/** At the bench what to look for says it in fewer lines than why, and the heat comes before the first piece. */
const told = computed(() => griddle.before ?? (isBench.value && signs && isTouch.value ? '' : reason))
const isTouch = computed(() => next !== undefined && next.action !== 'lay')
const units = useUnits()

const due = computed(() => {
  if (!next || griddle.since === null) return next ? 'when it is hot' : ''
  if (said.inSeconds >= 1) return `in ${clock(said.inSeconds)}`
  return said.late ? `${clock(-said.inSeconds)} late` : 'now'
})
/** At the bench once, for the first piece: then hands know. */
const tellsOver = computed(
  () =>
    next?.action === 'lay' &&
    !poured &&
    (!isBench.value || (!griddle.before && griddle.lifted + griddle.pieces.length === 0)),
)
/** Batter is poured as it is. */
const shaping = computed(() =>
  next?.action === 'lay' && next.shape_from !== null && !poured ? 'Shape it now.' : '',
)
</script>

<template>
  <div class="say">
    <h1 class="says" aria-live="assertive">{{ said.says }}</h1>
    <p class="say-due" :class="{ 'is-late': said.late }">
      {{ due }}<span v-if="said.count" class="say-count">{{ said.count }}</span>
    </p>
    <p v-if="told" class="say-why">{{ shaping }} {{ units.words(told) }}</p>
    <p v-if="signs && !(isBench && griddle.before)" class="say-signs">
      {{ signs.look }} <span v-if="signs.listen" class="soft">{{ signs.listen }}</span>
      <span v-if="signs.smell" class="soft">{{ signs.smell }}</span>
    </p>
    <p v-if="tellsOver" class="soft">{{ over }}</p>
    <div v-if="isTouch" class="say-see" role="group" aria-label="How it looks below">
      <button type="button" class="quiet-button" @click="emit('see', 'not_yet')">Not yet</button>
      <button type="button" class="quiet-button" @click="emit('see', 'now')">Right now</button>
      <button type="button" class="quiet-button" @click="emit('see', 'too_dark')">Too dark</button>
    </div>
    <p v-if="griddle.pace" class="soft" role="status">{{ griddle.pace }}</p>
    <p v-if="griddle.paused_at" class="say-paused" role="status">
      Paused since {{ timeOfDay(griddle.paused_at) }}: nothing new is laid.
      {{
        griddle.pieces.length
          ? 'What lies there still cooks and is still called. Leaving the kitchen? Lift it and turn the heat down.'
          : 'Turn the heat down while nobody is there.'
      }}
    </p>
    <slot />
    <div class="row say-beside">
      <span class="soft"
        >{{ griddle.lifted }} off, {{ griddle.pieces.length }} on, {{ griddle.to_lay }} to lay.</span
      >
      <slot name="beside" />
    </div>
  </div>
</template>

<style scoped>
.say {
  display: grid;
  justify-items: start;
  gap: 0.5rem;
}

.say p {
  margin: 0;
}

.say-see {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}

@media (min-width: 48.01rem) {
  .say-see {
    flex-wrap: nowrap;
  }
}

.say .says {
  font-size: 3.4rem;
  line-height: 1.05;
}

.say-due {
  font: 600 2.3rem/1.1 var(--font-head);
  color: var(--heat);
}

.say-due.is-late {
  color: var(--harm);
}

.say-count {
  display: block;
  color: var(--ink-soft);
  font: 400 1.1rem var(--font-text);
}

.say-paused {
  padding: 0.5rem 0.8rem;
  border-left: 5px solid var(--heat-fill);
  background: var(--ground);
}

:root[data-view='bench'] .say {
  gap: 0.3rem;
}

:root[data-view='bench'] .say .says {
  font-size: clamp(3.4rem, 8vw, 5.4rem);
}

:root[data-view='bench'] .say-due {
  font-size: clamp(2.4rem, 5vw, 3.6rem);
}

:root[data-view='bench'] .say-count,
:root[data-view='bench'] .say-why {
  font-size: 1.35rem;
}

@media (max-width: 48rem) {
  :root[data-view='bench'] .say .says {
    font-size: 3rem;
  }

  :root[data-view='bench'] .say-due {
    font-size: 2rem;
  }

  :root[data-view='bench'] .say-count,
  :root[data-view='bench'] .say-why {
    font-size: 1.15rem;
  }
}
</style>
