<script setup lang="ts">
import { computed } from 'vue'
import { useNow } from '@/ui/now'
import { clock } from '@/ui/units'

/** A clock that runs towards a moment; it is the difference of two timestamps and nothing else. */
const { endsAt, seconds } = defineProps<{ endsAt: string; seconds: number }>()
const now = useNow()
const left = computed(() => (Date.parse(endsAt) - now.value) / 1000)
const share = computed(() => Math.min(1, Math.max(0, 1 - left.value / seconds)))
const AROUND = 2 * Math.PI * 88
</script>

<template>
  <svg
    class="ring"
    viewBox="0 0 200 200"
    role="timer"
    :aria-label="left > 0 ? `${clock(left)} left` : 'Time is up'"
  >
    <circle cx="100" cy="100" r="88" class="ring-all" />
    <circle
      cx="100"
      cy="100"
      r="88"
      class="ring-gone"
      :class="{ 'is-over': left <= 0 }"
      :stroke-dasharray="`${AROUND * share} ${AROUND}`"
      transform="rotate(-90 100 100)"
    />
    <text x="100" y="112" text-anchor="middle">{{ left > 0 ? clock(left) : 'Ready' }}</text>
    <text v-if="left <= -60" x="100" y="140" text-anchor="middle" class="ring-since">
      {{ clock(-left) }} ago
    </text>
  </svg>
</template>

<style scoped>
.ring {
  /* What stands under it is in sight too. */
  width: min(20rem, 80vw, 40dvh);
  margin: 0 auto;
}

.ring circle {
  fill: none;
  stroke-width: 14;
}

.ring-all {
  stroke: var(--panel-edge);
}

.ring-gone {
  stroke: var(--heat-fill);
}

.ring-gone.is-over {
  stroke: var(--ready);
}

text {
  fill: var(--ink);
  font: 600 44px var(--font-head);
}

.ring-since {
  fill: var(--ink-soft);
  font-size: 16px;
}
</style>
