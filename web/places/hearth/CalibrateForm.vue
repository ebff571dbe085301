<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import { useAsking } from '@/api/asking'
import type { CalibrateQuestion, Gear, HeatTest } from '@/api/types'
import { uuid } from '@/api/uuid'
import { houseClock } from '@/bench/houseClock'
import type { LineDevice } from '@/devices/lines'
import { canConnect, connect } from '@/devices/serialPort'
import { watchHeat } from '@/devices/thermometer'
import { ThermometerStandIn } from '@/devices/thermometerStandIn'
import { surfaceRange, useHouse } from '@/bench/house'
import WarmUpPicture from '@/pictures/WarmUpPicture.vue'
import { useAppearance } from '@/ui/appearance'
import Fader from '@/ui/Fader.vue'
import Field from '@/ui/Field.vue'
import HeatInput from '@/ui/HeatInput.vue'
import KeepForm from '@/ui/KeepForm.vue'
import KeepOrLeave from '@/ui/KeepOrLeave.vue'
import { useNow } from '@/ui/now'
import ToggleRow from '@/ui/ToggleRow.vue'
import Why from '@/ui/Why.vue'
import { clock, useUnits } from '@/ui/units'
import { TESTS } from './gear'

/** Finds how hot a griddle gets at one setting: by a thermometer while it warms, by drops and flour, or by both. */
const { gear } = defineProps<{ gear: Gear }>()
const emit = defineEmits<{ kept: []; leave: [] }>()
const EVERY_SECONDS = 25
const MOST_READINGS = 60
const MOST_SPOTS = 9
const units = useUnits()
const knobs = surfaceRange(useHouse().kitchen)
const id = uuid()
const setting = ref('')
const believed = ref(230)
const readings = ref<NonNullable<CalibrateQuestion['readings']>>([])
const spots = ref<number[]>([])
const tests = ref<string[]>([])
const shown = ref<number | null>(null)
const calibration = useAsking(api.calibrate)
const appearance = useAppearance()
const now = useNow()
/** What reads by itself; without it the cook types what a thermometer shows. */
const device = shallowRef<LineDevice | null>(null)
const simulated = computed(() => (device.value instanceof ThermometerStandIn ? device.value : null))
const litAt = ref<number | null>(null)
const secondsLit = computed(() => (litAt.value === null ? 0 : Math.max(0, now.value - litAt.value) / 1000))
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

/** The moment at which the burner was lit is where the warming is counted from. */
function light(by: LineDevice | null = null) {
  litAt.value = houseClock.now()
  readings.value = []
  device.value = by
  if (by)
    stop = watchHeat(by, reading => {
      shown.value = reading.celsius
      const last = readings.value.at(-1)?.seconds ?? -EVERY_SECONDS
      if (reading.celsius !== null && secondsOn() - last >= EVERY_SECONDS) take(reading.celsius)
    })
}

function secondsOn(): number {
  return Math.round(
    simulated.value?.secondsOn ?? (houseClock.now() - (litAt.value ?? houseClock.now())) / 1000,
  )
}

function take(celsius: number) {
  if (readings.value.length < MOST_READINGS)
    readings.value = [...readings.value, { seconds: secondsOn(), celsius }]
}

function takeSpot(celsius: number | null) {
  if (typeof celsius === 'number' && spots.value.length < MOST_SPOTS) spots.value = [...spots.value, celsius]
}

function rest() {
  stop?.()
  stop = null
  device.value = null
  litAt.value = null
}

async function keep() {
  if (!question.value) return
  await api.keepCalibration(id, {
    gear: gear.id,
    setting: setting.value.trim(),
    taken_at: houseClock.moment(),
    question: question.value,
  })
}
</script>

<template>
  <section class="calibrate panel stack" :aria-label="`Calibrate ${gear.name}`">
    <h2>How hot is {{ gear.name }}?</h2>
    <Fader
      v-model="believed"
      label="What you believe it gives"
      :min="knobs[0]"
      :max="knobs[1]"
      :step="5"
      unit="celsius"
    />
    <div v-if="litAt === null" class="row">
      <ElButton type="primary" @click="light()">{{
        readings.length ? 'Light it again' : 'Light it now'
      }}</ElButton>
      <!-- It lands a little off what the knob promises, as griddles do. -->
      <ElButton v-if="appearance.simulated" @click="light(new ThermometerStandIn(216, 190))"
        >Light it with a simulated thermometer</ElButton
      >
      <ElButton v-if="canConnect()" @click="connect('Thermometer').then(by => by && light(by))"
        >Light it with a connected thermometer</ElButton
      >
    </div>
    <div v-else class="row">
      <output v-if="device" class="calibrate-shown" aria-label="Thermometer display">{{
        shown === null ? '– –' : units.text(shown, 'celsius')
      }}</output>
      <HeatInput v-else label="The metal shows" @read="take" />
      <HeatInput v-if="!simulated" label="Another place" @read="takeSpot" />
      <ElButton v-else :disabled="!readings.length" @click="takeSpot(simulated.spot())"
        >Read another place</ElButton
      >
      <ElButton @click="rest">Stop reading</ElButton>
    </div>
    <p class="soft">
      <template v-if="litAt !== null && !simulated">Lit for {{ clock(secondsLit) }}. </template>
      <template v-if="simulated">{{ simulated.name }}, clock twenty times as fast. </template>
      <template v-if="readings.length"
        >{{ readings.length }} {{ readings.length === 1 ? 'reading' : 'readings' }}, up to
        {{ clock(readings.at(-1)?.seconds ?? 0) }}.
      </template>
      <template v-else-if="litAt !== null && !device"
        >Read it every half a minute, at the middle, until it rises no more.
      </template>
      <template v-if="spots.length"
        >Elsewhere: {{ spots.map(one => units.text(one, 'celsius')).join(', ') }}.</template
      >
    </p>
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
        <li v-for="word in calibration.answer.value.words" :key="word">{{ units.words(word) }}</li>
      </ul>
    </template>
    <KeepForm class="stack" :label="`Keep a calibration of ${gear.name}`" :doing="keep" @kept="emit('kept')">
      <Field name="setting" label="The setting you use">
        <ElInput v-model="setting" maxlength="60" placeholder="Knob at 6" />
      </Field>
      <template #acts>
        <KeepOrLeave keep="Keep this calibration" :disabled="!question" @leave="emit('leave')" />
      </template>
    </KeepForm>
  </section>
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
