<script setup lang="ts">
import { computed } from 'vue'
import type { Plan } from '@/api/types'
import { useUnits } from '@/ui/units'
import { bindingBar } from './binding'

/** What holds the dough together, part by part, against what the bread needs and where it turns gummy. */
const { plan } = defineProps<{ plan: Plan }>()
const units = useUnits()
const bar = computed(() => bindingBar(plan))
const holds = computed(() => {
  if (bar.value.index < bar.value.needed) return 'too little hold'
  return bar.value.index > bar.value.gummy ? 'gummy' : 'holds'
})
</script>

<template>
  <figure class="binding">
    <figcaption>
      <strong>{{ units.beside(bar.index, bar.needed, 'index') }}</strong> points of binding,
      {{ units.text(bar.needed, 'index') }} needed:
      <strong>{{ holds }}</strong>
    </figcaption>
    <svg viewBox="0 0 100 14" preserveAspectRatio="none" aria-hidden="true">
      <rect x="0" y="2" width="100" height="10" class="binding-ground" />
      <rect :x="0" y="2" :width="(100 * bar.needed) / bar.most" height="10" class="binding-short" />
      <rect
        :x="(100 * bar.gummy) / bar.most"
        y="2"
        :width="100 - (100 * bar.gummy) / bar.most"
        height="10"
        class="binding-gummy"
      />
      <rect
        v-for="(part, index) in bar.parts"
        :key="part.name"
        :x="(100 * part.from) / bar.most"
        y="3.5"
        :width="(100 * part.points) / bar.most"
        height="7"
        :class="['binding-part', `is-${index % 3}`]"
      />
      <line
        :x1="(100 * bar.needed) / bar.most"
        :x2="(100 * bar.needed) / bar.most"
        y1="0"
        y2="14"
        class="binding-need"
      />
    </svg>
    <div class="binding-marks" aria-hidden="true">
      <span>the upright mark is what it needs</span>
      <span>gummy from {{ units.text(bar.gummy, 'index') }}</span>
    </div>
    <ul>
      <li v-for="(part, index) in bar.parts" :key="part.name">
        <span :class="['binding-key', `is-${index % 3}`]" aria-hidden="true"></span>{{ part.name }}
        <strong>{{ units.text(part.points, 'index') }}</strong>
      </li>
    </ul>
  </figure>
</template>

<style scoped>
.binding {
  display: grid;
  gap: 0.3rem;
  margin: 0;
}

.binding svg {
  width: 100%;
  height: 2.2rem;
}

.binding-ground {
  fill: var(--ready-wash);
}

.binding-short {
  fill: var(--panel-edge);
}

.binding-gummy {
  fill: var(--harm-wash);
}

.binding-part {
  stroke: var(--panel);
  stroke-width: 0.3;
}

.binding-part.is-0 {
  fill: var(--active);
}

.binding-part.is-1 {
  fill: var(--dough-edge);
}

.binding-part.is-2 {
  fill: var(--water);
}

.binding-key {
  display: inline-block;
  width: 0.8rem;
  height: 0.8rem;
  margin-right: 0.35rem;
  border-radius: 2px;
}

.binding-key.is-0 {
  background: var(--active);
}

.binding-key.is-1 {
  background: var(--dough-edge);
}

.binding-key.is-2 {
  background: var(--water);
}

.binding-need {
  stroke: var(--ink);
  stroke-width: 0.6;
}

.binding-marks {
  display: flex;
  justify-content: space-between;
  color: var(--ink-soft);
  font-size: 0.85rem;
}

.binding ul {
  display: flex;
  flex-wrap: wrap;
  gap: 0.15rem 1rem;
  margin: 0;
  padding: 0;
  list-style: none;
  font-size: 0.92rem;
}
</style>
