<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useAsking } from '@/api/asking'
import { api } from '@/api/client'
import type { Allergen, ChooseQuestion, ChosenBread } from '@/api/types'
import { uuid } from '@/api/uuid'
import { useHouse } from '@/bench/house'
import BreadPicture from '@/pictures/BreadPicture.vue'
import AllergenChoice from '@/ui/AllergenChoice.vue'
import Choice from '@/ui/Choice.vue'
import WheatMark from '@/ui/WheatMark.vue'
import Why from '@/ui/Why.vue'
import { useUnits } from '@/ui/units'
import { saysAll } from '@/ui/search'
import ShelfSearch from '@/ui/ShelfSearch.vue'
import ToggleRow from '@/ui/ToggleRow.vue'
import WishFader from '@/ui/WishFader.vue'

/** The breads of this kitchen, and a way to another one by what it must do and for whom. */
const house = useHouse()
const sought = ref('')
const away = ref(false)
const all = computed(() => house.kitchen?.breads ?? [])
const own = computed(() =>
  all.value.filter(one => one.archived === away.value && saysAll(`${one.name} ${one.purpose}`, sought.value)),
)
const router = useRouter()
const units = useUnits()
const wishes = reactive<{
  purpose: NonNullable<ChooseQuestion['purpose']> | 'any'
  without: Allergen[]
  carbohydrate: number | undefined
  minutes: number | undefined
  lacks: string[]
}>({
  purpose: 'wrap',
  without: [],
  carbohydrate: undefined,
  minutes: undefined,
  lacks: [],
})
const { answer, about } = useAsking(api.choose)
const question = computed<ChooseQuestion>(() => ({
  ...(wishes.purpose === 'any' ? {} : { purpose: wishes.purpose }),
  without: wishes.without,
  ...(wishes.carbohydrate === undefined ? {} : { net_carbohydrate_most: Math.max(0.5, wishes.carbohydrate) }),
  ...(wishes.minutes === undefined ? {} : { minutes_most: Math.max(5, wishes.minutes) }),
  ...Object.fromEntries(wishes.lacks.map(lack => [lack, true])),
}))
const fitting = computed(() => answer.value?.filter(bread => !bread.misses.length) ?? [])
const near = computed(() => answer.value?.filter(bread => bread.misses.length === 1).slice(0, 6) ?? [])
/** As many as can be looked over at once; the others when they are asked for. */
const AT_ONCE = 9
const whole = ref(false)
const found = computed(() => [...fitting.value, ...near.value])
const shown = computed(() => found.value.slice(0, whole.value ? undefined : AT_ONCE))
watch(
  question,
  asked => {
    whole.value = false
    void about(asked)
  },
  { immediate: true },
)

async function keep(chosen: ChosenBread) {
  const style = house.kitchen?.styles.find(one => one.id === chosen.style)
  if (!style) return
  const id = uuid()
  await api.newBread(id, style.name, {
    style: style.id,
    formula: { lines: style.lines },
    pieces: { count: style.piece_count, grams_each: style.piece_grams, thickness_mm: style.thickness_mm },
  })
  await house.refresh()
  await router.push({ name: 'bread', params: { id } })
}
</script>

