<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { Lot } from '@/api/types'
import { useHouse } from '@/bench/house'
import TakeAlongTables from '@/ui/TakeAlongTables.vue'
import Choice from '@/ui/Choice.vue'
import { saysAll } from '@/ui/search'
import ShelfSearch from '@/ui/ShelfSearch.vue'
import { namesOf } from '@/ui/formula'
import CatalogueShelf from './CatalogueShelf.vue'
import LotCard from './LotCard.vue'
import LotForm from './LotForm.vue'
import OwnLabelForm from './OwnLabelForm.vue'
import { inOrder } from './lots'

/** What the kitchen has: its bags, its own ingredients, and all that can be known of the others. */
const house = useHouse()
const names = computed(() => namesOf(house.kitchen))
const shelf = ref<'bags' | 'own' | 'catalogue'>('bags')
const sought = ref('')
const all = computed(() => inOrder(house.kitchen?.lots ?? []))
const away = ref(false)
const lots = computed(() =>
  all.value.filter(
    lot =>
      lot.archived === away.value &&
      saysAll(`${lot.label} ${names.value.get(lot.ingredient)} ${lot.notes ?? ''}`, sought.value),
  ),
)
const editing = ref<Lot | 'new' | null>(null)
const own = computed(() => house.kitchen?.own_ingredients ?? [])
const labelled = ref<string | null>(null)

async function kept() {
  editing.value = null
  labelled.value = null
  await house.refresh()
}
</script>

<template>
  <div class="larder">
    <header class="larder-head">
      <h1>Larder</h1>
      <Choice
        v-model="shelf"
        label="Show"
        quiet
        :options="[
          { value: 'bags', label: `Bags (${all.filter(lot => !lot.archived).length})` },
          { value: 'own', label: `Own ingredients (${own.length})` },
          { value: 'catalogue', label: 'All that is known' },
        ]"
      />
      <RouterLink to="/grain">From the grain: masa and home milling →</RouterLink>
      <RouterLink :to="{ name: 'bag-sheet' }">Bags from a sheet →</RouterLink>
    </header>
    <template v-if="shelf === 'bags'">
      <LotForm
        v-if="editing"
        :lot="editing === 'new' ? null : editing"
        @kept="kept"
        @leave="editing = null"
      />
      <div class="larder-line">
        <ElButton v-if="!editing" type="primary" class="larder-add" @click="editing = 'new'"
          >A new bag</ElButton
        >
        <ShelfSearch
          v-model="sought"
          v-model:away="away"
          :away-count="all.filter(lot => lot.archived).length"
          label="Search the bags"
        />
      </div>
      <p v-if="!all.length" class="soft">
        No bag yet. Put in the first one, and batches know what they are weighed from and what they cost.
      </p>
      <p v-else-if="!lots.length" class="soft">No bag says that.</p>
      <ul class="larder-bags">
        <LotCard
          v-for="lot in lots"
          :key="lot.id"
          :lot="lot"
          :name="names.get(lot.ingredient) ?? lot.ingredient"
          @edit="editing = lot"
          @kept="kept"
        />
      </ul>
    </template>
    <template v-else-if="shelf === 'own'">
      <OwnLabelForm
        v-if="labelled"
        :own="own.find(one => one.document.id === labelled) ?? null"
        @kept="kept"
        @leave="labelled = null"
      />
      <ElButton v-else type="primary" class="larder-add" @click="labelled = 'new'">From a package</ElButton>
      <p v-if="!own.length" class="soft">
        None yet. Type the table from a package; what it does not tell is borrowed from the flour it is like.
      </p>
      <ul class="larder-bags">
        <li v-for="one in own" :key="one.document.id" class="panel">
          <strong>{{ one.document.name }}</strong>
          <p class="soft">Like {{ names.get(one.document.like) ?? one.document.like }}.</p>
          <ElButton @click="labelled = one.document.id">Look at its table</ElButton>
        </li>
      </ul>
    </template>
    <CatalogueShelf v-else />
    <TakeAlongTables v-if="shelf === 'bags'" :tables="[{ name: 'larder', label: 'the bags' }]" />
  </div>
</template>

<style scoped>
.larder {
  display: grid;
  gap: var(--gap);
  max-width: 84rem;
  margin: 0 auto;
  padding: 1.2rem;
}

.larder-head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--gap) 1.5rem;
}

.larder-line {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap);
}

.larder-line .search {
  flex: 1;
}

.larder-add {
  justify-self: start;
}

.larder-bags {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(18rem, 100%), 1fr));
  gap: var(--gap);
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
