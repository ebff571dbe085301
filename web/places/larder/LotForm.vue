<script setup lang="ts">
import { ElInput, ElInputNumber, ElOption, ElSelect, ElSwitch } from 'element-plus'
import { computed, reactive } from 'vue'
import { api } from '@/api/client'
import type { Lot, LotChange } from '@/api/types'
import { uuid } from '@/api/uuid'
import { houseClock } from '@/bench/houseClock'
import { useHouse } from '@/bench/house'
import DateField from '@/ui/DateField.vue'
import Field from '@/ui/Field.vue'
import KeepForm from '@/ui/KeepForm.vue'
import KeepOrLeave from '@/ui/KeepOrLeave.vue'
import MassInput from '@/ui/MassInput.vue'
import { namesOf } from '@/ui/formula'
import { changeOf, newLot, tidied } from './lots'

/** A bag to put in or to change. Nothing is lost where the house refuses: the form stays as it is. */
const { lot } = defineProps<{ lot: Lot | null }>()
const emit = defineEmits<{ kept: []; leave: [] }>()
const house = useHouse()
const names = computed(() => [...namesOf(house.kitchen)].filter(([id]) => id !== 'water'))
const id = lot?.id ?? uuid()
const change = reactive<LotChange>(lot ? changeOf(lot) : newLot('instant-masa-fine'))
const grams = computed({
  get: () => change.grams ?? 0,
  set: value => (change.grams = value || null),
})

/** What the scale says now stands in place of what was bought and weighed out since. */
const weighed = computed({
  get: () => change.weighed_grams ?? lot?.left_grams ?? 0,
  set: value => Object.assign(change, { weighed_grams: value, weighed_at: houseClock.moment() }),
})

const keep = () => api.keepLot(id, tidied(change))
</script>

<template>
  <KeepForm
    class="bag panel"
    :label="lot ? `Change ${lot.label}` : 'A new bag'"
    :doing="keep"
    @kept="emit('kept')"
  >
    <Field class="bag-wide" name="ingredient" label="What is in it">
      <ElSelect v-model="change.ingredient" filterable>
        <ElOption v-for="[ingredient, name] in names" :key="ingredient" :value="ingredient" :label="name" />
      </ElSelect>
    </Field>
    <Field class="bag-wide" name="label" label="What you call it">
      <ElInput v-model="change.label" maxlength="80" placeholder="Sorghum, cloth sack" />
    </Field>
    <Field name="grams" label="Bought, in all"><MassInput v-model="grams" label="Bought, in all" /></Field>
    <Field v-if="lot" name="weighed_grams" label="Weighed now">
      <MassInput v-model="weighed" label="Weighed now" />
    </Field>
    <Field name="price_per_kg" label="Price a kilogram">
      <ElInputNumber v-model="change.price_per_kg" :min="0" :max="100000" :precision="2" :controls="false" />
    </Field>
    <Field name="bought_on" label="Bought"><DateField v-model="change.bought_on" label="Bought" /></Field>
    <Field name="opened_on" label="Opened"><DateField v-model="change.opened_on" label="Opened" /></Field>
    <Field name="best_before" label="Best before"
      ><DateField v-model="change.best_before as string | null" label="Best before"
    /></Field>
    <Field name="emptied_on" label="Emptied"><DateField v-model="change.emptied_on" label="Emptied" /></Field>
    <Field name="certified_gluten_free" label="Certified gluten-free">
      <ElSwitch v-model="change.certified_gluten_free" />
    </Field>
    <Field
      class="bag-wide"
      name="starts_anew"
      label="From another mill: start again with what its flour takes"
    >
      <ElSwitch v-model="change.starts_anew as boolean" />
    </Field>
    <Field class="bag-wide" name="notes" label="Notes">
      <ElInput v-model="change.notes as string" type="textarea" maxlength="2000" />
    </Field>
    <template #acts>
      <KeepOrLeave class="bag-wide" leave="Leave it as it was" @leave="emit('leave')" />
    </template>
  </KeepForm>
</template>

<style scoped>
.bag {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(11rem, 100%), 1fr));
  gap: var(--gap);
}

.bag-wide {
  grid-column: span 2;
}

@media (max-width: 36rem) {
  .bag-wide {
    grid-column: auto;
  }
}
</style>
