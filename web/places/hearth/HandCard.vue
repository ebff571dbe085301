<script setup lang="ts">
import { computed } from 'vue'
import { useHouse } from '@/bench/house'
import LearnedList from './LearnedList.vue'

/** What the record says of one cook's hands: feel, evenness, thickness, pace. */
const { cook } = defineProps<{ cook: { id: string; name: string } }>()
const house = useHouse()
const things = computed(() => house.kitchen?.learned.filter(one => one.cook === cook.id) ?? [])
</script>

<template>
  <li class="panel stack">
    <h3>{{ cook.name }}</h3>
    <p v-if="!things.length" class="soft">
      Nothing is known of these hands yet. Pieces that are weighed and discs that are measured tell of them.
    </p>
    <LearnedList v-else :things="things" />
  </li>
</template>
