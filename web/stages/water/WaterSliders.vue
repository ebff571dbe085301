<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { Plan, PlanRequest, Style } from '@/api/types'
import Choice from '@/ui/Choice.vue'
import Fader from '@/ui/Fader.vue'
import Fold from '@/ui/Fold.vue'
import { stands, withMethod, withWish } from '@/api/requests'
import RoomFaders from './RoomFaders.vue'

/** How much water, how warm, how it meets the flour. Once it is poured, what is done is done. */
const { request, plan, kind, locked } = defineProps<{
  request: PlanRequest
  plan: Plan
  kind: Style | undefined
  locked: boolean
}>()
const emit = defineEmits<{ change: [request: PlanRequest] }>()
type Wish = NonNullable<PlanRequest['water']>
const wish = (wanted: { [Field in keyof Wish]: Wish[Field] | undefined }) =>
  emit('change', withWish(request, 'water', wanted as Partial<Wish>))

const aim = ref<'water' | 'dough'>(request.water?.dough_celsius === undefined ? 'water' : 'dough')
const hydration = computed({
  get: () => stands(request.water?.hydration_percent, plan.water.hydration_percent.value),
  set: value => wish({ hydration_percent: value }),
})
const celsius = computed({
  get: () => Math.round(aim.value === 'water' ? plan.water.celsius.value : plan.mix.celsius.value),
  set: value =>
    wish(
      aim.value === 'water'
        ? { celsius: value, dough_celsius: undefined }
        : { dough_celsius: value, celsius: undefined },
    ),
})
const risk = computed({
  get: () => Math.round((request.water?.overshoot_risk ?? 0.1) * 100),
  set: value => wish({ overshoot_risk: value / 100 }),
})
const tap = computed({
  get: () => request.water?.tap_celsius ?? 16,
  set: value => wish({ tap_celsius: value }),
})
const bowl = computed({
  get: () => request.water?.bowl_celsius ?? request.room?.celsius ?? 21,
  set: value => wish({ bowl_celsius: value }),
})
const pot = computed({
  get: () => Math.round(plan.mix.pot_share * 100),
  set: value => wish({ pot_share: value / 100 }),
})
const scald = computed({
  get: () => plan.method.scald,
  set: value =>
    emit('change', withWish(withMethod(request, { scald: value }), 'water', { pot_share: undefined })),
})
const isOwn = computed(
  () =>
    request.water?.hydration_percent !== undefined ||
    request.water?.celsius !== undefined ||
    request.water?.dough_celsius !== undefined,
)
</script>

<template>
  <div class="panel stack">
    <Fader
      v-model="hydration"
      label="Water, in % of the flour"
      :min="Math.floor((kind?.hydration_range[0] ?? 20) * 0.8)"
      :max="Math.ceil((kind?.hydration_range[1] ?? 200) * 1.15)"
      :step="1"
      unit="percent"
      :disabled="locked"
    />
    <Choice
      v-model="aim"
      label="Set the temperature of"
      :disabled="locked"
      :options="[
        { value: 'water', label: 'The water' },
        { value: 'dough', label: 'The dough' },
      ]"
    />
    <Fader
      v-model="celsius"
      :label="aim === 'water' ? 'Water temperature' : 'Dough temperature'"
      :min="aim === 'water' ? 5 : 10"
      :max="aim === 'water' ? 100 : 90"
      :step="1"
      unit="celsius"
      :disabled="locked"
    />
    <Choice
      v-model="scald"
      label="Scald"
      word="scald"
      :disabled="locked"
      :options="[
        { value: 'none', label: 'None' },
        { value: 'pour_over', label: 'Pour over' },
        { value: 'half_in_pot', label: 'Half in the pot' },
        { value: 'all_in_pot', label: 'All in the pot' },
      ]"
    />
    <Fader
      v-if="plan.method.scald !== 'none' || pot > 0"
      v-model="pot"
      label="Flour cooked in the pot"
      :min="0"
      :max="100"
      :step="5"
      unit="percent"
      :disabled="locked"
    />
    <Fold name="room" title="Room, tap, bowl and risk" quiet>
      <RoomFaders :request="request" :locked="locked" @change="next => emit('change', next)" />
      <Fader v-model="tap" label="Tap" :min="3" :max="35" :step="1" unit="celsius" :disabled="locked" />
      <Fader v-model="bowl" label="Bowl" :min="3" :max="95" :step="1" unit="celsius" :disabled="locked" />
      <Fader
        v-model="risk"
        label="Chance that the first pour is too much"
        :min="2"
        :max="40"
        :step="1"
        unit="percent"
        :disabled="locked"
      />
    </Fold>
    <ElButton
      v-if="isOwn && !locked"
      @click="wish({ hydration_percent: undefined, celsius: undefined, dough_celsius: undefined })"
    >
      Back to what the flour wants
    </ElButton>
  </div>
</template>
