<script setup lang="ts">
import { ElInput } from 'element-plus'
import { computed, reactive } from 'vue'
import { api } from '@/api/client'
import type { Gear, GearChange } from '@/api/types'
import { uuid } from '@/api/uuid'
import Choice from '@/ui/Choice.vue'
import Fader from '@/ui/Fader.vue'
import Field from '@/ui/Field.vue'
import KeepForm from '@/ui/KeepForm.vue'
import KeepOrLeave from '@/ui/KeepOrLeave.vue'
import { changeOf } from './gear'

/** A press, pan or scale to put in or to change. Nothing is lost where the house refuses: the form stays as it is. */
const { gear } = defineProps<{ gear: Gear | null }>()
const emit = defineEmits<{ kept: []; leave: [] }>()
type Tool = 'press' | 'pan' | 'scale'
const id = gear?.id ?? uuid()
const change = reactive<GearChange>(
  gear ? changeOf(gear) : { version: 0, kind: 'press', name: '', diameter_mm: 190 },
)
const kind = computed({ get: () => change.kind as Tool, set: value => (change.kind = value) })
const across = computed({ get: () => change.diameter_mm ?? 190, set: value => (change.diameter_mm = value) })
const count = computed({ get: () => change.count ?? 1, set: value => (change.count = value) })
const step = computed({
  get: () => change.resolution_grams ?? 1,
  set: value => (change.resolution_grams = value),
})

function keep() {
  const size = kind.value === 'scale' ? { resolution_grams: step.value } : { diameter_mm: across.value }
  const many = kind.value === 'pan' ? { count: count.value } : {}
  return api.keepGear(id, {
    version: change.version,
    kind: kind.value,
    name: change.name.trim(),
    ...size,
    ...many,
  })
}
</script>

<template>
  <KeepForm
    class="panel stack"
    :label="gear ? `Change ${gear.name}` : 'A new tool'"
    :doing="keep"
    @kept="emit('kept')"
  >
    <Choice
      v-if="!gear"
      v-model="kind"
      label="It is"
      :options="[
        { value: 'press', label: 'A press' },
        { value: 'pan', label: 'A pan' },
        { value: 'scale', label: 'A scale' },
      ]"
    />
    <Field name="name" label="What you call it"><ElInput v-model="change.name" maxlength="80" /></Field>
    <Fader
      v-if="kind === 'scale'"
      v-model="step"
      label="It shows steps of"
      :min="0.1"
      :max="10"
      :step="0.1"
      unit="g"
    />
    <Fader v-else v-model="across" label="Across" :min="80" :max="600" :step="5" unit="mm" />
    <Fader
      v-if="kind === 'pan'"
      v-model="count"
      label="How many of them"
      :min="1"
      :max="8"
      :step="1"
      :unit="null"
    />
    <template #acts><KeepOrLeave @leave="emit('leave')" /></template>
  </KeepForm>
</template>
