<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted, ref } from 'vue'
import { api } from '@/api/client'
import type { Lot, Settling } from '@/api/types'
import { useHouse } from '@/bench/house'
import { useUnits } from '@/ui/units'
import { SETTLING } from '@/pictures/settling'
import SettlingPicture from '@/pictures/SettlingPicture.vue'
import { changeOf, historyOf, onDay, today } from './lots'

/** One bag: what is in it, since when, and what may be said of it. */
const { lot, name } = defineProps<{ lot: Lot; name: string }>()
const emit = defineEmits<{ edit: []; kept: [] }>()
const units = useUnits()
const settling = ref<Settling>([])
const kindReach = ref(0)
/** Its place is kept while it is asked for, so that nothing below it moves under a finger. */
const isWaiting = ref(Boolean(lot.water?.batches && !lot.archived))
const house = useHouse()

/** How it became known is worked out by the house when somebody looks. */
onMounted(async () => {
  if (!isWaiting.value) return
  const told = await api.settling(lot.id).catch(() => null)
  settling.value = told?.settling ?? []
  kindReach.value = told?.kind_reach ?? 0
  isWaiting.value = false
})

async function usedUp() {
  await api.keepLot(lot.id, { ...changeOf(lot), emptied_on: today() })
  emit('kept')
}

async function setAside() {
  await api.keepLot(lot.id, { ...changeOf(lot), set_aside: !lot.set_aside })
  emit('kept')
}

/** What it changes where it was used lately. */
const inUsual = computed(() => {
  const grams = lot.water?.usual_grams
  if (!grams) return ''
  return `In your usual batch that is ${units.text(Math.abs(grams), 'g')} ${grams > 0 ? 'more' : 'less'}.`
})

const history = computed(() => historyOf(lot, units.text))
</script>

<template>
  <li class="lot panel" :class="{ 'is-empty': lot.emptied_on }">
    <strong>{{ lot.label }}</strong>
    <span>{{ name }}</span>
    <span :class="lot.certified_gluten_free ? 'is-certified' : 'soft'">{{
      lot.certified_gluten_free ? '✓ certified gluten-free' : 'no certificate'
    }}</span>
    <span v-if="history" class="soft">{{ history }}</span>
    <span v-if="lot.best_before && !lot.emptied_on" :class="lot.is_past ? 'is-past' : 'soft'">{{
      `${lot.is_past ? 'Past its best: was best' : 'Best'} before ${onDay(lot.best_before)}`
    }}</span>
    <span v-if="lot.left_grams === 0 && !lot.emptied_on"
      >By the record nothing is left: weigh it, or say that it is empty.</span
    >
    <span v-if="lot.price_per_kg !== null">{{ units.text(lot.price_per_kg, 'money') }} a kilogram</span>
    <p v-if="lot.notes">{{ lot.notes }}</p>
    <template v-if="lot.water">
      <p :class="{ soft: lot.set_aside }">
        {{ units.words(lot.water.words) }}.
        <template v-if="lot.set_aside">Set aside: plans do without it.</template>
        <template v-else-if="lot.water.more_until_half">
          {{ inUsual }} {{ lot.water.more_until_half }} more felt ready make it twice as sure.
        </template>
      </p>
      <div v-if="isWaiting" :style="{ aspectRatio: SETTLING.width / SETTLING.height }" aria-hidden="true" />
      <SettlingPicture
        v-else
        :steps="settling"
        :words="lot.water.words"
        :name="lot.label"
        :kind-reach="kindReach"
      />
    </template>
    <div class="lot-acts">
      <ElButton
        v-if="lot.water"
        :aria-label="`${lot.set_aside ? 'Use what was learned of' : 'Set aside what was learned of'} ${lot.label}`"
        @click="setAside"
        >{{ lot.set_aside ? 'Use what was learned' : 'Set it aside' }}</ElButton
      >
      <ElButton :aria-label="`Change ${lot.label}`" @click="emit('edit')">Change</ElButton>
      <ElButton v-if="!lot.emptied_on" :aria-label="`${lot.label} is used up`" @click="usedUp"
        >Used up</ElButton
      >
      <ElButton
        :aria-label="`${lot.archived ? 'Take out' : 'Put away'} ${lot.label}`"
        @click="house.archive('lots', lot.id, !lot.archived)"
        >{{ lot.archived ? 'Take it out again' : 'Put it away' }}</ElButton
      >
      <a :href="`/exports/lots/${lot.id}.zip`" download :aria-label="`${lot.label} for another house`"
        >For another house</a
      >
    </div>
  </li>
</template>

<style scoped>
.lot {
  display: grid;
  align-content: start;
  gap: 0.2rem;
}

.lot-acts {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin-top: 0.4rem;
}

.lot-acts .el-button {
  margin: 0;
}

.lot.is-empty {
  border-style: dashed;
}

.is-past {
  color: var(--heat);
  font-weight: 600;
}

.is-certified {
  color: var(--ready);
}
</style>
