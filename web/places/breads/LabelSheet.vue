<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import { useAsking } from '@/api/asking'
import { api, Refusal, toldBy, Unreachable } from '@/api/client'
import type { BreadVersions } from '@/api/types'
import BreadPicture from '@/pictures/BreadPicture.vue'
import PortionSheet from './PortionSheet.vue'
import Choice from '@/ui/Choice.vue'
import ForWhom from '@/ui/ForWhom.vue'
import { useUnits } from '@/ui/units'
import { CONVENTIONS, factsOf, type Convention } from '@/ui/label'

/** The label of a bread as it goes on paper: what is in it, the heaviest first, for whom it is not, and what a piece holds. */
const route = useRoute()
const units = useUnits()
const bread = shallowRef<BreadVersions | null>(null)
const planning = useAsking(api.plan)
const trouble = ref('')
const convention = ref<Convention>('apart')
const plan = computed(() => planning.answer.value)
const label = computed(() => plan.value?.label)
const rows = computed(() => {
  if (!label.value) return []
  const pieces = factsOf(label.value.per_piece, convention.value)
  const servings = factsOf(label.value.per_serving, convention.value)
  return factsOf(label.value.per_100_g, convention.value).map((fact, index) => ({
    name: fact.name,
    per100: fact.figure,
    piece: pieces[index]?.figure ?? fact.figure,
    serving: servings[index]?.figure ?? fact.figure,
  }))
})

onMounted(async () => {
  try {
    bread.value = await api.bread(String(route.params['id']))
    const newest = bread.value.revisions[0]
    if (newest) await planning.about(newest.request)
  } catch (failure) {
    if (!(failure instanceof Refusal || failure instanceof Unreachable)) throw failure
    trouble.value = toldBy(failure)
  }
})

function print() {
  window.print()
}
</script>

<template>
  <div class="sheet">
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <div v-if="bread" class="row screen-only">
      <RouterLink :to="{ name: 'bread', params: { id: bread.id } }">← {{ bread.name }}</RouterLink>
      <Choice v-model="convention" label="Carbohydrate on the label" :options="CONVENTIONS" />
      <ElButton type="primary" @click="print">Print the label</ElButton>
    </div>
    <article v-if="bread && plan && label" class="label-sheet">
      <BreadPicture class="label-picture" :portrait="plan.portrait" />
      <h1>{{ bread.name }}</h1>
      <p class="label-size">
        {{ plan.portion.count }} × about {{ units.text(label.per_piece.grams.value, 'g') }} as eaten
      </p>
      <p>
        <strong>Ingredients:</strong>
        <template v-for="(one, index) in label.ingredients" :key="one.name"
          >{{ index ? ', ' : ' '
          }}<component :is="one.allergens.length ? 'b' : 'span'">{{
            one.name.toLowerCase()
          }}</component></template
        >.
      </p>
      <ForWhom :label="label" />
      <table>
        <thead>
          <tr>
            <th scope="col"><span class="visually-hidden">What</span></th>
            <th scope="col">in 100 g as eaten</th>
            <th scope="col">in a piece</th>
            <th v-if="label.serving.each > 1" scope="col">in a serving of {{ label.serving.each }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.name">
            <th scope="row">{{ row.name }}</th>
            <td>{{ units.held(row.per100.value, row.per100.unit) }}</td>
            <td>{{ units.held(row.piece.value, row.piece.unit) }}</td>
            <td v-if="label.serving.each > 1">{{ units.held(row.serving.value, row.serving.unit) }}</td>
          </tr>
        </tbody>
      </table>
      <p class="label-foot">
        Worked out from tables and the water lost on the griddle, not measured in a laboratory. A label for
        sale follows the rules of the place where it is sold.
      </p>
    </article>
    <PortionSheet v-if="bread && label" :serving="label.serving" :pieces="plan?.portion.count ?? 0" />
  </div>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: var(--gap);
  max-width: 44rem;
  margin: 0 auto;
  padding: 1.2rem;
}

.sheet .row {
  align-items: end;
}

.label-sheet {
  padding: 1.2rem 1.4rem;
  border: 2px solid var(--ink);
  border-radius: var(--round);
  background: var(--panel);
}

.label-picture {
  float: right;
  width: 9rem;
}

.label-sheet p {
  margin: 0.4rem 0;
}

.label-size {
  font-size: 1.1rem;
}

table {
  clear: both;
  width: 100%;
  margin-top: 0.8rem;
  border-collapse: collapse;
}

th,
td {
  padding: 0.3rem 0;
  border-top: 1px solid var(--edge-strong);
  text-align: right;
  font-weight: normal;
}

th:first-child {
  text-align: left;
}

thead th {
  border: 0;
  font-weight: 600;
}

.label-foot {
  color: var(--ink-soft);
  font-size: 0.85rem;
}

@media print {
  .sheet {
    max-width: 120mm;
    margin: 0;
    padding: 0;
  }
}
</style>
