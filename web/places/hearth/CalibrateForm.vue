<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { computed, onScopeDispose, ref, watch } from 'vue'
import { api, toldBy } from '@/api/client'
import { useAsking } from '@/api/asking'
import type { CalibrateQuestion, Gear, HeatTest } from '@/api/types'
import { uuid } from '@/api/uuid'
import { houseClock } from '@/bench/houseClock'
import { watchHeat } from '@/devices/thermometer'
import { ThermometerStandIn } from '@/devices/thermometerStandIn'
import { surfaceRange, useHouse } from '@/house'
import WarmUpPicture from '@/pictures/WarmUpPicture.vue'
import Fader from '@/ui/Fader.vue'
import ToggleRow from '@/ui/ToggleRow.vue'
import Why from '@/ui/Why.vue'
import { clock, useUnits } from '@/ui/units'
import { TESTS } from './gear'

/** Finds how hot a griddle gets at one setting: by a thermometer while it warms, by drops and flour, or by both. */
const { gear } = defineProps<{ gear: Gear }>()
const emit = defineEmits<{ kept: []; leave: [] }>()
const EVERY_SECONDS = 25
const units = useUnits()
const knobs = surfaceRange(useHouse().kitchen)
const id = uuid()
const setting = ref('')
const believed = ref(230)
const readings = ref<NonNullable<CalibrateQuestion['readings']>>([])
const spots = ref<number[]>([])
const tests = ref<string[]>([])
const shown = ref<number | null>(null)
const trouble = ref('')
const calibration = useAsking(api.calibrate)
/** It lands a little off what the knob promises, as griddles do. */
const thermometer = new ThermometerStandIn(216, 190)
const warming = ref(false)
let stop: (() => void) | null = null
onScopeDispose(() => stop?.())

const question = computed<CalibrateQuestion | null>(() => {
  if (!readings.value.length && !tests.value.length && !spots.value.length) return null
  return {
    believed_celsius: believed.value,
    ...(readings.value.length ? { readings: readings.value } : {}),
    ...(tests.value.length ? { tests: tests.value as HeatTest[] } : {}),
    ...(spots.value.length ? { spots: spots.value } : {}),
  }
})
watch(question, asked => (asked ? void calibration.about(asked) : calibration.forget()))

function light() {
  warming.value = true
  stop = watchHeat(thermometer, reading => {
    shown.value = reading.celsius
    const last = readings.value.at(-1)?.seconds ?? -EVERY_SECONDS
    const seconds = Math.round(thermometer.secondsOn)
    if (reading.celsius !== null && seconds - last >= EVERY_SECONDS && readings.value.length < 60)
      readings.value = [...readings.value, { seconds, celsius: reading.celsius }]
  })
}

function rest() {
  warming.value = false
  stop?.()
  stop = null
}

async function keep() {
  if (!question.value) return
  try {
    await api.keepCalibration(id, {
      gear: gear.id,
      setting: setting.value.trim(),
      taken_at: houseClock.moment(),
      question: question.value,
    })
    emit('kept')
  } catch (failure) {
    trouble.value = toldBy(failure)
  }
}
</script>

<template>
  <form
    class="calibrate panel stack"
    :aria-label="`Calibrate ${gear.name}`"
    novalidate
    @submit.prevent="keep"
  >
    <h2>How hot is {{ gear.name }}?</h2>
    <label>
      The setting you use
      <ElInput v-model="setting" maxlength="60" placeholder="Knob at 6" aria-label="The setting you use" />
    </label>
    <Fader
      v-model="believed"
      label="What you believe it gives"
      :min="knobs[0]"
      :max="knobs[1]"
      :step="5"
      unit="celsius"
    />
    <div class="row">
      <ElButton v-if="!warming" type="primary" @click="light">{{
        readings.length ? 'Go on reading' : 'Light it and read the thermometer'
      }}</ElButton>
      <ElButton v-else @click="rest">Stop reading</ElButton>
      <output class="calibrate-shown" aria-label="Thermometer display">{{
        shown === null ? '– –' : units.text(shown, 'celsius')
      }}</output>
      <span class="soft"
        >{{ thermometer.name }}, clock twenty times as fast. {{ readings.length }} readings, up to
        {{ clock(readings.at(-1)?.seconds ?? 0) }}.</span
      >
      <ElButton
        :disabled="!readings.length || spots.length >= 9"
        @click="spots = [...spots, thermometer.spot()]"
        >Read another place</ElButton
      >
      <span v-if="spots.length" class="soft">{{
        spots.map(one => units.text(one, 'celsius')).join(', ')
      }}</span>
    </div>
    <ToggleRow v-model="tests" label="Or look: a drop of water, a pinch of flour" :options="TESTS" />
    <p class="soft">
      Hot metal: drop water from a spoon, stand back from the spatter, and sweep the flour off before you
      cook.
    </p>
    <p v-if="calibration.refused.value" role="alert">{{ calibration.refused.value }}</p>
    <template v-if="calibration.answer.value">
      <p class="says">
        {{ units.text(calibration.answer.value.surface_celsius.value, 'celsius') }}
        <Why :figure="calibration.answer.value.surface_celsius" label="Surface" />
      </p>
      <WarmUpPicture :calibration="calibration.answer.value" :readings="readings" />
      <ul class="calibrate-words">
        <li v-for="word in calibration.answer.value.words" :key="word">{{ word }}</li>
      </ul>
    </template>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <div class="row">
      <ElButton type="primary" native-type="submit" :disabled="!question || !setting.trim()"
        >Keep this calibration</ElButton
      >
      <ElButton @click="emit('leave')">Leave it</ElButton>
    </div>
  </form>
</template>

<style scoped>
.calibrate-shown {
  min-width: 7rem;
  padding: 0.2rem 0.8rem;
  border: 2px solid var(--edge-strong);
  border-radius: var(--round);
  background: var(--ground);
  font: 600 1.9rem var(--font-head);
  text-align: right;
}

.calibrate-words {
  margin: 0;
  padding-left: 1.2rem;
}
</style>
