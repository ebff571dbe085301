<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, defineAsyncComponent, onMounted, ref, watch, type Component } from 'vue'
import { useRoute } from 'vue-router'
import { mergePatch } from '@/api/mergePatch'
import type { PlanRequest } from '@/api/types'
import { useHouse } from '@/bench/house'
import BindingBar from '@/pictures/BindingBar.vue'
import BreadPicture from '@/pictures/BreadPicture.vue'
import LedgerBars from '@/pictures/LedgerBars.vue'
import Warnings from '@/ui/Warnings.vue'
import Choice from '@/ui/Choice.vue'
import Term from '@/ui/Term.vue'
import WheatMark from '@/ui/WheatMark.vue'
import { useStart } from '../useStart'
import FormulaFigures from './FormulaFigures.vue'
import FormulaLines from './FormulaLines.vue'
import FormulaNumbers from './FormulaNumbers.vue'
import { useFormula } from './useFormula'

/** One bread's formula: its lines, what they make of water and hold, and every way to change it. */
const PANELS = {
  size: defineAsyncComponent(() => import('./SizePanel.vue')),
  schools: defineAsyncComponent(() => import('./SchoolsPanel.vue')),
  use: defineAsyncComponent(() => import('./UsePanel.vue')),
  extras: defineAsyncComponent(() => import('./ExtrasPanel.vue')),
  swap: defineAsyncComponent(() => import('./SwapPanel.vue')),
  blend: defineAsyncComponent(() => import('./BlendPanel.vue')),
  compare: defineAsyncComponent(() => import('./ComparePanel.vue')),
  label: defineAsyncComponent(() => import('@/ui/LabelPanel.vue')),
} satisfies Record<string, Component>
type Panel = keyof typeof PANELS

const route = useRoute()
const starting = useStart()
const house = useHouse()
const formula = useFormula()
/** The batch that the cook came from. */
const from = computed(() => (route.query['batch'] ? String(route.query['batch']) : ''))
const { bread, request, plan } = formula
const trouble = computed(() => formula.trouble.value || formula.refused.value || starting.trouble.value)
const panel = ref<Panel>('schools')
const replacing = ref<string>()
const style = computed(() => house.kitchen?.styles.find(one => one.id === bread.value?.style))
const says = computed(() => {
  const version = formula.newest.value?.number ?? 1
  return formula.isChanged.value ? `Version ${version}, changed` : `Version ${version}`
})

onMounted(() => formula.open(String(route.params['id'])))
watch(
  () => route.params['id'],
  id => id && formula.open(String(id)),
)

function swap(ingredient: string) {
  replacing.value = ingredient
  panel.value = 'swap'
}

async function start() {
  if (bread.value) await starting.start(bread.value.id)
}

function mend(patch: Record<string, unknown>) {
  if (request.value) formula.change(mergePatch(request.value, patch))
}

function change(next: PlanRequest) {
  formula.change(next)
}
</script>

<template>
  <div v-if="bread && request && style" class="formula">
    <header class="formula-head">
      <BreadPicture v-if="plan" class="formula-picture" :portrait="plan.portrait" />
      <div class="formula-says">
        <h1>{{ bread.name }}</h1>
        <p class="soft">{{ style.purpose }} {{ says }}.</p>
        <p v-if="plan?.label.gluten.status === 'contains_wheat'">
          <WheatMark />
          <button type="button" class="link-button" @click="swap('wheat')">Swap the wheat</button>
        </p>
      </div>
      <div class="row">
        <ElButton :disabled="!formula.steps.value.length" @click="formula.undo">Undo</ElButton>
        <RouterLink :to="{ name: 'trials', query: { bread: bread.id } }">Try one thing</RouterLink>
        <ElButton :disabled="!formula.isChanged.value" @click="formula.save"
          >Save as version {{ (formula.newest.value?.number ?? 0) + 1 }}</ElButton
        >
        <ElButton type="primary" :disabled="formula.isChanged.value" @click="start">Start a batch</ElButton>
      </div>
    </header>
    <p v-if="from" class="formula-from" role="status">
      Your batch goes on by version {{ route.query['by'] }}: what you save here counts from the next batch on.
      <RouterLink :to="{ name: 'batch', params: { id: from } }">← Back to the batch</RouterLink>
    </p>
    <p v-if="trouble" class="formula-trouble" role="alert">
      {{ trouble }}
    </p>
    <div class="formula-bench">
      <FormulaLines :request="request" :plan="plan" @change="change" @swap="swap" />
      <section v-if="plan" class="panel stack" aria-label="What the lines make">
        <h2><Term word="ledger">Who takes water, who brings it</Term></h2>
        <LedgerBars :plan="plan" />
        <h2><Term word="binding">What holds it together</Term></h2>
        <BindingBar :plan="plan" />
        <FormulaFigures :plan="plan" />
        <Warnings :plan="plan" @mend="mend" />
      </section>
      <FormulaNumbers v-if="plan" :request="request" :plan="plan" :kind="style" @change="change" />
    </div>
    <section class="panel stack">
      <Choice
        v-model="panel"
        label="Change it by"
        quiet
        :options="[
          { value: 'schools', label: 'Schools' },
          { value: 'use', label: 'Use and rests' },
          { value: 'size', label: 'Size' },
          { value: 'extras', label: 'Beside the dough' },
          { value: 'swap', label: 'A swap' },
          { value: 'blend', label: 'A blend' },
          { value: 'compare', label: 'Compare versions' },
          { value: 'label', label: 'Label and cost' },
        ]"
      />
      <component
        :is="PANELS[panel]"
        v-if="plan"
        :bread="bread"
        :request="request"
        :plan="plan"
        :replacing="replacing"
        @change="change"
      />
    </section>
  </div>
</template>

<style scoped>
.formula-from {
  padding: 0.5rem 0.9rem;
  border-left: 5px solid var(--active);
  background: var(--panel);
}

.formula {
  display: grid;
  gap: var(--gap);
  max-width: 84rem;
  margin: 0 auto;
  padding: 1rem 1.2rem;
}

.formula-head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: var(--gap);
}

.formula-picture {
  flex: none;
  width: 8rem;
}

.formula-says {
  flex: 1;
  min-width: 14rem;
}

.formula-trouble {
  padding: 0.5rem 0.9rem;
  border-left: 5px solid var(--harm);
  background: var(--harm-wash);
}

.formula-bench {
  display: grid;
  grid-template-columns: minmax(18rem, 5fr) minmax(20rem, 6fr) minmax(17rem, 4.4fr);
  align-items: start;
  gap: var(--gap);
}

:root[data-view='bench'] .formula-bench {
  grid-template-columns: minmax(0, 1fr);
}

@media (max-width: 68rem) {
  .formula-bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
