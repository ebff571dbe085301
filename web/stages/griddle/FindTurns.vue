<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { api } from '@/api/client'
import { useAsking } from '@/api/asking'
import type { Plan, PlanRequest } from '@/api/types'
import { useHouse } from '@/bench/house'
import SectionPicture from '@/pictures/SectionPicture.vue'
import { useShadeWords } from '@/bench/shades'
import Fold from '@/ui/Fold.vue'
import Fader from '@/ui/Fader.vue'
import ToggleRow from '@/ui/ToggleRow.vue'
import { useAppearance } from '@/ui/appearance'
import { clock, useUnits } from '@/ui/units'
import { useBatch } from '../batch'
import { withMethod, withWish } from '@/api/requests'
import { TURN_NAMES } from './turns'

/** Says what the bread should be, and has the heat and the times found for it. */
const { request, plan, cooking } = defineProps<{ request: PlanRequest; plan: Plan; cooking: boolean }>()
const { shadeWord } = useShadeWords()
type School = Plan['method']['turns']
const store = useBatch()
const house = useHouse()
const units = useUnits()
const appearance = useAppearance()
const search = useAsking(api.turns)
const searching = ref(false)
const style = computed(() => house.kitchen?.styles.find(one => one.id === plan.style.id))
const ways = computed(() => (style.value?.turns ?? []).map(id => ({ id, name: TURN_NAMES[id] })))
const shade = ref(request.griddle?.shade ?? 0.4)
const loss = ref(request.griddle?.weight_loss_percent ?? Math.round(plan.griddle.weight_loss_percent.value))
const schools = ref<string[]>([plan.method.turns])
const found = computed(() => search.answer.value)
watch(() => request, search.forget)

async function find() {
  searching.value = true
  await search.about({
    request,
    wish: {
      shade: shade.value,
      weight_loss_percent: loss.value,
      schools: (schools.value.length ? schools.value : [plan.method.turns]) as School[],
    },
  })
  searching.value = false
}

function take() {
  const wish = found.value?.wish
  if (wish)
    store.change(
      withMethod(withWish(request, 'griddle', { ...wish.griddle, own: undefined }), { turns: wish.turns }),
    )
}
</script>

<template>
  <Fold
    name="find-turns"
    :title="
      appearance.isBench
        ? 'Heat and times for another bread'
        : 'Find the heat and the times for another bread: softer, darker, turned another way'
    "
    quiet
  >
    <div class="stack">
      <Fader
        v-model="shade"
        label="Spots on the faces"
        :min="0.1"
        :max="0.75"
        :step="0.05"
        :unit="null"
        :words="shadeWord"
        :disabled="cooking"
      />
      <Fader
        v-model="loss"
        label="Weight it may lose: less keeps it softer"
        :min="4"
        :max="30"
        :step="1"
        unit="percent"
        :disabled="cooking"
      />
      <ToggleRow v-model="schools" label="Ways of turning to look among" :options="ways" />
      <div class="row">
        <ElButton type="primary" :disabled="cooking || searching" @click="find">{{
          searching ? 'Looking…' : 'Find it'
        }}</ElButton>
        <span v-if="search.refused.value" role="alert">{{ search.refused.value }}</span>
      </div>
      <template v-if="found">
        <SectionPicture :section="found.best" :title="`Found: ${TURN_NAMES[found.best.school]}`" />
        <p v-if="found.met">All that was wished, within what can be told.</p>
        <template v-else>
          <p><strong>Not all of it can be had. This comes nearest:</strong></p>
          <ul class="unmet">
            <li v-for="reason in found.unmet" :key="reason">{{ units.words(reason) }}</li>
          </ul>
        </template>
        <p v-for="other in found.others" :key="other.school" class="soft">
          {{ TURN_NAMES[other.school] }}: {{ clock(other.lift_at_seconds) }} at
          {{ units.text(other.surface_celsius, 'celsius') }}.
          {{ units.words(other.unmet[0] ?? 'Meets it as well.') }}
        </p>
        <ElButton :disabled="cooking" @click="take">Take this plan</ElButton>
      </template>
    </div>
  </Fold>
</template>

<style scoped>
.unmet {
  margin: 0;
  padding-left: 1.2rem;
}
</style>
