<script setup lang="ts">
import { ElButton, ElOption, ElSelect } from 'element-plus'
import { computed, ref } from 'vue'
import type { Plan, PlanRequest } from '@/api/types'
import { useHouse } from '@/bench/house'
import MassInput from '@/ui/MassInput.vue'
import { useUnits } from '@/ui/units'
import { EXTRA_PLACES, withExtra, withGramsEach, withoutExtra, type ExtraPlace } from './extras'
import { namesOf } from '@/ui/formula'

/** What is no part of the dough: dusting flour, coating, filling, fat for hands, griddle and faces, what comes last. */
const { request, plan } = defineProps<{ request: PlanRequest; plan: Plan }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
const units = useUnits()
const house = useHouse()
const things = computed(() => {
  const never = new Set(house.kitchen?.ingredients.filter(one => !one.eaten).map(one => one.id))
  return [...namesOf(house.kitchen)].filter(([id]) => !never.has(id))
})
const place = ref<ExtraPlace>('dusting')

function add(ingredient: string) {
  emit('change', withExtra(request, plan, { ingredient, place: place.value }))
}
</script>

<template>
  <div class="stack">
    <p class="soft">
      Weighed beside the dough, and on the label, the allergens and the cost like it. What stays on board,
      hands and iron is not counted as eaten.
    </p>
    <ul v-if="plan.extras.length" class="rows" aria-label="Beside the dough">
      <li v-for="extra in plan.extras" :key="`${extra.place} ${extra.ingredient}`" class="extra">
        <span class="extra-name"
          ><strong>{{ extra.name }}</strong> <span class="soft">{{ extra.words }}</span></span
        >
        <MassInput
          :model-value="extra.grams_each"
          :label="`${extra.name} ${extra.words}, for each piece`"
          @update:model-value="
            grams => grams > 0 && emit('change', withGramsEach(request, plan, extra, grams))
          "
        />
        <span class="soft"
          >each, {{ units.text(extra.grams, 'g') }} in all;
          {{ units.text(extra.eaten_each.value, 'g') }} eaten</span
        >
        <button
          type="button"
          class="link-button"
          :aria-label="`Take out ${extra.name} ${extra.words}`"
          @click="emit('change', withoutExtra(request, plan, extra))"
        >
          Take out
        </button>
      </li>
    </ul>
    <p v-else>Nothing beside the dough.</p>
    <p v-if="plan.shape.stuffed" :class="{ 'is-harm': !plan.shape.stuffed.holds }">
      Filled, a piece is {{ units.text(plan.shape.diameter_mm.value, 'mm') }} wide and
      {{ units.text(plan.shape.thickness_mm.value, 'mm') }} thick. {{ units.words(plan.shape.stuffed.words) }}
    </p>
    <div class="row">
      <ElSelect v-model="place" class="extras-place" aria-label="Where it goes">
        <ElOption v-for="one in EXTRA_PLACES" :key="one.value" :value="one.value" :label="one.label" />
      </ElSelect>
      <ElSelect
        class="extras-thing"
        :model-value="''"
        filterable
        placeholder="What"
        aria-label="What goes there"
        @change="add"
      >
        <ElOption v-for="[id, name] in things" :key="id" :value="id" :label="name" />
      </ElSelect>
      <ElButton
        v-if="request.formula?.extras"
        @click="emit('change', { ...request, formula: { ...request.formula, extras: undefined } })"
        >As the way of greasing takes it</ElButton
      >
    </div>
  </div>
</template>

<style scoped>
.extra {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 7.6rem minmax(0, 1fr) auto;
  align-items: center;
  gap: 0.3rem 0.8rem;
  padding: 0.3rem 0;
  border-top: 1px solid var(--panel-edge);
}

.extras-place {
  width: 13rem;
}

.extras-thing {
  width: 18rem;
}

@media (max-width: 48rem) {
  .extra {
    grid-template-columns: minmax(0, 1fr) 7.6rem;
  }

  .extras-place,
  .extras-thing {
    width: 100%;
  }
}
</style>
