<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, Refusal } from '@/api/client'
import { useHouse } from '@/house'
import Door from './Door.vue'

const house = useHouse()
const router = useRouter()
const kitchen = ref('')
const name = ref('')
const password = ref('')
const trouble = ref('')

async function open() {
  trouble.value = ''
  try {
    await house.enter(() => api.openKitchen(kitchen.value, name.value, password.value))
    await router.push('/')
  } catch (failure) {
    trouble.value = failure instanceof Refusal ? failure.message : 'The house does not answer. Is it running?'
  }
}
</script>

<template>
  <Door heading="Open your kitchen" :trouble="trouble" @enter="open">
    <p>Nobody cooks here yet. Name the kitchen and its first cook; four breads are ready to begin with.</p>
    <label for="kitchen">Kitchen</label>
    <ElInput id="kitchen" v-model="kitchen" autocomplete="organization" required />
    <label for="name">Your name</label>
    <ElInput id="name" v-model="name" autocomplete="username" required />
    <label for="password">Password, at least 12 characters</label>
    <ElInput id="password" v-model="password" type="password" autocomplete="new-password" required />
    <ElButton type="primary" size="large" native-type="submit">Open the kitchen</ElButton>
  </Door>
</template>
