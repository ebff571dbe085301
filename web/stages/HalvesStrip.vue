<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { useBatch } from './batch'
import { halvesOf } from './halves'

/** One dough made in two ways for a trial: which half is being made, and the change to the other. */
const store = useBatch()
const halves = computed(() =>
  store.batch && store.request && !store.batch.finished_at ? halvesOf(store.batch, store.request) : null,
)
const other = computed(() => halves.value?.both[halves.value.now === 0 ? 1 : 0])
</script>

<template>
  <p v-if="halves" class="notice" :class="{ 'is-calm': !halves.isTurn }" role="note">
    <span>
      Two ways in one dough. Now {{ halves.both[halves.now].pieces }}, set to
      <strong>{{ halves.both[halves.now].level }}</strong>.
      <template v-if="halves.isTurn"> That half is laid.</template>
    </span>
    <ElButton v-if="other" :type="halves.isTurn ? 'primary' : 'default'" @click="store.mend(other.patch)"
      >{{ halves.now === 0 ? 'Now the second half' : 'Back to the first half' }}: {{ other.level }}</ElButton
    >
  </p>
</template>
