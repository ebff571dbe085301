<script setup lang="ts">
import { ElButton, ElOption, ElSelect } from 'element-plus'
import { computed, reactive, watch } from 'vue'
import { useAsking } from '@/api/asking'
import { api } from '@/api/client'
import type { BlendQuestion, PlanRequest } from '@/api/types'
import { useHouse } from '@/bench/house'
import AllergenChoice from '@/ui/AllergenChoice.vue'
import Choice from '@/ui/Choice.vue'
import FigureRow from '@/ui/FigureRow.vue'
import { useUnits } from '@/ui/units'
import WishFader from '@/ui/WishFader.vue'
import { GOALS, questionOf, withBlend, type Wishes } from './blend'
import { namesOf } from '@/ui/formula'

/** Flours and binders that meet every wish, or the wishes that clash. */
const { request } = defineProps<{ request: PlanRequest }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
const units = useUnits()
const house = useHouse()
const names = computed(() => namesOf(house.kitchen))
const wishes = reactive<Wishes>({ from: 'all', goal: 'least_binder', without: [], least: {} })
const { answer, refused, about } = useAsking(api.blend)
const question = computed<BlendQuestion>(() => questionOf(request.style, wishes, house.kitchen))
const dry = computed(() =>
  (house.kitchen?.ingredients ?? []).filter(one => ['flour', 'starch'].includes(one.role)),
)
watch(question, asked => void about(asked), { immediate: true })
</script>

<template>
  <div class="blend">
    <div class="stack">
      <Choice
        v-model="wishes.from"
        label="From"
        :options="[
          { value: 'all', label: 'All that ships' },
          { value: 'larder', label: 'The larder, with binders' },
        ]"
      />
      <Choice v-model="wishes.goal" label="With" :options="GOALS" />
      <AllergenChoice v-model="wishes.without" label="Without" />
      <div class="blend-wishes">
        <WishFader
          v-model="wishes.net_carbohydrate_most"
          label="Net carbohydrate, at most in 100 g"
          :start="40"
          :max="85"
        />
        <WishFader v-model="wishes.protein_least" label="Protein, at least in 100 g" :start="12" :max="40" />
        <WishFader v-model="wishes.fibre_least" label="Fibre, at least in 100 g" :start="8" :max="40" />
        <WishFader
          v-model="wishes.price_most"
          label="Cost of a kilogram, at most"
          :start="4"
          :max="30"
          unit="money"
        />
      </div>
      <label class="blend-least">
        <span class="soft">At least 40 % of</span>
        <ElSelect
          :model-value="Object.keys(wishes.least)[0] ?? ''"
          clearable
          filterable
          placeholder="no flour in particular"
          aria-label="At least 40 % of"
          @change="(id: string | undefined) => (wishes.least = id ? { [id]: 40 } : {})"
        >
          <ElOption v-for="one in dry" :key="one.id" :value="one.id" :label="one.name" />
        </ElSelect>
      </label>
    </div>
    <div class="stack" aria-live="polite">
      <p v-if="refused" role="alert">{{ refused }}</p>
      <template v-else-if="answer?.possible">
        <h3>This blend meets every wish</h3>
        <ul class="blend-lines">
          <li v-for="line in answer.lines" :key="line.ingredient">
            <span>{{ names.get(line.ingredient) ?? line.name }}</span>
            <strong>{{ units.text(line.percent, 'percent') }}</strong>
            <meter :value="line.percent" min="0" max="100" :aria-label="line.name"></meter>
          </li>
        </ul>
        <dl v-if="answer.per_100_g && answer.binding_index" class="blend-facts">
          <FigureRow
            label="Net carbohydrate in 100 g, dry"
            :figure="answer.per_100_g.net_carbohydrate_grams"
          />
          <FigureRow label="Protein" :figure="answer.per_100_g.protein_grams" />
          <FigureRow label="Fibre" :figure="answer.per_100_g.fibre_grams" />
          <FigureRow label="Binding" :figure="answer.binding_index" />
        </dl>
        <p v-if="answer.price_per_kg !== null">{{ units.text(answer.price_per_kg, 'money') }} a kilogram.</p>
        <p class="soft">
          Starch that swells and the dough's water follow once it is taken; a linear program over every wish
          at once found it.
        </p>
        <ElButton type="primary" @click="emit('change', withBlend(request, answer.lines, house.kitchen))"
          >Take this blend</ElButton
        >
      </template>
      <template v-else-if="answer">
        <h3>These wishes clash</h3>
        <ul>
          <li v-for="wish in answer.clash" :key="wish.text">{{ units.words(wish.text) }}</li>
        </ul>
        <p>Give up any one of them and the others can be met.</p>
      </template>
    </div>
  </div>
</template>

<style scoped>
.blend {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(22rem, 100%), 1fr));
  gap: 1.5rem;
}

.blend-wishes {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(16rem, 100%), 1fr));
  gap: var(--gap);
  align-items: end;
}

.blend-least {
  display: grid;
  gap: 0.2rem;
}

.blend-facts {
  margin: 0;
}

.blend-lines {
  display: grid;
  gap: 0.3rem;
  margin: 0;
  padding: 0;
  list-style: none;
}

.blend-lines li {
  display: grid;
  grid-template-columns: 1fr auto;
}

.blend-lines meter {
  grid-column: 1 / 3;
  width: 100%;
  height: 0.6rem;
}
</style>
