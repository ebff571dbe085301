<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'

/** One line over a shelf: words to find something by, and what was put away. */
const { label, awayCount } = defineProps<{ label: string; awayCount: number }>()
const sought = defineModel<string>({ required: true })
const away = defineModel<boolean>('away', { required: true })
</script>

<template>
  <div class="search" role="search">
    <ElInput v-model="sought" :aria-label="label" :placeholder="label" clearable maxlength="80" />
    <ElButton v-if="awayCount || away" :aria-pressed="away" @click="away = !away">{{
      away ? 'Back to what is in use' : `Put away (${awayCount})`
    }}</ElButton>
  </div>
</template>

<style scoped>
.search {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}

.search .el-input {
  flex: 1 1 14rem;
  max-width: 26rem;
}
</style>