<template>
  <div class="breads">
    <section class="breads-own" aria-labelledby="own">
      <h1 id="own">Your breads</h1>
      <RouterLink class="breads-words" :to="{ name: 'in-words' }">Write or paste a formula</RouterLink>
      <ShelfSearch
        v-model="sought"
        v-model:away="away"
        :away-count="all.filter(one => one.archived).length"
        label="Search your breads"
      />
      <ul>
        <li v-for="bread in own" :key="bread.id" class="breads-line">
          <RouterLink :to="{ name: 'bread', params: { id: bread.id } }">
            <BreadPicture :portrait="bread.portrait" />
            <span>
              <strong>{{ bread.name }}</strong>
              <span class="soft">version {{ bread.revision }}</span>
              <WheatMark v-if="bread.contains_wheat" />
            </span>
          </RouterLink>
          <button
            type="button"
            class="link-button"
            :aria-label="`${bread.archived ? 'Take out' : 'Put away'} ${bread.name}`"
            @click="house.archive('breads', bread.id, !bread.archived)"
          >
            {{ bread.archived ? 'Take out' : 'Put away' }}
          </button>
        </li>
      </ul>
    </section>
    <section class="breads-find" aria-labelledby="find">
      <h2 id="find">What must the next bread do, and for whom?</h2>
      <div class="panel stack">
        <Choice
          v-model="wishes.purpose"
          label="It must"
          :options="[
            { value: 'wrap', label: 'Wrap' },
            { value: 'fold', label: 'Fold' },
            { value: 'fill', label: 'Hold a filling' },
            { value: 'split', label: 'Split and be stuffed' },
            { value: 'dip', label: 'Tear and dip' },
            { value: 'top', label: 'Carry a topping' },
            { value: 'crisp', label: 'Crisp' },
            { value: 'any', label: 'Anything' },
          ]"
        />
        <AllergenChoice v-model="wishes.without" label="Somebody cannot have" />
        <div class="breads-limits">
          <WishFader
            v-model="wishes.carbohydrate"
            label="Net carbohydrate in a piece, at most"
            :start="5"
            :max="60"
          />
          <WishFader
            v-model="wishes.minutes"
            label="Minutes from start to table, at most"
            :start="60"
            :max="240"
            unit="min"
          />
          <ToggleRow
            v-model="wishes.lacks"
            label="In this kitchen there is"
            :options="[
              { id: 'no_press', name: 'No press' },
              { id: 'no_oven', name: 'No oven' },
              { id: 'no_boiling', name: 'No scalding, please' },
            ]"
          />
        </div>
      </div>
      <p v-if="answer" role="status">
        {{ fitting.length ? `${fitting.length} fit every wish.` : 'None fits every wish; these miss one.' }}
      </p>
      <ul class="breads-found">
        <li
          v-for="bread in shown"
          :key="bread.style"
          class="panel"
          :class="{ 'is-near': bread.misses.length }"
        >
          <strong>{{ bread.name }}</strong>
          <p>{{ bread.purpose }}</p>
          <ul>
            <li v-for="fit in bread.fits" :key="fit">✓ {{ fit }}</li>
            <li v-for="miss in bread.misses" :key="miss">✗ {{ miss }}</li>
          </ul>
          <div class="soft">
            <p>
              {{ bread.count }} × {{ units.text(bread.piece_grams, 'g') }},
              {{ units.text(bread.minutes.value, 'min') }}
              <Why :figure="bread.minutes" :label="`Time of ${bread.name}`" />
            </p>
            <p>
              {{ units.held(bread.net_carbohydrate_grams.value, 'g') }} net carbohydrate each
              <Why :figure="bread.net_carbohydrate_grams" :label="`Net carbohydrate of ${bread.name}`" />
            </p>
          </div>
          <ElButton :aria-label="`Keep ${bread.name} as a bread`" @click="keep(bread)"
            >Keep it as a bread</ElButton
          >
        </li>
      </ul>
      <p v-if="found.length > shown.length">
        <ElButton @click="whole = true">{{ found.length - shown.length }} more</ElButton>
      </p>
    </section>
  </div>
</template>

<style scoped>
.breads {
  display: grid;
  grid-template-columns: minmax(15rem, 19rem) 1fr;
  gap: 1.5rem;
  max-width: 84rem;
  margin: 0 auto;
  padding: 1.2rem;
}

.breads section {
  display: grid;
  align-content: start;
  gap: var(--gap);
}

.breads-own .breads-words {
  display: inline-flex;
  justify-self: start;
  align-items: center;
  min-height: 44px;
  padding: 0 0.9rem;
  border: 1px solid var(--edge-strong);
  border-radius: var(--round);
}

.breads-own ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

.breads-line {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 0.5rem;
  border-top: 1px solid var(--panel-edge);
}

.breads-own a {
  display: grid;
  grid-template-columns: 4.2rem 1fr;
  align-items: center;
  gap: 0.6rem;
  min-height: calc(var(--target) + 0.9rem);
  color: var(--ink);
  text-decoration: none;
}

.breads-own a strong,
.breads-own a .soft {
  display: block;
}

.breads-own a:hover {
  background: var(--active-wash);
}

.breads-limits {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: var(--gap) 1.5rem;
}

.breads-found {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(17rem, 100%), 1fr));
  gap: var(--gap);
  margin: 0;
  padding: 0;
  list-style: none;
}

.breads-found > li {
  display: grid;
  grid-template-rows: auto auto 1fr auto auto;
  gap: 0.35rem;
  border-left: 6px solid var(--ready);
}

.breads-found > li.is-near {
  border-left-color: var(--edge-strong);
}

.breads-found ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

@media (max-width: 52rem) {
  .breads {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
