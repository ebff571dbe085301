<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Plan, Stage } from '@/api/types'
import { useUnits } from '@/ui/units'
import { useBatch } from './batch'
import { afterStage, beforeStage, STAGE_NAMES } from '@/bench/course'
import { eventWords } from '@/ui/eventWords'
import { useTight } from '@/ui/tight'

/**
 * The act of the moment and the way on, on the screen whatever is scrolled: back, what can be undone, the act, next. `ready` says that going
 * on is the thing to do.
 */
const { plan, stage, ready = true } = defineProps<{ plan: Plan; stage: Stage; ready?: boolean }>()
const route = useRoute()
const router = useRouter()
const store = useBatch()
const units = useUnits()
const before = computed(() => beforeStage(stage, plan))
const next = computed(() => afterStage(stage, plan))
const named = computed(() => new Map(plan.ledger.map(row => [row.ingredient, row.name])))
const words = (event: Parameters<typeof eventWords>[0]) => eventWords(event, named.value, units.text)
const isTight = useTight()
const isOver = computed(() => store.batch?.finished_at !== null)

const go = (to: Stage) => router.push({ name: 'batch', params: { id: route.params['id'], stage: to } })
</script>

<template>
  <div class="act-bar" role="group" aria-label="What to do now">
    <div class="act-back">
      <ElButton
        v-if="before && !(isTight && store.undoable)"
        class="act-quiet"
        :aria-label="`Back to ${STAGE_NAMES[before].toLowerCase()}`"
        @click="go(before)"
        >←</ElButton
      >
      <ElButton v-if="store.undoable && !isOver" class="act-quiet act-undo" @click="store.undo"
        ><span
          ><span aria-hidden="true" class="act-sign">↶</span><span class="unseen-on-phone">Undo</span
          ><span class="act-what">: {{ words(store.undoable) }}</span></span
        ></ElButton
      >
      <ElButton v-if="store.undone && !isOver" class="act-quiet act-undo" @click="store.redo"
        ><span
          ><span aria-hidden="true" class="act-sign">↷</span><span class="unseen-on-phone">Redo</span
          ><span class="act-what">: {{ words(store.undone) }}</span></span
        ></ElButton
      >
    </div>
    <div class="act-now"><slot /></div>
    <ElButton
      v-if="next"
      class="act-next"
      size="large"
      :type="ready ? 'primary' : 'default'"
      @click="go(next)"
      ><span
        ><span class="unseen-on-phone">On to </span
        ><span class="act-to">{{ STAGE_NAMES[next].toLowerCase() }}</span> →</span
      ></ElButton
    >
  </div>
</template>

<style scoped>
.act-bar {
  position: fixed;
  inset: auto 0 0;
  z-index: 20;
  display: grid;
  grid-template-columns: minmax(min-content, 1fr) minmax(0, auto) minmax(min-content, 1fr);
  gap: 0.5rem 0.8rem;
  align-items: center;
  padding: 0.55rem 1rem calc(0.55rem + env(safe-area-inset-bottom));
  border-top: 2px solid var(--panel-edge);
  background: var(--panel);
}

.act-back,
.act-now {
  display: flex;
  gap: 0.5rem;
  min-width: 0;
}

.act-now :deep(.el-button),
.act-next {
  min-height: 3.5rem;
  margin: 0;
  font-size: 1.15rem;
}

/* A long name breaks rather than reach under the way on. */
.act-now :deep(.el-button) {
  height: auto;
  white-space: normal;
}

.act-next {
  justify-self: end;
}

.act-quiet {
  min-height: var(--target);
  margin: 0;
}

.act-undo {
  min-width: 5.5rem;
  flex: 0 1 auto;
}

.act-undo :deep(span) {
  overflow: hidden;
  text-overflow: ellipsis;
}

:root[data-view='bench'] .act-now :deep(.el-button),
:root[data-view='bench'] .act-next {
  min-height: 5rem;
  font-size: 1.5rem;
}

.act-sign {
  display: none;
}

.act-to {
  display: inline-block;
}

@media (max-width: 48rem) {
  .act-bar {
    grid-template-columns: minmax(0, 1fr) auto;
    padding-inline: 0.6rem;
  }

  .act-now {
    grid-column: 1 / 3;
    grid-row: 1;
  }

  .act-now:empty {
    display: none;
  }

  /* No room for what it undoes: the name that is read out keeps it. */
  .act-what {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }

  .act-undo {
    min-width: 4rem;
    padding-inline: 0.5rem;
  }

  /* At the bench one line: the course leads back, and signs stand for undo and redo. */
  :root[data-view='bench'] .act-bar {
    grid-template-columns: auto minmax(0, 1fr) auto;
    gap: 0.4rem;
    padding-inline: 0.5rem;
  }

  :root[data-view='bench'] .act-now {
    grid-column: 2;
  }

  :root[data-view='bench'] .act-back {
    gap: 0.3rem;
  }

  :root[data-view='bench'] .act-now :deep(.el-button),
  :root[data-view='bench'] .act-next {
    min-height: 4rem;
    padding-inline: 0.6rem;
    font-size: 1.1rem;
  }

  :root[data-view='bench'] .act-now :deep(.el-button) {
    font-size: 1.15rem;
    line-height: 1.15;
    text-wrap: balance;
  }

  :root[data-view='bench'] .act-quiet {
    width: 4rem;
    min-width: 4rem;
    padding-inline: 0;
  }

  :root[data-view='bench'] .act-sign {
    display: inline;
    font-size: 1.6rem;
  }

  :root[data-view='bench'] .act-to::first-letter {
    text-transform: uppercase;
  }

  .act-now :deep(.el-button) {
    flex: 1 1 auto;
  }
}
</style>
