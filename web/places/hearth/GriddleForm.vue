<script setup lang="ts">
import { ElInput } from 'element-plus'
import { computed, reactive, ref } from 'vue'
import { api } from '@/api/client'
import type { Gear, GearChange } from '@/api/types'
import { uuid } from '@/api/uuid'
import Choice from '@/ui/Choice.vue'
import Fader from '@/ui/Fader.vue'
import Field from '@/ui/Field.vue'
import KeepForm from '@/ui/KeepForm.vue'
import KeepOrLeave from '@/ui/KeepOrLeave.vue'
import { BURNERS, STRENGTHS, changeOf, METALS, newGriddle, tidied } from './gear'

/** A griddle to put in or to change. Nothing is lost where the house refuses: the form stays as it is. */
const { gear } = defineProps<{ gear: Gear | null }>()
const emit = defineEmits<{ kept: []; leave: [] }>()
const id = gear?.id ?? uuid()
const change = reactive<GearChange>(gear ? changeOf(gear) : newGriddle())

/** A measure that the griddle may not have yet, at a usual size. */
const measure = (
  name: 'diameter_mm' | 'width_mm' | 'depth_mm' | 'thickness_mm' | 'burner_watts',
  usual: number,
) => computed({ get: () => change[name] ?? usual, set: value => (change[name] = value) })
const diameter = measure('diameter_mm', 300)
const width = measure('width_mm', 500)
const depth = measure('depth_mm', 320)
const thickness = measure('thickness_mm', 5)
const watts = measure('burner_watts', 2500)
const saysWatts = ref<'usual' | 'known'>(change.burner_watts === undefined ? 'usual' : 'known')

function keep() {
  const whole = { ...change }
  if (saysWatts.value === 'known') whole.burner_watts = watts.value
  else delete whole.burner_watts
  if (whole.shape === 'rectangle') Object.assign(whole, { width_mm: width.value, depth_mm: depth.value })
  else whole.diameter_mm = diameter.value
  return api.keepGear(id, tidied(whole))
}
</script>

<template>
  <KeepForm
    class="panel stack"
    :label="gear ? `Change ${gear.name}` : 'A new griddle'"
    :doing="keep"
    @kept="emit('kept')"
  >
    <Field name="name" label="What you call it">
      <ElInput v-model="change.name" maxlength="80" placeholder="Black iron plate" />
    </Field>
    <Choice
      v-model="change.shape"
      label="Shape"
      :options="[
        { value: 'round', label: 'Round' },
        { value: 'rectangle', label: 'Rectangle' },
      ]"
    />
    <Fader
      v-if="change.shape !== 'rectangle'"
      v-model="diameter"
      label="Across"
      :min="120"
      :max="900"
      :step="5"
      unit="mm"
    />
    <template v-else>
      <Fader v-model="width" label="Wide" :min="120" :max="1200" :step="10" unit="mm" />
      <Fader v-model="depth" label="Deep" :min="120" :max="900" :step="10" unit="mm" />
    </template>
    <Choice v-model="change.metal" label="Of" :options="METALS" />
    <Fader v-model="thickness" label="Thick" :min="1" :max="30" :step="0.5" unit="mm" />
    <Choice v-model="change.burner" label="Does the flame change by itself?" :options="BURNERS" />
    <Choice v-model="saysWatts" label="How strong is it?" :options="STRENGTHS" />
    <Fader
      v-if="saysWatts === 'known'"
      v-model="watts"
      label="With the flame open"
      :min="500"
      :max="15000"
      :step="100"
      :unit="null"
      :words="value => `${value / 1000} kW`"
    />
    <template #acts><KeepOrLeave @leave="emit('leave')" /></template>
  </KeepForm>
</template>
