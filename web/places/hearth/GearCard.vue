<script setup lang="ts">
import { computed } from 'vue'
import { ElButton } from 'element-plus'
import type { Gear } from '@/api/types'
import { useHouse } from '@/bench/house'
import HeatCurve from '@/pictures/HeatCurve.vue'
import { duration, useUnits } from '@/ui/units'
import LearnedList from './LearnedList.vue'
import { FLAMES, METALS, sizeOf } from './gear'

/** One tool, and for a griddle what each of its settings gives. */
const { gear } = defineProps<{ gear: Gear }>()
const emit = defineEmits<{ change: []; calibrate: []; loads: [] }>()
const units = useUnits()
const house = useHouse()
const sags = computed(() => house.kitchen?.learned.filter(one => one.griddle === gear.id) ?? [])
const preheat = (setting: string) =>
  gear.calibrations.find(one => one.setting === setting)?.answer.preheat_seconds ?? null
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
      <template v-if="gear.heat">
        <HeatCurve :heat="gear.heat" :name="gear.name" />
        <p v-for="one in gear.heat.settings" :key="one.name" :class="{ soft: gear.heat.set_aside }">
          <strong>{{ one.name }}: {{ units.text(one.celsius, 'celsius') }}</strong>
          <span class="soft">
            ({{ units.text(one.low, 'celsius') }} to {{ units.text(one.high, 'celsius') }}), by its
            calibration{{ one.batches ? ` and ${one.batches} ${one.batches === 1 ? 'batch' : 'batches'}` : ''
            }}<template v-if="preheat(one.name)"
              >; ready after {{ duration(preheat(one.name) ?? 0) }}</template
            ></span
          >
        </p>
        <p v-if="gear.heat.settings.length" class="row">
          <span class="soft">{{
            gear.heat.set_aside ? 'Set aside: plans go by the heat that is usual.' : 'Plans go by this.'
          }}</span>
          <ElButton @click="house.setAside(gear.heat.aside, !gear.heat.set_aside)">{{
            gear.heat.set_aside ? 'Use it' : 'Set it aside'
          }}</ElButton>
        </p>
        <LearnedList v-if="sags.length" :things="sags" />
      </template>
      <p v-if="!gear.calibrations.length">Nobody has looked yet how hot its settings are.</p>
      <div class="row">
        <ElButton type="primary" @click="emit('calibrate')">Calibrate a setting</ElButton>
        <ElButton @click="emit('loads')">Load after load</ElButton>
      </div>
    </template>
    <div class="row">
      <ElButton :aria-label="`Change ${gear.name}`" @click="emit('change')">Change it</ElButton>
      <ElButton
        :aria-label="`${gear.archived ? 'Take out' : 'Put away'} ${gear.name}`"
        @click="house.archive('gear', gear.id, !gear.archived)"
        >{{ gear.archived ? 'Take it out again' : 'Put it away' }}</ElButton
      >
    </div>
  </li>
</template>
