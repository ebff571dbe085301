<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { Griddle, Plan, PlanRequest } from '@/api/types'
import { houseClock } from '@/bench/houseClock'
import { GriddleStandIn } from '@/devices/griddleStandIn'
import type { LineDevice } from '@/devices/lines'
import { canConnect, connect } from '@/devices/serialPort'
import { parseHeatLine } from '@/devices/thermometer'
import { useHeat } from '@/devices/useHeat'
import { surfaceRange, useHouse } from '@/bench/house'
import { useAppearance } from '@/ui/appearance'
import HeatInput from '@/ui/HeatInput.vue'
import { timeOfDay } from '@/ui/timeOfDay'
import { useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import { withWish } from '@/api/requests'
import { Follower } from './follower'

/** The thermometer on the griddle: what it says, and the plan after it. */
const { plan, request, surface } = defineProps<{
  plan: Plan
  request: PlanRequest
  surface: Griddle['surface']
}>()
const units = useUnits()
const store = useBatch()
const appearance = useAppearance()
const following = ref(true)
const house = useHouse()
const follower = new Follower(surfaceRange(house.kitchen))
const planned = computed(() => plan.griddle.surface_celsius.value)
const { device, celsius, use, leave } = useHeat(parseHeatLine, shown => {
  const wanted = follower.take(shown, planned.value, houseClock.now())
  if (wanted !== null && following.value) follow(wanted)
})

/** What another thermometer read before says nothing of this one. */
function begin(chosen: LineDevice | null) {
  follower.forget()
  use(chosen)
}

/** Every later touch is timed for the griddle as it is, not as it was meant to be. */
function follow(wanted: number) {
  store.change(withWish(request, 'griddle', { surface_celsius: wanted }))
  void store.record('surface_taken', { celsius: wanted })
}

/** Read by another thermometer: it is written down, and the plan follows where it can be made for that heat. */
function read(celsius: number) {
  const wanted = Math.round(celsius)
  if (following.value && follower.isPlanned(wanted) && Math.abs(wanted - planned.value) > follower.reach)
    follow(wanted)
  else void store.record('surface_taken', { celsius: wanted })
}

const says = computed(() => {
  if (!device.value) return 'A thermometer on the metal keeps the times right when the griddle drifts.'
  if (celsius.value === null) return 'The thermometer does not answer. The plan stays as it is.'
  const off = celsius.value - planned.value
  if (Math.abs(off) <= follower.reach) return 'The griddle is as hot as the plan has it.'
  const much = `${units.apart(Math.abs(off))} ${off > 0 ? 'hotter' : 'cooler'} than the plan`
  return following.value ? `${much}: the plan follows.` : `${much}.`
})
</script>

<template>
  <section class="panel stack watch" aria-labelledby="watch-name">
    <div class="row">
      <h2 id="watch-name">How hot it is</h2>
      <output v-if="device && celsius !== null" class="watch-now">{{
        units.text(Math.round(celsius), 'celsius')
      }}</output>
    </div>
    <p role="status">{{ says }}</p>
    <p v-if="surface" class="soft">
      Last read at {{ units.text(surface.celsius, 'celsius') }}, {{ timeOfDay(surface.at) }}.
    </p>
    <HeatInput label="The metal by your own thermometer" @read="read" />
    <div v-if="device" class="row">
      <label class="watch-follow"
        ><input v-model="following" type="checkbox" /> The plan follows the reading</label
      >
      <template v-if="device instanceof GriddleStandIn">
        <ElButton @click="device.turn(-15)">Burner down</ElButton>
        <ElButton @click="device.turn(15)">Burner up</ElButton>
      </template>
      <ElButton @click="leave">Put it away</ElButton>
    </div>
    <div v-else class="row">
      <ElButton v-if="appearance.simulated" @click="begin(new GriddleStandIn(planned))"
        >Simulated thermometer</ElButton
      >
      <ElButton v-if="canConnect()" @click="connect('Thermometer').then(begin)"
        >Connect a thermometer</ElButton
      >
    </div>
  </section>
</template>

<style scoped>
.watch-now {
  margin-left: auto;
  color: var(--heat);
  font: 600 2rem var(--font-head);
}

.watch-follow {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  min-height: var(--target);
}
</style>
