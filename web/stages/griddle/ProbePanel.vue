<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Griddle, Plan } from '@/api/types'
import { houseClock } from '@/bench/houseClock'
import type { LineDevice } from '@/devices/lines'
import { middleAfter, ProbeStandIn } from '@/devices/probeStandIn'
import { canConnect, connect } from '@/devices/serialPort'
import { parseCentreLine } from '@/devices/thermometer'
import { useHeat } from '@/devices/useHeat'
import { useAppearance } from '@/ui/appearance'
import { useUnits } from '@/ui/units'
import { useBatch } from '../batch'

/** A probe in a thick bread: the lift waits until the middle is done. */
const { plan, griddle } = defineProps<{ plan: Plan; griddle: Griddle }>()
const units = useUnits()
const store = useBatch()
const appearance = useAppearance()
const { device, celsius, use } = useHeat(parseCentreLine)
const piece = computed(() => griddle.pieces[0])

/** It is done a little after the plan has it, so that there is something to wait for. */
function standIn(): LineDevice {
  return new ProbeStandIn(() =>
    piece.value
      ? middleAfter(
          (houseClock.now() - Date.parse(piece.value.laid_at)) / 1000,
          plan.griddle.done_celsius ?? 94,
          plan.griddle.lift.at_seconds * 1.1,
        )
      : 21,
  )
}

function take() {
  if (piece.value && celsius.value !== null)
    void store.record('centre_taken', {
      piece: piece.value.piece,
      celsius: Math.round(celsius.value * 10) / 10,
    })
}
</script>

<template>
  <section class="panel stack" aria-labelledby="probe-name">
    <div class="row">
      <h2 id="probe-name">How hot it is inside</h2>
      <output v-if="device && celsius !== null" class="probe-now">{{
        units.text(Math.round(celsius), 'celsius')
      }}</output>
    </div>
    <p role="status">
      {{
        griddle.probe
          ? `Piece ${griddle.probe.piece}: ${units.words(griddle.probe.words)}`
          : 'Put the probe in from the side, to the middle. Steam from a thick round burns.'
      }}
    </p>
    <div class="row">
      <ElButton v-if="!device && appearance.simulated" @click="use(standIn())">Simulated probe</ElButton>
      <ElButton v-if="!device && canConnect()" @click="connect('Probe').then(use)">Connect a probe</ElButton>
      <ElButton v-if="device && piece" type="primary" :disabled="celsius === null" @click="take"
        >Take it for piece {{ piece.piece }}</ElButton
      >
    </div>
  </section>
</template>

<style scoped>
.probe-now {
  margin-left: auto;
  color: var(--heat);
  font: 600 2rem var(--font-head);
}
</style>
