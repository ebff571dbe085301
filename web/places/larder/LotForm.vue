<script setup lang="ts">
import { ElButton, ElInput, ElInputNumber, ElOption, ElSelect, ElSwitch } from 'element-plus'
import { computed, reactive, ref } from 'vue'
import { api, toldBy } from '@/api/client'
import type { Lot, LotChange } from '@/api/types'
import { uuid } from '@/api/uuid'
import { useHouse } from '@/house'
import DateField from '@/ui/DateField.vue'
import MassInput from '@/ui/MassInput.vue'
import { namesOf } from '../breads/formula'
import { changeOf, newLot, tidied } from './lots'

/** A bag to put in or to change. Nothing is lost where the house refuses: the form stays as it is. */
const { lot } = defineProps<{ lot: Lot | null }>()
const emit = defineEmits<{ kept: []; leave: [] }>()
const house = useHouse()
const names = computed(() => [...namesOf(house.kitchen)].filter(([id]) => id !== 'water'))
const id = lot?.id ?? uuid()
const change = reactive<LotChange>(lot ? changeOf(lot) : newLot('instant-masa-fine'))
const trouble = ref('')
const grams = computed({
  get: () => change.grams ?? 0,
  set: value => (change.grams = value || null),
})

async function keep() {
  try {
    await api.keepLot(id, tidied(change))
    emit('kept')
  } catch (failure) {
    trouble.value = toldBy(failure)
  }
}
</script>

<template>
  <form
    novalidate
    class="bag panel"
    :aria-label="lot ? `Change ${lot.label}` : 'A new bag'"
    @submit.prevent="keep"
  >
    <label class="bag-wide">
      What is in it
      <ElSelect v-model="change.ingredient" filterable aria-label="What is in it">
        <ElOption v-for="[ingredient, name] in names" :key="ingredient" :value="ingredient" :label="name" />
      </ElSelect>
    </label>
    <label class="bag-wide">
      What you call it
      <ElInput
        v-model="change.label"
        maxlength="80"
        placeholder="Sorghum, cloth sack"
        aria-label="What you call it"
      />
    </label>
    <div>
      <span>Bought, in all</span>
      <MassInput v-model="grams" label="Bought, in all" />
    </div>
    <div>
      <span>Price a kilogram</span>
      <ElInputNumber
        v-model="change.price_per_kg"
        :min="0"
        :max="100000"
        :precision="2"
        :controls="false"
        aria-label="Price a kilogram"
      />
    </div>
    <div><span>Bought</span><DateField v-model="change.bought_on" label="Bought" /></div>
    <div><span>Opened</span><DateField v-model="change.opened_on" label="Opened" /></div>
    <div><span>Emptied</span><DateField v-model="change.emptied_on" label="Emptied" /></div>
    <div>
      <span>Certified gluten-free</span>
      <ElSwitch v-model="change.certified_gluten_free" aria-label="Certified gluten-free" />
    </div>
    <div class="bag-wide">
      <span>From another mill: start again with what its flour takes</span>
      <ElSwitch
        v-model="change.starts_anew as boolean"
        aria-label="From another mill: start again with what its flour takes"
      />
    </div>
    <label class="bag-wide">
      Notes
      <ElInput v-model="change.notes as string" type="textarea" maxlength="2000" aria-label="Notes" />
    </label>
    <p v-if="trouble" class="bag-trouble" role="alert">{{ trouble }}</p>
    <div class="row bag-wide">
      <ElButton type="primary" native-type="submit" :disabled="!change.label.trim()">Keep it</ElButton>
      <ElButton @click="emit('leave')">Leave it as it was</ElButton>
    </div>
  </form>
</template>

<style scoped>
.bag {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(11rem, 100%), 1fr));
  gap: var(--gap);
}

.bag label,
.bag > div:not(.row) {
  display: grid;
  align-content: start;
  gap: 0.2rem;
  color: var(--ink-soft);
}

.bag-wide {
  grid-column: span 2;
}

.bag-trouble {
  grid-column: 1 / -1;
  color: var(--harm);
}

@media (max-width: 36rem) {
  .bag-wide {
    grid-column: auto;
  }
}
</style>
