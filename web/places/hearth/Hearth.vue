<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, nextTick, ref } from 'vue'
import type { Gear } from '@/api/types'
import { useHouse } from '@/house'
import Choice from '@/ui/Choice.vue'
import { CUPS, type Cup } from '@/ui/cups'
import CalibrateForm from './CalibrateForm.vue'
import GearCard from './GearCard.vue'
import GriddleForm from './GriddleForm.vue'
import LoadsPanel from './LoadsPanel.vue'

/** Griddles, presses, pans and scales; how hot the griddles are, and what loads do to them. */
type Doing = { what: 'change' | 'calibrate' | 'loads'; gear: Gear } | { what: 'new' } | null
const house = useHouse()
const doing = ref<Doing>(null)
const gear = computed(() => house.kitchen?.gear ?? [])
const cup = computed({
  get: () => house.kitchen?.cup ?? undefined,
  set: (value?: Cup) => value && void house.keepCup(value),
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
    </header>
    <p v-if="!gear.length" class="soft">
      No griddle yet. Put in the first one, and plans know how many pieces it takes and how it heats.
    </p>
    <GriddleForm v-if="doing?.what === 'new'" :gear="null" @kept="kept" @leave="doing = null" />
    <GriddleForm v-else-if="doing?.what === 'change'" :gear="doing.gear" @kept="kept" @leave="doing = null" />
    <CalibrateForm
      v-else-if="doing?.what === 'calibrate'"
      :gear="doing.gear"
      @kept="kept"
      @leave="doing = null"
    />
    <LoadsPanel v-else-if="doing?.what === 'loads'" :gear="doing.gear" />
    <Choice
      v-model="cup"
      label="The cup of this kitchen"
      :options="CUPS"
    />
    <ul class="hearth-gear">
      <GearCard
        v-for="one in gear"
        :key="one.id"
        :gear="one"
        @change="begin({ what: 'change', gear: one })"
        @calibrate="begin({ what: 'calibrate', gear: one })"
        @loads="begin({ what: 'loads', gear: one })"
      />
    </ul>
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
</style>
