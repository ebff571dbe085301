<script setup lang="ts">
import { useResizeObserver } from '@vueuse/core'
import { computed, nextTick, useTemplateRef, watch } from 'vue'
import type { Batch, Plan, Stage } from '@/api/types'
import BreadPicture from '@/pictures/BreadPicture.vue'
import { useUnits } from '@/ui/units'
import { courseOf, standingOf } from '@/bench/course'

/** The way through the batch: each stop with its time and its one number. */
const { batch, plan, stage } = defineProps<{ batch: Batch; plan: Plan; stage: Stage }>()
const units = useUnits()
const stops = computed(() => courseOf(batch, plan, units.text))
const standing = computed(() => stops.value.map(stop => standingOf(stop.stage, batch, plan)))
const course = useTemplateRef('course')

/** On a narrow screen the course scrolls sideways: keep the current stop in sight. */
async function keepInSight() {
  await nextTick()
  const stop = course.value?.querySelector<HTMLElement>('[aria-current]')
  if (stop && course.value) course.value.scrollLeft = stop.offsetLeft - course.value.clientWidth / 3
}

// Also when a tablet is turned round.
useResizeObserver(course, () => void keepInSight())
watch(() => stage, keepInSight)
</script>

<template>
  <nav ref="course" class="course" aria-label="Course">
    <ol>
      <li
        v-for="(stop, index) in stops"
        :key="stop.stage"
        :class="{
          'is-done': standing[index] === 'done',
          'is-passed-over': standing[index] === 'passed over',
        }"
      >
        <RouterLink
          :to="{ name: 'batch', params: { id: batch.id, stage: stop.stage } }"
          :aria-current="stop.stage === stage ? 'step' : undefined"
        >
          <span class="course-dot" aria-hidden="true" />
          <span class="course-name"
            >{{ stop.name
            }}<span v-if="standing[index] !== 'to come'" class="visually-hidden">
              ({{ standing[index] }})</span
            ></span
          >
          <span class="course-time">{{ stop.time }}</span>
          <span class="course-number">{{ stop.number }}</span>
        </RouterLink>
      </li>
    </ol>
    <BreadPicture class="course-bread" :portrait="plan.portrait" />
  </nav>
</template>

<style scoped>
.course ol {
  display: grid;
  margin: 0;
  padding: 0;
  list-style: none;
}

:root[data-view='bench'] .course-bread {
  display: none;
}

.course-bread {
  width: 7rem;
  margin: 0.4rem auto 0;
}

.course a {
  position: relative;
  display: grid;
  grid-template-columns: 1.5rem 1fr auto;
  align-items: baseline;
  min-height: var(--target);
  padding: 0.35rem 0.6rem 0.35rem 0.3rem;
  border-radius: var(--round);
  color: var(--ink);
  text-decoration: none;
}

.course a::before {
  content: '';
  position: absolute;
  top: 0;
  bottom: 0;
  left: 0.82rem;
  width: 3px;
  background: var(--panel-edge);
}

.course li:first-child a::before {
  top: 50%;
}

.course li:last-child a::before {
  bottom: 50%;
}

.course .is-done a::before {
  background: var(--ready);
}

.course-dot {
  position: relative;
  z-index: 1;
  width: 0.85rem;
  height: 0.85rem;
  margin-left: 0.15rem;
  border: 3px solid var(--edge-strong);
  border-radius: 50%;
  background: var(--ground);
}

.is-done .course-dot {
  border-color: var(--ready);
  background: var(--ready);
}

/* Gone by without it: a bar, not a full dot. */
.is-passed-over .course-dot {
  height: 0.35rem;
  border-radius: 2px;
  border-color: var(--heat);
  background: var(--heat);
}

.course-name {
  font-weight: 600;
}

.course-time {
  color: var(--ink-soft);
  font-size: 0.9rem;
}

.course-number {
  grid-column: 2 / 4;
  color: var(--ink-soft);
  font-size: 0.9rem;
}

.course [aria-current='step'] {
  background: var(--active);
  color: var(--active-ink);
}

.course [aria-current='step'] .course-time,
.course [aria-current='step'] .course-number {
  color: inherit;
}

.course [aria-current='step'] .course-dot {
  height: 0.85rem;
  border-radius: 50%;
  border-color: var(--active-ink);
  background: var(--heat-fill);
}

:root[data-view='bench'] .course-number,
:root[data-view='bench'] .course-time {
  display: none;
}

/* All stops between header and clocks above and the bar of the act below, where they have to be narrower for that. */
:root[data-view='bench'] .course a {
  min-height: clamp(48px, calc((100dvh - 14.5rem) / 10), var(--target));
}

@media (max-width: 64rem) {
  .course {
    overflow-x: auto;
  }

  .course-bread {
    display: none;
  }

  .course ol {
    grid-auto-flow: column;
    justify-content: start;
  }

  .course a {
    grid-template-columns: 1.4rem auto;
  }

  .course a::before,
  .course-time {
    display: none;
  }

  .course-number {
    grid-column: 1 / 3;
    white-space: nowrap;
  }

  :root[data-view='bench'] .course a {
    align-items: center;
    min-height: var(--target);
  }
}
</style>
