<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, watch } from 'vue'
import type { Batch, Plan } from '@/api/types'
import PortionStrip from '@/pictures/PortionStrip.vue'
import BenchFold from '@/ui/BenchFold.vue'
import Choice from '@/ui/Choice.vue'
import Fader from '@/ui/Fader.vue'
import MassInput from '@/ui/MassInput.vue'
import { clock, duration, useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import ActBar from '../ActBar.vue'
import StageHead from '../StageHead.vue'
import ScaleBench from './ScaleBench.vue'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const units = useUnits()
const store = useBatch()
const portion = computed(() => batch.state.portion)
type Dividing = Plan['portion']['divided_by']
const DIVIDING: { value: Dividing; label: string }[] = [
  { value: 'scale', label: 'The scale' },
  { value: 'spoon', label: 'Spoons' },
  { value: 'likened', label: 'Likeness' },
  { value: 'eye', label: 'Eye' },
]
const dividing = computed<Dividing>({
  get: () => plan.portion.divided_by,
  set: divided_by => {
    const request = store.request ?? batch.request
    store.change({ ...request, pieces: { ...request.pieces, divided_by } })
  },
})
const second = computed(() => batch.state.second_rest)
const isSet = computed(() => portion.value.start_grams !== null)
const expected = computed(() => Math.round(batch.state.bowl.piece_grams * plan.portion.count))
const reading = ref(portion.value.next_mark_grams ?? expected.value)
const pieces = ref(portion.value.count)
const done = computed(() => isSet.value && portion.value.left === 0)
watch(
  () => portion.value.next_mark_grams,
  mark => (reading.value = mark ?? expected.value),
)

const says = computed(() => {
  if (!isSet.value) return 'Put the bowl on the scale'
  if (done.value) return `${portion.value.count} pieces, under a damp cloth`
  return `Take dough until it shows ${units.text(portion.value.next_mark_grams ?? 0, 'g')}`
})
const detail = computed(() => {
  if (!isSet.value) return 'Weigh the dough in its tared bowl, then count the scale down piece by piece.'
  if (done.value)
    return `Furthest from the mean: ${units.text(portion.value.worst_deviation_grams ?? 0, 'g')}${portion.value.spread_percent === null ? '' : `; they differ by ${units.text(portion.value.spread_percent, 'percent')} on the whole`}.`
  return `Next: ${units.text(portion.value.next_piece_grams ?? 0, 'g')}, give or take ${units.text(portion.value.tolerance_grams ?? 0, 'g')}, keeps the rest even. ${portion.value.left} to go.`
})
/** What to do with a last piece that is not like the others. */
const mend = computed(() => {
  const off = portion.value.out_of_tolerance
  if (!off) return ''
  const much = units.text(Math.abs(off.off_grams), 'g')
  const piece = `Piece ${off.piece} is ${much} too ${off.off_grams > 0 ? 'heavy' : 'light'}`
  if (off.is_last)
    return `${piece}, and was the last: even it out with a neighbour, or cook it a little ${off.off_grams > 0 ? 'longer' : 'shorter'}.`
  return `${piece}. Undo it and ${off.off_grams > 0 ? `put ${much} back` : `add ${much}`}, or go on: the next mark makes the rest even.`
})

function take(grams: number) {
  if (isSet.value) void store.record('portioned', { grams })
  else void store.record('scale_set', { grams, pieces: pieces.value })
}
</script>

<template>
  <StageHead :says="says" :detail="detail" />
  <ActBar :plan="plan" stage="portion" :ready="done && (!second.seconds || second.ends_at !== null)">
    <ElButton v-if="!done" type="primary" size="large" @click="take(reading)">{{
      isSet ? `Piece ${portion.count - portion.left + 1} is off` : 'Start counting down'
    }}</ElButton>
    <ElButton
      v-else-if="second.seconds && !second.ends_at"
      type="primary"
      size="large"
      @click="store.record('second_rest_started')"
      >Cover them, {{ duration(second.seconds) }}</ElButton
    >
  </ActBar>
  <p v-if="done && second.seconds" class="soft" role="status">
    {{ second.ends_at ? 'They rest' : 'Then they rest' }} {{ duration(second.seconds) }}, covered,
    {{ plan.rest.second_words }}.
  </p>
  <p v-if="mend" class="portion-mend" role="status">{{ mend }}</p>
  <p v-if="plan.portion.differ" class="panel">
    Divided {{ plan.portion.differ.words }} a piece is anything from
    {{ units.text(plan.portion.differ.grams.low, 'g') }} to
    {{ units.text(plan.portion.differ.grams.high, 'g') }}: pressed to one width
    {{ units.text(plan.portion.differ.thickness_mm.low, 'mm') }} to
    {{ units.text(plan.portion.differ.thickness_mm.high, 'mm') }} thick, and
    {{ clock(plan.portion.differ.seconds.low) }} to {{ clock(plan.portion.differ.seconds.high) }} on the
    griddle. Look at each.
  </p>
  <PortionStrip :portion="portion" />
  <div class="portion">
    <div class="panel stack">
      <h2>{{ isSet ? 'What the scale shows' : 'The whole dough' }}</h2>
      <Fader v-if="!isSet" v-model="pieces" label="Pieces" :min="1" :max="200" :step="1" :unit="null" />
      <BenchFold v-if="!isSet" name="dividing" title="Divided by">
        <Choice v-model="dividing" label="Divided by" :options="DIVIDING" />
      </BenchFold>
      <p v-if="!isSet">
        Each about <strong>{{ units.text(reading / pieces, 'g') }}</strong>
      </p>
      <div class="row">
        <MassInput v-model="reading" :disabled="done" label="Scale reading" @enter="take(reading)" />
      </div>
      <ElButton
        v-if="isSet"
        @click="
          store.record('scale_set', {
            grams: portion.reading_grams || expected,
            pieces: Math.max(1, portion.left),
          })
        "
        >Start again from here</ElButton
      >
    </div>
    <ScaleBench
      :resolution="plan.portion.resolution_grams"
      :on-scale="portion.reading_grams ?? expected"
      :piece="portion.next_piece_grams ?? 0"
      :counting="isSet && !done"
      @steady="take"
    />
  </div>
</template>

<style scoped>
.portion-mend {
  padding: 0.6rem 0.9rem;
  border: 2px dashed var(--heat);
  border-radius: var(--round);
}

.portion {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(18rem, 100%), 1fr));
  gap: var(--gap);
}
</style>
