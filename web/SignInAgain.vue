<script setup lang="ts">
import { ElButton, ElDialog, ElInput } from 'element-plus'
import { nextTick, ref } from 'vue'
import { toldBy } from './api/client'
import { useHouse } from '@/bench/house'

/** A session that ended in the middle of the work is begun again where the cook stands. */
const emit = defineEmits<{ leave: [] }>()
const house = useHouse()
const password = ref('')
const trouble = ref('')
const box = ref<InstanceType<typeof ElInput>>()

async function comeBack() {
  try {
    await house.comeBack(password.value)
  } catch (failure) {
    trouble.value = toldBy(failure)
    await nextTick()
    box.value?.select()
  }
}
</script>

<template>
  <ElDialog
    model-value
    title="Sign in again to go on"
    width="min(26rem, 94vw)"
    align-center
    :show-close="false"
    :close-on-click-modal="false"
    :close-on-press-escape="false"
    @opened="box?.focus()"
  >
    <form class="stack" @submit.prevent="comeBack">
      <p>
        Your session ended. What you did since is kept on this device and is sent as soon as you are back,
        {{ house.session?.user?.name }}.
      </p>
      <label for="again">Password</label>
      <ElInput
        id="again"
        ref="box"
        v-model="password"
        type="password"
        autocomplete="current-password"
        :aria-invalid="trouble !== ''"
        aria-describedby="again-trouble"
        required
      />
      <p id="again-trouble" class="again-trouble" role="alert">{{ trouble }}</p>
      <div class="row">
        <ElButton type="primary" size="large" native-type="submit">Sign in</ElButton>
        <ElButton size="large" @click="emit('leave')">I am somebody else</ElButton>
      </div>
    </form>
  </ElDialog>
</template>

<style scoped>
.again-trouble {
  min-height: 1.4em;
  margin: 0;
  color: var(--harm);
  font-weight: 600;
}
</style>
