<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, nextTick, ref } from 'vue'
import type { Gear } from '@/api/types'
import { useHouse } from '@/bench/house'
import Choice from '@/ui/Choice.vue'
import Fold from '@/ui/Fold.vue'
import { CUPS, SPOONS, type Cup, type SpoonSet } from '@/ui/cups'
import CalibrateForm from './CalibrateForm.vue'
import { saysAll } from '@/ui/search'
import ShelfSearch from '@/ui/ShelfSearch.vue'
import GearCard from './GearCard.vue'
import GriddleForm from './GriddleForm.vue'
import HandCard from './HandCard.vue'
import LearnedList from './LearnedList.vue'
import LoadsPanel from './LoadsPanel.vue'
import ToolForm from './ToolForm.vue'

/** Griddles, presses, pans and scales; how hot the griddles are, what loads do to them, and what is known of the hands that use them. */
type Doing = { what: 'change' | 'calibrate' | 'loads'; gear: Gear } | { what: 'new' | 'tool' } | null
const house = useHouse()
const doing = ref<Doing>(null)
const away = ref(false)
const sought = ref('')
const all = computed(() => house.kitchen?.gear ?? [])
const gear = computed(() =>
  all.value.filter(one => one.archived === away.value && saysAll(`${one.name} ${one.kind}`, sought.value)),
)
/** What is learned of breads, and of the kitchen as a whole. */
const breads = computed(
  () => house.kitchen?.learned.filter(one => one.cook === null && one.griddle === null) ?? [],
)
const styleOf = (id: string | null) => house.kitchen?.styles.find(one => one.id === id)?.name
const byBread = computed(() => {
  const groups = new Map<string, typeof breads.value>()
  for (const one of breads.value) {
    const name = styleOf(one.style)
    if (name) groups.set(name, [...(groups.get(name) ?? []), one])
  }
  return [...groups]
})
const everywhere = computed(() => breads.value.filter(one => !styleOf(one.style)))
const cup = computed({
  get: () => house.kitchen?.cup ?? undefined,
  set: (value?: Cup) => value && void house.keepMeasure({ cup: value }),
})
const spoon = computed({
  get: () => house.kitchen?.spoon ?? undefined,
  set: (value?: SpoonSet) => value && void house.keepMeasure({ spoon: value }),
})

async function begin(next: Doing) {
  doing.value = null
  await nextTick()
  doing.value = next
  window.scrollTo(0, 0)
}

async function kept() {
  doing.value = null
  await house.refresh()
}
</script>

<template>
  <div class="hearth stack">
    <header class="row">
      <h1>Hearth</h1>
      <ElButton @click="begin({ what: 'new' })">A new griddle</ElButton>
      <ElButton @click="begin({ what: 'tool' })">A press, pan or scale</ElButton>
      <ShelfSearch
        v-model="sought"
        v-model:away="away"
        :away-count="all.filter(one => one.archived).length"
        label="Search the tools"
      />
    </header>
    <p v-if="!gear.length" class="soft">
      No griddle yet. Put in the first one, and plans know how many pieces it takes and how it heats.
    </p>
    <GriddleForm v-if="doing?.what === 'new'" :gear="null" @kept="kept" @leave="doing = null" />
    <ToolForm v-else-if="doing?.what === 'tool'" :gear="null" @kept="kept" @leave="doing = null" />
    <ToolForm
      v-else-if="doing?.what === 'change' && doing.gear.kind !== 'griddle'"
      :gear="doing.gear"
      @kept="kept"
      @leave="doing = null"
    />
    <GriddleForm v-else-if="doing?.what === 'change'" :gear="doing.gear" @kept="kept" @leave="doing = null" />
    <CalibrateForm
      v-else-if="doing?.what === 'calibrate'"
      :gear="doing.gear"
      @kept="kept"
      @leave="doing = null"
    />
    <LoadsPanel v-else-if="doing?.what === 'loads'" :gear="doing.gear" />
    <div class="hearth-tools">
      <ul class="hearth-gear">
        <GearCard
          v-for="one in gear.filter(tool => tool.kind === 'griddle')"
          :key="one.id"
          :gear="one"
          @change="begin({ what: 'change', gear: one })"
          @calibrate="begin({ what: 'calibrate', gear: one })"
          @loads="begin({ what: 'loads', gear: one })"
        />
      </ul>
      <ul class="hearth-gear is-small">
        <GearCard
          v-for="one in gear.filter(tool => tool.kind !== 'griddle')"
          :key="one.id"
          :gear="one"
          @change="begin({ what: 'change', gear: one })"
        />
      </ul>
    </div>
    <section class="stack" aria-labelledby="hands">
      <h2 id="hands">Hands, and what they make</h2>
      <ul class="hearth-gear">
        <HandCard v-for="cook in house.kitchen?.cooks" :key="cook.id" :cook="cook" />
        <li v-if="everywhere.length" class="panel stack">
          <h3>Every dough</h3>
          <LearnedList :things="everywhere" />
        </li>
      </ul>
    </section>
    <Fold
      v-if="byBread.length"
      name="hearth-breads"
      :title="`Breads, as they come out here (${byBread.length})`"
    >
      <ul class="hearth-gear">
        <li v-for="[name, things] in byBread" :key="name" class="panel stack">
          <h3>{{ name }}</h3>
          <LearnedList :things="things" />
        </li>
      </ul>
    </Fold>
    <div class="row">
      <Choice v-model="cup" label="The cup of this kitchen" :options="CUPS" />
      <Choice v-model="spoon" label="Its spoons" :options="SPOONS" />
    </div>
  </div>
</template>

<style scoped>
.hearth {
  max-width: 76rem;
  margin: 0 auto;
  padding: 1rem 1.2rem;
}

.hearth-gear {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(24rem, 100%), 1fr));
  gap: var(--gap);
  margin: 0;
  padding: 0;
  list-style: none;
}

/* What lies on the hob, and beside it what is small. */
.hearth-tools .hearth-gear:not(.is-small) {
  grid-template-columns: repeat(auto-fill, minmax(min(21rem, 100%), 1fr));
}

.hearth-tools {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
  align-items: start;
  gap: var(--gap);
}

@media (max-width: 62rem) {
  .hearth-tools {
    grid-template-columns: minmax(0, 1fr);
  }
}

.hearth-gear.is-small {
  grid-template-columns: repeat(auto-fill, minmax(min(18rem, 100%), 1fr));
}
</style>
