<script setup lang="ts">
import { ElInput, ElOption, ElSelect, ElSwitch } from 'element-plus'
import { computed, reactive, watch } from 'vue'
import { useAsking } from '@/api/asking'
import { api } from '@/api/client'
import type { OwnIngredient } from '@/api/types'
import { useHouse } from '@/bench/house'
import Field from '@/ui/Field.vue'
import KeepForm from '@/ui/KeepForm.vue'
import KeepOrLeave from '@/ui/KeepOrLeave.vue'
import { useUnits } from '@/ui/units'
import LabelNumber from './LabelNumber.vue'
import { emptyLabel, PARTS, idFor } from './ownLabel'

/** The table of a package, shaped as packages print it, that checks its sums as it is typed. */
const { own } = defineProps<{ own: OwnIngredient | null }>()
const emit = defineEmits<{ kept: []; leave: [] }>()
const house = useHouse()
const units = useUnits()
const label = reactive(own ? structuredClone(own.document) : emptyLabel())
const likes = computed(() => house.kitchen?.ingredients.filter(one => one.id !== 'water') ?? [])
const check = useAsking(api.checkLabel)
const named = computed(() => ({ ...label, id: own ? label.id : idFor(label.name) }))
watch(named, document => document.name.trim() && void check.about(document), { deep: true, immediate: true })

const keep = () => api.keepOwn({ version: own?.version ?? 0, document: named.value })
</script>

<template>
  <KeepForm class="package panel" label="The table of a package" :doing="keep" @kept="emit('kept')">
    <div class="stack">
      <Field name="document.name" label="What it is called">
        <ElInput v-model="label.name" maxlength="80" />
      </Field>
      <Field name="document.like" label="What it is like, for water and hold">
        <ElSelect v-model="label.like" filterable>
          <ElOption v-for="one in likes" :key="one.id" :value="one.id" :label="one.name" />
        </ElSelect>
      </Field>
      <p class="soft">
        A package tells nothing of how a flour drinks. That is borrowed, with a wider spread, until your
        batches know better.
      </p>
    </div>
    <fieldset class="package-table">
      <legend>In 100 g</legend>
      <LabelNumber
        v-for="part in PARTS"
        :key="part.id"
        v-model="label.per_100_g[part.id]"
        :label="part.label"
        :unit="part.unit"
        :inset="part.inset"
      />
      <div class="row">
        <ElSwitch
          v-model="label.per_100_g.fibre_within_carbohydrate as boolean"
          aria-label="The carbohydrate counts fibre in"
        />
        <span>The carbohydrate counts fibre in</span>
      </div>
    </fieldset>
    <div class="stack" aria-live="polite">
      <h2>Does it add up?</h2>
      <p v-if="check.refused.value" class="package-wrong">{{ check.refused.value }}</p>
      <template v-else-if="check.answer.value">
        <p class="package-right">✓ It does.</p>
        <p>
          The parts come to {{ units.text(check.answer.value.sum_grams, 'g') }}; the rest is
          {{ units.text(check.answer.value.water_grams, 'g') }} water and
          {{ units.text(check.answer.value.ash_grams, 'g') }} minerals, as in what it is like.
        </p>
        <p>
          Energy printed {{ units.text(check.answer.value.energy_printed_kj, 'kJ') }}, counted from the parts
          {{ units.text(check.answer.value.energy_counted_kj, 'kJ') }}.
        </p>
      </template>
      <p v-else class="soft">Give it a name and type its table.</p>
      <KeepOrLeave :disabled="!check.answer.value || !!check.refused.value" @leave="emit('leave')" />
    </div>
  </KeepForm>
</template>

<style scoped>
.package {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(17rem, 100%), 1fr));
  gap: 1.5rem;
}

.package-table {
  display: grid;
  margin: 0;
  padding: 0.8rem;
  border: 3px solid var(--ink);
  border-radius: 4px;
}

.package-table legend {
  font: 600 1.1rem var(--font-head);
}

.package-wrong {
  color: var(--harm);
}

.package-right {
  color: var(--ready);
  font-weight: 600;
}
</style>
