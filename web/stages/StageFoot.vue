<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Plan, Stage } from '@/api/types'
import { afterStage, STAGE_NAMES } from './course'

/** Goes on to the next stage; `ready` makes it the thing to do. */
const { plan, stage, ready = true } = defineProps<{ plan: Plan; stage: Stage; ready?: boolean }>()
const route = useRoute()
const router = useRouter()
const next = computed(() => afterStage(stage, plan))
</script>

<template>
  <div class="foot row">
    <slot />
    <ElButton
      v-if="next"
      class="foot-next"
      size="large"
      :type="ready ? 'primary' : 'default'"
      @click="router.push({ name: 'batch', params: { id: route.params['id'], stage: next } })"
    >
      On to {{ STAGE_NAMES[next].toLowerCase() }} →
    </ElButton>
  </div>
</template>

<style scoped>
.foot {
  padding-top: 0.3rem;
}

.foot-next {
  margin-left: auto;
}
</style>
