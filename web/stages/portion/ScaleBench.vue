<script setup lang="ts">
import { ElButton } from 'element-plus'
import { onScopeDispose, ref, watch } from 'vue'
import { ScaleStandIn } from '@/devices/scaleStandIn'
import { useUnits } from '@/ui/units'

/** The scale on the bench. What ships is a stand-in: dough is taken off it with these buttons instead of by hand. */
const { resolution, onScale, piece, counting } = defineProps<{
  resolution: number
  onScale: number
  piece: number
  counting: boolean
}>()
const emit = defineEmits<{ steady: [grams: number] }>()
const units = useUnits()
const scale = new ScaleStandIn(resolution)
const reading = ref({ grams: 0, steady: false })
const stop = scale.watch(value => (reading.value = value))
onScopeDispose(stop)
watch(
  () => onScale,
  grams => scale.setTo(grams),
  { immediate: true },
)

/** A hand takes about a piece, never exactly. */
function pinch() {
  scale.put(-piece * (0.94 + 0.12 * Math.random()))
}
</script>

<template>
  <div class="scale panel stack">
    <h2>{{ scale.name }}</h2>
    <output class="scale-display" :class="{ 'is-steady': reading.steady }" aria-label="Scale display">{{
      units.text(reading.grams, 'g')
    }}</output>
    <p class="soft" aria-live="off">{{ reading.steady ? 'Steady.' : 'Wait for it to settle.' }}</p>
    <div class="row">
      <ElButton :disabled="!counting" @click="pinch">Take about a piece</ElButton>
      <ElButton :disabled="!counting" @click="scale.put(-5)">Pinch off a little</ElButton>
      <ElButton :disabled="!counting" @click="scale.put(3)">Put a little back</ElButton>
    </div>
    <ElButton type="primary" :disabled="!reading.steady" @click="emit('steady', reading.grams)">{{
      counting ? 'Take this reading' : 'Use this as the whole dough'
    }}</ElButton>
  </div>
</template>

<style scoped>
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
</style>
