<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted, reactive, ref, shallowRef } from 'vue'
import { api } from '@/api/client'
import type { Batch, Photo, Plan } from '@/api/types'
import { inShort } from '@/bench/batches'
import Choice from '@/ui/Choice.vue'
import Fold from '@/ui/Fold.vue'
import PhotoShelf from '@/ui/PhotoShelf.vue'
import { useUnits } from '@/ui/units'
import ActBar from '../ActBar.vue'
import { useBatch } from '../batch'
import WentWrong from '../faults/WentWrong.vue'
import StageHead from '../StageHead.vue'
import { drafts, openWords, told } from './verdict'
import VerdictForm from './VerdictForm.vue'

const { batch, plan } = defineProps<{ batch: Batch; plan: Plan }>()
const units = useUnits()
const store = useBatch()
/** One of the whole batch, or one of each half where its dough was made in two ways. */
const parts = reactive(drafts(batch, plan))
const part = ref('0')
const current = computed(() => parts[Number(part.value)] ?? parts[0])
const saved = ref(false)

/** Photos come with the batch as its address gives it, not with every answer. */
const photos = shallowRef<Photo[]>(batch.photos ?? [])
const next = ref<'shade_first' | 'shade_second'>('shade_first')

async function look() {
  photos.value = (await api.batch(batch.id)).photos ?? []
}

onMounted(() => look().catch(() => undefined))

/** The colour off a photo is offered; the cook's eye has the last word. First for one face, then for the other. */
function take(shade: number) {
  if (!current.value) return
  current.value.draft[next.value] = Math.round(20 * shade) / 20
  next.value = next.value === 'shade_first' ? 'shade_second' : 'shade_first'
}

const isMade = computed(() => batch.state.begun || batch.state.griddle.since !== null)
const says = computed(() => {
  const halves = batch.verdict?.halves
  if (halves)
    return parts.map((one, index) => halves[index] && `${one.name}: ${inShort(halves[index])}`).join('. ')
  if (batch.verdict) return inShort(batch.verdict)
  return isMade.value ? 'How did they come out?' : 'Nothing to judge yet'
})
const detail = computed(() => {
  if (batch.verdict) return 'Look again and mend a word if you like.'
  if (!isMade.value)
    return 'Nothing is in the bowl. A batch that was begun by mistake can be put away on Today.'
  const act = `${batch.state.judged_by.fold ? 'Fold' : 'Cut'} one`
  return parts.length > 1 ? `${act} of each half, look, count.` : `${act}, look at both faces, count.`
})
const whole = computed(() => told(parts, batch.state.judged_by))

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
  <form v-if="isMade" id="verdict" class="stack" @submit.prevent="save">
    <Choice
      v-if="parts.length > 1"
      v-model="part"
      label="Which half"
      :options="parts.map((one, index) => ({ value: String(index), label: one.name }))"
    />
    <VerdictForm
      v-if="current"
      :key="part"
      v-model="current.draft"
      :count="current.count"
      :asked="batch.state.judged_by"
    />
    <p v-if="store.judged" role="status">It is kept on this device and sent as soon as the house answers.</p>
    <p v-else-if="saved" role="status">
      Kept. <RouterLink :to="{ name: 'made', params: { id: batch.id } }">See it in the record</RouterLink>
    </p>
    <p v-else-if="!whole" class="soft">{{ openWords(batch.state.judged_by, parts.length > 1) }}</p>
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
