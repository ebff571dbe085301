<script setup lang="ts">
import { onScopeDispose, ref } from 'vue'
import { learnPedal, pedalKey } from '@/bench/keys'
import { canSpeak } from '@/bench/speech'
import { useAppearance } from '@/ui/appearance'

/** How the griddle calls, and what a foot presses. */
const appearance = useAppearance()
const learning = ref(false)
let stop: (() => void) | null = null
onScopeDispose(() => stop?.())

function learn() {
  learning.value = true
  stop = learnPedal(() => {
    learning.value = false
  })
}
</script>

<template>
  <div class="row" role="group" aria-label="How it calls">
    <button
      type="button"
      class="quiet-button"
      :aria-pressed="appearance.muted"
      @click="appearance.muted = !appearance.muted"
    >
      {{ appearance.muted ? 'Sound is off' : 'Sound is on' }}
    </button>
    <button
      v-if="canSpeak()"
      type="button"
      class="quiet-button"
      :aria-pressed="appearance.spoken"
      @click="appearance.spoken = !appearance.spoken"
    >
      {{ appearance.spoken ? 'Voice is on' : 'Voice is off' }}
    </button>
    <button type="button" class="quiet-button" :aria-pressed="pedalKey !== ''" @click="learn">
      {{ learning ? 'Press the pedal once' : pedalKey ? `Pedal sends ${pedalKey}` : 'Use a foot pedal' }}
    </button>
    <button v-if="pedalKey && !learning" type="button" @click="pedalKey = ''">No pedal</button>
  </div>
</template>
