<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { computed, onMounted, reactive, ref, shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import type { Batch, Photo, Plan, Verdict } from '@/api/types'
import { shadeColour, shadeWord } from '@/pictures/shade'
import { inShort, PLIABILITY, PUFF } from '@/places/batches'
import Choice from '@/ui/Choice.vue'
import Fader from '@/ui/Fader.vue'
import Fold from '@/ui/Fold.vue'
import PhotoShelf from '@/ui/PhotoShelf.vue'
import { useUnits } from '@/ui/units'
import ActBar from '../ActBar.vue'
import { useBatch } from '../batch'
import WentWrong from '../faults/WentWrong.vue'
import StageHead from '../StageHead.vue'
import { afresh, again, complete, openWords, type Draft } from './verdict'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const units = useUnits()
const store = useBatch()
const verdict = reactive<Draft>(
  batch.verdict ? again(batch.verdict) : afresh(plan, batch.state.portion.count),
)
const saved = ref(false)
const named = <T extends string>(names: Record<T, string>) =>
  (Object.entries(names) as [T, string][]).map(([value, label]) => ({ value, label }))
const EXTENT = named<Verdict['cracks']>({ none: 'None', some: 'Some', much: 'Many' })
const STICKING = named<Verdict['sticking']>({ none: 'None', some: 'Some', much: 'A lot' })
const FACES = [
  { key: 'shade_first', label: 'First face' },
  { key: 'shade_second', label: 'Second face' },
] as const
const rest = computed(
  () => batch.state.portion.count - verdict.pieces_good - verdict.pieces_second - verdict.pieces_lost,
)

/** Photos come with the batch as its address gives it, not with every answer. */
const photos = shallowRef<Photo[]>(batch.photos ?? [])
const next = ref<'shade_first' | 'shade_second'>('shade_first')

async function look() {
  photos.value = (await api.batch(batch.id)).photos ?? []
}

onMounted(() => look().catch(() => undefined))

/** The colour off a photo is offered; the cook's eye has the last word. First for one face, then for the other. */
function take(shade: number) {
  verdict[next.value] = Math.round(20 * shade) / 20
  next.value = next.value === 'shade_first' ? 'shade_second' : 'shade_first'
}

const isMade = computed(() => batch.state.begun || batch.state.griddle.since !== null)
const says = computed(() => {
  if (batch.verdict) return inShort(batch.verdict)
  return isMade.value ? 'How did they come out?' : 'Nothing to judge yet'
})
const detail = computed(() => {
  if (batch.verdict) return 'Look again and mend a word if you like.'
  if (!isMade.value)
    return 'Nothing is in the bowl. A batch that was begun by mistake can be put away on Today.'
  return `${batch.state.judged_by.fold ? 'Fold' : 'Cut'} one, look at both faces, count.`
})
const whole = computed(() => complete(verdict, batch.state.judged_by))

// What is set aside as a second or lost is no longer good; the cook need not count twice.
watch([() => verdict.pieces_second, () => verdict.pieces_lost], () => {
  verdict.pieces_good = Math.max(0, batch.state.portion.count - verdict.pieces_second - verdict.pieces_lost)
})

async function save() {
  if (!whole.value) return
  await store.judge(whole.value)
  saved.value = !store.trouble && !store.judged
}
</script>

<template>
  <StageHead :says="says" :detail="detail" />
  <ActBar :plan="plan" stage="judge">
    <ElButton
      v-if="isMade"
      type="primary"
      size="large"
      native-type="submit"
      form="verdict"
      :disabled="!whole"
      >{{ batch.verdict ? 'Save the verdict again' : 'Save the verdict' }}</ElButton
    >
  </ActBar>
  <form v-if="isMade" id="verdict" class="judge" @submit.prevent="save">
    <div class="panel stack">
      <Choice
        v-if="batch.state.judged_by.fold"
        v-model="verdict.pliability"
        label="When folded"
        :options="named(PLIABILITY)"
      />
      <Choice v-if="batch.state.judged_by.puff" v-model="verdict.puff" label="Puff" :options="named(PUFF)" />
      <Choice v-model="verdict.cracks" label="Cracks" :options="EXTENT" />
      <Choice v-model="verdict.sticking" label="Sticking" :options="STICKING" />
    </div>
    <div class="panel stack">
      <div v-for="face in FACES" :key="face.key" class="judge-face">
        <svg viewBox="0 0 60 60" aria-hidden="true">
          <circle cx="30" cy="30" r="28" :fill="shadeColour(verdict[face.key])" class="judge-swatch" />
        </svg>
        <Fader
          v-model="verdict[face.key]"
          :label="`${face.label}: ${shadeWord(verdict[face.key])}`"
          :min="0"
          :max="1"
          :step="0.05"
          unit="share"
        />
      </div>
      <Fader
        v-model="verdict.pieces_good"
        label="Good pieces"
        :min="0"
        :max="batch.state.portion.count"
        :step="1"
        :unit="null"
      />
      <Fader
        v-model="verdict.pieces_second"
        label="Seconds"
        :min="0"
        :max="batch.state.portion.count"
        :step="1"
        :unit="null"
      />
      <Fader
        v-model="verdict.pieces_lost"
        label="Lost"
        :min="0"
        :max="batch.state.portion.count"
        :step="1"
        :unit="null"
      />
      <p :class="{ 'judge-off': rest !== 0 }">
        {{
          rest === 0
            ? 'That is all of them.'
            : rest > 0
              ? `${rest} not accounted for.`
              : `${-rest} more than were made.`
        }}
      </p>
    </div>
    <div class="panel stack judge-notes">
      <Fader
        v-if="typeof verdict.score === 'number'"
        v-model="verdict.score"
        label="All in all, from 0 to 10"
        :min="0"
        :max="10"
        :step="1"
        :unit="null"
      />
      <p v-else><ElButton @click="verdict.score = 7">Give it a number from 0 to 10</ElButton></p>
      <label for="notes">Notes for next time</label>
      <ElInput id="notes" v-model="verdict.notes" type="textarea" :rows="3" maxlength="2000" />
      <div class="row">
        <p v-if="store.judged" role="status">
          It is kept on this device and sent as soon as the house answers.
        </p>
        <p v-else-if="saved" role="status">
          Kept. <RouterLink :to="{ name: 'made', params: { id: batch.id } }">See it in the record</RouterLink>
        </p>
        <p v-else-if="!whole" class="soft">{{ openWords(batch.state.judged_by) }}</p>
      </div>
    </div>
  </form>
  <WentWrong v-if="batch.verdict && !store.judged" :batch="batch" />
  <p v-if="batch.state.bowl.water_grams > 0" class="soft">
    Planned {{ units.text(plan.water.hydration_percent.value, 'percent') }} water; the dough had
    {{ units.text(batch.state.bowl.hydration_percent, 'percent') }} in the end.
  </p>
  <p v-if="batch.state.bowl.feel" class="row">
    <span class="soft">{{
      batch.left_out
        ? 'This batch is left out of what is learned of its bags. Its log stays.'
        : 'What this dough took is learned for its bags.'
    }}</span>
    <ElButton @click="store.leaveOut(!batch.left_out)">{{
      batch.left_out ? 'Learn from it' : 'Leave it out'
    }}</ElButton>
  </p>
  <Fold name="judge-photos" :title="`Photos (${photos.length})`">
    <PhotoShelf :batch="batch.id" :photos="photos" offers @change="look" @shade="take" />
  </Fold>
</template>

<style scoped>
.judge {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
  gap: var(--gap);
}

.judge-notes {
  grid-column: 1 / -1;
}

.judge-face {
  display: grid;
  grid-template-columns: 3.6rem 1fr;
  align-items: center;
  gap: 0.8rem;
}

.judge-swatch {
  stroke: var(--edge-strong);
}

.judge-off {
  color: var(--heat);
  font-weight: 600;
}
</style>
