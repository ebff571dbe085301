<script setup lang="ts">
import { computed } from 'vue'
import type { PlanRequest } from '@/api/types'
import WishFader from '@/ui/WishFader.vue'
import Fader from '@/ui/Fader.vue'

/** How warm and how damp the kitchen is: it decides what the flour weighs in water before any is poured. */
const { request, locked } = defineProps<{ request: PlanRequest; locked: boolean }>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
const celsius = computed({
  get: () => request.room?.celsius ?? 21,
  set: value => emit('change', { ...request, room: { ...request.room, celsius: value } }),
})
const humidity = computed({
  get: () => request.room?.relative_humidity,
  set: value => {
    const room = { ...request.room }
    delete room.relative_humidity
    emit('change', {
      ...request,
      room: value === undefined ? room : { ...room, relative_humidity: Math.min(99, Math.max(1, value)) },
    })
  },
})
</script>

<template>
  <Fader v-model="celsius" label="Room" :min="5" :max="40" :step="1" unit="celsius" :disabled="locked" />
  <WishFader
    v-if="!locked"
    v-model="humidity"
    label="Humidity of the room"
    :start="50"
    :max="95"
    unit="percent"
  />
</template>
