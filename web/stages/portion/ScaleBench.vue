<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import type { LineDevice } from '@/devices/lines'
import { Scale, type ScaleReading } from '@/devices/scale'
import { ScaleStandIn } from '@/devices/scaleStandIn'
import { canConnect, connect } from '@/devices/serialPort'
import { useAppearance } from '@/ui/appearance'
import { useUnits } from '@/ui/units'

/** The scale on the bench: one that is connected, a simulated one where the cook asked for such, or none, and its reading is typed. */
const { resolution, onScale, piece, counting } = defineProps<{
  resolution: number
  onScale: number
  piece: number
  counting: boolean
}>()
const emit = defineEmits<{ steady: [grams: number] }>()
const BOWL_GRAMS = 420
const units = useUnits()
const NOTHING: ScaleReading = { grams: null, steady: false, trouble: '' }
const appearance = useAppearance()
const scale = shallowRef<Scale | null>(null)
const standIn = shallowRef<ScaleStandIn | null>(null)
const plugged = ref(true)
const reading = ref(NOTHING)
let stop = () => {}
onScopeDispose(() => stop())

function use(device: LineDevice) {
  stop()
  scale.value = new Scale(device, resolution)
  stop = scale.value.watch(value => (reading.value = value))
}

function leave() {
  stop()
  scale.value = null
  standIn.value = null
  reading.value = NOTHING
}

/** The bowl is on it and was set to zero before the dough came. */
function simulate() {
  const simulated = new ScaleStandIn(resolution)
  simulated.setTo(BOWL_GRAMS)
  standIn.value = simulated
  plugged.value = true
  use(simulated)
  scale.value?.tare()
  simulated.setTo(BOWL_GRAMS + onScale)
}
watch(
  () => appearance.simulated,
  asked => {
    if (asked && !scale.value) simulate()
    else if (!asked && standIn.value) leave()
  },
  { immediate: true },
)
watch(
  () => onScale,
  grams => standIn.value?.setTo(BOWL_GRAMS + grams),
)
const said = computed(() => {
  if (reading.value.trouble === 'unplugged')
    return 'The scale is gone. What was taken is kept: plug it in again, or type what another scale shows.'
  if (reading.value.trouble === 'overload') return 'Too much on the scale. Take some off.'
  return reading.value.steady ? 'Steady.' : 'Wait for it to settle.'
})

/** A hand takes about a piece, never exactly. */
function pinch() {
  standIn.value?.put(-piece * (0.94 + 0.12 * Math.random()))
}

function pull() {
  plugged.value = !plugged.value
  if (plugged.value) standIn.value?.cable.plug()
  else standIn.value?.cable.unplug()
}

async function useReal() {
  const device = await connect('Scale')
  if (!device) return
  leave()
  use(device)
}

function take() {
  if (reading.value.grams !== null) emit('steady', reading.value.grams)
}
</script>

<template>
  <div v-if="!scale" class="scale-none row">
    <p class="soft">No scale is connected: type what yours shows.</p>
    <ElButton v-if="canConnect()" @click="useReal">Connect a scale</ElButton>
  </div>
  <div v-else class="scale panel stack">
    <h2>{{ scale.name }}</h2>
    <output
      class="scale-display"
      :class="{ 'is-steady': reading.steady, 'is-lost': reading.trouble !== '' }"
      aria-label="Scale display"
      >{{ reading.grams === null ? '– –' : units.text(reading.grams, 'g') }}</output
    >
    <p :class="{ soft: reading.trouble === '' }" role="status">{{ said }}</p>
    <div v-if="standIn" class="row">
      <ElButton :disabled="!counting" @click="pinch">Take about a piece</ElButton>
      <ElButton :disabled="!counting" @click="standIn?.put(-5)">Pinch off a little</ElButton>
      <ElButton :disabled="!counting" @click="standIn?.put(3)">Put a little back</ElButton>
      <ElButton @click="pull">{{ plugged ? 'Pull its cable' : 'Plug it in' }}</ElButton>
    </div>
    <div class="row">
      <ElButton type="primary" :disabled="!reading.steady" @click="take">{{
        counting ? 'Take this reading' : 'Use this as the whole dough'
      }}</ElButton>
      <ElButton v-if="standIn && canConnect()" @click="useReal">Connect a scale</ElButton>
    </div>
  </div>
</template>

<style scoped>
.scale-none {
  align-content: start;
}

@media (max-width: 48rem) {
  :root[data-view='bench'] .scale-none p {
    flex: 1;
    font-size: 0.9rem;
  }
}

.scale-display {
  padding: 0.3rem 1rem;
  border: 2px solid var(--edge-strong);
  border-radius: var(--round);
  background: var(--ground);
  color: var(--ink-soft);
  font: 600 2.6rem var(--font-head);
  text-align: right;
}

.scale-display.is-steady {
  border-color: var(--ready);
  color: var(--ink);
}

.scale-display.is-lost {
  border-color: var(--harm);
  border-style: dashed;
}
</style>
