<script setup lang="ts">
import { ElButton } from 'element-plus'
import type { Gear } from '@/api/types'
import { duration, useUnits } from '@/ui/units'
import { FLAMES, METALS, sizeOf } from './gear'

/** One tool, and for a griddle what each of its settings gives. */
const { gear } = defineProps<{ gear: Gear }>()
const emit = defineEmits<{ change: []; calibrate: []; loads: [] }>()
const units = useUnits()
const nameOf = (list: { value: string; label: string }[], value: string | undefined) =>
  list.find(one => one.value === value)?.label ?? ''
</script>

<template>
  <li class="gear panel stack">
    <h2>{{ gear.name }}</h2>
    <p class="soft">
      {{ gear.kind[0]?.toUpperCase() }}{{ gear.kind.slice(1) }}, {{ sizeOf(gear, units.text)
      }}<template v-if="gear.request.metal"
        >. {{ nameOf(METALS, gear.request.metal)
        }}{{ gear.request.thickness_mm ? `, ${units.text(gear.request.thickness_mm, 'mm')} thick` : '' }}.
        {{ nameOf(FLAMES, gear.request.burner) }}.</template
      >
    </p>
    <template v-if="gear.kind === 'griddle'">
      <p v-for="one in gear.calibrations" :key="one.id">
        <strong>{{ one.setting }}: {{ units.text(one.answer.surface_celsius.value, 'celsius') }}</strong>
        <span class="soft">
          ({{ units.text(one.answer.surface_celsius.low, 'celsius') }} to
          {{ units.text(one.answer.surface_celsius.high, 'celsius') }})<template
            v-if="one.answer.preheat_seconds"
            >, ready after {{ duration(one.answer.preheat_seconds) }}</template
          ></span
        >
      </p>
      <p v-if="!gear.calibrations.length">Nobody has looked yet how hot its settings are.</p>
      <div class="row">
        <ElButton type="primary" @click="emit('calibrate')">Calibrate a setting</ElButton>
        <ElButton @click="emit('loads')">Load after load</ElButton>
        <ElButton @click="emit('change')">Change it</ElButton>
      </div>
    </template>
  </li>
</template>
