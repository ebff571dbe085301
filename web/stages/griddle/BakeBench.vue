<script setup lang="ts">
import { ElButton } from 'element-plus'
import { storeToRefs } from 'pinia'
import { computed, ref } from 'vue'
import { api } from '@/api/client'
import { useAskingBehind } from '@/api/asking'
import type { OwnTurns, Plan, PlanRequest } from '@/api/types'
import SectionPicture from '@/pictures/SectionPicture.vue'
import { useAppearance } from '@/ui/appearance'
import Fader from '@/ui/Fader.vue'
import { TOUCH_WORDS } from '@/ui/touches'
import { clock } from '@/ui/units'
import { useBatch } from '../batch'
import { withWish } from '@/api/requests'
import BakeWords from '@/ui/BakeWords.vue'
import { ADDED, addable, MOST_TOUCHES, movedTo, ownFrom, withoutTouch, withTouch } from './ownTimes'

/** One bread through the model: what the plan makes of it, and the cook's own times beside it. */
const { request, plan, cooking } = defineProps<{ request: PlanRequest; plan: Plan; cooking: boolean }>()
const store = useBatch()
const appearance = useAppearance()
const own = ref<OwnTurns['touches'] | null>(request.griddle?.own?.touches ?? null)
const finishSeconds = ref(request.griddle?.own?.finish_seconds ?? plan.griddle.finish_seconds)
/** The model's plan is asked for without the cook's times, so that both can stand side by side. */
const modelRequest = computed(() => withWish(request, 'griddle', { own: undefined }))
const question = computed(() => ({
  request: modelRequest.value,
  ...(own.value ? { own: { touches: own.value, finish_seconds: finishSeconds.value } } : {}),
}))
const bakes = useAskingBehind(api.bake, question, storeToRefs(store).isPlanning)
const found = computed(() => bakes.answer.value?.found ?? null)
const mine = computed(() => (own.value ? (bakes.answer.value?.own ?? null) : null))
const longest = computed(() => Math.ceil(((found.value?.lifted_at_seconds ?? 60) * 2.2) / 10) * 10)
const usesOwn = computed(() => request.griddle?.own !== undefined)

function nameOf(touch: OwnTurns['touches'][number], index: number): string {
  return touch.action === 'lift' ? TOUCH_WORDS.lift : `${TOUCH_WORDS[touch.action]} ${index + 1}`
}

function begin() {
  if (found.value) own.value = ownFrom(found.value)
}

function stop() {
  own.value = null
  if (usesOwn.value) store.change(modelRequest.value)
}

function use() {
  if (own.value)
    store.change(
      withWish(request, 'griddle', { own: { touches: own.value, finish_seconds: finishSeconds.value } }),
    )
}
</script>

<template>
  <section class="panel stack" aria-label="Inside the bread">
    <div class="row">
      <h2>Inside the bread</h2>
      <span v-if="!appearance.isBench" class="soft"
        >Depth against time. The dark bar is the metal: it changes sides with each turn.</span
      >
    </div>
    <p v-if="bakes.refused.value" role="alert">{{ bakes.refused.value }}</p>
    <div v-if="found" class="bakes" :class="{ 'is-two': mine }">
      <div class="stack">
        <SectionPicture
          :section="found"
          :narrow="mine !== null || appearance.isBench"
          :title="own ? 'Found by the model' : usesOwn ? 'The model, for comparison' : 'The plan'"
        />
        <BakeWords :words="found.words" />
      </div>
      <div v-if="mine" class="stack">
        <SectionPicture :section="mine" title="Your times" :windows="false" narrow />
        <BakeWords :words="mine.words" />
      </div>
    </div>
    <template v-if="own">
      <div class="own-touches">
        <div v-for="(touch, index) in own" :key="index" class="own-touch">
          <Fader
            :model-value="touch.at_seconds"
            :label="nameOf(touch, index)"
            :min="1"
            :max="longest"
            :step="1"
            unit="s"
            :words="clock"
            :disabled="cooking"
            @update:model-value="own = movedTo(own, index, $event)"
          />
          <button
            v-if="touch.action !== 'lift'"
            type="button"
            class="link-button"
            :disabled="cooking"
            :aria-label="`Take out ${nameOf(touch, index).toLowerCase()}`"
            @click="own = withoutTouch(own, index)"
          >
            take out
          </button>
        </div>
      </div>
      <div class="row" role="group" aria-label="Add a touch">
        <span class="soft">Add</span>
        <ElButton
          v-for="action in addable"
          :key="action"
          :disabled="cooking || own.length >= MOST_TOUCHES"
          @click="own = withTouch(own, action)"
          >{{ ADDED[action] }}</ElButton
        >
      </div>
      <Fader
        v-if="plan.griddle.finish !== 'none' && plan.griddle.finish !== 'covered'"
        v-model="finishSeconds"
        label="Finish"
        :min="0"
        :max="1800"
        :step="10"
        unit="s"
        :words="clock"
        :disabled="cooking"
      />
    </template>
    <div class="row">
      <ElButton v-if="!own" :disabled="cooking || !found" @click="begin">Try your own times</ElButton>
      <template v-else>
        <ElButton type="primary" :disabled="cooking" @click="use">Cook by these times</ElButton>
        <ElButton :disabled="cooking" @click="stop">Back to the model's plan</ElButton>
      </template>
      <span v-if="usesOwn" class="soft">This batch is cooked by your times.</span>
    </div>
  </section>
</template>

<style scoped>
.own-touches {
  display: grid;
  gap: 0.4rem 1.2rem;
}

@media (min-width: 64rem) {
  .own-touches {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}

.own-touch {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: end;
  gap: 0.6rem;
}

.bakes {
  display: grid;
  gap: 1.2rem;
}

@media (min-width: 64rem) {
  .bakes.is-two {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
